using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>Chlorine dioxide: the one field chemical that reaches Cryptosporidium.</summary>
public static class ChlorineDioxideCt
{
    /// <summary>Where the figures against Cryptosporidium come from; shown with the working.</summary>
    public const string CryptosporidiumSource = "US EPA Long Term 2 Enhanced Surface Water Treatment Rule";

    /// <summary>Where the other figures come from; shown with the working.</summary>
    public const string TablesSource = "US EPA Surface Water Treatment Rule, chlorine dioxide";

    /// <summary>The LT2 table ends here, °C; warmer water is not credited with more.</summary>
    private const double WarmestC = 30;

    private static readonly LogInterpolation GiardiaCt3Log = new((1, 63), (5, 26), (10, 23), (15, 19), (20, 15), (25, 11));

    private static readonly LogInterpolation VirusCt4Log = new((1, 50.1), (5, 33.4), (10, 25.1), (15, 16.7), (20, 12.5), (25, 8.4));

    /// <summary>CT in mg·min/L for <paramref name="logs"/> of Cryptosporidium: L/(0.001506·1.09116^T).</summary>
    public static double CryptosporidiumCt(double logs, double temperatureC) =>
        logs / (0.001506 * Math.Pow(1.09116, Math.Min(temperatureC, WarmestC)));

    internal static InactivationRate Rate(OrganismClass organism, ContactConditions at) =>
        organism switch
        {
            OrganismClass.Giardia => InactivationRate.ByCt(
                3,
                GiardiaCt3Log.At(at.TemperatureC),
                at.ResidualMgPerL,
                "CT for 3 log from the table, linear in log CT",
                TablesSource
            ),
            OrganismClass.Viruses => InactivationRate.ByCt(
                4,
                VirusCt4Log.At(at.TemperatureC),
                at.ResidualMgPerL,
                "CT for 4 log from the table, linear in log CT",
                TablesSource
            ),
            _ => InactivationRate.ByCt(
                3,
                CryptosporidiumCt(3, at.TemperatureC),
                at.ResidualMgPerL,
                "L = 0.001506·1.09116^T·CT",
                CryptosporidiumSource
            ),
        };
}
