using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Route;

/// <summary>A place by its coordinates.</summary>
/// <param name="LatitudeDeg">°, north above 0.</param>
/// <param name="LongitudeDeg">°, east above 0.</param>
public sealed record MapPoint(double? LatitudeDeg, double? LongitudeDeg);

/// <summary>Places to be put on a route's line.</summary>
/// <param name="Route">The route; it needs a map line.</param>
/// <param name="Points">At most 2 000 places.</param>
public sealed record RoutePlacesRequest(TripRoute? Route, IReadOnlyList<MapPoint>? Points);

/// <summary>Where they lie, in the order they were given.</summary>
public sealed record RoutePlacesResponse(IReadOnlyList<LinePosition> Places);

/// <summary>The calculation "route-places": where along a kept route places lie, and how far off it.</summary>
public static class RoutePlaces
{
    private const int MostPoints = 2000;
    private static readonly NumberField Latitude = new(
        "points.latitudeDeg",
        "Latitude",
        Quantity.Angle,
        -90,
        90,
        "Degrees, north above 0."
    );
    private static readonly NumberField Longitude = new(
        "points.longitudeDeg",
        "Longitude",
        Quantity.Angle,
        -180,
        180,
        "Degrees, east above 0."
    );

    /// <summary>The field that must name a route with a map line.</summary>
    public static readonly ChoiceField RouteField = new("route", "Route", ["a route with a map line"]);
    private static readonly ChoiceField PointsField = new("points", "Places", [$"up to {MostPoints} places"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => [Latitude, Longitude, RouteField, PointsField, .. TripRoute.Fields];

    /// <summary>A route's line, to put places on.</summary>
    /// <exception cref="BadInputException">The route can't be right, or has no line.</exception>
    public static PlacedLine LineOf(TripRoute route, Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        TripRoute.Check(route);
        var line = PlacedLine.Of(route);
        if (line is null)
        {
            intake.Refuse(RouteField, "This route has no line on the map, so places can't be put on it. Read its track from a file first.");
        }

        intake.ThrowIfWrong();
        return line!;
    }

    /// <exception cref="BadInputException">The route has no line, or a place is nowhere.</exception>
    public static RoutePlacesResponse Compute(RoutePlacesRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.Metric);
        var points = request.Points ?? [];
        if (points.Count > MostPoints)
        {
            intake.Refuse(
                PointsField,
                $"At most {MostPoints} places can be put on a line at once; this has {points.Count}. Ask for fewer."
            );
        }

        foreach (var point in points)
        {
            intake.Required(Latitude, point.LatitudeDeg);
            intake.Required(Longitude, point.LongitudeDeg);
        }

        intake.Present(RouteField, request.Route);
        intake.ThrowIfWrong();
        var line = LineOf(request.Route!, intake);
        return new([.. points.Select(p => line.Of(new GeoPoint(p.LatitudeDeg!.Value, p.LongitudeDeg!.Value)))]);
    }
}
