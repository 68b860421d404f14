using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Tests.Route;

public sealed class GroundTests
{
    private static List<GeoPoint> Line(int points, Func<int, double> height, double startLon = -28.6) =>
        [.. Enumerable.Range(0, points).Select(i => new GeoPoint(0, Wrap(startLon + (i * 0.001)), height(i)))];

    private static double Wrap(double lon) => Math.IEEERemainder(lon, 360);

    /// <summary>A degree of longitude on the equator is 2π·6371.0088/360 = 111.195 km.</summary>
    [Fact]
    public void A_degree_on_the_equator() => new GeoPoint(0, 0).KmTo(new GeoPoint(0, 1)).ShouldBe(111.195, 0.001);

    [Fact]
    public void Steps_are_about_fifty_metres_and_end_at_the_end()
    {
        var ground = Track.Of(Line(101, i => i))!.Profile();
        ground.LengthKm.ShouldBe(11.1195, 0.001);
        (ground.StepKm * 1000).ShouldBe(50, 0.2);
        ground.ElevationM[0].ShouldBe(0);
        ground.ElevationM[^1].ShouldBe(100, 1e-9);
        ground.AscentM.ShouldBe(100, 1e-6); // an even slope stays as it is
    }

    /// <summary>A receiver that jitters by ±3 m point by point: most of the made-up climb is taken away.</summary>
    [Fact]
    public void Jitter_adds_little_climb()
    {
        List<GeoPoint> track = [.. Enumerable.Range(0, 401).Select(i => new GeoPoint(0, i * 0.00045, 500 + (i % 2 == 0 ? 3 : -3)))];
        var raw = track.Zip(track.Skip(1)).Sum(p => Math.Max(0, p.Second.ElevationM - p.First.ElevationM));
        Track.Of(track)!.Profile().AscentM.ShouldBeLessThan(raw / 2.5);
    }

    [Fact]
    public void The_antimeridian_is_no_gap()
    {
        var track = Track.Of(Line(21, i => 10, startLon: 179.99))!;
        track.LengthKm.ShouldBe(20 * 0.111195, 0.0001);
        track.Flags.ShouldBeEmpty();
        track.Nearest(new GeoPoint(0.001, -179.995)).AlongKm.ShouldBe(0.015 * 111.195, 0.01);
        EncodedNumbers.Decode(MapLine.Of(track).Longitudes)!.ShouldBe([17_999_000, 18_001_000]);
    }

    [Fact]
    public void Missing_heights_are_filled_and_told_gaps_are_told_and_a_point_is_no_track()
    {
        var some = Track.Of(Line(11, i => i is > 3 and < 7 ? double.NaN : i * 10))!;
        some.Flags.ShouldHaveSingleItem().ShouldContain("3 of 11 points");
        some.Profile().ElevationM[^1].ShouldBe(100, 1e-9);
        var none = Track.Of(Line(11, _ => double.NaN))!;
        none.HasHeights.ShouldBeFalse();
        none.Flags.ShouldHaveSingleItem().ShouldContain("by hand");
        Track.Of([new(0, 0, 1), new(0, 0.1, 1)])!.Flags.ShouldHaveSingleItem().ShouldContain("gap of 11.1 km (6.9 mi)");
        Track.Of([new(0, 0, 1), new(0, 0, 5)]).ShouldBeNull();
    }

    /// <summary>
    /// 10 km at + 10 %: 6·exp(−3.5·0.15) = 3.549 km/h, 2.818 h; at − 10 %: 6·exp(−3.5·0.05) = 5.037, 1.985 h; level 5.037, 1.985 h.
    /// Off the path × 0.6.
    /// </summary>
    [Theory]
    [InlineData(1000, false, 2.818)]
    [InlineData(-1000, false, 1.985)]
    [InlineData(0, false, 1.985)]
    [InlineData(1000, true, 4.696)]
    public void Tobler(double rise, bool offPath, double hours) =>
        WalkingTime.Hours(WalkSchool.Tobler, Slope(10, rise), offPath).ShouldBe(hours, 0.002);

    /// <summary>
    /// 6 km and 600 m up: 1.2 + 1 = 2.2 h. 6 km, 600 m down (5.7°): 1.2 − 2·10 min = 0.867 h. 2 km, 600 m down (16.7°): 0.4 + 2·10 min =
    /// 0.733 h.
    /// 6 km, 300 m down (2.9°): 1.2 h.
    /// </summary>
    [Theory]
    [InlineData(6, 600, 2.2)]
    [InlineData(6, -600, 0.8667)]
    [InlineData(2, -600, 0.7333)]
    [InlineData(6, -300, 1.2)]
    public void Naismith_and_Langmuir(double km, double rise, double hours) =>
        WalkingTime.Hours(WalkSchool.NaismithLangmuir, Slope(km, rise), false).ShouldBe(hours, 0.001);

    [Fact]
    public void Typed_legs_make_the_ground_they_say()
    {
        var read = ReadLegs.Compute(new LegsRequest(null, 200, [new("Pass", 6, 600, 0), new("Hut", 4, 100, 300, Terrain.Rough)]));
        read.LengthKm.ShouldBe(10);
        read.AscentM.ShouldBe(700, 6); // a corner falls between two steps
        read.DescentM.ShouldBe(300, 6);
        read.Terrain.Select(t => (t.FromKm, t.Terrain)).ShouldBe([(0, Terrain.GoodPath), (6, Terrain.Rough)]);
        EncodedNumbers.Decode(read.Heights)![^1].ShouldBe(6000); // 200 + 600 + 100 − 300 = 600 m, in decimetres
    }

    [Fact]
    public void Numbers_come_back_as_they_were_encoded() =>
        Gen.Long[-20_000_000, 20_000_000].Array[0, 50].Sample(n => EncodedNumbers.Decode(EncodedNumbers.Encode(n))!.SequenceEqual(n));

    [Fact]
    public void Broken_text_is_no_list_of_numbers()
    {
        EncodedNumbers.Decode("abc é").ShouldBeNull();
        EncodedNumbers.Decode("~").ShouldBeNull(); // cut short
        EncodedNumbers.Decode(new string('~', 40)).ShouldBeNull(); // too long for a number
    }

    private static GroundProfile Slope(double km, double rise) =>
        new(km, [.. Enumerable.Range(0, (int)(km * 20) + 1).Select(i => rise * i / (km * 20))]);
}
