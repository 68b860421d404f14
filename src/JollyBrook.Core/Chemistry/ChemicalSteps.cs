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
    /// <summary>The step that doses again where no chlorine can be smelt.</summary>
    public const string DoseAgain = "dose-again";

    /// <summary>The wait after it.</summary>
    public const string ContactAgain = "contact-again";

    /// <summary>How long that is, min (US EPA emergency disinfection).</summary>
    private const double AgainMinutes = 15;

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
                Title: ContactTitle(contact.WaitMinutes),
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
                    $"A faint smell of chlorine is right. None: dose again and wait {AgainMinutes} minutes more; still none: find other water.",
                    "Smells faintly",
                    DrinkAfter: true,
                    Fails: "No smell"
                )
            );
        }

        return steps;
    }

    /// <summary>The steps of a batch once raw water was added: its dose, and the wait for all of it; what else there is stays.</summary>
    public static IReadOnlyList<TreatmentStep> ForTopUp(IReadOnlyList<TreatmentStep> steps, TopUpDose dose) =>
        [
            .. steps.Select(step =>
                step switch
                {
                    { Kind: StepKind.Mix, Clock: StepClock.None } => step with
                    {
                        Title = MixTitle(dose.Words),
                        Detail = MixDetail(dose.HandMeasure),
                    },
                    { Kind: StepKind.Dose } when !steps.Any(s => s.Kind == StepKind.Mix) => step with
                    {
                        Title = DoseTitle(dose.Words),
                        Detail = DoseDetail(dose.HandMeasure),
                    },
                    { Kind: StepKind.Contact } => step with { Title = ContactTitle(dose.WaitMinutes), Minutes = dose.WaitMinutes },
                    _ => step,
                }
            ),
        ];

    /// <summary>What comes before the nose is asked again.</summary>
    /// <param name="begun">The batch's own steps.</param>
    /// <param name="since">What was dosed besides, for water that was added.</param>
    public static IReadOnlyList<TreatmentStep> Again(IReadOnlyList<TreatmentStep> begun, IReadOnlyList<string> since)
    {
        var own = begun.Last(s => s.Kind == StepKind.Dose);
        return
        [
            new(
                DoseAgain,
                StepKind.Dose,
                $"Again: {string.Join(", and ", since.Prepend(Sentence.Lower(own.Title)))}",
                "As much as has gone in, into the same water. Close it and shake it.",
                own.Done
            ),
            new(
                Id: ContactAgain,
                Kind: StepKind.Contact,
                Title: ContactTitle(AgainMinutes),
                Detail: "Then smell it again.",
                Done: null,
                Clock: StepClock.Gate,
                Minutes: AgainMinutes,
                DrinkAfter: true
            ),
        ];
    }

    /// <summary>The check that failed twice: nothing of it is left to be done.</summary>
    public static TreatmentStep GivenUp(TreatmentStep check) =>
        check with
        {
            Title = "Do not drink it",
            Detail = "Still no smell: this water uses up all that is dosed. Throw it away and find other water.",
            Done = null,
            Fails = null,
        };

    private static string MixTitle(string dose) => $"Mix {dose}";

    private static string MixDetail(string? handMeasure) => $"In the mixing cap, part A and part B.{Measured(handMeasure)}";

    private static string DoseTitle(string dose) => $"Add {dose}";

    private static string DoseDetail(string? handMeasure) => $"Dry hands; straight into the water.{Measured(handMeasure)}";

    private static string ContactTitle(double minutes) => $"Wait {Speaker.Minutes(minutes)}";

    private static string Measured(string? handMeasure) => handMeasure is null ? "" : $" That is {handMeasure}.";

    private static void AddDose(List<TreatmentStep> steps, ChemicalProfile profile, DoseAnswer dose, ContactAnswer contact)
    {
        if (profile.Form == ProductForm.TwoPartDrops)
        {
            steps.Add(new("mix", StepKind.Mix, MixTitle(dose.Words), MixDetail(dose.HandMeasure), "Mixed"));
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
            steps.Add(new("dose", StepKind.Dose, DoseTitle(dose.Words), DoseDetail(dose.HandMeasure), "Added"));
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
