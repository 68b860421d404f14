using CsCheck;
using JollyBrook.Core.Light;
using JollyBrook.Core.Sky;

namespace JollyBrook.Core.Tests.Light;

public class SunTests
{
    private const double Latitude = 46.2;
    private const double Longitude = -28.6;

    /// <summary>10 August at the island: the sun is highest at 14:00 UTC (12:00 + 114.4 min for 28.6° west + 5.3 min).</summary>
    private static readonly DateTimeOffset Noon = new(2026, 8, 10, 14, 0, 0, TimeSpan.Zero);

    [Fact]
    public void Height_at_noon_and_at_midnight()
    {
        // 90 − 46.2 + 15.4 = 59.2° at noon; −(90 − 46.2 − 15.4) = −28.4° at midnight.
        SunPosition.ElevationDeg(Noon, Latitude, Longitude).ShouldBe(59.2, 0.5);
        SunPosition.ElevationDeg(Noon.AddHours(12), Latitude, Longitude).ShouldBe(-28.4, 0.5);
        // The same instant by another offset is the same sun.
        SunPosition
            .ElevationDeg(Noon.ToOffset(TimeSpan.FromHours(-2)), Latitude, Longitude)
            .ShouldBe(SunPosition.ElevationDeg(Noon, Latitude, Longitude), 1e-9);
    }

    [Fact]
    public void The_dark_of_a_summer_night_and_of_the_poles()
    {
        // cos H = (sin(−0.833°) − sin 46.2·sin 15.4)/(cos 46.2·cos 15.4) = −0.308: H = 107.9°, 7.2 h either side of noon; sunset 21:12,
        // sunrise 6:48 UTC.
        Daylight.MinutesOfDark(Noon, Latitude, Longitude).ShouldBe(0);
        Daylight.MinutesOfDark(Noon.AddHours(12), Latitude, Longitude).ShouldBe(4.8 * 60, 8);
        Daylight.MinutesOfDark(Noon.AddHours(7), Latitude, Longitude).ShouldBe(0);
        Daylight.MinutesOfDark(Noon.AddHours(7.5), Latitude, Longitude).ShouldBe(9.3 * 60, 10);
        Daylight.MinutesOfDark(new DateTimeOffset(2026, 12, 21, 12, 0, 0, TimeSpan.Zero), 80, 0).ShouldBe((2 * 24 * 60) - 1);
        Daylight.MinutesOfDark(new DateTimeOffset(2026, 6, 21, 0, 0, 0, TimeSpan.Zero), 80, 0).ShouldBe(0);
    }

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

    /// <summary>
    /// Strong from h = 30.6° on: cos H = (0.509 − 0.191)/0.670 = 0.475, H = 61.6°, 4.1 h either side of noon: 9:54 to 18:06 UTC.
    /// </summary>
    [Theory]
    [InlineData(9, 0, 1, 15, 0)] // laid out at 9:00: five strong hours by 14:54, six by the clock at 15:00
    [InlineData(6, 0, 1, 14, 54)] // laid out before the sun is strong: the clock alone is not enough
    [InlineData(12, 0, 1, 18, 0)] // 6.1 h are left
    public void A_full_day_ends_when_both_clock_and_sun_have_had_enough(int hour, int minute, int days, int endHour, int endMinute)
    {
        var exposure = SunExposure.From(At(10, hour, minute), Latitude, Longitude, 0);
        exposure.Days.ShouldBe(days);
        exposure.EndsAt!.Value.ShouldBe(At(10, endHour, endMinute), TimeSpan.FromMinutes(8));
    }

    [Fact]
    public void An_afternoon_is_half_a_day_and_goes_on_next_morning()
    {
        // 14:00: 4.1 h are left, half a day. Next day strong from 9:54 for six hours by the clock: 15:54.
        var exposure = SunExposure.From(At(10, 14, 0), Latitude, Longitude, 0);
        exposure.Days.ShouldBe(2);
        exposure.Today.Hours.ShouldBe(4.1, 0.15);
        exposure.ResumesAt!.Value.ShouldBe(At(11, 9, 54), TimeSpan.FromMinutes(8));
        exposure.EndsAt!.Value.ShouldBe(At(11, 15, 54), TimeSpan.FromMinutes(8));
    }

    [Theory]
    [InlineData(16, 30)] // 1.6 h of strong sun are left
    [InlineData(19, 0)] // the evening: none
    [InlineData(1, 0)] // solar midnight is at 2:00 here: none before it
    public void Too_late_in_the_day_counts_for_nothing(int hour, int minute) =>
        SunExposure.From(At(10, hour, minute), Latitude, Longitude, 0).Days.ShouldBe(0);

    [Theory]
    [InlineData(0.5, 1)]
    [InlineData(0.51, 2)] // more than half covered: two days
    [InlineData(1, 0)] // overcast leaves a quarter: never 500 W/m²
    public void Cloud_takes_days(double covered, int days) =>
        SunExposure.From(At(10, 9, 0), Latitude, Longitude, covered).Days.ShouldBe(days);

    [Fact]
    public void No_minute_counts_in_which_the_sun_is_down_and_the_exposure_holds_all_it_needs() =>
        Gen.Select(Gen.Double[-70, 70], Gen.Double[-180, 180], Gen.Int[0, 365 * 24 * 60], Gen.Double[0, 1])
            .Sample(
                (latitude, longitude, minute, covered) =>
                {
                    var from = new DateTimeOffset(2026, 1, 1, 0, 0, 0, TimeSpan.Zero).AddMinutes(minute);
                    var exposure = SunExposure.From(from, latitude, longitude, covered);
                    if (exposure.Days == 0)
                    {
                        exposure.EndsAt.ShouldBeNull();
                        return;
                    }

                    // Counted again by the minute, apart from the code: strong minutes between start and end.
                    var strong = 0;
                    for (var at = from; at < exposure.EndsAt!.Value; at = at.AddMinutes(1))
                    {
                        var height = SunPosition.ElevationDeg(at, latitude, longitude);
                        strong += height > 0 && Sunlight.ClearSkyWPerM2(height) * (1 - (0.75 * Math.Pow(covered, 3.4))) >= 500 ? 1 : 0;
                    }

                    strong.ShouldBeGreaterThanOrEqualTo(exposure.Days == 1 ? 5 * 60 : (2 * 60) + (2 * 60) - 1);
                    (exposure.EndsAt.Value - from).TotalHours.ShouldBeGreaterThanOrEqualTo(exposure.Days == 1 ? 6 - 1e-6 : 4 - 1e-6);
                },
                iter: 80
            );

    [Fact]
    public void More_cloud_never_needs_fewer_days_nor_ends_sooner() =>
        Gen.Select(Gen.Double[-60, 60], Gen.Int[0, 364 * 24], Gen.Double[0, 1], Gen.Double[0, 1])
            .Sample(
                (latitude, hour, a, b) =>
                {
                    var from = new DateTimeOffset(2026, 1, 1, 0, 0, 0, TimeSpan.Zero).AddHours(hour);
                    var (clear, cloudy) = (
                        SunExposure.From(from, latitude, 10, Math.Min(a, b)),
                        SunExposure.From(from, latitude, 10, Math.Max(a, b))
                    );
                    if (cloudy.Days > 0)
                    {
                        clear.Days.ShouldBeInRange(1, cloudy.Days);
                        clear.EndsAt!.Value.ShouldBeLessThanOrEqualTo(
                            cloudy.EndsAt!.Value.AddHours(clear.Days == cloudy.Days && clear.Days == 2 ? 6 : 0)
                        );
                    }
                },
                iter: 80
            );

    [Fact]
    public void Solar_noon_follows_longitude_and_the_equation_of_time()
    {
        // 11 February: the sun is 14.2 minutes late; 28.6° west: 114.4 minutes after Greenwich.
        var noon = SunPosition.SolarNoon(new DateOnly(2026, 2, 11), -28.6);
        noon.ShouldBe(new DateTimeOffset(2026, 2, 11, 14, 8, 36, TimeSpan.Zero), TimeSpan.FromMinutes(1));
    }

    private static DateTimeOffset At(int day, int hour, int minute) => new(2026, 8, day, hour, minute, 0, TimeSpan.Zero);
}
