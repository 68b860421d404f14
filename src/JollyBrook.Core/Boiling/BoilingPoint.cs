namespace JollyBrook.Core.Boiling;

/// <summary>Boiling point of water from elevation.</summary>
public static class BoilingPoint
{
    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "ICAO standard atmosphere; Antoine equation for water";

    /// <summary>Air pressure p, Pa, from height h, m; shown with the working.</summary>
    public const string PressureFormula = "p = 101325·(1 − 2.25577e-5·h)^5.25588";

    /// <summary>Boiling point Tb, °C, from pressure p, Pa; shown with the working.</summary>
    public const string TemperatureFormula = "Tb = 1730.63/(8.07131 − log10(p/133.322)) − 233.426";

    private const double PascalPerMmHg = 133.322;

    /// <summary>Standard-atmosphere pressure in Pa at <paramref name="elevationM"/> (−430 to 9 000 m).</summary>
    public static double PressurePa(double elevationM) => 101325 * Math.Pow(1 - (2.25577e-5 * elevationM), 5.25588);

    /// <summary>Boiling point in °C at a pressure in Pa (Antoine, water, 1 to 100 °C).</summary>
    public static double AtPressureC(double pressurePa) => (1730.63 / (8.07131 - Math.Log10(pressurePa / PascalPerMmHg))) - 233.426;

    /// <summary>Boiling point in °C at <paramref name="elevationM"/>.</summary>
    public static double AtElevationC(double elevationM) => AtPressureC(PressurePa(elevationM));
}
