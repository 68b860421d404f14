using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>One tap on a batch, kept for good.</summary>
/// <param name="BatchId">The batch.</param>
/// <param name="Kind">What was tapped.</param>
/// <param name="StepId">The step; null when the batch is thrown away or brought back.</param>
/// <param name="At">When.</param>
/// <param name="Words">Topped up: the dose for what was added, up to 300 characters.</param>
/// <param name="AddedL">Topped up: raw water added, L, 0.05 to 200.</param>
/// <param name="Dose">Topped up: what is dosed for it; null where nothing is.</param>
public sealed record BatchEventRecord(
    Guid? BatchId,
    BatchEventKind? Kind,
    string? StepId,
    DateTimeOffset? At,
    string? Words = null,
    double? AddedL = null,
    TopUpDose? Dose = null
)
{
    private static readonly ChoiceField BatchField = new("batchId", "Batch", ["the id of a batch"]);
    private static readonly ChoiceField KindField = ChoiceField.Of<BatchEventKind>("kind", "Kind of tap");
    private static readonly ChoiceField StepField = new("stepId", "Step", ["the id of a step of the batch"]);
    private const int LongestWords = 300;
    private static readonly ChoiceField WordsField = new("words", "Words", [$"up to {LongestWords} characters"]);
    private static readonly InstantField AtField = new("at", "Time of the tap");
    private const int LongestDose = 100;
    private static readonly ChoiceField DoseWords = new("dose.words", "Dose", [$"1 to {LongestDose} characters"]);
    private static readonly ChoiceField HandMeasure = new("dose.handMeasure", "Dose in spoons", [$"up to {LongestDose} characters"]);
    private static readonly NumberField DoseUnits = new(
        "dose.units",
        "Tablets or drops",
        Quantity.Plain,
        0,
        100_000,
        "Enter how many go in."
    );
    private static readonly NumberField DoseWait = new(
        "dose.waitMinutes",
        "Wait",
        Quantity.Duration,
        0,
        10_080,
        "Enter how long all of it waits."
    );

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        BatchField,
        KindField,
        StepField,
        AtField,
        WordsField,
        TopUp.Added,
        DoseUnits,
        DoseWords,
        HandMeasure,
        DoseWait,
    ];

    /// <exception cref="BadInputException">Something is missing.</exception>
    public static void Check(BatchEventRecord tap)
    {
        ArgumentNullException.ThrowIfNull(tap);
        var intake = new Intake(Speaker.Metric);
        intake.Present(BatchField, tap.BatchId);
        intake.Present(KindField, tap.Kind);
        if (tap.Kind is BatchEventKind.Done or BatchEventKind.Failed)
        {
            intake.Present(StepField, tap.StepId);
        }

        intake.Present(AtField, tap.At);
        intake.Optional(TopUp.Added, tap.AddedL);
        if (tap.Words?.Length > LongestWords)
        {
            intake.Refuse(WordsField, $"Words must be up to {LongestWords} characters. Shorten them.");
        }

        if (tap.Dose is { } dose)
        {
            CheckDose(dose, intake);
        }

        intake.ThrowIfWrong();
    }

    private static void CheckDose(TopUpDose dose, Intake intake)
    {
        intake.Optional(DoseUnits, dose.Units);
        intake.Optional(DoseWait, dose.WaitMinutes);
        if (dose.Words is not { Length: > 0 and <= LongestDose })
        {
            intake.Refuse(DoseWords, $"The dose must be told in 1 to {LongestDose} characters. Shorten it.");
        }

        if (dose.HandMeasure?.Length > LongestDose)
        {
            intake.Refuse(HandMeasure, $"The dose in spoons must be up to {LongestDose} characters. Shorten it.");
        }
    }
}
