namespace JollyBrook.Core.Route;

/// <summary>A place on the ground.</summary>
/// <param name="LatitudeDeg">−90 to 90.</param>
/// <param name="LongitudeDeg">−180 to 180.</param>
/// <param name="ElevationM">Above the sea, m; NaN when not known.</param>
public readonly record struct GeoPoint(double LatitudeDeg, double LongitudeDeg, double ElevationM = double.NaN)
{
    /// <summary>Mean radius of the earth, km.</summary>
    public const double EarthKm = 6371.0088;

    /// <summary>Great-circle distance, km (haversine); right across the antimeridian too.</summary>
    public double KmTo(GeoPoint other)
    {
        const double rad = Math.PI / 180;
        var dLat = (other.LatitudeDeg - LatitudeDeg) * rad;
        var dLon = (other.LongitudeDeg - LongitudeDeg) * rad;
        var (sLat, sLon) = (Math.Sin(dLat / 2), Math.Sin(dLon / 2));
        var h = (sLat * sLat) + (Math.Cos(LatitudeDeg * rad) * Math.Cos(other.LatitudeDeg * rad) * sLon * sLon);
        return 2 * EarthKm * Math.Asin(Math.Sqrt(Math.Min(1, h)));
    }
}
