namespace JollyBrook.Core.Chemistry;

/// <summary>A volume that takes a whole number of tablets or drops.</summary>
/// <param name="VolumeL">Litres, rounded to what can be poured.</param>
/// <param name="Units">Tablets or drops for it.</param>
public sealed record WholeFill(double VolumeL, double Units);

/// <summary>
/// Whole tablets or drops for one container of water. Rounded up, but never past the ceiling: where the fewest whole units would be too
/// strong for this much water, the fill that they fit is the answer.
/// </summary>
/// <param name="Units">Tablets, or drops of each part; 0 when no fill of this container will do.</param>
/// <param name="ExactUnits">Before rounding, for the water that was asked about.</param>
/// <param name="FillL">The water they are for, litres: what was asked about, or the fill that makes whole units fit.</param>
/// <param name="MgPerL">What the units give in that fill, mg/L, with what dosed water below it brings.</param>
public sealed record CountedDose(double Units, double ExactUnits, double FillL, double MgPerL)
{
    /// <summary>Units n from dose D, mg/L, volume V, L, and mg per unit m; rounded up; shown with the working.</summary>
    public const string Formula = "n = ⌈D·V/m⌉";

    /// <summary>
    /// A label's own count may be rounded down when the water is so little above it (pick). A litre in a label per US quart is 5.7 % over.
    /// </summary>
    public const double LabelSlack = 0.06;

    /// <summary>Forgives binary rounding just above a whole number.</summary>
    private const double Rounding = 1e-9;

    /// <summary>Whether no fill of this container takes a whole number of units.</summary>
    public bool FitsNone => Units <= 0;

    /// <param name="unit">One tablet or drop: what is in it, and the least step it is counted by.</param>
    /// <param name="strength">The strength asked for.</param>
    /// <param name="labelPerL">Units in a litre that the label itself asks for here; the floor where the dropper is the maker's.</param>
    /// <param name="volumeL">Litres to treat.</param>
    /// <param name="capacityL">What the container holds, litres; null when not known.</param>
    /// <param name="below">Dosed water that this is added to: the ceiling is for both together; null for a container of raw water.</param>
    internal static CountedDose For(
        DoseUnit unit,
        DoseStrength strength,
        double labelPerL,
        double volumeL,
        double? capacityL,
        DosedWater? below = null
    )
    {
        ArgumentNullException.ThrowIfNull(strength);
        var (belowL, belowMg) = below is null ? (0, 0) : (below.Litres, below.Litres * below.MgPerL);
        CountedDose Given(double units, double exact, double litres) =>
            new(units, exact, litres, ((units * unit.Mg) + belowMg) / (litres + belowL));
        // What drops of another size may come to is held by the ceiling.
        var floorPerL = Math.Max(strength.LabelMgPerL / unit.Mg, Math.Min(labelPerL, strength.CeilingMgPerL / unit.Mg));
        var exact = Math.Max(floorPerL, strength.AskedMgPerL / unit.Mg) * volumeL;
        var most = Math.Max(0, Down(((strength.CeilingMgPerL * (volumeL + belowL)) - belowMg) / unit.Mg, unit.Step));
        var floor = LabelCount(floorPerL * volumeL, unit, most);
        if (floor <= most)
        {
            // A computed raise gives way to the ceiling; the label's dose does not.
            return Given(strength.IsComputed ? Math.Max(floor, Math.Min(Up(exact, unit.Step), most)) : floor, exact, volumeL);
        }

        var up = Math.Ceiling((((((most + unit.Step) * unit.Mg) + belowMg) / strength.CeilingMgPerL) - belowL) * 100 - 1e-6) / 100;
        // A bottle whose brim is not known is filled up only where there is no other way.
        if (capacityL is { } brim ? up + belowL <= brim : most <= 0)
        {
            return Given(most + unit.Step, exact, up);
        }

        var down = Math.Floor((most / floorPerL * 100) + 1e-6) / 100;
        return most > 0 && down > 0 ? Given(most, exact, down) : new CountedDose(0, exact, volumeL, 0);
    }

    /// <summary>The nearest fills below and above that take a whole number of units at the strength asked for.</summary>
    public static IReadOnlyList<WholeFill> WholeFills(DoseUnit unit, DoseStrength strength, double exactUnits)
    {
        ArgumentNullException.ThrowIfNull(strength);
        var (below, above) = (Down(exactUnits, unit.Step), Up(exactUnits, unit.Step));
        return below == above
            ? []
            :
            [
                .. new[] { below, above }
                    .Where(n => n > 0)
                    .Select(n => new WholeFill(Math.Floor((n * unit.Mg / strength.AskedMgPerL * 100) + Rounding) / 100, n)),
            ];
    }

    /// <summary>
    /// Up to a whole number; down to one where the water is hardly more than the label's: tablets always, drops only where one more would
    /// pass the ceiling.
    /// </summary>
    private static double LabelCount(double exact, DoseUnit unit, double most)
    {
        var (lower, upper) = (Down(exact, unit.Step), Up(exact, unit.Step));
        return (unit.MayRoundDown || upper > most) && lower > 0 && exact <= lower * (1 + LabelSlack) ? lower : upper;
    }

    private static double Up(double units, double step) => Math.Ceiling((units / step) - Rounding) * step;

    private static double Down(double units, double step) => Math.Floor((units / step) + Rounding) * step;
}

/// <summary>One tablet, or one drop (of each part).</summary>
/// <param name="Mg">Disinfectant in it, mg.</param>
/// <param name="Step">What it is counted by: 1, or ½ where the label allows halves.</param>
/// <param name="MayRoundDown">Whether a hair above a whole number is that number: tablets.</param>
public readonly record struct DoseUnit(double Mg, double Step, bool MayRoundDown)
{
    /// <summary>The unit of a product at its strength now.</summary>
    public static DoseUnit Of(ChemicalProfile profile, double mg)
    {
        ArgumentNullException.ThrowIfNull(profile);
        return new DoseUnit(mg, profile is { Form: ProductForm.Tablet, Dose.MaySplit: true } ? 0.5 : 1, profile.Form == ProductForm.Tablet);
    }
}
