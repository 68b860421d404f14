
namespace JollyBrook.Core.Chemistry;

/// <summary>A volume that takes a whole number of tablets.</summary>
/// <param name="VolumeL">Litres, rounded down to what can be poured.</param>
/// <param name="Units">Tablets or drops for it.</param>
public sealed record WholeFill(double VolumeL, int Units);

/// <summary>Whole tablets or drops for a volume, rounded up, or the reason why no whole number will do.</summary>
/// <param name="Units">Tablets, or drops of each part; 0 when refused.</param>
/// <param name="ExactUnits">Before rounding.</param>
/// <param name="MgPerL">What the whole units give, mg/L.</param>
/// <param name="TooStrong">Whether even the fewest whole units would pass the ceiling.</param>
public sealed record CountedDose(int Units, double ExactUnits, double MgPerL, bool TooStrong)
{
    public const string Formula = "n = ⌈D·V/m⌉";

    /// <summary>Forgives binary rounding just above a whole number.</summary>
    private const double Rounding = 1e-9;

    /// <param name="strength">The strength asked for.</param>
    /// <param name="volumeL">Litres in the container.</param>
    /// <param name="mgPerUnit">Disinfectant in one tablet or drop (of each part), mg.</param>
    /// <param name="labelUnits">A count the label itself asks for, before rounding; the floor where the dropper is the maker's.</param>
    public static CountedDose For(DoseStrength strength, double volumeL, double mgPerUnit, double labelUnits)
    {
        ArgumentNullException.ThrowIfNull(strength);
        var mostUnits = strength.RoundedLimitMgPerL * volumeL / mgPerUnit;
        var most = (int)Math.Floor(mostUnits + Rounding);
        var floorUnits = Math.Max(strength.LabelMgPerL * volumeL / mgPerUnit, Math.Min(labelUnits, mostUnits));
        var floor = Up(floorUnits);
        var exact = Math.Max(floorUnits, strength.AskedMgPerL * volumeL / mgPerUnit);
        if (floor > most)
        {
            return new CountedDose(0, exact, 0, true);
        }

        // A computed raise gives way to the ceiling; the label's dose does not.
        var units = Math.Max(floor, Math.Min(Up(exact), (int)Math.Floor((strength.CeilingMgPerL * volumeL / mgPerUnit) + Rounding)));
        return new CountedDose(units, exact, units * mgPerUnit / volumeL, false);
    }

    /// <summary>The nearest fills below and above that take a whole number of units at the strength asked for.</summary>
    public static IReadOnlyList<WholeFill> WholeFills(DoseStrength strength, double mgPerUnit, double exactUnits)
    {
        ArgumentNullException.ThrowIfNull(strength);
        var (below, above) = ((int)Math.Floor(exactUnits + Rounding), Up(exactUnits));
        return below == above
            ? []
            : [.. new[] { below, above }.Where(n => n > 0).Select(n => new WholeFill(Pourable(n * mgPerUnit / strength.AskedMgPerL), n))];
    }

    private static int Up(double units) => (int)Math.Ceiling(units - Rounding);

    private static double Pourable(double litres) => Math.Floor((litres * 100) + Rounding) / 100;
}
