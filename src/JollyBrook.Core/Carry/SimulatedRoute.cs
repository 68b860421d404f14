using JollyBrook.Core.Body;

namespace JollyBrook.Core.Carry;

/// <summary>A plan as the simulation walks it: flat arrays over its places.</summary>
/// <param name="places">How many places.</param>
internal sealed class SimulatedRoute(int places)
{
    // From each place to the next: litres at camp and at rest; wanted walking, and how that bends with temperature; most that can be drunk.
    public double[] FixedL { get; } = new double[places];

    public double[] WantedL { get; } = new double[places];

    public double[] PerC { get; } = new double[places];

    public double[] PerC2 { get; } = new double[places];

    public double[] CeilingL { get; } = new double[places];

    public double[] EffortKm { get; } = new double[places];

    public int[] Day { get; } = new int[places];

    /// <summary>Clock hour of reaching the next place.</summary>
    public int[] EndHour { get; } = new int[places];

    // At each place: which source (−1: none), minutes and litres of stopping, what can be carried from it, what the plan leaves it with.
    public int[] Source { get; } = [.. Enumerable.Repeat(-1, places)];

    public double[] DetourL { get; } = new double[places];

    public double[] StopMinutes { get; } = new double[places];

    public double[] MinutesPerL { get; } = new double[places];

    public double[] CapacityL { get; } = new double[places];

    public double[] CacheL { get; } = new double[places];

    public double[] LeaveL { get; } = new double[places];

    public double[] OnTheSpotL { get; } = new double[places];

    public bool[] IsPlanned { get; } = new bool[places];

    /// <summary>Expected need from each place to the next planned fill, with what the plan has in hand there, L.</summary>
    public double[] ToPlannedL { get; } = new double[places];

    public int Places => Day.Length;

    public double StartL { get; private init; }

    /// <summary>Chance that each source runs.</summary>
    public double[] Chance { get; private set; } = [];

    public static SimulatedRoute Of(PlanSetup setup, CarrySolution solution)
    {
        var (line, places) = (setup.Line, setup.Line.Places);
        var route = new SimulatedRoute(places.Count) { StartL = solution.Fills[0].LeaveL };
        for (var k = 0; k + 1 < places.Count; k++)
        {
            route.AddWay(k, setup, places[k], places[k + 1]);
        }

        var sources = places.Where(p => p.HasWater).Select(p => p.Id).Distinct().ToList();
        route.Chance = [.. sources.Select(id => places.First(p => p.Id == id).Chance!.Value)];
        var stops = setup.ProblemOver(places).Stops;
        for (var k = 0; k < places.Count; k++)
        {
            route.AddPlace(k, places[k], stops[k], sources.IndexOf(places[k].Id));
            var fill = solution.Fills.FirstOrDefault(f => setup.Counted[f.From] == places[k]);
            route.IsPlanned[k] = fill is not null;
            route.LeaveL[k] = fill is null ? 0 : fill.LeaveL + fill.DrinkL;
            var next = solution.Fills.FirstOrDefault(f => setup.Counted[f.To].Point > places[k].Point && setup.Counted[f.From].Point <= places[k].Point) ?? solution.Fills[^1];
            route.ToPlannedL[k] = line.UseL[setup.Counted[next.To].Point] - line.UseL[places[k].Point] + next.ArriveNextL + setup.Problem.Stops[next.To].DetourUseL;
        }

        return route;
    }

    private void AddPlace(int k, Place place, CarryStop stop, int source)
    {
        Source[k] = place.HasWater ? source : -1;
        DetourL[k] = stop.DetourUseL;
        StopMinutes[k] = stop.StopMinutes;
        MinutesPerL[k] = stop.MinutesPerL;
        CapacityL[k] = place.Source?.CacheL is null ? stop.CapacityL : Math.Max(stop.CapacityL, place.Source.CacheL.Value);
        CacheL[k] = place.Source?.CacheL ?? double.PositiveInfinity;
        OnTheSpotL[k] = stop.OnTheSpotL;
    }

    private void AddWay(int k, PlanSetup setup, Place from, Place to)
    {
        var line = setup.Line;
        Day[k] = line.Day[Math.Min(from.Point + 1, line.Day.Count - 1)];
        EndHour[k] = (int)line.ClockHour[to.Point] % 24;
        for (var p = from.Point + 1; p <= to.Point; p++)
        {
            EffortKm[k] += line.EffortKm[p] - line.EffortKm[p - 1];
            if (line.Into[p] is { } piece)
            {
                FixedL[k] += piece.RestL;
                WantedL[k] += piece.WantedL;
                PerC[k] += piece.PerC;
                PerC2[k] += piece.PerC2;
                CeilingL[k] += piece.WalkHours * DrinkPlan.CeilingLPerH * setup.Party.Count;
            }
            else
            {
                FixedL[k] += line.UseL[p] - line.UseL[p - 1];
            }
        }
    }
}
