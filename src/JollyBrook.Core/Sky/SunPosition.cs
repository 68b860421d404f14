namespace JollyBrook.Core.Sky;

/// <summary>Where the sun stands, by the NOAA solar equations (the general series, good to a few tenths of a degree).</summary>
public static class SunPosition
{
    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "NOAA solar equations: declination and equation of time";

    /// <summary>The sun's declination in degrees at noon of a day.</summary>
    public static double DeclinationDeg(DateOnly date)
    {
        var g = FractionalYear(date);
        return (
                0.006918
                - (0.399912 * Math.Cos(g))
                + (0.070257 * Math.Sin(g))
                - (0.006758 * Math.Cos(2 * g))
                + (0.000907 * Math.Sin(2 * g))
                - (0.002697 * Math.Cos(3 * g))
                + (0.00148 * Math.Sin(3 * g))
            )
            * 180
            / Math.PI;
    }

    /// <summary>Minutes by which the sun runs ahead of the clock.</summary>
    public static double EquationOfTimeMinutes(DateOnly date)
    {
        var g = FractionalYear(date);
        return 229.18
            * (
                0.000075 + (0.001868 * Math.Cos(g)) - (0.032077 * Math.Sin(g)) - (0.014615 * Math.Cos(2 * g)) - (0.040849 * Math.Sin(2 * g))
            );
    }

    /// <summary>The sun's height in degrees at an hour angle from noon.</summary>
    public static double ElevationDeg(double latitudeDeg, double declinationDeg, double hourAngleDeg)
    {
        var (lat, dec, hour) = (Rad(latitudeDeg), Rad(declinationDeg), Rad(hourAngleDeg));
        return Math.Asin((Math.Sin(lat) * Math.Sin(dec)) + (Math.Cos(lat) * Math.Cos(dec) * Math.Cos(hour))) * 180 / Math.PI;
    }

    /// <summary>The sun's height in degrees at an instant and place (north and east positive).</summary>
    public static double ElevationDeg(DateTimeOffset at, double latitudeDeg, double longitudeDeg)
    {
        var utc = at.UtcDateTime;
        var date = DateOnly.FromDateTime(utc);
        var solarMinutes = utc.TimeOfDay.TotalMinutes + (4 * longitudeDeg) + EquationOfTimeMinutes(date);
        return ElevationDeg(latitudeDeg, DeclinationDeg(date), (solarMinutes / 4) - 180);
    }

    /// <summary>The instant of solar noon at a longitude (east positive).</summary>
    public static DateTimeOffset SolarNoon(DateOnly date, double longitudeDeg) =>
        new DateTimeOffset(date.ToDateTime(TimeOnly.MinValue), TimeSpan.Zero).AddMinutes(
            Math.Round(720 - (4 * longitudeDeg) - EquationOfTimeMinutes(date))
        );

    private static double FractionalYear(DateOnly date) =>
        2 * Math.PI / (DateTime.IsLeapYear(date.Year) ? 366 : 365) * (date.DayOfYear - 1);

    private static double Rad(double degrees) => degrees * Math.PI / 180;
}
