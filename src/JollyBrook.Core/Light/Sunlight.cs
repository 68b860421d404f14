namespace JollyBrook.Core.Light;

/// <summary>Strength of sunlight and the rule by which too little of it does not count.</summary>
public static class Sunlight
{
    /// <summary>Strong enough to count, W/m².</summary>
    public const double StrongWPerM2 = 500;

    /// <summary>Hours of strong sun that are enough on one day, h.</summary>
    public const double FullDayHours = 5;

    /// <summary>A day with fewer hours of strong sun does not count at all, h.</summary>
    public const double HalfDayHours = 2;

    /// <summary>Under more cloud than this it takes two days.</summary>
    public const double MostCoverForOneDay = 0.5;

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Haurwitz clear sky 1098·sin(h)·exp(−0.057/sin(h)) W/m²; cloud 1 − 0.75·n^3.4";

    /// <summary>Clear-sky sunlight on the flat in W/m² with the sun at <paramref name="elevationDeg"/>.</summary>
    public static double ClearSkyWPerM2(double elevationDeg)
    {
        var sine = Math.Sin(elevationDeg * Math.PI / 180);
        return sine <= 0 ? 0 : 1098 * sine * Math.Exp(-0.057 / sine);
    }

    /// <summary>What cloud leaves of it: 1 − 0.75·n^3.4, n the covered share.</summary>
    public static double CloudFactor(double covered) => 1 - (0.75 * Math.Pow(covered, 3.4));
}
