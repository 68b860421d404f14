using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Drills;

/// <summary>One question with its trap.</summary>
/// <param name="Trap">The trap.</param>
/// <param name="Given">What is told.</param>
/// <param name="Words">What is asked.</param>
/// <param name="Unit">What the answer counts.</param>
/// <param name="AsksWait">Whether it asks for minutes.</param>
/// <param name="Treat">What Treat is asked to mark it.</param>
/// <param name="Naive">The answer of somebody who fell into the trap, and what slipped.</param>
/// <param name="Rule">The rule behind it.</param>
internal sealed record QuizQuestion(
    Skill Trap, IReadOnlyList<string> Given, string Words, string Unit, bool AsksWait, TreatRequest Treat, (double Answer, string Slip)? Naive, string Rule)
{
    private const int MostDraws = 40;

    /// <summary>
    /// A question that Treat has an answer to: where it has none, another is drawn. The learner's own copied labels take the place of the
    /// generic ones of their kind.
    /// </summary>
    public static QuizQuestion Draw(double seed, Skill? trap, Speaker say, OwnLabels? own = null)
    {
        var dice = new Dice(Dice.Mix(seed, trap is { } t ? (int)t : 99));
        for (var draw = 0; ; draw++)
        {
            var question = Draw(dice, trap ?? dice.Of(Skills.Traps), draw < MostDraws && own is not null ? own : OwnLabels.None, say);
            if (Treatment.Treat.Compute(question.Treat).Outcome != TreatOutcome.Refused)
            {
                return question;
            }
        }
    }

    private static QuizQuestion Draw(Dice dice, Skill trap, OwnLabels own, Speaker say) => trap switch
    {
        Skill.Gallon => Gallon(dice, own),
        Skill.Quart => Quart(dice, own),
        Skill.Percent => Percent(dice),
        Skill.Drops => Drops(dice, say),
        Skill.Cold => Cold(dice, own, say),
        _ => Cloudy(dice, own),
    };

    public string Why(TreatResponse treatment) => AsksWait
        ? $"{Rule} Label: {treatment.Contact!.LabelWords}."
        : $"{Rule} Label: {treatment.Dose!.LabelWords}.";

    private static QuizQuestion Gallon(Dice dice, OwnLabels own)
    {
        var gallons = dice.Whole(1, 3);
        var profile = own.Of(dice.Of(["nadcc-8.5", "nadcc-17", "clo2-tablet"]));
        var litres = gallons * UnitTable.LitresPerGallon;
        return new(
            Skill.Gallon, [$"A jug of {gallons} US {(gallons == 1 ? "gallon" : "gallons")}, clear, 15 °C.", $"{profile.Name}: {profile.Dose.Words}."], "How many tablets?", "tablets", false,
            own.Ask(profile, litres, Clarity.Clear, 15), (gallons, "That is one tablet a gallon: a US gallon is 3.785 L."), "A US gallon is 3.785 L; whole tablets, rounded up.");
    }

    private static QuizQuestion Quart(Dice dice, OwnLabels own)
    {
        var litres = dice.Of([1.0, 1.5, 2, 3, 4]);
        var cloudy = dice.Chance(0.4);
        var profile = own.Of("iodine-tincture");
        const string unit = "drops";
        var perQuart = profile.Dose.Amount * (cloudy ? profile.Dose.CloudyFactor : 1);
        return new(
            Skill.Quart, [$"{Speaker.Number(litres, 1)} L of {(cloudy ? "cloudy" : "clear")} water, 15 °C.", $"{profile.Name}: {profile.Dose.Words}."], $"How many {unit}?", unit, false,
            own.Ask(profile, litres, cloudy ? Clarity.Cloudy : Clarity.Clear, 15), (litres * perQuart, "A quart is less than a litre: 0.946 L. Rounded up, it takes more."), "A US quart is 0.946 L; round up.");
    }

    private static QuizQuestion Percent(Dice dice)
    {
        var litres = dice.Of([2.0, 4, 5, 10]);
        var strength = dice.Of([5.0, 6, 7.5, 8.25]);
        var months = dice.Of([0, 3, 6, 9]);
        var options = new ChemicalOptions(Light: BottleLight.ShadeOrOpaque, BleachStrengthPercent: strength, BleachAgeMonths: months);
        return new(
            Skill.Percent, [$"{Speaker.Number(litres, 0)} L of clear water, 15 °C.", $"Household bleach, {Speaker.Number(strength, 2)} %, {months} months from its pack date; 20 drops a mL."], "How many drops?", "drops", false,
            OwnLabels.AskTemplate(ChemicalProfiles.BleachId, litres, Clarity.Clear, 15, options), (2 * litres, "Two drops a litre is for fresh bleach of 6 %: strength and age change it."),
            "6 mg/L; a drop holds 10 × % ÷ 20 mg, and a fifth of it is lost in a year.");
    }

    private static QuizQuestion Drops(Dice dice, Speaker say)
    {
        var litres = dice.Of([2.0, 3, 4]);
        var perMl = dice.Of([12.0, 15, 25, 30]);
        var options = new ChemicalOptions(DateCheck.InDate, BottleLight.ShadeOrOpaque, BleachStrengthPercent: 6, BleachAgeMonths: 0, DropCount: new DropCount(perMl, 1));
        return new(
            Skill.Drops, [$"{say.Of(Quantity.Volume, litres)} of clear water, 15 °C.", $"Fresh household bleach, 6 %. Your dropper gives {Speaker.Number(perMl, 0)} drops a mL."], "How many drops of yours?", "drops", false,
            OwnLabels.AskTemplate(ChemicalProfiles.BleachId, litres, Clarity.Clear, 15, options), (2 * litres, "Two drops a litre counts 20 drops a mL: yours are another size."), "mg in a drop = 10 × % ÷ drops in a mL; then 6 mg for each litre.");
    }

    private static QuizQuestion Cold(Dice dice, OwnLabels own, Speaker say)
    {
        var celsius = dice.Of([1.0, 3, 5, 7, 9]);
        var profile = own.Of(dice.Of(["nadcc-8.5", "nadcc-17", "iodine-tablet"]));
        return new(
            Skill.Cold, [$"A litre of clear water at {say.Of(Quantity.Temperature, celsius)}; pH not known.", $"{profile.Name}: {profile.Words}."], "How many minutes, once it has dissolved?", "min", true,
            own.Ask(profile, 1, Clarity.Clear, celsius), (profile.Wait.Bacteria ?? 0, "That is the wait for warm water: the cold slows it down."), "In the cold it works slower: the longer of label and contact time counts.");
    }

    private static QuizQuestion Cloudy(Dice dice, OwnLabels own)
    {
        var litres = dice.Of([1.0, 2, 3, 4]);
        var profile = own.Of(dice.Of(["nadcc-8.5", "nadcc-17", "iodine-tincture"]));
        var unit = profile.Form == ProductForm.Tablet ? "tablets" : "drops";
        var clear = Math.Ceiling(profile.Dose.Amount * litres / profile.Dose.VolumeL);
        return new(
            Skill.Cloudy, [$"{Speaker.Number(litres, 0)} L of cloudy water, 15 °C; nothing to clear it with.", $"{profile.Name}: {profile.Dose.Words}{(profile.Dose.Words.Contains("cloudy", StringComparison.Ordinal) ? "" : "; cloudy: double")}."], $"How many {unit}?", unit, false,
            own.Ask(profile, litres, Clarity.Cloudy, 15), (clear, "That is the dose for clear water: what clouds it eats half."), "Cloudy water takes the label's cloudy dose, rounded up.");
    }
}
