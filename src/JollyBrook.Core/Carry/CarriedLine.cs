namespace JollyBrook.Core.Carry;

/// <summary>The carried water along the route, falling as it is drunk and rising at each fill.</summary>
internal static class CarriedLine
{
    public static List<LinePoint> Of(PlanSetup setup, CarrySolution solution) =>
        [.. Points(setup, solution).Select(p => new LinePoint(setup.Line.Km[p.Point], p.Litres))];

    public static List<(double Effort, double Litres)> ByEffort(PlanSetup setup, CarrySolution solution) =>
        [.. Points(setup, solution).Select(p => (setup.Line.EffortKm[p.Point], p.Litres))];

    /// <summary>In hand at a point of a fill's way, L.</summary>
    public static double InHand(PlanSetup setup, CarryFill fill, int point)
    {
        var from = setup.Counted[fill.From].Point;
        var used = setup.Line.UseL[point] - setup.Line.UseL[from];
        var detour = fill.From == 0 ? 0 : setup.Problem.Stops[fill.From].DetourUseL;
        // What a camp at the water uses is drawn there and carried nowhere.
        return fill.LeaveL - detour - Math.Max(setup.Problem.Stops[fill.From].OnTheSpotL, Math.Max(0, used - fill.DrinkL));
    }

    private static IEnumerable<(int Point, double Litres)> Points(PlanSetup setup, CarrySolution solution)
    {
        foreach (var fill in solution.Fills)
        {
            var (from, to) = (setup.Counted[fill.From].Point, setup.Counted[fill.To].Point);
            for (var p = from; p <= to; p++)
            {
                yield return (p, InHand(setup, fill, p));
            }
        }
    }
}
