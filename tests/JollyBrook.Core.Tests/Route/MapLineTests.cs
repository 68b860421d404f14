using CsCheck;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Tests.Route;

/// <summary>The line that is kept is the track within 2 m, wherever on the globe it winds.</summary>
public class MapLineTests
{
    private static readonly Gen<Track> Tracks = Gen.Select(
            Gen.Double[-85, 85],
            Gen.OneOf(Gen.Double[-179, 179], Gen.Const(179.999)),
            Gen.Select(Gen.Double[-0.0005, 0.0005], Gen.Double[-0.0005, 0.0005]).Array[3, 1500]
        )
        .Select(
            (latitude, longitude, steps) =>
            {
                List<GeoPoint> points = [new(latitude, longitude, 100)];
                foreach (var (north, east) in steps)
                {
                    points.Add(new GeoPoint(points[^1].LatitudeDeg + north, Math.IEEERemainder(points[^1].LongitudeDeg + east, 360), 100));
                }

                return Track.Of(points);
            }
        )
        .Where(t => t is not null)
        .Select(t => t!);

    private static TripRoute Kept(Track track)
    {
        var read = RouteReading.Of("Line", track, []);
        return new TripRoute("Line", null, read.LengthKm, read.Heights, read.Latitudes, read.Longitudes);
    }

    [Fact]
    public void No_point_of_the_track_is_further_than_2_m_from_the_kept_line() =>
        Tracks.Sample(
            track =>
            {
                var line = PlacedLine.Of(Kept(track))!;
                foreach (var point in track.Points)
                {
                    line.Of(point).OffKm.ShouldBeLessThanOrEqualTo(0.002);
                }
            },
            iter: 60
        );

    /// <summary>Read, kept, read and kept again: nothing drifts from the second time on.</summary>
    [Fact]
    public void Kept_again_it_stays_as_it_is() =>
        Tracks.Sample(
            track =>
            {
                var once = MapLine.Read(Kept(track));
                var again = MapLine.Read(Kept(Track.Of([.. once.Select(p => new GeoPoint(p.LatitudeDeg, p.LongitudeDeg, p.ElevationM))])!));
                // What rounding made straight may fall out once more, never more than its 2 m.
                again.Count.ShouldBeInRange(2, once.Count);
                (again[0].LatitudeDeg, again[^1].LongitudeDeg).ShouldBe((once[0].LatitudeDeg, once[^1].LongitudeDeg));
            },
            iter: 60
        );

    /// <summary>
    /// A zigzag of 10 m either way at each 20 m: 50 m chords saw 1 km for each 1.41 km walked. Its length is measured along it, and a place
    /// halfway along the walk is found halfway.
    /// </summary>
    [Fact]
    public void A_winding_path_keeps_its_length()
    {
        const double MetresPerDegree = 111_195;
        var track = Track.Of([
            .. Enumerable
                .Range(0, 1001)
                .Select(i => new GeoPoint(i * 20 / MetresPerDegree, (i % 2 == 0 ? 10 : -10) / MetresPerDegree, 100)),
        ])!;
        track.LengthKm.ShouldBe(1000 * Math.Sqrt(800) / 1000, 0.01);
        var route = Kept(track);
        var points = MapLine.Read(route);
        points.Count.ShouldBe(1001);
        points[^1].AlongKm.ShouldBe(track.LengthKm, 1e-9);
        PlacedLine
            .Of(route)!
            .Of(new GeoPoint(500 * 20 / MetresPerDegree, 10 / MetresPerDegree))
            .AlongKm.ShouldBe(track.LengthKm / 2, 0.005);
    }

    [Fact]
    public void More_bends_than_a_record_holds_are_kept_more_coarsely()
    {
        var track = Track.Of([.. Enumerable.Range(0, 120_000).Select(i => new GeoPoint(i * 0.0001, i % 2 * 0.00005, 100))])!;
        EncodedNumbers.Decode(MapLine.Of(track).Latitudes)!.Count.ShouldBeInRange(2, 100_000);
    }

    [Fact]
    public void What_is_straight_keeps_its_ends_alone()
    {
        var track = Track.Of([.. Enumerable.Range(0, 400).Select(i => new GeoPoint(46 + (i * 0.0001), -28.6, i))])!;
        var points = MapLine.Read(Kept(track));
        points.Count.ShouldBe(2);
        points[1].ElevationM.ShouldBe(399, 0.1);
    }

    [Fact]
    public void The_place_at_a_distance_is_where_that_distance_is_found() =>
        Gen.Select(Tracks, Gen.Double[0, 1])
            .Sample(
                (track, share) =>
                {
                    var line = PlacedLine.Of(track);
                    line.Of(line.At(track.LengthKm * share)).OffKm.ShouldBeLessThan(0.0005);
                },
                iter: 60
            );
}
