using System.Text.Json.Serialization;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Treatment;

/// <summary>Raw water added to a batch.</summary>
/// <param name="Batch">What Treat was asked for the batch.</param>
/// <param name="Method">The chain it runs by.</param>
/// <param name="AddedL">Raw water added, litres, 0.05 to 200.</param>
/// <param name="HeldL">What its container holds already, dosed or not, litres, 0 to 200; null where it is not known: then nothing dosed
/// is counted on that would thin the dose.</param>
/// <param name="Steps">The batch's steps; with the taps they tell what is dosed already. Left out, all of it is.</param>
/// <param name="Taps">What was tapped, in the order it was recorded.</param>
/// <param name="StartedAt">When the batch was started.</param>
public sealed record TopUpRequest(
    TreatRequest? Batch,
    string? Method,
    double? AddedL,
    double? HeldL = null,
    IReadOnlyList<TreatmentStep>? Steps = null,
    IReadOnlyList<BatchTap>? Taps = null,
    DateTimeOffset? StartedAt = null
);

/// <summary>What becomes of a batch that raw water is added to.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<TopUpOutcome>))]
public enum TopUpOutcome
{
    /// <summary>What was added is dosed, and all of it waits anew.</summary>
    Dosed,

    /// <summary>No residual is in it: its treatment begins again for all of it.</summary>
    BeginsAgain,

    /// <summary>It can't go on as this batch: the words say what to do instead.</summary>
    Refused,
}

/// <summary>What topping up asks for.</summary>
/// <param name="Outcome">What becomes of the batch.</param>
/// <param name="Dose">What is dosed for the water that has no dose yet, and the wait for all of it; null where nothing is dosed.</param>
/// <param name="Words">All of it, in a line.</param>
/// <param name="Caution">What to mind; null where there is nothing.</param>
public sealed record TopUpResponse(TopUpOutcome Outcome, TopUpDose? Dose, string Words, string? Caution);
