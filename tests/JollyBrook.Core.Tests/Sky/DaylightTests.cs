using CsCheck;
using JollyBrook.Core.Sky;

namespace JollyBrook.Core.Tests.Sky;

/// <summary>Sunrise, sunset and what lies between, against an almanac's times and over the whole earth and year.</summary>
public class DaylightTests
{
    private const int TwoDays = 2 * 24 * 60;

    private static readonly Gen<DateTimeOffset> Instant = Gen.Int[0, 4 * 366 * 24 * 60 - 1]
        .Select(minute => new DateTimeOffset(2026, 1, 1, 0, 0, 0, TimeSpan.Zero).AddMinutes(minute));

    private static readonly Gen<double> Latitude = Gen.Double[-90, 90];
    private static readonly Gen<double> Longitude = Gen.Double[-180, 180];

    /// <summary>Almanac, UTC: 51.48° N, 0°, sets 20:21 and rises 03:43 about midsummer; sets 15:53, rises 08:04 about midwinter.</summary>
    [Theory]
    [InlineData(6, 21, 20, 40, 423)]
    [InlineData(12, 21, 16, 10, 954)]
    public void The_night_ends_at_the_almanacs_sunrise(int month, int day, int hour, int minute, double dark) =>
        Daylight.MinutesOfDark(new DateTimeOffset(2026, month, day, hour, minute, 0, TimeSpan.Zero), 51.48, 0).ShouldBe(dark, 4);

    /// <summary>On the equator at an equinox the sun is up 12 h 7 min: half a turn, and what refraction and its own breadth add.</summary>
    [Fact]
    public void At_an_equinox_the_dark_on_the_equator_is_seven_minutes_short_of_half_a_day()
    {
        var noon = SunPosition.SolarNoon(new DateOnly(2026, 3, 20), 0);
        var dark = Daylight.Darks(noon, 0, 0, 24 * 60).ShouldHaveSingleItem();
        (dark.ToMinutes - dark.FromMinutes).ShouldBe((12 * 60) - 7, 10);
        dark.FromMinutes.ShouldBe((6 * 60) + 4, 10);
    }

    /// <summary>The tilt of the axis: 23.44° at the solstices, none at the equinoxes (within the series' few tenths).</summary>
    [Theory]
    [InlineData(6, 21, 23.44)]
    [InlineData(12, 21, -23.44)]
    [InlineData(3, 20, 0)]
    [InlineData(9, 23, 0)]
    public void Declination_at_the_turns_of_the_year(int month, int day, double degrees) =>
        SunPosition.DeclinationDeg(new DateOnly(2026, month, day)).ShouldBe(degrees, 0.5);

    /// <summary>Almanac: −14.2 min about 11 February, +3.7 about 14 May, −6.5 about 26 July, +16.4 about 3 November.</summary>
    [Theory]
    [InlineData(2, 11, -14.2)]
    [InlineData(5, 14, 3.7)]
    [InlineData(7, 26, -6.5)]
    [InlineData(11, 3, 16.4)]
    public void The_equation_of_time_at_its_turns(int month, int day, double minutes) =>
        SunPosition.EquationOfTimeMinutes(new DateOnly(2026, month, day)).ShouldBe(minutes, 0.5);

    [Fact]
    public void It_is_dark_until_the_sun_is_up_and_no_longer() =>
        Gen.Select(Instant, Latitude, Longitude)
            .Sample(
                (from, latitude, longitude) =>
                {
                    bool IsUp(double minute) =>
                        SunPosition.ElevationDeg(from.AddMinutes(minute), latitude, longitude) >= Daylight.SunriseDeg;
                    var dark = Daylight.MinutesOfDark(from, latitude, longitude);
                    dark.ShouldBeInRange(0, TwoDays - 1);
                    if (dark > 0)
                    {
                        IsUp(0).ShouldBeFalse();
                        IsUp(dark).ShouldBeFalse();
                    }

                    if (dark < TwoDays - 1)
                    {
                        (IsUp(dark) || IsUp(dark + 1)).ShouldBeTrue();
                    }
                },
                iter: 300
            );

    [Fact]
    public void Darks_that_are_drawn_are_those_that_are_reckoned_with() =>
        Gen.Select(Instant, Latitude, Longitude, Gen.Double[0, TwoDays + 600])
            .Sample(
                (from, latitude, longitude, minutes) =>
                {
                    var darks = Daylight.Darks(from, latitude, longitude, minutes);
                    var end = Math.Min(minutes, TwoDays);
                    var last = 0.0;
                    foreach (var dark in darks)
                    {
                        dark.FromMinutes.ShouldBeGreaterThanOrEqualTo(last);
                        dark.ToMinutes.ShouldBeGreaterThan(dark.FromMinutes);
                        dark.ToMinutes.ShouldBeLessThanOrEqualTo(end);
                        last = dark.ToMinutes;
                    }

                    var reckoned = Daylight.MinutesOfDark(from, latitude, longitude);
                    var isNight = darks.Count > 0 && darks[0].FromMinutes == 0;
                    if (reckoned > 0 && end > 0)
                    {
                        isNight.ShouldBeTrue();
                        darks[0].ToMinutes.ShouldBe(Math.Min(reckoned, end), 11);
                    }
                    else
                    {
                        // Up within the first minute counts as light; it is drawn by its very first instant.
                        (isNight ? darks[0].ToMinutes : 0).ShouldBeLessThanOrEqualTo(10);
                    }
                },
                iter: 300
            );

    [Fact]
    public void The_sun_is_highest_at_solar_noon_and_as_high_before_it_as_after() =>
        Gen.Select(Instant.Select(i => DateOnly.FromDateTime(i.UtcDateTime)), Gen.Double[-89, 89], Gen.Double[1, 179])
            .Sample(
                (date, latitude, hourAngle) =>
                {
                    var declination = SunPosition.DeclinationDeg(date);
                    var noon = SunPosition.ElevationDeg(latitude, declination, 0);
                    noon.ShouldBe(90 - Math.Abs(latitude - declination), 1e-5); // An arc sine loses half its digits near the zenith.
                    var after = SunPosition.ElevationDeg(latitude, declination, hourAngle);
                    after.ShouldBeLessThanOrEqualTo(noon + 1e-9);
                    SunPosition.ElevationDeg(latitude, declination, -hourAngle).ShouldBe(after, 1e-9);
                },
                iter: 300
            );
}
