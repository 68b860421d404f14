namespace JollyBrook.Core.Sky;

/// <summary>Whether the sun is up at a place, and how long the dark lasts.</summary>
public static class Daylight
{
    /// <summary>The sun's upper edge stands on the horizon, refraction counted, degrees.</summary>
    public const double SunriseDeg = -0.833;

    /// <summary>A polar night is looked at no farther than this, minutes.</summary>
    private const int LongestLookMinutes = 2 * 24 * 60;

    /// <summary>Minutes from an instant until the sun is up: 0 while it is, at most two days.</summary>
    public static double MinutesOfDark(DateTimeOffset from, double latitudeDeg, double longitudeDeg)
    {
        var minute = 0;
        while (minute < LongestLookMinutes && SunPosition.ElevationDeg(from.AddMinutes(minute), latitudeDeg, longitudeDeg) < SunriseDeg)
        {
            minute++;
        }

        // The minute in which it rises is a minute of light.
        return Math.Max(0, minute - 1);
    }

    /// <summary>The dark in the minutes after an instant.</summary>
    /// <param name="from">Where the minutes begin.</param>
    /// <param name="latitudeDeg">North positive.</param>
    /// <param name="longitudeDeg">East positive.</param>
    /// <param name="minutes">How far to look, min; no farther than two days.</param>
    /// <returns>Each dark within it, to ten minutes: for drawing, not for reckoning.</returns>
    public static IReadOnlyList<DarkSpan> Darks(DateTimeOffset from, double latitudeDeg, double longitudeDeg, double minutes)
    {
        const int step = 10;
        List<DarkSpan> spans = [];
        double? since = null;
        var end = Math.Min(minutes, LongestLookMinutes);
        for (var minute = 0; minute < end; minute += step)
        {
            var isDark = SunPosition.ElevationDeg(from.AddMinutes(minute), latitudeDeg, longitudeDeg) < SunriseDeg;
            if (isDark)
            {
                since ??= minute;
            }
            else if (since is { } began)
            {
                spans.Add(new DarkSpan(began, minute));
                since = null;
            }
        }

        if (since is { } open)
        {
            spans.Add(new DarkSpan(open, end));
        }

        return spans;
    }
}

/// <summary>A time without sun, in minutes after an instant.</summary>
/// <param name="FromMinutes">When it begins, min.</param>
/// <param name="ToMinutes">When it ends, min.</param>
public sealed record DarkSpan(double FromMinutes, double ToMinutes);
