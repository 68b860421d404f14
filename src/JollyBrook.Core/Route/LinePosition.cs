namespace JollyBrook.Core.Route;

/// <summary>Where a place lies by a route.</summary>
/// <param name="AlongKm">How far along the line it is nearest, km.</param>
/// <param name="OffKm">How far off the line, km.</param>
public sealed record LinePosition(double AlongKm, double OffKm);

/// <summary>A route's line, to put places on.</summary>
public sealed class PlacedLine
{
    private readonly Track _track;
    private readonly double _stretch;

    private PlacedLine(Track track, double lengthKm) => (_track, _stretch) = (track, lengthKm / track.LengthKm);

    /// <summary>A line ready to place things on.</summary>
    public static PlacedLine Of(Track track)
    {
        ArgumentNullException.ThrowIfNull(track);
        return new PlacedLine(track, track.LengthKm);
    }

    /// <returns>Null for a route without a map line. Only after the route's check.</returns>
    public static PlacedLine? Of(TripRoute route)
    {
        ArgumentNullException.ThrowIfNull(route);
        return Track.Of([.. MapLine.Read(route).Select(p => new GeoPoint(p.LatitudeDeg, p.LongitudeDeg, p.ElevationM))]) is { } track
            ? new PlacedLine(track, route.LengthKm!.Value)
            : null;
    }

    /// <summary>The place at a distance along, km.</summary>
    public GeoPoint At(double km) => _track.At(km / _stretch);

    /// <summary>Where along the line a place is, and how far off it.</summary>
    public LinePosition Of(GeoPoint place)
    {
        var (along, off) = _track.Nearest(place);
        return new LinePosition(along * _stretch, off);
    }
}
