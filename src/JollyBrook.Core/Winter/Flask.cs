namespace JollyBrook.Core.Winter;

/// <summary>An insulated flask in the cold (handbook room 30): a full litre falls about 2.5 °C/h at −10 °C outside.</summary>
public static class Flask
{
    /// <summary>Time constant of a litre flask, h: 2.5 °C/h where 95 °C stands in −10 °C.</summary>
    public const double TimeConstantH = (95 + 10) / 2.5;

    /// <summary>Temperature T after t hours from T0 in air of Ta, °C; volume V in L; shown with the working.</summary>
    public const string Formula = "T = Ta + (T0 − Ta)·e^(−t/τ), τ = 42 h·V^(1/3)";

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Newton cooling; pick: a full litre flask loses 2.5 °C/h at −10 °C";

    /// <summary>How hot it is after so many hours, °C.</summary>
    public static double After(double hours, double volumeL, double fromC, double airC) =>
        airC + ((fromC - airC) * Math.Exp(-hours / (TimeConstantH * Math.Cbrt(volumeL))));
}
