using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>Free chlorine: CT for Giardia and viruses, nothing for Cryptosporidium.</summary>
public static class FreeChlorineCt
{
    /// <summary>What an unknown pH counts as; higher pH makes chlorine weaker.</summary>
    public const double UnknownPH = 8.0;

    /// <summary>Where the figures against Giardia come from; shown with the working.</summary>
    public const string GiardiaSource = "Smith, Clark et al., fit of the US EPA SWTR tables";

    /// <summary>Where the figures against viruses come from; shown with the working.</summary>
    public const string VirusSource = "US EPA Surface Water Treatment Rule, viruses, pH 6–9";

    /// <summary>Why nothing is credited against Cryptosporidium; shown with the working.</summary>
    public const string CryptosporidiumSource = "3 log needs about 15 300 mg·min/L of chlorine: counted as 0";

    /// <summary>Lifts the fit over every value of the published tables (pick).</summary>
    private const double TableMargin = 1.13;

    private static readonly LogInterpolation VirusCt4Log = new((0.5, 12), (5, 8), (10, 6), (15, 4), (20, 3), (25, 2));

    /// <summary>
    /// CT in mg·min/L for <paramref name="logs"/> of Giardia: 1.13 · 0.2828·L·pH^2.69·C^0.15·0.933^(T−5). The plain fit falls up to 11 %
    /// below the published tables; with the factor no table value lies above it. T is held to 0.5–25 °C,
    /// pH to 6–9 and the C inside the power to 0.4–4 mg/L, the range of the tables.
    /// </summary>
    public static double GiardiaCt(double logs, ContactConditions at) =>
        TableMargin
        * 0.2828
        * logs
        * Math.Pow(Math.Clamp(at.PH, 6, 9), 2.69)
        * Math.Pow(Math.Clamp(at.ResidualMgPerL, 0.4, 4), 0.15)
        * Math.Pow(0.933, Math.Clamp(at.TemperatureC, 0.5, 25) - 5);

    internal static InactivationRate Rate(OrganismClass organism, ContactConditions at) =>
        organism switch
        {
            OrganismClass.Giardia => InactivationRate.ByCt(
                3,
                GiardiaCt(3, at),
                at.ResidualMgPerL,
                "CT = 1.13·0.2828·L·pH^2.69·C^0.15·0.933^(T−5)",
                GiardiaSource
            ),
            OrganismClass.Viruses => InactivationRate.ByCt(
                4,
                VirusCt4Log.At(at.TemperatureC),
                at.ResidualMgPerL,
                "CT for 4 log from the table, linear in log CT",
                VirusSource
            ),
            _ => InactivationRate.None(CryptosporidiumSource),
        };
}
