namespace JollyBrook.Core.Route;

/// <summary>Makes what a file or typed legs gave into the parts of a route.</summary>
public static class RouteReading
{
    /// <summary>A track, without its places.</summary>
    /// <param name="name">What it is called.</param>
    /// <param name="track">The line.</param>
    /// <param name="flags">What is odd about the file.</param>
    /// <param name="climb">For a track without heights: height of the start, ascent and descent in all, m; null counts none.</param>
    public static ReadRoute Of(
        string name,
        Track track,
        IReadOnlyList<string> flags,
        (double StartM, double UpM, double DownM)? climb = null
    )
    {
        ArgumentNullException.ThrowIfNull(track);
        var isGiven = !track.HasHeights && climb is not null;
        var ground = isGiven
            ? Legs.Profile([new RouteLeg(null, track.LengthKm, climb!.Value.UpM, climb.Value.DownM)], climb.Value.StartM)
            : track.Profile();
        return Of(name, ground, MapLine.Of(track), [], [.. flags, .. track.Flags], track.HasHeights || isGiven);
    }

    /// <summary>A route as this program kept it, read back.</summary>
    public static ReadRoute Of(TripRoute route, IReadOnlyList<string> flags)
    {
        ArgumentNullException.ThrowIfNull(route);
        return Of(route.Name!, route.Ground(), null, route.Terrain ?? [], flags, true) with
        {
            Heights = route.Heights!,
            Latitudes = route.Latitudes,
            Longitudes = route.Longitudes,
            Whole = route,
        };
    }

    internal static ReadRoute Of(
        string name,
        GroundProfile ground,
        (string Latitudes, string Longitudes)? line,
        IReadOnlyList<TerrainSpan> terrain,
        IReadOnlyList<string> flags,
        bool hasHeights
    ) =>
        new(
            Name: name,
            LengthKm: ground.LengthKm,
            AscentM: ground.AscentM,
            DescentM: ground.DescentM,
            Heights: EncodedNumbers.Encode(ground.ElevationM.ToArray().Select(m => (long)Math.Round(m * 10))),
            Latitudes: line?.Latitudes,
            Longitudes: line?.Longitudes,
            Terrain: terrain,
            HoursBySchool:
            [
                .. Enum.GetValues<WalkSchool>()
                    .Select(s => new RouteHours(s, WalkingTime.Name(s), WalkingTime.Hours(s, ground, offPath: false))),
            ],
            Places: [],
            Flags: flags,
            HasHeights: hasHeights
        );
}
