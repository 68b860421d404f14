using JollyBrook.Core.Sky;

namespace JollyBrook.Core.Light;

/// <summary>One day's strong sun between two instants: from when to when it is strong, and for how many hours.</summary>
/// <param name="Hours">Hours with at least 500 W/m², counted from the beginning of the exposure.</param>
/// <param name="From">The first strong minute; null where there is none.</param>
/// <param name="Until">The last strong minute.</param>
public sealed record StrongSpan(double Hours, DateTimeOffset? From, DateTimeOffset? Until);

/// <summary>
/// A bottle put out at an instant: the strong sun it gets in the place's own day, none of it at night (handbook room 50). Five strong
/// hours under no more than half cloud make a full day; two make half of one, and two halves on consecutive days a whole.
/// </summary>
/// <param name="Days">1 or 2; 0 where it does not work from here on today.</param>
/// <param name="Today">The strong sun left today.</param>
/// <param name="EndsAt">When the exposure is long enough; null where it never is.</param>
/// <param name="ResumesAt">Next morning's first strong minute, where a second day is needed.</param>
public sealed record SunExposure(int Days, StrongSpan Today, DateTimeOffset? EndsAt, DateTimeOffset? ResumesAt)
{
    /// <summary>A full day's exposure lasts at least so long by the clock, h.</summary>
    public const double FullDayClockHours = 6;

    private const int DayMinutes = 24 * 60;

    /// <param name="from">When it is laid out.</param>
    /// <param name="latitudeDeg">North positive.</param>
    /// <param name="longitudeDeg">East positive.</param>
    /// <param name="covered">Share of the sky covered, 0 to 1, the same on both days.</param>
    public static SunExposure From(DateTimeOffset from, double latitudeDeg, double longitudeDeg, double covered)
    {
        var place = new SunPlace(latitudeDeg, longitudeDeg, covered);
        var midnight = place.SolarMidnightAfter(from);
        var today = place.StrongBetween(from, midnight);
        if (today.Hours < Sunlight.HalfDayHours)
        {
            return new SunExposure(0, today, null, null);
        }

        if (today.Hours >= Sunlight.FullDayHours && covered <= Sunlight.MostCoverForOneDay)
        {
            var enough = place.AfterStrongHours(from, Sunlight.FullDayHours);
            return new SunExposure(1, today, Later(from.AddHours(FullDayClockHours), enough), null);
        }

        var tomorrow = place.StrongBetween(midnight, midnight.AddMinutes(DayMinutes));
        return tomorrow.Hours >= Sunlight.HalfDayHours && tomorrow is { From: { } again, Until: { } until }
            ? new SunExposure(2, today, until < again.AddHours(FullDayClockHours) ? until : again.AddHours(FullDayClockHours), again)
            : new SunExposure(0, today, null, null);
    }

    private static DateTimeOffset Later(DateTimeOffset a, DateTimeOffset b) => a > b ? a : b;

    private sealed class SunPlace(double latitudeDeg, double longitudeDeg, double covered)
    {
        private readonly double _factor = Sunlight.CloudFactor(covered);

        public StrongSpan StrongBetween(DateTimeOffset from, DateTimeOffset until)
        {
            DateTimeOffset? first = null,
                last = null;
            var minutes = 0;
            for (var at = from; at < until; at = at.AddMinutes(1))
            {
                if (IsStrong(at))
                {
                    first ??= at;
                    last = at.AddMinutes(1);
                    minutes++;
                }
            }

            return new StrongSpan(minutes / 60.0, first, last);
        }

        /// <summary>The instant by which so many strong hours have been counted; there must be as many before the next midnight.</summary>
        public DateTimeOffset AfterStrongHours(DateTimeOffset from, double hours)
        {
            var (at, left) = (from, hours * 60);
            while (left > 0)
            {
                left -= IsStrong(at) ? 1 : 0;
                at = at.AddMinutes(1);
            }

            return at;
        }

        /// <summary>The next instant at which the sun is lowest: a day of its own ends there, whatever the clock says.</summary>
        public DateTimeOffset SolarMidnightAfter(DateTimeOffset from)
        {
            // The noon of that day is at most a day off, so the midnight before it is never more than a day ahead.
            var noon = SunPosition.SolarNoon(DateOnly.FromDateTime(from.UtcDateTime), longitudeDeg);
            var midnight = noon.AddHours(-12);
            while (midnight <= from)
            {
                midnight = midnight.AddHours(24);
            }

            return midnight;
        }

        private bool IsStrong(DateTimeOffset at) =>
            Sunlight.ClearSkyWPerM2(SunPosition.ElevationDeg(at, latitudeDeg, longitudeDeg)) * _factor >= Sunlight.StrongWPerM2;
    }
}
