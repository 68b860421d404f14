using JollyBrook.Core.Barriers;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>
/// The steps of a chemical treatment, in this order: measure, dose, dissolve, rinse the threads, contact. The contact clock starts only
/// when the product is gone into the water.
/// </summary>
internal static class ChemicalSteps
{
    public static IReadOnlyList<TreatmentStep> For(ChemicalResult result, FieldWater water, Speaker say)
    {
        var (profile, dose, contact) = (result.Profile, result.Dose!, result.Contact!);
        var steps = new List<TreatmentStep>
        {
            new(
                "measure",
                StepKind.Prepare,
                $"Measure {say.Of(Quantity.Volume, water.VolumeL)}",
                "What is really in the container now, not what it holds.",
                "Measured"
            ),
        };
        steps.AddRange(
            (profile.Copy?.Steps ?? []).Select(
                (line, i) => new TreatmentStep($"label-{i + 1}", StepKind.Prepare, line, "From the label.", "Done", Optional: true)
            )
        );
        AddDose(steps, profile, dose, contact);
        steps.Add(
            new(
                "threads",
                StepKind.Threads,
                "Rinse threads and cap",
                "Loosen the cap, turn the bottle over, let treated water run over threads and cap, close it. "
                    + "A bladder: run it through hose and bite valve after contact.",
                "Rinsed and closed"
            )
        );
        steps.Add(
            new(
                Id: "contact",
                Kind: StepKind.Contact,
                Title: $"Wait {Speaker.Minutes(contact.WaitMinutes)}",
                Detail: "Keep it closed, in the shade or opaque. Add no more water and no flavour.",
                Done: null,
                Clock: StepClock.Gate,
                Minutes: contact.WaitMinutes,
                DrinkAfter: true
            )
        );
        if (profile.AsksTheNose)
        {
            // Ready to be checked after the wait; drinkable once the nose has said so.
            steps.Add(
                new(
                    "smell",
                    StepKind.Check,
                    "Smell it",
                    "A faint smell of chlorine is right. None: dose again and wait 15 minutes more; still none: find other water.",
                    "Smells faintly",
                    DrinkAfter: true
                )
            );
        }

        return steps;
    }

    private static void AddDose(List<TreatmentStep> steps, ChemicalProfile profile, DoseAnswer dose, ContactAnswer contact)
    {
        var measure = dose.HandMeasure is null ? "" : $" That is {dose.HandMeasure}.";
        if (profile.Form == ProductForm.TwoPartDrops)
        {
            steps.Add(new("mix", StepKind.Mix, $"Mix {dose.Words}", $"In the mixing cap, part A and part B.{measure}", "Mixed"));
            steps.Add(
                new(
                    Id: "stand",
                    Kind: StepKind.Mix,
                    Title: $"Let it stand {Speaker.Minutes(contact.MixStandMinutes)}",
                    Detail: "It turns yellow as it becomes active.",
                    Done: null,
                    Clock: StepClock.Gate,
                    Minutes: contact.MixStandMinutes
                )
            );
            steps.Add(new("dose", StepKind.Dose, "Pour the mix in", "All of it, and rinse the mixing cap in the bottle.", "Poured in"));
        }
        else
        {
            steps.Add(new("dose", StepKind.Dose, $"Add {dose.Words}", $"Dry hands; straight into the water.{measure}", "Added"));
        }

        var tablet = profile.Form == ProductForm.Tablet;
        steps.Add(
            new(
                Id: "dissolve",
                Kind: StepKind.Dissolve,
                Title: tablet ? "Shake until it is gone" : "Close and shake",
                Detail: tablet
                    ? "The contact clock does not start before the last of the tablet is gone."
                    : "So that it reaches all of the water.",
                Done: tablet ? "It is gone" : "Shaken",
                Clock: StepClock.Guide,
                Minutes: contact.DissolveMinutes
            )
        );
    }
}
