namespace JollyBrook.Core.Carry;

/// <summary>The carried water along the route, falling as it is drunk and rising at each fill.</summary>
internal static class CarriedLine
{
    /// <summary>More than a picture can show.</summary>
    private const int PicturePoints = 400;

    /// <summary>Every rise and fall, and of the slopes between them as many points as a picture can show.</summary>
    public static List<LinePoint> Of(PlanSetup setup, CarrySolution solution)
    {
        List<LinePoint> line = [];
        var (step, points) = (setup.Ground.LengthKm / PicturePoints, Points(setup, solution).ToList());
        for (var i = 0; i < points.Count; i++)
        {
            var km = setup.Line.Km[points[i].Point];
            var turns = i == 0 || i == points.Count - 1 || points[i - 1].Point == points[i].Point || points[i + 1].Point == points[i].Point
                || setup.Line.Into[points[i].Point] is null || setup.Line.Into[points[i + 1].Point] is null;
            if (turns || km - line[^1].Km >= step)
            {
                line.Add(new LinePoint(Math.Round(km, 3), Math.Round(points[i].Litres, 3)));
            }
        }

        return line;
    }

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
