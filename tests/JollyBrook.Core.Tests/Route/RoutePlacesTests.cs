using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Tests.Route;

/// <summary>Places put on a kept line.</summary>
public class RoutePlacesTests
{
    /// <summary>Along the 46th parallel for a tenth of a degree: 111.195·cos 46° = 77.24 km a degree, 7.72 km.</summary>
    private static TripRoute Line()
    {
        var track = Track.Of([.. Enumerable.Range(0, 101).Select(i => new GeoPoint(46, -28 + (i * 0.001), 100))])!;
        var read = RouteReading.Of("Line", track, []);
        return new TripRoute("Line", null, read.LengthKm, read.Heights, read.Latitudes, read.Longitudes);
    }

    [Fact]
    public void A_place_lies_where_the_line_is_nearest()
    {
        // Halfway along, 0.01° north: 1.11 km off.
        var found = RoutePlaces.Compute(new(Line(), [new(46.01, -27.95), new(46, -27.99)])).Places;
        found[0].AlongKm.ShouldBe(3.86, 0.05);
        found[0].OffKm.ShouldBe(1.11, 0.02);
        found[1].AlongKm.ShouldBe(0.772, 0.01);
        found[1].OffKm.ShouldBe(0, 0.001);
    }

    [Fact]
    public void A_route_without_a_line_is_refused()
    {
        var typed = ReadLegs.Compute(new LegsRequest(null, 0, [new("A", 5, 0, 0)]));
        Should
            .Throw<BadInputException>(() =>
                RoutePlaces.Compute(new(new TripRoute("T", null, typed.LengthKm, typed.Heights), [new(46, -28)]))
            )
            .Errors.Single()
            .Message.ShouldContain("no line on the map");
    }

    [Fact]
    public void A_place_that_is_nowhere_is_refused() =>
        Should
            .Throw<BadInputException>(() => RoutePlaces.Compute(new(Line(), [new(95, null)])))
            .Errors.Select(e => e.Field)
            .ShouldBe(["points.latitudeDeg", "points.longitudeDeg"]);
}
