using System.Text.Json.Serialization;
using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Learning;

/// <summary>A trip held against what the book says of it.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Plan">The trip as planned, with walkers, their tests and its sources.</param>
/// <param name="RouteId">The route's id: stages of other routes are left out.</param>
/// <param name="Lines">The lines that stand.</param>
/// <param name="Kit">What is carried.</param>
/// <param name="OffsetMinutes">The clock's offset from UTC, min: what a day is.</param>
/// <param name="Now">The time now.</param>
/// <param name="Walkers">Who is weighed, where there is no plan to say so.</param>
/// <param name="Tests">Their sweat tests.</param>
public sealed record LearnRequest(
    UnitSystem? Units,
    PlanRequest? Plan = null,
    Guid? RouteId = null,
    IReadOnlyList<KeptLine>? Lines = null,
    IReadOnlyList<KitEntry>? Kit = null,
    double? OffsetMinutes = null,
    DateTimeOffset? Now = null,
    IReadOnlyList<WalkerEntry>? Walkers = null,
    IReadOnlyList<SweatTestEntry>? Tests = null
);

/// <summary>What a suggestion would change.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ProposalKind>))]
public enum ProposalKind
{
    /// <summary>A walker's sweat factor.</summary>
    SweatFactor,

    /// <summary>A walker's pace.</summary>
    Pace,

    /// <summary>A source's reports or how surely it runs.</summary>
    Source,
}

/// <summary>Something the book suggests; nothing changes until it is accepted.</summary>
/// <param name="Id">A stable name.</param>
/// <param name="Kind">What it changes.</param>
/// <param name="Title">What it is about.</param>
/// <param name="Before">As it is.</param>
/// <param name="After">As it would be.</param>
/// <param name="Why">What it rests on.</param>
/// <param name="RecordId">The item, source or walker it is about.</param>
/// <param name="Test">A sweat test to be written, for a sweat factor.</param>
/// <param name="Pace">The new pace factor.</param>
/// <param name="Source">The source as it would be.</param>
public sealed record Proposal(
    string Id,
    ProposalKind Kind,
    string Title,
    string Before,
    string After,
    string Why,
    string? RecordId = null,
    SweatTest? Test = null,
    double? Pace = null,
    TripSource? Source = null
);

/// <summary>A day, planned against lived.</summary>
/// <param name="Day">From 0.</param>
/// <param name="Date">The day.</param>
/// <param name="PlannedL">Used by the plan, L, whole party.</param>
/// <param name="DrunkL">Drunk and cooked with by the book, L; null when nothing was written.</param>
/// <param name="PlannedHours">From setting out to arriving by the plan, rests and stops for water with it, h.</param>
/// <param name="WalkedHours">The same by the book, all stages of the day together, h; null when nothing was written.</param>
public sealed record LivedDay(int Day, DateOnly? Date, double PlannedL, double? DrunkL, double PlannedHours, double? WalkedHours);

/// <summary>A figure out of the book, in words.</summary>
public sealed record LearntFact(string Label, string Words);

/// <summary>What a trip taught.</summary>
public sealed record LearnResponse(
    string Headline,
    IReadOnlyList<LivedDay> Days,
    IReadOnlyList<LearntFact> Facts,
    IReadOnlyList<Proposal> Proposals,
    IReadOnlyList<WorkingStep> Working
);
