using System.Text.Json.Serialization;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Treatment;

/// <summary>Where a batch stands.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<BatchState>))]
public enum BatchState
{
    /// <summary>Waiting for a hand: the current step has to be done.</summary>
    InHand,

    /// <summary>A clock that must run out is running.</summary>
    Waiting,

    /// <summary>Treated: it may be drunk, with what it falls short of said.</summary>
    Drinkable,

    /// <summary>Drunk or put by.</summary>
    Finished,

    /// <summary>Thrown away.</summary>
    Discarded,
}

/// <summary>Where one step stands.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<StepState>))]
public enum StepState
{
    /// <summary>It has been done.</summary>
    Done,

    /// <summary>Its turn is now.</summary>
    Current,

    /// <summary>What comes before it is not done.</summary>
    Locked,
}

/// <summary>One step's standing.</summary>
/// <param name="Step">The step as it stands now: after topping up, with the dose for what was added.</param>
/// <param name="State">Done, current or locked.</param>
/// <param name="StartedAt">When its clock started (or its turn came).</param>
/// <param name="DoneAt">When it was done.</param>
/// <param name="Why">Why it is locked; null otherwise.</param>
public sealed record StepProgress(TreatmentStep Step, StepState State, DateTimeOffset? StartedAt, DateTimeOffset? DoneAt, string? Why);

/// <summary>The clock that counts now.</summary>
/// <param name="StepId">The step it belongs to.</param>
/// <param name="StartedAt">The stored start instant.</param>
/// <param name="EndsAt">When it has run.</param>
/// <param name="RemainingSeconds">Whole seconds left, rounded up; 0 when it has run.</param>
/// <param name="Share">How much of it has run, 0 to 1.</param>
public sealed record RunningClock(string StepId, DateTimeOffset StartedAt, DateTimeOffset EndsAt, double RemainingSeconds, double Share);

/// <summary>Where a batch stands now.</summary>
/// <param name="State">The state.</param>
/// <param name="Words">The state in a few words.</param>
/// <param name="CurrentStepId">The step whose turn it is; null when there is none left.</param>
/// <param name="Clock">The clock that counts now, if any.</param>
/// <param name="SafeAt">When the last gate ends or ended; null until it is running.</param>
/// <param name="DrinkBy">Until when it keeps; null until it is safe, and where a residual keeps it.</param>
/// <param name="FinishedAt">When it was drunk, put by or thrown away.</param>
/// <param name="Steps">Every step's standing; a check that failed puts more of them before it.</param>
/// <param name="AddedL">Raw water added since it was begun, L; 0 where none was, null where nobody told how much.</param>
/// <param name="VolumeL">What it was begun for and what was added since, L; null where either is not known.</param>
/// <param name="Cautions">What to mind, such as a clock that went backwards.</param>
public sealed record BatchProgressResponse(
    BatchState State,
    string Words,
    string? CurrentStepId,
    RunningClock? Clock,
    DateTimeOffset? SafeAt,
    DateTimeOffset? DrinkBy,
    DateTimeOffset? FinishedAt,
    IReadOnlyList<StepProgress> Steps,
    double? AddedL,
    double? VolumeL,
    IReadOnlyList<Caution> Cautions
);
