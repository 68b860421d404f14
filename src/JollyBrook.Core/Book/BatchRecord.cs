using JollyBrook.Core.Contract;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>A batch as it was started: what was asked and what was answered. Written once; taps are records of their own.</summary>
/// <param name="Container">The container's name.</param>
/// <param name="StartedAt">When it was started.</param>
/// <param name="Request">What was asked.</param>
/// <param name="Answer">What was answered, with its steps, ledger and working.</param>
/// <param name="ContainerId">The container of the kit that the treated water stands in.</param>
/// <param name="FromId">The container the raw water came from; null when it is the same one, or drawn at the source.</param>
/// <param name="SourceId">The source of the trip the water is from.</param>
public sealed record BatchRecord(
    string? Container,
    DateTimeOffset? StartedAt,
    TreatRequest? Request,
    TreatResponse? Answer,
    Guid? ContainerId = null,
    Guid? FromId = null,
    Guid? SourceId = null
)
{
    private static readonly ChoiceField ContainerField = new("container", "Container", ["1 to 80 characters"]);
    private static readonly InstantField StartedField = new("startedAt", "Start of the batch");
    private static readonly ChoiceField AnswerField = new("answer", "Answer", ["a treatment that gave steps"]);
    private static readonly ChoiceField RequestField = new("request", "Request", ["the treatment's request"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [ContainerField, StartedField, AnswerField, RequestField];

    /// <exception cref="BadInputException">Something is missing, or the answer was a refusal.</exception>
    public static void Check(BatchRecord batch)
    {
        ArgumentNullException.ThrowIfNull(batch);
        var intake = new Intake(Speaker.Metric);
        if (string.IsNullOrWhiteSpace(batch.Container) || batch.Container.Length > 80)
        {
            intake.Refuse(ContainerField, "Container must be 1 to 80 characters. Name what the water is in.");
        }

        intake.Present(StartedField, batch.StartedAt);
        intake.Present(RequestField, batch.Request);
        if (batch.Answer?.Steps is not { Count: > 0 })
        {
            intake.Refuse(AnswerField, "Answer has no steps. A refused treatment can't be started.");
        }

        intake.ThrowIfWrong();
    }
}
