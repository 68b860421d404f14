using JollyBrook.Core.Light;
using JollyBrook.Core.Sky;

namespace JollyBrook.Core.Tests.Light;

/// <summary>
/// Days of strong sun, counted minute by minute apart from the program and compared with it, over places, seasons, hours and cloud.
/// </summary>
public class SunDayTests
{
    /// <summary>Strong minutes between two instants, by the published formulas.</summary>
    private static int Strong(DateTimeOffset from, DateTimeOffset until, double latitude, double longitude, double covered)
    {
        var factor = 1 - (0.75 * Math.Pow(covered, 3.4));
        var minutes = 0;
        for (var at = from; at < until; at = at.AddMinutes(1))
        {
            var sine = Math.Sin(SunPosition.ElevationDeg(at, latitude, longitude) * Math.PI / 180);
            minutes += sine > 0 && 1098 * sine * Math.Exp(-0.057 / sine) * factor >= 500 ? 1 : 0;
        }

        return minutes;
    }

    [Theory]
    [InlineData(46.2, -28.6, 6, 0)]
    [InlineData(46.2, -28.6, 12, 0)]
    [InlineData(46.2, -28.6, 15, 0)]
    [InlineData(46.2, -28.6, 17, 0)]
    [InlineData(46.2, -28.6, 9, 0.4)]
    [InlineData(46.2, -28.6, 9, 0.5)]
    [InlineData(46.2, -28.6, 9, 0.51)]
    [InlineData(46.2, -28.6, 9, 0.8)]
    [InlineData(-33, 150, 20, 0)]
    [InlineData(0, 179.9, 22, 0)]
    [InlineData(0, -179.9, 22, 0)]
    [InlineData(60, 25, 5, 0)]
    public void A_day_two_days_or_none(double latitude, double longitude, int utcHour, double covered)
    {
        var from = new DateTimeOffset(2026, 8, 10, utcHour, 0, 0, TimeSpan.Zero);
        var midnight = from;
        // The sun is lowest half a turn from where it is highest: the first such minute after the start, and never more than a day off.
        double Height(DateTimeOffset at) => SunPosition.ElevationDeg(at, latitude, longitude);
        do
        {
            midnight = midnight.AddMinutes(1);
        } while (!(Height(midnight) <= Height(midnight.AddMinutes(-1)) && Height(midnight) <= Height(midnight.AddMinutes(1))));

        (midnight - from).TotalHours.ShouldBeLessThanOrEqualTo(24.1);
        var today = Strong(from, midnight, latitude, longitude, covered) / 60.0;
        var tomorrow = Strong(midnight, midnight.AddDays(1), latitude, longitude, covered) / 60.0;
        var days =
            today < 2 ? 0
            : today >= 5 && covered <= 0.5 ? 1
            : tomorrow >= 2 ? 2
            : 0;
        var exposure = SunExposure.From(from, latitude, longitude, covered);
        exposure.Days.ShouldBe(days);
        exposure.Today.Hours.ShouldBe(today, 1e-9);
        if (days == 1)
        {
            // Six hours by the clock at least, and five strong ones by then.
            exposure.EndsAt!.Value.ShouldBeGreaterThanOrEqualTo(from.AddHours(6));
            (Strong(from, exposure.EndsAt.Value, latitude, longitude, covered) / 60.0).ShouldBeGreaterThanOrEqualTo(5);
            exposure.EndsAt.Value.ShouldBe(exposure.EndsAt.Value > from.AddHours(6) ? FirstWith(5 * 60) : from.AddHours(6));
        }

        DateTimeOffset FirstWith(int minutes)
        {
            var at = from;
            for (var count = 0; count < minutes; at = at.AddMinutes(1))
            {
                count += Strong(at, at.AddMinutes(1), latitude, longitude, covered);
            }

            return at;
        }
    }

    /// <summary>
    /// In autumn each day has less than the one before. Cloud upon cloud, the days are those counted by hand: among so many covers there
    /// are some with exactly five hours or two today, and some with enough today and too little tomorrow.
    /// </summary>
    [Fact]
    public void Cloud_by_cloud_at_the_edges()
    {
        const double latitude = 46.2,
            longitude = -28.6;
        var from = new DateTimeOffset(2026, 9, 28, 6, 0, 0, TimeSpan.Zero);
        var midnight = from.AddHours(20);
        double[] Watts(DateTimeOffset start, int minutes) =>
            [
                .. Enumerable
                    .Range(0, minutes)
                    .Select(m => Math.Sin(SunPosition.ElevationDeg(start.AddMinutes(m), latitude, longitude) * Math.PI / 180))
                    .Where(s => s > 0)
                    .Select(s => 1098 * s * Math.Exp(-0.057 / s)),
            ];
        var (ofToday, ofTomorrow) = (Watts(from, 20 * 60), Watts(midnight, 24 * 60));
        var seen = new HashSet<(bool, int)>();
        for (var covered = 0.0; covered <= 0.76; covered += 0.0005)
        {
            var factor = 1 - (0.75 * Math.Pow(covered, 3.4));
            var (today, tomorrow) = (ofToday.Count(w => w * factor >= 500), ofTomorrow.Count(w => w * factor >= 500));
            var days =
                today < 120 ? 0
                : today >= 300 && covered <= 0.5 ? 1
                : tomorrow >= 120 ? 2
                : 0;
            SunExposure.From(from, latitude, longitude, covered).Days.ShouldBe(days, $"cover {covered}: {today} and {tomorrow} min");
            seen.Add((today >= 120 && tomorrow < 120, days));
        }

        seen.ShouldContain((true, 0));
        seen.ShouldContain((false, 2));
    }

    /// <summary>Two hours are enough for half a day's sun, a minute less is not; the figures are room 50's.</summary>
    [Fact]
    public void Limits() =>
        (Sunlight.HalfDayHours, Sunlight.FullDayHours, Sunlight.StrongWPerM2, Sunlight.MostCoverForOneDay).ShouldBe((2.0, 5.0, 500.0, 0.5));
}
