using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>Iodine: field tables of minutes for Giardia and viruses together; nothing for Cryptosporidium.</summary>
public static class IodineTimes
{
    /// <summary>The table starts here, mg/L; a weaker residual is not credited.</summary>
    public const double WeakestMgPerL = 2;

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Backer, field disinfection tables for iodine";

    /// <summary>Why nothing is credited against Cryptosporidium; shown with the working.</summary>
    public const string CryptosporidiumSource = "Iodine does not reach Cryptosporidium: always 0";

    private static readonly double[] Temperatures = [5, 15, 30];
    private static readonly double[] LogConcentrations = [Math.Log(2), Math.Log(4), Math.Log(8)];

    // Rows 2, 4, 8 mg/L; columns 5, 15, 30 °C.
    private static readonly double[][] Minutes =
    [
        [240, 180, 60],
        [180, 60, 45],
        [60, 30, 15],
    ];

    /// <summary>
    /// Minutes to 3 log Giardia and 4 log viruses, bilinear in temperature and log concentration. Below 5 °C the 5 °C value
    /// doubles. Above 8 mg/L or 30 °C the table's edge holds. Null below 2 mg/L.
    /// </summary>
    public static double? MinutesToTarget(ContactConditions at)
    {
        if (at.ResidualMgPerL < WeakestMgPerL)
        {
            return null;
        }

        var (row, up) = Locate(LogConcentrations, Math.Log(at.ResidualMgPerL));
        var (column, right) = Locate(Temperatures, at.TemperatureC);
        var weak = Between(Minutes[row][column], Minutes[row][column + 1], right);
        var strong = Between(Minutes[row + 1][column], Minutes[row + 1][column + 1], right);
        return Between(weak, strong, up) * (at.TemperatureC < Temperatures[0] ? 2 : 1);
    }

    internal static InactivationRate Rate(OrganismClass organism, ContactConditions at)
    {
        if (organism == OrganismClass.Cryptosporidium)
        {
            return InactivationRate.None(CryptosporidiumSource);
        }

        return MinutesToTarget(at) is { } minutes
            ? new InactivationRate(
                LogTarget.Standard(organism) / minutes,
                "minutes from the table, bilinear in T and log C; × 2 below 5 °C",
                Source,
                minutes,
                RequirementKind.Minutes
            )
            : InactivationRate.None("Iodine below 2 mg/L is outside the table: not counted");
    }

    private static (int Index, double Share) Locate(double[] axis, double at)
    {
        var index = at < axis[1] ? 0 : 1;
        return (index, Math.Clamp((at - axis[index]) / (axis[index + 1] - axis[index]), 0, 1));
    }

    private static double Between(double from, double to, double share) => from + (share * (to - from));
}
