using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Route;

/// <summary>A point of a route on the map.</summary>
/// <param name="LatitudeDeg">°, north above 0.</param>
/// <param name="LongitudeDeg">°, east above 0.</param>
/// <param name="ElevationM">m.</param>
/// <param name="AlongKm">How far along the walk, km.</param>
public sealed record LineOnMapPoint(double LatitudeDeg, double LongitudeDeg, double ElevationM, double AlongKm);

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
        return new(MapLine.Read(route));
    }
}
