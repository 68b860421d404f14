using JollyBrook.Core.Barriers;
using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.InHand;

/// <summary>What a treatment used up when its steps are done.</summary>
/// <param name="DoseUnits">Tablets, or drops of each part, when the dose is in.</param>
/// <param name="LampCycles">Cycles of light, when the light is done.</param>
/// <param name="FuelG">Fuel, g, when the heat is off.</param>
/// <param name="MeltG">Fuel, g, when the last snow is melted.</param>
/// <param name="MeltStoveId">The stove it was melted on; null where that is none of the kit.</param>
/// <param name="LayeredL">Poured through a layered filter to clear it, L.</param>
/// <param name="LayeredId">Which; null with it.</param>
public sealed record BatchUse(
    double? DoseUnits = null,
    double? LampCycles = null,
    double? FuelG = null,
    double? MeltG = null,
    Guid? MeltStoveId = null,
    double? LayeredL = null,
    Guid? LayeredId = null
);

/// <summary>A tap with its id, which settles the order of two at the same instant.</summary>
/// <param name="Id">Its record's id.</param>
/// <param name="Tap">The tap.</param>
public sealed record KeptTap(Guid Id, BatchTap? Tap);

/// <summary>A batch as the fold needs it: what was started, in what, and every tap on it.</summary>
/// <param name="Id">Its record's id.</param>
/// <param name="StartedAt">When it was started.</param>
/// <param name="Method">Its chain: ids of kit items joined by "+".</param>
/// <param name="MethodName">The chain's name.</param>
/// <param name="VolumeL">Water it was for, L, 0 to 200.</param>
/// <param name="Steps">Its steps, in order.</param>
/// <param name="ContainerId">What the treated water stands in; null when it is no container of the kit.</param>
/// <param name="FromId">The container the raw water comes from; null when it is the same one, or drawn at the source.</param>
/// <param name="SourceId">The source of the trip the water is from.</param>
/// <param name="Clarity">How clear the water was, for what it clogs.</param>
/// <param name="ShortOf">Classes its ledger falls short of.</param>
/// <param name="DrinkWithinHours">How long it keeps once it is safe; null where a residual keeps it.</param>
/// <param name="Use">What it uses up.</param>
/// <param name="Taps">Every tap on it.</param>
public sealed record KeptBatch(
    Guid Id,
    DateTimeOffset? StartedAt,
    string? Method,
    string? MethodName,
    double? VolumeL,
    IReadOnlyList<TreatmentStep>? Steps,
    Guid? ContainerId = null,
    Guid? FromId = null,
    Guid? SourceId = null,
    Clarity? Clarity = null,
    IReadOnlyList<OrganismClass>? ShortOf = null,
    double? DrinkWithinHours = null,
    BatchUse? Use = null,
    IReadOnlyList<KeptTap>? Taps = null
);

/// <summary>The log, and the kit as its labels say it.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Now">The time now.</param>
/// <param name="Kit">What is or was carried.</param>
/// <param name="Walkers">Who walks.</param>
/// <param name="Sources">Sources of the trip.</param>
/// <param name="Lines">Lines of the log: all of them, or with <paramref name="Since"/> those after it.</param>
/// <param name="Batches">Batches: all of them, or with <paramref name="Since"/> those started or tapped after it, with every tap.</param>
/// <param name="Since">Where an earlier fold of the same log ended; null folds from the beginning.</param>
/// <param name="Trips">Trips, for the nights that freeze.</param>
public sealed record InHandRequest(
    UnitSystem? Units,
    DateTimeOffset? Now,
    IReadOnlyList<KitEntry>? Kit = null,
    IReadOnlyList<NamedId>? Walkers = null,
    IReadOnlyList<TripSourceEntry>? Sources = null,
    IReadOnlyList<KeptLine>? Lines = null,
    IReadOnlyList<KeptBatch>? Batches = null,
    Snapshot? Since = null,
    IReadOnlyList<DatedTrip>? Trips = null
);

/// <summary>What is in hand now.</summary>
/// <param name="Headline">Litres drinkable, in a line.</param>
/// <param name="DrinkableL">Litres that may be drunk now, L.</param>
/// <param name="UnderWayL">Litres under treatment, L.</param>
/// <param name="RawL">Litres of raw water, L.</param>
/// <param name="PerWalkerL">Drinkable litres for each walker, L; null without walkers.</param>
/// <param name="Containers">Every container and pot carried.</param>
/// <param name="Supplies">What treats water, with what is left of it and what is suspect.</param>
/// <param name="Kit">The kit as it is now: what every other room reckons with.</param>
/// <param name="Walkers">What each walker drank and showed.</param>
/// <param name="Sources">Sources as they were last seen.</param>
/// <param name="TripSources">Sources of the trip as they are now: what the plan reckons with.</param>
/// <param name="FoundWorse">Those of them that the log has worse than they say themselves.</param>
/// <param name="Frost">What is to be put away warm tonight, and what nobody has said of the night before.</param>
/// <param name="Next">The next thing to do.</param>
/// <param name="TreatIn">The container in which treating makes sense next: one with raw water, else an empty one; null when there is
/// none.</param>
/// <param name="Doubts">Lines that do not add up.</param>
/// <param name="Replaced">Lines that no longer count, with what took their place.</param>
/// <param name="Balance">Where the litres went.</param>
/// <param name="Place">Where somebody last stood at a source; null where the log does not tell.</param>
/// <param name="Walked">Stretches walked of late, as the stages of the log tell.</param>
/// <param name="Snapshot">To fold on from.</param>
public sealed record InHandResponse(
    string Headline,
    double DrinkableL,
    double UnderWayL,
    double RawL,
    double? PerWalkerL,
    IReadOnlyList<ContainerInHand> Containers,
    IReadOnlyList<SupplyInHand> Supplies,
    IReadOnlyList<KitEntry> Kit,
    IReadOnlyList<WalkerInHand> Walkers,
    IReadOnlyList<SourceInHand> Sources,
    IReadOnlyList<TripSourceEntry> TripSources,
    IReadOnlyList<SourceFoundWorse> FoundWorse,
    IReadOnlyList<FrostJob> Frost,
    NextThing Next,
    Guid? TreatIn,
    IReadOnlyList<LineDoubt> Doubts,
    IReadOnlyList<ReplacedLine> Replaced,
    WaterBalance Balance,
    PlaceInHand? Place,
    IReadOnlyList<WalkedStretch> Walked,
    Snapshot Snapshot
);

/// <summary>A container as it is.</summary>
/// <param name="Id">The kit item.</param>
/// <param name="Name">Its name.</param>
/// <param name="CapacityL">What it holds, L.</param>
/// <param name="Litres">What is in it, L.</param>
/// <param name="Water">What that is.</param>
/// <param name="Words">The same in a few words.</param>
/// <param name="CleanSideDirty">Whether threads, cap or hose touched raw water since they were last rinsed.</param>
/// <param name="IsPot">Whether it is a pot.</param>
/// <param name="Story">The lines, batches and taps that made it so, oldest first.</param>
/// <param name="Hidden">Where its level can't be seen and it holds water to drink: what to go by instead; null otherwise.</param>
public sealed record ContainerInHand(
    Guid Id,
    string Name,
    double CapacityL,
    double Litres,
    WaterInHand Water,
    string Words,
    bool CleanSideDirty,
    bool IsPot,
    IReadOnlyList<Guid> Story,
    HiddenLevel? Hidden = null
);

/// <summary>What a level that can't be seen is reckoned from.</summary>
/// <param name="Since">When it was last known: ready to drink, filled up or drunk from.</param>
/// <param name="DrinkerId">Who drank from it last; null where the log does not tell.</param>
public sealed record HiddenLevel(DateTimeOffset Since, Guid? DrinkerId);

/// <summary>A walker as the log tells.</summary>
/// <param name="Id">The walker; empty for what the party drank together.</param>
/// <param name="Name">Their name.</param>
/// <param name="DrunkL">Drunk in the last 24 hours, L, untreated water included.</param>
/// <param name="Drinks">Each drink of the last 36 hours, oldest first.</param>
/// <param name="UrineColour">The last colour told; null without one.</param>
/// <param name="UrineAt">When there last was urine, with its colour or without.</param>
/// <param name="MassKg">The last body mass told, kg; null without one.</param>
/// <param name="MassAt">When.</param>
/// <param name="Signs">What was found when signs were last looked for; empty for none.</param>
/// <param name="SignsAt">When that was; null for never.</param>
public sealed record WalkerInHand(
    Guid Id,
    string Name,
    double DrunkL,
    IReadOnlyList<DrinkTold> Drinks,
    double? UrineColour,
    DateTimeOffset? UrineAt,
    double? MassKg,
    DateTimeOffset? MassAt,
    IReadOnlyList<BodySign> Signs,
    DateTimeOffset? SignsAt
);

/// <summary>A drink as the log tells it.</summary>
/// <param name="LineId">The line.</param>
/// <param name="At">When.</param>
/// <param name="Litres">How much, L.</param>
/// <param name="Untreated">Whether it counts as untreated: raw, not ready, kept too long, from a dirty side, or not known.</param>
/// <param name="FromIds">The containers it came from.</param>
public sealed record DrinkTold(Guid LineId, DateTimeOffset At, double Litres, bool Untreated, IReadOnlyList<Guid> FromIds);

/// <summary>A source as the log tells of it.</summary>
/// <param name="Id">The source.</param>
/// <param name="Reports">What was found there, the latest last; none that later ones tell anew.</param>
public sealed record SourceInHand(Guid Id, IReadOnlyList<SourceReport> Reports)
{
    internal static SourceInHand NotSeen(Guid id) => new(id, []);

    /// <summary>The same with another report, which was made after all of them.</summary>
    internal SourceInHand With(SourceReport next) => this with { Reports = [.. Reports.Where(r => !r.IsRetoldBy(next)), next] };

    /// <summary>All that was found after an instant, or ever; null where nothing was.</summary>
    internal SourceReport? Since(DateTimeOffset? instant)
    {
        SourceReport? found = null;
        foreach (var report in Reports.Where(r => !(r.At <= instant)))
        {
            found = found is null ? report : report.After(found);
        }

        return found;
    }
}

/// <summary>A source of the trip that was found worse than its own words have it.</summary>
/// <param name="Id">The source.</param>
/// <param name="Words">What was found, and until when it counts.</param>
public sealed record SourceFoundWorse(string Id, string Words);

/// <summary>Where somebody last stood at a source: found it, filled there or passed it by.</summary>
/// <param name="SourceId">The source.</param>
/// <param name="At">When.</param>
/// <param name="LineId">The line that says so.</param>
public sealed record PlaceInHand(Guid SourceId, DateTimeOffset At, Guid LineId);

/// <summary>A line that does not add up: kept as told, counted the worse way.</summary>
/// <param name="LineId">The line, batch or tap.</param>
/// <param name="Words">What does not add up, and how it is counted.</param>
/// <param name="Offer">The likely correction.</param>
public sealed record LineDoubt(Guid LineId, string Words, string Offer);

/// <summary>A line that no longer counts.</summary>
/// <param name="Id">The line.</param>
/// <param name="By">The line in its place, or the one that took it back.</param>
/// <param name="TakenBack">Whether nothing took its place.</param>
public sealed record ReplacedLine(Guid Id, Guid By, bool TakenBack);

/// <summary>Where the litres went: in = drunk + cooked + spilt + in hand.</summary>
/// <param name="InL">Filled, L.</param>
/// <param name="DrunkL">Drunk out of containers, L.</param>
/// <param name="CookedL">Used for cooking, L.</param>
/// <param name="SpiltL">Spilt or thrown away, L.</param>
/// <param name="InHandL">In containers now, L.</param>
public sealed record WaterBalance(double InL, double DrunkL, double CookedL, double SpiltL, double InHandL);
