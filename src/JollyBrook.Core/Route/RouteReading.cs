namespace JollyBrook.Core.Route;

/// <summary>Makes what a file or typed legs gave into the parts of a route.</summary>
public static class RouteReading
{
    private const double FarOffKm = 3;

    /// <summary>Further off than this a place has nothing to do with the walk, km (pick: a day there and back).</summary>
    private const double OtherWalkKm = 20;

    /// <summary>A track with its places. Places more than 3 km off the line are flagged; those of another walk are left out, and that is said.</summary>
    public static ReadRoute Of(string name, Track track, IReadOnlyList<(string Name, string Words, GeoPoint At)> places, IReadOnlyList<string> flags)
    {
        ArgumentNullException.ThrowIfNull(track);
        ArgumentNullException.ThrowIfNull(places);
        var ground = track.Profile();
        List<FoundPlace> all = [.. places.Select(p =>
        {
            var (along, off) = track.Nearest(p.At);
            return new FoundPlace(p.Name, along, off, p.At.LatitudeDeg, p.At.LongitudeDeg, WaterWords.ClassOf($"{p.Name} {p.Words}"));
        }).OrderBy(p => p.AlongKm)];
        var found = all.FindAll(p => p.OffKm <= OtherWalkKm);
        return Of(
            name, ground, track.PlacesAt(ground.Steps), [], found,
            [.. flags, .. track.Flags, .. all.Where(p => p.OffKm > FarOffKm).Select(FarOff)], track.HasHeights);
    }

    private static string FarOff(FoundPlace place) =>
        $"{(place.Name.Length > 0 ? place.Name : "A place")} is {Units.Speaker.Number(place.OffKm, place.OffKm > OtherWalkKm ? 0 : 1)} km off the line{(place.OffKm > OtherWalkKm ? ": left out" : "")}.";

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
