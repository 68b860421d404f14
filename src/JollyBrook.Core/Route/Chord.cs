namespace JollyBrook.Core.Route;

/// <summary>The straight way between two points of a line, as seen from a place near it: flat around the place.</summary>
internal static class Chord
{
    private const double KmPerDegree = Math.PI / 180 * GeoPoint.EarthKm;

    /// <summary>Length of a degree of longitude at a place, km.</summary>
    public static double KmPerLongitude(GeoPoint place) => Math.Cos(place.LatitudeDeg * Math.PI / 180) * KmPerDegree;

    /// <returns>Which share of the way the nearest point of it lies at, and how far off it the place is, km.</returns>
    public static (double Share, double OffKm) Nearest(GeoPoint from, GeoPoint to, GeoPoint place, double kmPerLongitude)
    {
        var (ax, ay) = (
            Math.IEEERemainder(from.LongitudeDeg - place.LongitudeDeg, 360) * kmPerLongitude,
            (from.LatitudeDeg - place.LatitudeDeg) * KmPerDegree
        );
        var (dx, dy) = (
            Math.IEEERemainder(to.LongitudeDeg - from.LongitudeDeg, 360) * kmPerLongitude,
            (to.LatitudeDeg - from.LatitudeDeg) * KmPerDegree
        );
        var square = (dx * dx) + (dy * dy);
        var share = square == 0 ? 0 : Math.Clamp(-((ax * dx) + (ay * dy)) / square, 0, 1);
        return (share, Math.Sqrt(Math.Pow(ax + (share * dx), 2) + Math.Pow(ay + (share * dy), 2)));
    }
}
