using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>A chemical product as a barrier: dose, contact time and ledger. The label is the floor, twice the clear dose the ceiling.</summary>
public static class ChemicalPlan
{
    /// <exception cref="BadInputException">A field is out of its range.</exception>
    public static ChemicalResult For(
        ChemicalProfile profile, FieldWater water, ChemicalOptions? options, LogTarget target, Intake intake)
    {
        ArgumentNullException.ThrowIfNull(profile);
        ArgumentNullException.ThrowIfNull(water);
        ArgumentNullException.ThrowIfNull(intake);
        var assumptions = new List<Assumption>();
        var setup = ChemicalSetup.Check(profile, options, intake, assumptions);
        intake.ThrowIfWrong();

        ChemicalUnknowns.Add(water, assumptions, intake.Say);
        var working = new Working();
        var cautions = ChemicalCautions.For(profile, water, intake.Say);
        ChemicalResult Refuse(Refusal refusal) => new(
            profile, null, null, NoCredit(profile, target, refusal), refusal, assumptions, cautions, working);

        if (ChemicalRefusals.Before(profile, water, setup) is { } refused)
        {
            return Refuse(refused);
        }

        var strength = DoseStrength.For(profile, water);
        var mgPerUnit = MgPerUnit(profile, setup, working);
        var counted = Count(profile, strength, water, mgPerUnit);
        Explain(working, strength, counted, water, mgPerUnit);
        if (counted.TooStrong)
        {
            return Refuse(ChemicalRefusals.TooStrong(profile, strength, mgPerUnit, counted, intake.Say));
        }

        var demand = DisinfectantDemand.MgPerL(water.Clarity, water.Colour);
        var at = Conditions(CountedMgPerL(profile, strength, counted.MgPerL), demand, water, setup, working);
        if (at.ResidualMgPerL <= 0 || (profile.Active == ActiveIngredient.Iodine && at.ResidualMgPerL < IodineTimes.WeakestMgPerL))
        {
            return Refuse(ChemicalRefusals.NoResidual(at, counted.MgPerL, demand));
        }

        var contact = ContactTime.For(profile, water, at, Milder(profile, water, setup, mgPerUnit), target, working);
        return new ChemicalResult(
            profile,
            Dose(profile, strength, counted, water, mgPerUnit, setup, intake.Say),
            new ContactAnswer(
                contact.WaitMinutes, contact.LabelMinutes, profile.Wait.Words, contact.ComputedMinutes,
                contact.ComputedMinutes > contact.LabelMinutes, contact.LongestFor, demand, at.ResidualMgPerL,
                profile.MixStandMinutes, DissolveMinutes(profile, water), contact.Note),
            contact.Ledger, null, assumptions, cautions, working);
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
                "Bleach strength now", "s = s0·(1 − 0.20·months/12)", Bleach.Source,
                WorkingValue.Of("s", percent, "%"),
                WorkingValue.Of("s0", setup.BleachPercent, "%"), WorkingValue.Of("age", setup.BleachAgeMonths.Value, "months"));
        }

        var mgPerDrop = 10 * percent / setup.DropsPerMl;
        working.Add(
            "Disinfectant in a drop", "m = 10·s/(drops per mL)", "Stock in mg/mL is ten times its % w/v",
            WorkingValue.Of("m", mgPerDrop, "mg"),
            WorkingValue.Of("s", percent, "%"), WorkingValue.Of("drops per mL", setup.DropsPerMl));
        return mgPerDrop;
    }

    private static CountedDose Count(ChemicalProfile profile, DoseStrength strength, FieldWater water, double mgPerUnit)
    {
        // Bleach is scaled by strength; every other label's own count is the floor.
        var labelUnits = profile.IsHouseholdBleach
            ? 0
            : profile.Dose.Amount * (strength.LabelMgPerL / profile.LabelMgPerL) * water.VolumeL / profile.Dose.VolumeL;
        return CountedDose.For(strength, water.VolumeL, mgPerUnit, labelUnits);
    }

    private static void Explain(
        Working working, DoseStrength strength, CountedDose counted, FieldWater water, double mgPerUnit)
    {
        working.Add(
            "Strength to dose", strength.Why ?? "the label's clear-water dose", DoseStrength.Source,
            WorkingValue.Of("D", strength.AskedMgPerL, "mg/L"),
            WorkingValue.Of("label", strength.LabelMgPerL, "mg/L"), WorkingValue.Of("ceiling", strength.CeilingMgPerL, "mg/L"));
        working.Add(
            "Count", CountedDose.Formula, "Whole tablets or drops, rounded up",
            WorkingValue.Of("n", counted.Units),
            WorkingValue.Of("D", strength.AskedMgPerL, "mg/L"), WorkingValue.Of("V", water.VolumeL, "L"),
            WorkingValue.Of("m", mgPerUnit, "mg"), WorkingValue.Of("exact", counted.ExactUnits));
    }

    /// <summary>The strength counted with. A drop is no exact measure: rounding up to whole drops is not counted as strength (pick).</summary>
    private static double CountedMgPerL(ChemicalProfile profile, DoseStrength strength, double mgPerL) =>
        profile.Form == ProductForm.Tablet ? mgPerL : Math.Min(mgPerL, strength.AskedMgPerL);

    /// <summary>What so many units leave to work in this water, mg/L.</summary>
    internal static double Residual(ChemicalProfile profile, FieldWater water, ChemicalSetup setup, double units)
    {
        var mgPerL = units * MgPerUnit(profile, setup, new Working()) / water.VolumeL;
        return LeftToWork(
            CountedMgPerL(profile, DoseStrength.For(profile, water), mgPerL), DisinfectantDemand.MgPerL(water.Clarity, water.Colour), setup);
    }

    /// <summary>max(0, dose − demand), halved in the sun, mg/L.</summary>
    private static double LeftToWork(double doseMgPerL, double demandMgPerL, ChemicalSetup setup) =>
        Math.Max(0, doseMgPerL - demandMgPerL) * SunFactor(setup);

    private static double SunFactor(ChemicalSetup setup) => setup.Light == BottleLight.ShadeOrOpaque ? 1 : 0.5;

    /// <summary>What the same product would leave to work in every clearer, less coloured or less cold water.</summary>
    private static List<ContactConditions> Milder(ChemicalProfile profile, FieldWater water, ChemicalSetup setup, double mgPerUnit)
    {
        double[] temperatures = profile.Dose.DoublesWhenVeryCold && water.TemperatureC < ChemicalProfile.VeryColdBelowC
            ? [water.TemperatureC, ChemicalProfile.VeryColdBelowC]
            : [water.TemperatureC];
        WaterColour[] colours = water.Colour == WaterColour.None ? [WaterColour.None] : [WaterColour.None, water.Colour];
        var milder = new List<ContactConditions>();
        foreach (var temperature in temperatures)
        {
            foreach (var colour in colours)
            {
                for (var clarity = Clarity.Clear; clarity <= water.Clarity; clarity++)
                {
                    var other = water with { TemperatureC = temperature, Colour = colour, Clarity = clarity };
                    var strength = DoseStrength.For(profile, other);
                    var counted = Count(profile, strength, other, mgPerUnit);
                    var residual = LeftToWork(CountedMgPerL(profile, strength, counted.MgPerL), DisinfectantDemand.MgPerL(clarity, colour), setup);
                    if (!counted.TooStrong && residual > 0 && other != water)
                    {
                        milder.Add(new ContactConditions(residual, temperature, setup.PH));
                    }
                }
            }
        }

        return milder;
    }

    private static ContactConditions Conditions(
        double doseMgPerL, double demand, FieldWater water, ChemicalSetup setup, Working working)
    {
        var sunFactor = SunFactor(setup);
        var residual = LeftToWork(doseMgPerL, demand, setup);
        working.Add(
            "Strength left to work", "C = max(0, dose − demand)·sun", DisinfectantDemand.Source,
            WorkingValue.Of("C", residual, "mg/L"),
            WorkingValue.Of("dose", doseMgPerL, "mg/L"), WorkingValue.Of("demand", demand, "mg/L"),
            WorkingValue.Of("clarity", Turbidity.Spoken(water.Clarity)),
            WorkingValue.Of("colour", water.Colour.ToString().ToLowerInvariant()),
            WorkingValue.Of("sun", sunFactor));
        return new ContactConditions(residual, water.TemperatureC, setup.PH);
    }

    /// <summary>Tablets dissolve slower in nearly ice-cold water: twice the minutes.</summary>
    private static double DissolveMinutes(ChemicalProfile profile, FieldWater water) =>
        profile.DissolveMinutes * (water.TemperatureC < ChemicalProfile.VeryColdBelowC ? 2 : 1);

    private static DoseAnswer Dose(
        ChemicalProfile profile, DoseStrength strength, CountedDose counted, FieldWater water, double mgPerUnit,
        ChemicalSetup setup, Speaker say)
    {
        var hint = profile.Form == ProductForm.Tablet
            ? FillHint(CountedDose.WholeFills(strength, mgPerUnit, counted.ExactUnits), water.VolumeL, say)
            : null;
        return new DoseAnswer(
            counted.Units,
            DoseWords.Of(profile.Form, counted.Units),
            profile.Form != ProductForm.Tablet && counted.Units > HandMeasure.MostDropsToCount
                ? HandMeasure.Of(counted.Units / setup.DropsPerMl) + (profile.Form == ProductForm.TwoPartDrops ? " of each part" : "")
                : null,
            counted.MgPerL,
            strength.LabelMgPerL,
            profile.Dose.Words,
            strength.IsComputed && counted.MgPerL > strength.LabelMgPerL,
            strength.Why,
            hint,
            Neutraliser.AscorbicAcidMg(profile.Active, counted.MgPerL * water.VolumeL));
    }

    private static string? FillHint(IReadOnlyList<WholeFill> fills, double volumeL, Speaker say) =>
        fills.Count == 0
            ? null
            : $"A whole number fits exactly at {string.Join(" and at ", fills.Select(f =>
                $"{say.Of(Quantity.Volume, f.VolumeL)} ({DoseWords.Of(ProductForm.Tablet, f.Units)})"))}; " +
              $"{say.Of(Quantity.Volume, volumeL)} is rounded up.";
}
