namespace JollyBrook.Core.Route;

/// <summary>Clock hours of a trip as instants: by the trip's time zone on each of its days, summer time and its end included.</summary>
internal static class TripClock
{
    private const int HoursADay = 24;

    /// <summary>A clock hour as an instant, on the day it falls in by that day's clock.</summary>
    /// <param name="firstDay">The trip's first day.</param>
    /// <param name="day">From 0.</param>
    /// <param name="hour">Clock time, h after midnight of that day; past 24 it is of the days after.</param>
    /// <param name="offsetOn">How far the clock is ahead of UTC on a day.</param>
    public static DateTimeOffset At(DateOnly firstDay, int day, double hour, Func<int, TimeSpan> offsetOn)
    {
        var falls = day + (int)Math.Floor(hour / HoursADay);
        return new DateTimeOffset(firstDay.AddDays(falls), TimeOnly.MinValue, offsetOn(falls)).AddMinutes(
            Math.Round((hour - ((falls - day) * HoursADay)) * 60)
        );
    }

    /// <summary>How far the clock is ahead of UTC on a day; the last told stands for the days after it, null where none is.</summary>
    public static TimeSpan? OffsetOn(IReadOnlyList<double>? offsetsMinutes, int day) =>
        offsetsMinutes is { Count: > 0 } told ? TimeSpan.FromMinutes(told[Math.Clamp(day, 0, told.Count - 1)]) : null;
}
