using System.Text.Json.Serialization;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Treatment;

/// <summary>What a tap on a running batch says.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<BatchEventKind>))]
public enum BatchEventKind
{
    /// <summary>The step is done (or an optional one skipped).</summary>
    Done,

    /// <summary>
    /// The step was not done after all; it and every later one are taken back. Without a step: not thrown away after all.
    /// </summary>
    Undone,

    /// <summary>The batch was thrown away.</summary>
    Discarded,

    /// <summary>Raw water was added: all of it is dosed and waits anew.</summary>
    ToppedUp,

    /// <summary>A check did not come out as it should: what it asks for then comes before it is made again.</summary>
    Failed,
}

/// <summary>One tap, at an instant.</summary>
/// <param name="Kind">What it says.</param>
/// <param name="StepId">The step it is about; null where it is about the batch.</param>
/// <param name="At">When.</param>
/// <param name="Words">Topped up: the dose for what was added.</param>
/// <param name="AddedL">Topped up: raw water added, L; null fills it to the brim.</param>
/// <param name="Dose">Topped up: what is dosed for it; null where nothing is, or nobody was told.</param>
public sealed record BatchTap(
    BatchEventKind? Kind,
    string? StepId,
    DateTimeOffset? At,
    string? Words = null,
    double? AddedL = null,
    TopUpDose? Dose = null
);

/// <summary>A batch and the time now; gives where it stands.</summary>
/// <param name="Steps">Its steps, in order.</param>
/// <param name="ShortOf">Classes its ledger falls short of.</param>
/// <param name="Taps">What was tapped, in the order it was recorded.</param>
/// <param name="StartedAt">When the batch was started.</param>
/// <param name="Now">The time now.</param>
/// <param name="DrinkWithinHours">How long it keeps once it is safe; null where a residual keeps it.</param>
/// <param name="VolumeL">What it was begun for, L; null where that is not known.</param>
public sealed record BatchProgressRequest(
    IReadOnlyList<TreatmentStep>? Steps,
    IReadOnlyList<OrganismClass>? ShortOf,
    IReadOnlyList<BatchTap>? Taps,
    DateTimeOffset? StartedAt,
    DateTimeOffset? Now,
    double? DrinkWithinHours = null,
    double? VolumeL = null
);

/// <summary>The fields of a batch under way.</summary>
public static class BatchFields
{
    /// <summary>When it was begun.</summary>
    public static readonly InstantField StartedAt = new("startedAt", "Start of the batch");

    /// <summary>The instant it is looked at.</summary>
    public static readonly InstantField Now = new("now", "The time now");

    /// <summary>What it does, at least one step.</summary>
    public static readonly ChoiceField Steps = new("steps", "Steps of the batch", ["a treatment's steps, at least one"]);

    /// <summary>Every field of a batch under way.</summary>
    public static readonly IReadOnlyList<Field> All = [StartedAt, Now, Steps];
}
