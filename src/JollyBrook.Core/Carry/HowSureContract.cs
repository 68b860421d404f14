using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Carry;

/// <summary>Asks how sure a plan is.</summary>
/// <param name="Plan">The plan's request.</param>
/// <param name="Runs">Simulated walks, 100 to 100 000; 10 000 when left out.</param>
/// <param name="Seed">Of the draws; the same seed gives the same walks.</param>
/// <param name="Compare">Whether other ways of deciding are walked too; yes when left out.</param>
public sealed record HowSureRequest(PlanRequest? Plan, int? Runs = null, int? Seed = null, bool? Compare = null);

/// <summary>Low, middle and high: the 5, 50 and 95 % points, L.</summary>
public sealed record Spread(double Low, double Middle, double High);

/// <summary>A place as the simulated walks reached it.</summary>
/// <param name="Id">As in the plan.</param>
/// <param name="Name">Its name.</param>
/// <param name="AlongKm">km.</param>
/// <param name="ArriveL">In hand on arrival.</param>
/// <param name="LeaveL">In hand on leaving.</param>
/// <param name="ShortChance">Chance of running short on the way from here to the next place.</param>
public sealed record SimulatedPlace(string Id, string Name, double AlongKm, Spread ArriveL, Spread LeaveL, double ShortChance);

/// <summary>One way of deciding at water, on the same draws.</summary>
public sealed record PolicyResult(Policy Policy, string Name, double ShortChance, double KgKm, double StopMinutes);

/// <summary>How sure a plan is.</summary>
/// <param name="Headline">In words.</param>
/// <param name="ShortChance">Chance of running short anywhere: more owed to the bodies than they may be.</param>
/// <param name="ErrorOfChance">Standard error of that figure.</param>
/// <param name="Runs">Walks simulated.</param>
/// <param name="Places">Every place.</param>
/// <param name="WorstStretch">Where it runs dry most; null when nowhere.</param>
/// <param name="WorstHour">Clock hour in which it runs dry most; null when never.</param>
/// <param name="Policies">The plan and the other schools.</param>
/// <param name="Working">What was drawn.</param>
public sealed record HowSureResponse(
    string Headline,
    double ShortChance,
    double ErrorOfChance,
    int Runs,
    IReadOnlyList<SimulatedPlace> Places,
    string? WorstStretch,
    int? WorstHour,
    IReadOnlyList<PolicyResult> Policies,
    IReadOnlyList<WorkingStep> Working
);
