using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Route;

/// <summary>A point of a route on the map.</summary>
public sealed record LineOnMapPoint(double LatitudeDeg, double LongitudeDeg, double ElevationM);

/// <summary>A route's line as points, for files that leave the page; empty for one without a map line.</summary>
public sealed record RouteLineResponse(IReadOnlyList<LineOnMapPoint> Points);

/// <summary>The calculation "route-line": the kept line written out.</summary>
public static class RouteLine
{
    /// <exception cref="BadInputException">The route can't be right.</exception>
    public static RouteLineResponse Compute(TripRoute route)
    {
        ArgumentNullException.ThrowIfNull(route);
        TripRoute.Check(route);
        if (route.Latitudes is null || route.Longitudes is null)
        {
            return new([]);
        }

        var (heights, latitudes, longitudes) = (EncodedNumbers.Decode(route.Heights!)!, EncodedNumbers.Decode(route.Latitudes)!, EncodedNumbers.Decode(route.Longitudes)!);
        // The kept longitudes run on across the antimeridian.
        return new([.. heights.Select((h, i) => new LineOnMapPoint(latitudes[i] / 1e5, Math.Round(Math.IEEERemainder(longitudes[i] / 1e5, 360), 5), h / 10.0))]);
    }
}
