namespace JollyBrook.Core.Carry;

/// <summary>The carried water along the route, falling as it is drunk and rising at each fill.</summary>
internal static class CarriedLine
{
    /// <summary>More than a picture can show.</summary>
    private const int PicturePoints = 400;

    /// <summary>Every rise and fall, and of the slopes between them as many points as a picture can show.</summary>
    public static List<LinePoint> Of(PlanSetup setup, PlannedWalk walk)
    {
        List<LinePoint> line = [];
        var (step, points) = (setup.Ground.LengthKm / PicturePoints, Points(setup, walk).ToList());
        for (var i = 0; i < points.Count; i++)
        {
            var km = setup.Line.Km[points[i].Point];
            var turns =
                i == 0
                || i == points.Count - 1
                || points[i - 1].Point == points[i].Point
                || points[i + 1].Point == points[i].Point
                || setup.Line.Into[points[i].Point] is null
                || setup.Line.Into[points[i + 1].Point] is null;
            if (turns || km - line[^1].Km >= step)
            {
                line.Add(new LinePoint(Math.Round(km, 3), Math.Round(points[i].Litres, 3)));
            }
        }

        return line;
    }

    public static List<(double Effort, double Litres)> ByEffort(PlanSetup setup, PlannedWalk walk) =>
        [.. Points(setup, walk).Select(p => (setup.Line.EffortKm[p.Point], p.Litres))];

    /// <summary>In hand at a point of a fill's way, L.</summary>
    public static double InHand(PlanSetup setup, PlannedFill fill, int point)
    {
        var used = setup.Line.NeedL[point] - setup.Line.NeedL[fill.At.Point];
        // What a camp at the water uses is drawn there and carried nowhere.
        return fill.LeaveL - fill.DetourUseL - Math.Max(fill.OnTheSpotL, Math.Max(0, used - fill.DrinkL));
    }

    private static IEnumerable<(int Point, double Litres)> Points(PlanSetup setup, PlannedWalk walk)
    {
        foreach (var fill in walk.Fills)
        {
            for (var p = fill.At.Point; p <= fill.To.Point; p++)
            {
                yield return (p, InHand(setup, fill, p));
            }
        }
    }
}
