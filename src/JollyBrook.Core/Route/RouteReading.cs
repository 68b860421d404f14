namespace JollyBrook.Core.Route;

/// <summary>Makes what a file or typed legs gave into the parts of a route.</summary>
public static class RouteReading
{
    private const double FarOffKm = 3;

    /// <summary>A track with its places. Places more than 3 km off the line are flagged, not dropped.</summary>
    public static ReadRoute Of(string name, Track track, IReadOnlyList<(string Name, string Words, GeoPoint At)> places, IReadOnlyList<string> flags)
    {
        ArgumentNullException.ThrowIfNull(track);
        ArgumentNullException.ThrowIfNull(places);
        var ground = track.Profile();
        List<FoundPlace> found = [.. places.Select(p =>
        {
            var (along, off) = track.Nearest(p.At);
            return new FoundPlace(p.Name, along, off, p.At.LatitudeDeg, p.At.LongitudeDeg, WaterWords.ClassOf($"{p.Name} {p.Words}"));
        }).OrderBy(p => p.AlongKm)];
        return Of(
            name, ground, track.PlacesAt(ground.Steps), [], found,
            [.. flags, .. track.Flags, .. found.Where(p => p.OffKm > FarOffKm).Select(p => $"{(p.Name.Length > 0 ? p.Name : "A place")} is {p.OffKm:0.0} km off the line.")], track.HasHeights);
    }

    internal static ReadRoute Of(
        string name, GroundProfile ground, IReadOnlyList<GeoPoint>? line, IReadOnlyList<TerrainSpan> terrain, IReadOnlyList<FoundPlace> places,
        IReadOnlyList<string> flags, bool hasHeights)
    {
        return new ReadRoute(
            name, ground.LengthKm, ground.AscentM, ground.DescentM, EncodedNumbers.Encode(ground.ElevationM.ToArray().Select(m => (long)Math.Round(m * 10))),
            line is null ? null : EncodedNumbers.Encode(line.Select(p => (long)Math.Round(p.LatitudeDeg * 1e5))),
            line is null ? null : EncodedNumbers.Encode(line.Select(p => (long)Math.Round(p.LongitudeDeg * 1e5))),
            terrain, [.. Enum.GetValues<WalkSchool>().Select(s => new RouteHours(s, WalkingTime.Name(s), WalkingTime.Hours(s, ground, offPath: false)))],
            places, flags, hasHeights);
    }
}
