namespace JollyBrook.Core.Light;

/// <summary>Strength of sunlight and the rule by which too little of it does not count.</summary>
public static class Sunlight
{
    /// <summary>Strong enough to count, W/m².</summary>
    public const double StrongWPerM2 = 500;

    public const double FullDayHours = 5;

    public const double HalfDayHours = 2;

    public const string Source = "Haurwitz clear sky 1098·sin(h)·exp(−0.057/sin(h)) W/m²; cloud 1 − 0.75·n^3.4";

    /// <summary>Clear-sky sunlight on the flat in W/m² with the sun at <paramref name="elevationDeg"/>.</summary>
    public static double ClearSkyWPerM2(double elevationDeg)
    {
        var sine = Math.Sin(elevationDeg * Math.PI / 180);
        return sine <= 0 ? 0 : 1098 * sine * Math.Exp(-0.057 / sine);
    }

    /// <summary>What cloud leaves of it: 1 − 0.75·n^3.4, n the covered share.</summary>
    public static double CloudFactor(double covered) => 1 - (0.75 * Math.Pow(covered, 3.4));

    /// <summary>Hours a day with at least 500 W/m² under this cloud.</summary>
    public static double StrongHours(double latitudeDeg, DateOnly date, double covered)
    {
        var wanted = StrongWPerM2 / CloudFactor(covered);
        if (ClearSkyWPerM2(90) < wanted)
        {
            return 0;
        }

        // Sunlight only grows with the sun's height: halve the interval until it is found.
        var (low, high) = (0.0, 90.0);
        for (var i = 0; i < 40; i++)
        {
            var middle = (low + high) / 2;
            (low, high) = ClearSkyWPerM2(middle) < wanted ? (middle, high) : (low, middle);
        }

        return SunPosition.HoursAbove(high, latitudeDeg, SunPosition.DeclinationDeg(date));
    }

    /// <summary>Days of exposure: 1 from 5 strong hours under less than half cloud, 2 from 2 hours or under more cloud, else 0.</summary>
    public static int Days(double strongHours, double covered) =>
        strongHours < HalfDayHours ? 0 : strongHours >= FullDayHours && covered <= 0.5 ? 1 : 2;
}
