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
public sealed record BatchEventRecord(
    Guid? BatchId,
    BatchEventKind? Kind,
    string? StepId,
    DateTimeOffset? At,
    string? Words = null,
    double? AddedL = null
)
{
    private static readonly ChoiceField BatchField = new("batchId", "Batch", ["the id of a batch"]);
    private static readonly ChoiceField KindField = ChoiceField.Of<BatchEventKind>("kind", "Kind of tap");
    private static readonly ChoiceField StepField = new("stepId", "Step", ["the id of a step of the batch"]);
    private const int LongestWords = 300;
    private static readonly ChoiceField WordsField = new("words", "Words", [$"up to {LongestWords} characters"]);
    private static readonly NumberField Added = new(
        "addedL",
        "Water added",
        Quantity.Volume,
        0.05,
        200,
        "Enter how much raw water went in."
    );
    private static readonly InstantField AtField = new("at", "Time of the tap");

    public static readonly IReadOnlyList<Field> Fields = [BatchField, KindField, StepField, AtField, WordsField, Added];

    /// <exception cref="BadInputException">Something is missing.</exception>
    public static void Check(BatchEventRecord tap)
    {
        ArgumentNullException.ThrowIfNull(tap);
        var intake = new Intake(Speaker.Metric);
        intake.Present(BatchField, tap.BatchId);
        intake.Present(KindField, tap.Kind);
        if (tap.Kind == BatchEventKind.Done)
        {
            intake.Present(StepField, tap.StepId);
        }

        intake.Present(AtField, tap.At);
        intake.Optional(Added, tap.AddedL);
        if (tap.Words?.Length > LongestWords)
        {
            intake.Refuse(WordsField, $"Words must be up to {LongestWords} characters. Shorten them.");
        }

        intake.ThrowIfWrong();
    }
}
