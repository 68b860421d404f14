using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>What a chemical plan is asked.</summary>
/// <param name="Profile">The product's label.</param>
/// <param name="Water">The water as it is dosed.</param>
/// <param name="Options">What the traveller chose; what is left out counts as worse.</param>
/// <param name="Target">What must be reached.</param>
/// <param name="Before">What the chain has taken away already.</param>
/// <param name="CapacityL">What the container holds, litres; null when not known.</param>
/// <param name="DarkMinutes">Minutes of dark before the sun can reach a clear bottle; 0 when not known.</param>
public sealed record ChemicalQuestion(
    ChemicalProfile Profile,
    FieldWater Water,
    ChemicalOptions? Options,
    LogTarget Target,
    ChainSoFar Before,
    double? CapacityL = null,
    double DarkMinutes = 0
)
{
    /// <summary>Dosed water that this is added to; null for a container of raw water.</summary>
    internal DosedWater? Below { get; init; }

    /// <summary>The units for another water in the same place.</summary>
    internal CountedDose Count(FieldWater water, DoseUnit unit) => Count(water, DoseStrength.For(Profile, water), unit);

    /// <summary>The units for a water whose strength is known already.</summary>
    internal CountedDose Count(FieldWater water, DoseStrength strength, DoseUnit unit)
    {
        // The template's drops of bleach are scaled by strength; every other label's own count is the floor, a copied bleach label's too.
        var labelPerL = Profile is { IsHouseholdBleach: true, Copy: null }
            ? 0
            : Profile.Dose.PerL * (strength.LabelMgPerL / Profile.LabelMgPerL);
        return CountedDose.For(unit, strength, labelPerL, water.VolumeL, CapacityL, Below);
    }
}

/// <summary>
/// A chemical product as a barrier: dose, contact time and ledger. The label is the floor, twice the clear dose the ceiling.
/// </summary>
public static class ChemicalPlan
{
    /// <exception cref="BadInputException">A field is out of its range.</exception>
    public static ChemicalResult For(ChemicalQuestion ask, Intake intake)
    {
        ArgumentNullException.ThrowIfNull(ask);
        ArgumentNullException.ThrowIfNull(intake);
        var (profile, drawn) = (ask.Profile, ask.Water);
        var assumptions = new List<Assumption>();
        var setup = ChemicalSetup.Check(profile, ask.Options, intake, assumptions);
        intake.ThrowIfWrong();
        ChemicalUnknowns.Add(drawn, assumptions, intake.Say);
        var working = new Working();
        var cautions = ChemicalCautions.For(profile, drawn, intake.Say);
        ChemicalResult Refuse(Refusal refusal) =>
            new(
                Profile: profile,
                Water: drawn,
                Dose: null,
                Contact: null,
                Ledger: NoCredit(profile, ask.Target, refusal),
                Refusal: refusal,
                Assumptions: assumptions,
                Cautions: cautions,
                Working: working
            );
        if (ChemicalRefusals.Before(profile, drawn, setup) is { } refused)
        {
            return Refuse(refused);
        }

        var strength = DoseStrength.For(profile, drawn);
        var unit = DoseUnit.Of(profile, MgPerUnit(profile, setup, working));
        var counted = ask.Count(drawn, strength, unit);
        Explain(working, strength, counted, drawn, unit);
        if (counted.FitsNone)
        {
            return Refuse(ChemicalRefusals.TooStrong(profile, strength, unit, drawn.VolumeL, intake.Say));
        }

        var water = drawn with { VolumeL = counted.FillL };
        var light = setup.Light == BottleLight.ShadeOrOpaque ? ContactLight.Shade : new ContactLight(ask.DarkMinutes);
        var full = Conditions(CountedMgPerL(ask, water, unit, counted.MgPerL), water, setup, light, working);
        var atStart = full.ResidualMgPerL * light.FactorAtStart;
        if (atStart <= 0 || (profile.Active == ActiveIngredient.Iodine && atStart < IodineTimes.WeakestMgPerL))
        {
            return Refuse(
                ChemicalRefusals.NoResidual(
                    full with
                    {
                        ResidualMgPerL = atStart,
                    },
                    counted.MgPerL,
                    DisinfectantDemand.MgPerL(water.Clarity, water.Colour)
                )
            );
        }

        var contact = ContactTime.For(
            new ContactQuestion(
                Profile: profile,
                Water: water,
                Full: full,
                Light: light,
                Milder: Milder(ask, setup, unit),
                Before: ask.Before,
                Target: ask.Target,
                WithoutCryptosporidium: ask.Options?.WithoutCryptosporidium == true
            ),
            working
        );
        return new ChemicalResult(
            Profile: profile,
            Water: water,
            Dose: Dose(profile, strength, counted, drawn, unit, setup, intake.Say),
            Contact: new ContactAnswer(
                WaitMinutes: contact.WaitMinutes,
                LabelMinutes: contact.LabelMinutes,
                LabelWords: profile.Wait.Words,
                ComputedMinutes: contact.ComputedMinutes,
                Computed: contact.ComputedMinutes > contact.LabelMinutes,
                LongestFor: contact.LongestFor,
                DemandMgPerL: DisinfectantDemand.MgPerL(water.Clarity, water.Colour),
                ResidualMgPerL: atStart,
                MixStandMinutes: profile.MixStandMinutes,
                DissolveMinutes: DissolveMinutes(profile, water),
                Note: contact.Note,
                Shorter: contact.Shorter
            ),
            Ledger: contact.Ledger,
            Refusal: null,
            Assumptions: assumptions,
            Cautions: cautions,
            Working: working
        );
    }

    private static IReadOnlyList<LedgerRow> NoCredit(ChemicalProfile profile, LogTarget target, Refusal refusal) =>
        [.. OrganismClasses.All.Select(o => LogLedger.Row(o, target, [new LogCredit(profile.Name, 0, refusal.Reason)], null))];

    internal static double MgPerUnit(ChemicalProfile profile, ChemicalSetup setup, Working working)
    {
        if (profile.StockPercent is not { } labelPercent)
        {
            return profile.MgPerUnit;
        }

        var percent = labelPercent;
        if (profile.IsHouseholdBleach)
        {
            percent = Bleach.StrengthPercent(setup.BleachPercent, setup.BleachAgeMonths!.Value);
            working.Add(
                "Bleach strength now",
                "s = s0·(1 − 0.20·months/12)",
                Bleach.Source,
                WorkingValue.Of("s", percent, "%"),
                WorkingValue.Of("s0", setup.BleachPercent, "%"),
                WorkingValue.Of("age", setup.BleachAgeMonths.Value, "months")
            );
        }

        var mgPerDrop = 10 * percent / setup.DropsPerMl;
        working.Add(
            "Disinfectant in a drop",
            "m = 10·s/(drops per mL)",
            "Stock in mg/mL is ten times its % w/v",
            WorkingValue.Of("m", mgPerDrop, "mg"),
            WorkingValue.Of("s", percent, "%"),
            WorkingValue.Of("drops per mL", setup.DropsPerMl)
        );
        return mgPerDrop;
    }

    private static void Explain(Working working, DoseStrength strength, CountedDose counted, FieldWater water, DoseUnit unit)
    {
        working.Add(
            "Strength to dose",
            strength.Why ?? "the label's clear-water dose",
            DoseStrength.Source,
            WorkingValue.Of("D", strength.AskedMgPerL, "mg/L"),
            WorkingValue.Of("label", strength.LabelMgPerL, "mg/L"),
            WorkingValue.Of("ceiling", strength.CeilingMgPerL, "mg/L")
        );
        working.Add(
            "Count",
            CountedDose.Formula,
            "Whole tablets or drops, rounded up; a label's own number when the water is within 6 % of it; never past the ceiling",
            WorkingValue.Of("n", counted.Units),
            WorkingValue.Of("D", strength.AskedMgPerL, "mg/L"),
            WorkingValue.Of("V", water.VolumeL, "L"),
            WorkingValue.Of("m", unit.Mg, "mg"),
            WorkingValue.Of("exact", counted.ExactUnits),
            WorkingValue.Of("fill", counted.FillL, "L")
        );
    }

    /// <summary>
    /// The strength counted with. A drop is no exact measure: rounding up to whole drops is not counted as strength (pick). Nor do the
    /// drops that clearer or warmer water gets as well count for more because this water asks for more.
    /// </summary>
    private static double CountedMgPerL(ChemicalQuestion ask, FieldWater water, DoseUnit unit, double mgPerL) =>
        ask.Profile.Form == ProductForm.Tablet
            ? mgPerL
            : MilderWaters(ask.Profile, water)
                .Where(other => other == water || ask.Count(other, unit).MgPerL >= mgPerL - 1e-9)
                .Select(other => DoseStrength.For(ask.Profile, other).AskedMgPerL)
                .Append(mgPerL)
                .Min();

    /// <summary>What so many units leave to work in this water in the dark, mg/L.</summary>
    internal static double Residual(ChemicalProfile profile, FieldWater water, ChemicalSetup setup, double units)
    {
        var mgPerUnit = MgPerUnit(profile, setup, new Working());
        return LeftToWork(
            CountedMgPerL(
                new ChemicalQuestion(profile, water, null, LogTarget.Full, ChainSoFar.Nothing),
                water,
                DoseUnit.Of(profile, mgPerUnit),
                units * mgPerUnit / water.VolumeL
            ),
            water.Clarity,
            water.Colour
        );
    }

    /// <summary>max(0, dose − demand), mg/L.</summary>
    private static double LeftToWork(double doseMgPerL, Clarity clarity, WaterColour colour) =>
        Math.Max(0, doseMgPerL - DisinfectantDemand.MgPerL(clarity, colour));

    /// <summary>What the same product would leave to work in every clearer, less coloured or less cold water.</summary>
    private static List<ContactConditions> Milder(ChemicalQuestion ask, ChemicalSetup setup, DoseUnit unit)
    {
        var (profile, water) = (ask.Profile, ask.Water);
        var milder = new List<ContactConditions>();
        foreach (var other in MilderWaters(profile, water).Where(w => w != water))
        {
            var counted = ask.Count(other, unit);
            var residual = counted.FitsNone ? 0 : LeftToWork(CountedMgPerL(ask, other, unit, counted.MgPerL), other.Clarity, other.Colour);
            if (residual > 0)
            {
                milder.Add(new ContactConditions(residual, other.TemperatureC, setup.PH));
            }
        }

        return milder;
    }

    /// <summary>Every clearer, less coloured or less cold water, as far as its dose may be another; the water itself among them.</summary>
    private static IEnumerable<FieldWater> MilderWaters(ChemicalProfile profile, FieldWater water)
    {
        double[] temperatures =
            profile.Dose.DoublesWhenVeryCold && water.TemperatureC < ChemicalProfile.VeryColdBelowC
                ? [water.TemperatureC, ChemicalProfile.VeryColdBelowC]
                : [water.TemperatureC];
        WaterColour[] colours = water.Colour == WaterColour.None ? [WaterColour.None] : [WaterColour.None, water.Colour];
        return from temperature in temperatures
            from colour in colours
            from clarity in Enumerable.Range((int)Clarity.Clear, water.Clarity - Clarity.Clear + 1)
            select water with
            {
                TemperatureC = temperature,
                Colour = colour,
                Clarity = (Clarity)clarity,
            };
    }

    private static ContactConditions Conditions(
        double doseMgPerL,
        FieldWater water,
        ChemicalSetup setup,
        ContactLight light,
        Working working
    )
    {
        var residual = LeftToWork(doseMgPerL, water.Clarity, water.Colour);
        working.Add(
            "Strength left to work",
            "C = max(0, dose − demand)·sun",
            DisinfectantDemand.Source,
            WorkingValue.Of("C", residual * light.FactorAtStart, "mg/L"),
            WorkingValue.Of("dose", doseMgPerL, "mg/L"),
            WorkingValue.Of("demand", DisinfectantDemand.MgPerL(water.Clarity, water.Colour), "mg/L"),
            WorkingValue.Of("clarity", Turbidity.Spoken(water.Clarity)),
            WorkingValue.Of("colour", water.Colour.ToString().ToLowerInvariant()),
            WorkingValue.Of("sun", light.FactorAtStart)
        );
        return new ContactConditions(residual, water.TemperatureC, setup.PH);
    }

    /// <summary>Tablets dissolve slower in nearly ice-cold water: twice the minutes.</summary>
    private static double DissolveMinutes(ChemicalProfile profile, FieldWater water) =>
        profile.DissolveMinutes * (water.TemperatureC < ChemicalProfile.VeryColdBelowC ? 2 : 1);

    private static DoseAnswer Dose(
        ChemicalProfile profile,
        DoseStrength strength,
        CountedDose counted,
        FieldWater drawn,
        DoseUnit unit,
        ChemicalSetup setup,
        Speaker say
    ) =>
        new(
            Units: counted.Units,
            Words: DoseWords.Of(profile.Form, counted.Units),
            HandMeasure: profile.Form != ProductForm.Tablet && counted.Units > HandMeasure.MostDropsToCount
                ? HandMeasure.Of(counted.Units / setup.DropsPerMl) + (profile.Form == ProductForm.TwoPartDrops ? " of each part" : "")
                : null,
            MgPerL: counted.MgPerL,
            LabelMgPerL: strength.LabelMgPerL,
            LabelWords: profile.Dose.Words,
            Computed: strength.IsComputed && counted.MgPerL > strength.LabelMgPerL,
            Why: strength.Why,
            FillHint: FillHint(profile, strength, counted, drawn.VolumeL, unit, say),
            NeutraliserMg: Neutraliser.AscorbicAcidMg(profile.Active, counted.MgPerL * counted.FillL),
            FillL: counted.FillL
        );

    private static string? FillHint(
        ChemicalProfile profile,
        DoseStrength strength,
        CountedDose counted,
        double volumeL,
        DoseUnit unit,
        Speaker say
    )
    {
        if (Math.Abs(counted.FillL - volumeL) > 1e-9)
        {
            return $"{(counted.FillL > volumeL ? "Fill up" : "Fill only")} to {say.Of(Quantity.Volume, counted.FillL)}: "
                + $"in {say.Of(Quantity.Volume, volumeL)} no whole number fits between the label and twice "
                + "the clear-water dose.";
        }

        if (profile.Form != ProductForm.Tablet)
        {
            return null;
        }

        var fills = CountedDose.WholeFills(unit, strength, counted.ExactUnits);
        return fills.Count == 0
            ? null
            : "A whole number fits exactly at "
                + $"{string.Join(" and at ", fills.Select(f => $"{say.Of(Quantity.Volume, f.VolumeL)} ({DoseWords.Of(profile.Form, f.Units)})"))}; "
                + (
                    counted.Units < counted.ExactUnits
                        ? $"{say.Of(Quantity.Volume, volumeL)} is so little more that the label's number holds."
                        : $"{say.Of(Quantity.Volume, volumeL)} is rounded up."
                );
    }
}
