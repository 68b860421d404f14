using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Drills;

/// <summary>A dose or a wait, answered by Treat's own engine.</summary>
/// <param name="Treat">What Treat is asked.</param>
/// <param name="AsksWait">Whether it asks for minutes.</param>
/// <inheritdoc cref="NumberQuestion"/>
internal sealed record DoseQuestion(
    Skill Trap,
    IReadOnlyList<string> Given,
    string Words,
    string Unit,
    bool AsksWait,
    TreatRequest Treat,
    (double Answer, string Slip)? Naive,
    string Rule
) : NumberQuestion(Trap, Given, Words, Unit, Naive, Rule)
{
    /// <summary>Water that no label counts as cold, °C.</summary>
    private const double MildC = 15;
    private static readonly string Mild = Speaker.Both(Quantity.Temperature, MildC);

    /// <summary>Treat has no answer to every label on every water.</summary>
    public override QuizSolution? Solve()
    {
        var treated = Treatment.Treat.Compute(Treat);
        return treated.Outcome == TreatOutcome.Refused ? null
            // Waiting longer is safe; a dose is exact.
            : AsksWait
                ? new NumberSolution(
                    treated.Contact!.WaitMinutes,
                    SafeSide.More,
                    $"{Rule} Label: {treated.Contact.LabelWords}.",
                    treated.Working
                )
            : new NumberSolution(treated.Dose!.Units, SafeSide.Exact, $"{Rule} Label: {treated.Dose.LabelWords}.", treated.Working);
    }

    public static QuizQuestion Gallon(Dice dice, OwnLabels own)
    {
        var gallons = dice.Whole(1, 3);
        var profile = own.Of(dice.Of(["nadcc-8.5", "nadcc-17", "clo2-tablet"]));
        var litres = gallons * UnitTable.LitresPerGallon;
        return new DoseQuestion(
            Trap: Skill.Gallon,
            Given:
            [
                $"A jug of {gallons} US {(gallons == 1 ? "gallon" : "gallons")}, clear, {Mild}.",
                $"{profile.Name}: {profile.Dose.Words}.",
            ],
            Words: "How many tablets?",
            Unit: "tablets",
            AsksWait: false,
            Treat: own.Ask(profile, litres, Clarity.Clear, MildC),
            Naive: (gallons, "That is one tablet a gallon: a US gallon is 3.785 L."),
            Rule: "A US gallon is 3.785 L; whole tablets, rounded up."
        );
    }

    public static QuizQuestion Quart(Dice dice, OwnLabels own)
    {
        var litres = dice.Of([1.0, 1.5, 2, 3, 4]);
        var cloudy = dice.Chance(0.4);
        var profile = own.Of("iodine-tincture");
        const string unit = "drops";
        var perQuart = profile.Dose.Amount * (cloudy ? profile.Dose.CloudyFactor : 1);
        return new DoseQuestion(
            Trap: Skill.Quart,
            Given:
            [
                $"{Speaker.Number(litres, 1)} L of {(cloudy ? "cloudy" : "clear")} water, {Mild}.",
                $"{profile.Name}: {profile.Dose.Words}.",
            ],
            Words: $"How many {unit}?",
            Unit: unit,
            AsksWait: false,
            Treat: own.Ask(profile, litres, cloudy ? Clarity.Cloudy : Clarity.Clear, MildC),
            Naive: (litres * perQuart, "A quart is less than a litre: 0.946 L. Rounded up, it takes more."),
            Rule: "A US quart is 0.946 L; round up."
        );
    }

    public static QuizQuestion Percent(Dice dice)
    {
        var litres = dice.Of([2.0, 4, 5, 10]);
        var strength = dice.Of([5.0, 6, 7.5, 8.25]);
        var months = dice.Of([0, 3, 6, 9]);
        var options = new ChemicalOptions(Light: BottleLight.ShadeOrOpaque, BleachStrengthPercent: strength, BleachAgeMonths: months);
        return new DoseQuestion(
            Trap: Skill.Percent,
            Given:
            [
                $"{Speaker.Number(litres, 0)} L of clear water, {Mild}.",
                $"Household bleach, {Speaker.Number(strength, 2)} %, {months} months from its pack date; 20 drops a mL.",
            ],
            Words: "How many drops?",
            Unit: "drops",
            AsksWait: false,
            Treat: OwnLabels.AskTemplate(ChemicalProfiles.BleachId, litres, Clarity.Clear, MildC, options),
            Naive: (2 * litres, "Two drops a litre is for fresh bleach of 6 %: strength and age change it."),
            Rule: "6 mg/L; a drop holds 10 × % ÷ 20 mg, and a fifth of it is lost in a year."
        );
    }

    public static QuizQuestion Drops(Dice dice, Speaker say)
    {
        var litres = dice.Of([2.0, 3, 4]);
        var perMl = dice.Of([12.0, 15, 25, 30]);
        var options = new ChemicalOptions(
            DateCheck.InDate,
            BottleLight.ShadeOrOpaque,
            BleachStrengthPercent: 6,
            BleachAgeMonths: 0,
            DropCount: new DropCount(perMl, 1)
        );
        return new DoseQuestion(
            Trap: Skill.Drops,
            Given:
            [
                $"{say.Of(Quantity.Volume, litres)} of clear water, {Mild}.",
                $"Fresh household bleach, 6 %. Your dropper gives {Speaker.Number(perMl, 0)} drops a mL.",
            ],
            Words: "How many drops of yours?",
            Unit: "drops",
            AsksWait: false,
            Treat: OwnLabels.AskTemplate(ChemicalProfiles.BleachId, litres, Clarity.Clear, MildC, options),
            Naive: (2 * litres, "Two drops a litre counts 20 drops a mL: yours are another size."),
            Rule: "mg in a drop = 10 × % ÷ drops in a mL; then 6 mg for each litre."
        );
    }

    public static QuizQuestion Cold(Dice dice, OwnLabels own, Speaker say)
    {
        var celsius = dice.Of([1.0, 3, 5, 7, 9]);
        var profile = own.Of(dice.Of(["nadcc-8.5", "nadcc-17", "iodine-tablet"]));
        return new DoseQuestion(
            Trap: Skill.Cold,
            Given:
            [
                $"A litre of clear water at {say.Of(Quantity.Temperature, celsius)}; pH not known.",
                $"{profile.Name}: {profile.Words}.",
            ],
            Words: "How many minutes, once it has dissolved?",
            Unit: "min",
            AsksWait: true,
            Treat: own.Ask(profile, 1, Clarity.Clear, celsius),
            Naive: (profile.Wait.Bacteria ?? 0, "That is the wait for warm water: the cold slows it down."),
            Rule: "In the cold it works slower: the longer of label and contact time counts."
        );
    }

    public static QuizQuestion Cloudy(Dice dice, OwnLabels own)
    {
        var litres = dice.Of([1.0, 2, 3, 4]);
        var profile = own.Of(dice.Of(["nadcc-8.5", "nadcc-17", "iodine-tincture"]));
        var unit = profile.Form == ProductForm.Tablet ? "tablets" : "drops";
        var clear = Math.Ceiling(profile.Dose.Amount * litres / profile.Dose.VolumeL);
        return new DoseQuestion(
            Trap: Skill.Cloudy,
            Given:
            [
                $"{Speaker.Number(litres, 0)} L of cloudy water, {Mild}; nothing to clear it with.",
                $"{profile.Name}: {profile.Dose.Words}{(profile.Dose.Words.Contains("cloudy", StringComparison.Ordinal) ? "" : "; cloudy: double")}.",
            ],
            Words: $"How many {unit}?",
            Unit: unit,
            AsksWait: false,
            Treat: own.Ask(profile, litres, Clarity.Cloudy, MildC),
            Naive: (clear, "That is the dose for clear water: what clouds it eats half."),
            Rule: "Cloudy water takes the label's cloudy dose, rounded up."
        );
    }

    public static QuizQuestion TopUp(Dice dice, OwnLabels own)
    {
        var profile = own.Of(dice.Of(["nadcc-8.5", "nadcc-17", "iodine-tablet"]));
        var stood = dice.Of([10.0, 15, 20]);
        return new DoseQuestion(
            Trap: Skill.TopUp,
            Given:
            [
                $"A litre of clear water at {Mild}, dosed, has stood for {Speaker.Number(stood, 0)} min. "
                    + "You add half a litre raw, with its dose.",
                $"{profile.Name}: {profile.Words}.",
            ],
            Words: "How many minutes from now, once it has dissolved?",
            Unit: "min",
            AsksWait: true,
            Treat: own.Ask(profile, 1.5, Clarity.Clear, MildC),
            Naive: (Math.Max(0, (profile.Wait.Bacteria ?? 0) - stood), "The clock begins anew: what was added has had no time at all."),
            Rule: "Whatever is added raw starts the whole wait again."
        );
    }
}
