using System.Text.Json.Serialization;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Packing;

/// <summary>A kit held against a trip.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Kit">Everything carried.</param>
/// <param name="Plan">The trip's route with its sources and walkers; gives what <paramref name="Trip"/> leaves out.</param>
/// <param name="Trip">What is known of the trip without, or better than, the plan.</param>
/// <param name="CountViruses">Whether viruses are part of the target; true when left out.</param>
/// <param name="Now">The time now.</param>
public sealed record KitCheckRequest(
    UnitSystem? Units,
    IReadOnlyList<KitEntry>? Kit,
    PlanRequest? Plan = null,
    KitTrip? Trip = null,
    bool? CountViruses = null,
    DateTimeOffset? Now = null
);

/// <summary>How a finding stands.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<FindingState>))]
public enum FindingState
{
    /// <summary>It holds.</summary>
    Holds,

    /// <summary>It does not.</summary>
    Fails,

    /// <summary>Something is not known; it counts as failing.</summary>
    Unknown,
}

/// <summary>One of the seven findings (handbook room 80).</summary>
/// <param name="Number">1 to 7.</param>
/// <param name="Title">What is asked.</param>
/// <param name="State">How it stands.</param>
/// <param name="Figure">What was found, with its figures.</param>
/// <param name="Fix">What to do; empty where it holds.</param>
/// <param name="ItemIds">The items it is about.</param>
public sealed record KitFinding(int Number, string Title, FindingState State, string Figure, string Fix, IReadOnlyList<string> ItemIds);

/// <summary>What can go wrong for several chains at once.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<KitFailure>))]
public enum KitFailure
{
    /// <summary>Every battery is flat.</summary>
    FlatBattery,

    /// <summary>There is nothing to burn.</summary>
    NoFuel,

    /// <summary>A night of frost takes every wet element.</summary>
    Freeze,

    /// <summary>The one piece breaks that leaves the fewest chains.</summary>
    Breakage,

    /// <summary>What has a date turns out past it.</summary>
    Expiry,

    /// <summary>The one bag is lost that leaves the fewest chains.</summary>
    LostBag,
}

/// <summary>What one failure leaves.</summary>
/// <param name="Failure">The failure.</param>
/// <param name="Name">In a few words.</param>
/// <param name="Worst">The item or bag that is lost in the worst case; null where all of a kind fail.</param>
/// <param name="Survivors">How many chains are left.</param>
/// <param name="Holds">Whether two are.</param>
public sealed record FailureColumn(KitFailure Failure, string Name, string? Worst, int Survivors, bool Holds);

/// <summary>One chain of the kit in the trip's worst water.</summary>
/// <param name="Id">The chain.</param>
/// <param name="Name">Its barriers in order.</param>
/// <param name="Headline">The dose or time for <see cref="CarriedChain.BasisL"/>.</param>
/// <param name="Counts">Whether it meets the target there and lasts a day.</param>
/// <param name="Why">Why it does not count; empty where it does.</param>
/// <param name="Litres">What its supplies are enough for by itself, L; null where nothing limits it.</param>
/// <param name="WeightKg">Its pieces with what they burn or hold, kg.</param>
/// <param name="WeightKnown">Whether every piece has been weighed.</param>
/// <param name="Survives">One for each column.</param>
public sealed record ChainInKit(
    string Id,
    string Name,
    string Headline,
    bool Counts,
    string Why,
    double? Litres,
    double WeightKg,
    bool WeightKnown,
    IReadOnlyList<bool> Survives
);

/// <summary>What could be given to others.</summary>
/// <param name="Chain">How.</param>
/// <param name="Litres">How much, L.</param>
/// <param name="Words">In a line.</param>
public sealed record SpareWater(string Chain, double Litres, string Words);

/// <summary>A kit held against a trip.</summary>
/// <param name="Headline">In a line.</param>
/// <param name="Enough">Whether all seven hold.</param>
/// <param name="Trip">What it was held against, with what was taken from the plan or as worse.</param>
/// <param name="Findings">The seven.</param>
/// <param name="Columns">The failures.</param>
/// <param name="Chains">The chains that count, then the others.</param>
/// <param name="Spare">What could be given away.</param>
/// <param name="Assumptions">What was not known and taken as worse.</param>
/// <param name="Working">The arithmetic.</param>
public sealed record KitCheckResponse(
    string Headline,
    bool Enough,
    KitTrip Trip,
    IReadOnlyList<KitFinding> Findings,
    IReadOnlyList<FailureColumn> Columns,
    IReadOnlyList<ChainInKit> Chains,
    IReadOnlyList<SpareWater> Spare,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<WorkingStep> Working
);
