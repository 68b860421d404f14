using System.Diagnostics;
using System.Globalization;
using JollyBrook.Core;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;
using JollyBrook.Core.Tests.Carry;
using JollyBrook.Formats;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks;

/// <summary>What planning costs: the plan, its simulation, the general solver, and reading a long track.</summary>
internal static class PlanTimes
{
    public static void Print()
    {
        Console.WriteLine();
        Console.WriteLine("Planning                                                   limits: plan 3 ms native, 30 ms in the page; 10 000 walks 150 ms, 2 000 ms");
        Console.WriteLine($"{"",-44}{"native",12}{"in the page",14}");
        (int Sources, double Km)[] sizes = [(75, 125), (150, 250), (300, 500)];
        var json = sizes.Select(s => LongRoute.Json(LongRoute.Of(s.Sources, s.Km))).ToList();
        var walks = new[] { 1_000, 3_000, 10_000 }.Select(runs => (runs, $$"""{"plan":{{json[^1]}},"runs":{{runs}},"compare":false}""")).ToList();
        var page = SideBySide.InPage([.. json.Select(j => ("plan", j, 30)), .. walks.Select(w => ("how-sure", w.Item2, 3))]);
        for (var i = 0; i < sizes.Length; i++)
        {
            SideBySide.Line($"plan, {sizes[i].Sources} sources over {sizes[i].Km} km", SideBySide.Native("plan", json[i], 200), page[i]);
        }

        for (var i = 0; i < walks.Count; i++)
        {
            SideBySide.Line($"{walks[i].runs} walks of it", SideBySide.Native("how-sure", walks[i].Item2, 5), page[sizes.Length + i]);
        }

        var request = LongRoute.Of(300, 500);
        var setup = new PlanSetup(request);
        SideBySide.Line("  of the plan: the shortest path alone", SideBySide.Median(200, () => CarrySolver.Solve(setup.Problem)), null);
        var route = SimulatedRoute.Of(setup, CarrySolver.Solve(setup.Problem));
        var spread = setup.Party.Spread();
        var simulation = new CarrySimulation(route, () => new WalkDraws(spread, setup.Line.Timeline.Days.Count, route.Chance), setup.CleanL, 1);
        SideBySide.Line("  10 000 walks by the plan alone", SideBySide.Median(5, () => simulation.Run(Policy.Plan, 10_000, 1)), null);
        var small = new PlanSetup(LongRoute.Of(30, 100)).Problem;
        SideBySide.Line("plan of 30 sources by a general solver", SideBySide.Median(3, () => MixedIntegerPlan.LeastCost(small)), null);
        SideBySide.Line("  the same by the shortest path", SideBySide.Median(200, () => CarrySolver.Solve(small)), null);
        var gpx = LongRoute.Gpx(50_000);
        SideBySide.Line("50 000-point GPX read, smoothed, timed (300)", SideBySide.Median(5, () => RouteFile.Read(gpx)), null);
    }
}
