using System.Diagnostics;
using System.Globalization;
using System.Text.Json;
using JollyBrook.Core;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Carry.Promise;
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
        Console.WriteLine(
            "Planning                                                   limits, ms native and in the page: plan 60 and 600, a day walk 5 and 60, from here 10 and 100; 10 000 walks 150 and 1 500"
        );
        Console.WriteLine($"{"", -44}{"native", 12}{"in the page", 14}");
        (int Sources, double Km)[] sizes = [(12, 20), (75, 125), (150, 250), (300, 500)];
        var json = sizes.Select(s => LongRoute.Json(LongRoute.Of(s.Sources, s.Km))).ToList();
        var walks = new[] { 1_000, 3_000, 10_000 }
            .Select(runs => (runs, $$"""{"plan":{{json[^1]}},"runs":{{runs}},"compare":false}"""))
            .ToList();
        var demo = OldAndNew.Demo();
        // As on the walk: a kilometre along, half a litre in hand.
        var here = JsonSerializer.Serialize(new FromHereRequest(demo, 1.2, 0.5), ContractJson.Default.FromHereRequest);
        var demoJson = JsonSerializer.Serialize(demo, ContractJson.Default.PlanRequest);
        var page = SideBySide.InPage([
            .. json.Select(j => ("plan", j, 10)),
            .. walks.Select(w => ("how-sure", w.Item2, 3)),
            ("plan", demoJson, 5),
            ("from-here", here, 5),
        ]);
        for (var i = 0; i < sizes.Length; i++)
        {
            SideBySide.Line($"plan, {sizes[i].Sources} sources over {sizes[i].Km} km", SideBySide.Native("plan", json[i], 200), page[i]);
        }

        for (var i = 0; i < walks.Count; i++)
        {
            SideBySide.Line($"{walks[i].runs} walks of it", SideBySide.Native("how-sure", walks[i].Item2, 5), page[sizes.Length + i]);
        }

        SideBySide.Line("plan, the demo trip", SideBySide.Native("plan", demoJson, 50), page[^2]);
        SideBySide.Line("from here, on the demo trip", SideBySide.Native("from-here", here, 50), page[^1]);

        var request = LongRoute.Of(300, 500);
        var setup = new PlanSetup(request);
        SideBySide.Line("  of the plan: the shortest path alone", SideBySide.Median(200, () => CarrySolver.Solve(setup.Middle)), null);
        var way = new PolicyWay(setup);
        SideBySide.Line("  of the plan: one policy, exact", SideBySide.Median(50, () => new PolicySolver(way.Problem).Solve(1_000)), null);
        SideBySide.Line("  of the plan: the search for the promise", SideBySide.Median(10, () => PlanSolver.Solve(setup)), null);
        var walk = PlanSolver.Solve(setup);
        var simulation = CarrySimulation.Of(setup, way);
        SideBySide.Line("  10 000 walks by the plan alone", SideBySide.Median(5, () => simulation.Run(walk.Decide, 10_000, 1)), null);
        foreach (var step in new[] { 1.0, 0.5, 0.25 })
        {
            SideBySide.Line(
                $"  one policy in steps of {step} L",
                SideBySide.Median(50, () => new PolicySolver(way.Problem with { StepL = step }).Solve(1_000)),
                null
            );
        }

        Against(LongRoute.Of(30, 100));
        OldAndNew.Print(demo);
        var small = new PlanSetup(LongRoute.Of(30, 100)).Middle;
        SideBySide.Line("plan of 30 sources by a general solver", SideBySide.Median(3, () => MixedIntegerPlan.LeastCost(small)), null);
        SideBySide.Line("  the same by the shortest path", SideBySide.Median(200, () => CarrySolver.Solve(small)), null);
        var gpx = LongRoute.Gpx(50_000);
        SideBySide.Line(
            "50 000-point GPX read, smoothed, timed (300)",
            SideBySide.Median(5, () => RouteFile.Read(gpx, new RouteFileOptions(new DateOnly(2026, 11, 27)))),
            null
        );
    }

    /// <summary>The promised plan beside the one for the middle, on the same walks.</summary>
    private static void Against(PlanRequest request)
    {
        foreach (var certainty in new[] { TripRoute.Middle, 0.8, 0.9, 0.95, 0.99 })
        {
            var sure = HowSure
                .Compute(new HowSureRequest(request with { Route = request.Route! with { Certainty = certainty } }, Compare: false))
                .Policies[0];
            Console.WriteLine(
                $"  30 sources, {certainty:0%} wanted: {sure.ShortChance:0.0%} short, {sure.KgKm:0} kg·km, {sure.StopMinutes:0} min"
            );
        }
    }
}
