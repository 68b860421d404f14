namespace JollyBrook.Core.Route;

/// <summary>A route's line on the map as it is kept: the track's own bends, but for what is within 2 m of them.</summary>
internal static class MapLine
{
    /// <summary>How far the kept line may be from the track, m (handbook room 70: the geometry is kept, not chords of it).</summary>
    public const double WithinM = 2;

    /// <summary>Kept places are whole 1e-5 degrees, about 1 m: this much of <see cref="WithinM"/> is left to rounding, m.</summary>
    private const double RoundingM = 0.8;
    private const double Scale = 1e5;

    /// <summary>More bends than this are kept more coarsely, so that a route stays a record of under a megabyte.</summary>
    private const int MostBends = 100_000;

    public static (string Latitudes, string Longitudes) Of(Track track)
    {
        var within = WithinM - RoundingM;
        var line = LineSimplifier.Within(track.Points, within);
        while (line.Count > MostBends)
        {
            line = LineSimplifier.Within(line, within *= 2);
        }

        var unwrapped = new List<double>(line.Count);
        foreach (var point in line)
        {
            unwrapped.Add(
                unwrapped.Count == 0 ? point.LongitudeDeg : unwrapped[^1] + Math.IEEERemainder(point.LongitudeDeg - unwrapped[^1], 360)
            );
        }

        return (
            EncodedNumbers.Encode(line.Select(p => (long)Math.Round(p.LatitudeDeg * Scale))),
            EncodedNumbers.Encode(unwrapped.Select(d => (long)Math.Round(d * Scale)))
        );
    }

    /// <returns>The line with its heights, in the order of the walk; empty for a route without one. Only after its check.</returns>
    public static IReadOnlyList<LineOnMapPoint> Read(TripRoute route)
    {
        if (route.Latitudes is null || route.Longitudes is null)
        {
            return [];
        }

        List<GeoPoint> points =
        [
            .. EncodedNumbers
                .Decode(route.Latitudes)!
                .Zip(
                    // The kept longitudes run on across the antimeridian.
                    EncodedNumbers.Decode(route.Longitudes)!,
                    (lat, lon) => new GeoPoint(lat / Scale, Math.Round(Math.IEEERemainder(lon / Scale, 360), 5))
                ),
        ];
        var along = new double[points.Count];
        for (var i = 1; i < along.Length; i++)
        {
            along[i] = along[i - 1] + points[i - 1].KmTo(points[i]);
        }

        // The track was a little longer than the line that is kept of it.
        var stretch = along[^1] > 0 ? route.LengthKm!.Value / along[^1] : 0;
        var ground = route.Ground();
        return
        [
            .. points.Select(
                (p, i) =>
                    new LineOnMapPoint(
                        p.LatitudeDeg,
                        p.LongitudeDeg,
                        Math.Round(ground.ElevationAt(along[i] * stretch), 1),
                        along[i] * stretch
                    )
            ),
        ];
    }
}
