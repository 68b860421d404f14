using CsCheck;
using JollyBrook.Core.Light;

namespace JollyBrook.Core.Tests.Light;

public class SunTests
{
    private static readonly DateOnly Solstice = new(2026, 6, 21);

    [Fact]
    public void Day_length_at_45_north_on_the_solstice() =>
        // Without refraction: 2·acos(−tan 45°·tan 23.44°)/15° = 15.43 h
        SunPosition.HoursAbove(0, 45, SunPosition.DeclinationDeg(Solstice)).ShouldBe(15.43, 0.03);

    [Fact]
    public void Beyond_the_circles_the_sun_stays_up_or_down()
    {
        SunPosition.HoursAbove(0, 80, SunPosition.DeclinationDeg(Solstice)).ShouldBe(24);
        SunPosition.HoursAbove(0, -80, SunPosition.DeclinationDeg(Solstice)).ShouldBe(0);
        SunPosition.HoursAbove(10, 90, SunPosition.DeclinationDeg(Solstice)).ShouldBe(24);
    }

    [Fact]
    public void Hours_above_a_height_are_those_counted_minute_by_minute() =>
        Gen.Select(Gen.Double[-65, 65], Gen.Int[1, 365], Gen.Double[0, 60]).Sample((latitude, day, height) =>
        {
            var declination = SunPosition.DeclinationDeg(new DateOnly(2026, 1, 1).AddDays(day - 1));
            var counted = Enumerable.Range(-720, 1440).Count(m => SunPosition.ElevationDeg(latitude, declination, m / 4.0) >= height) / 60.0;
            SunPosition.HoursAbove(height, latitude, declination).ShouldBe(counted, 0.05);
        }, iter: 60);

    [Fact]
    public void Clear_sky_overhead_and_at_30_degrees()
    {
        Sunlight.ClearSkyWPerM2(90).ShouldBe(1037, 1); // 1098·exp(−0.057)
        Sunlight.ClearSkyWPerM2(30).ShouldBe(489.9, 0.5); // 1098·0.5·exp(−0.114)
        Sunlight.ClearSkyWPerM2(-1).ShouldBe(0);
    }

    [Theory]
    [InlineData(0, 1)]
    [InlineData(0.5, 0.929)] // 0.5^3.4 = 0.0947
    [InlineData(1, 0.25)]
    public void Cloud_leaves(double covered, double share) => Sunlight.CloudFactor(covered).ShouldBe(share, 0.001);

    [Theory]
    [InlineData(4.99, 0, 2)]
    [InlineData(5, 0.5, 1)]
    [InlineData(5, 0.51, 2)]
    [InlineData(2, 0, 2)]
    [InlineData(1.99, 0, 0)]
    public void Days_by_strong_hours_and_cloud(double hours, double covered, int days) => Sunlight.Days(hours, covered).ShouldBe(days);

    [Fact]
    public void More_cloud_never_needs_fewer_days() =>
        Gen.Select(Gen.Double[-60, 60], Gen.Int[0, 364], Gen.Double[0, 1], Gen.Double[0, 1]).Sample((latitude, day, a, b) =>
        {
            var date = new DateOnly(2026, 1, 1).AddDays(day);
            double Hours(double covered) => Sunlight.StrongHours(latitude, date, covered);
            Hours(Math.Max(a, b)).ShouldBeLessThanOrEqualTo(Hours(Math.Min(a, b)) + 1e-9);
        });

    [Fact]
    public void Solar_noon_follows_longitude_and_the_equation_of_time()
    {
        // 11 February: the sun is 14.2 minutes late; 28.6° west: 114.4 minutes after Greenwich.
        var noon = SunPosition.SolarNoon(new DateOnly(2026, 2, 11), -28.6);
        noon.ShouldBe(new DateTimeOffset(2026, 2, 11, 14, 8, 36, TimeSpan.Zero), TimeSpan.FromMinutes(1));
    }
}
