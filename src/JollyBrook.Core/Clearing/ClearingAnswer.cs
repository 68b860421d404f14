using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Clearing;

/// <summary>What clearing comes to.</summary>
/// <param name="Way">How.</param>
/// <param name="Words">In a few words.</param>
/// <param name="SettleMinutes">Minutes to stand; null when it does not settle.</param>
/// <param name="Flocculant">The dose; null without one.</param>
/// <param name="StandMinutes">Minutes the floc stands; 0 without one.</param>
/// <param name="DrawOff">How the clear water is got off; empty when nothing has settled.</param>
/// <param name="LossShare">Share left behind, 0 to 1.</param>
/// <param name="CollectL">What to collect so that the litres wanted are left, litres.</param>
/// <param name="ClarityAfter">What it is counted as afterwards; to be judged again.</param>
/// <param name="HandsOnMinutes">Minutes of work.</param>
/// <param name="Minutes">Minutes in all.</param>
/// <param name="ThroughId">The layered filter of the kit that it goes through; null where it goes through none.</param>
public sealed record ClearingAnswer(
    ClearingWay Way,
    string Words,
    double? SettleMinutes,
    string? Flocculant,
    double StandMinutes,
    string DrawOff,
    double LossShare,
    double CollectL,
    Clarity ClarityAfter,
    double HandsOnMinutes,
    double Minutes,
    string? ThroughId = null
);

/// <summary>A clearing plan with its steps, or the reason why nothing here clears the water.</summary>
public sealed record ClearingResult(
    ClearingAnswer Answer,
    FieldWater After,
    Refusal? Refusal,
    IReadOnlyList<TreatmentStep> Steps,
    IReadOnlyList<Assumption> Assumptions,
    Working Working
);
