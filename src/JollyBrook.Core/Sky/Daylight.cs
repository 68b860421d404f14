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
}
