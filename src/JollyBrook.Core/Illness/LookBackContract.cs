using JollyBrook.Core.Contract;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Illness;

/// <summary>What a batch's answer said of it.</summary>
/// <param name="Id">The batch.</param>
/// <param name="Container">What it was in.</param>
/// <param name="DrinkableAt">From when it was to be drunk; null for never.</param>
/// <param name="Ledger">What its ledger reached.</param>
public sealed record BatchLedger(Guid Id, string? Container, DateTimeOffset? DrinkableAt, IReadOnlyList<ReachedLogs>? Ledger);

/// <summary>What a batch reached for one class, against the full target.</summary>
public sealed record ReachedLogs(OrganismClass Organism, double Logs);

/// <summary>An illness looked back on.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="OnsetAt">When it began.</param>
/// <param name="Symptoms">In words.</param>
/// <param name="FeverC">Body temperature, °C.</param>
/// <param name="Blood">Whether there was blood.</param>
/// <param name="Dehydrated">Whether there are signs of dehydration.</param>
/// <param name="AtRisk">Whether pregnant, a small child, older or immune-compromised.</param>
/// <param name="Log">The whole log, with the kit it is about: which water each drink was is what is in hand by it.</param>
/// <param name="Ledgers">What was reached with its batches.</param>
/// <param name="OffsetMinutes">The clock's offset from UTC, min.</param>
/// <param name="Now">The time now.</param>
public sealed record LookBackRequest(
    UnitSystem? Units,
    DateTimeOffset? OnsetAt,
    string? Symptoms = null,
    double? FeverC = null,
    bool? Blood = null,
    bool? Dehydrated = null,
    bool? AtRisk = null,
    InHandRequest? Log = null,
    IReadOnlyList<BatchLedger>? Ledgers = null,
    double? OffsetMinutes = null,
    DateTimeOffset? Now = null
);

/// <summary>Water drunk inside an agent's window.</summary>
/// <param name="BatchId">The batch; null for a drink that was not treated.</param>
/// <param name="Words">What it was.</param>
/// <param name="DrunkAt">When.</param>
/// <param name="DaysBefore">Days from drinking to the onset.</param>
/// <param name="ShortByLogs">How far it fell short for the agent's class.</param>
/// <param name="Untreated">Whether it was not treated.</param>
public sealed record SuspectWater(
    Guid? BatchId,
    string Words,
    DateTimeOffset DrunkAt,
    double DaysBefore,
    double ShortByLogs,
    bool Untreated
);

/// <summary>An agent whose window holds something that was drunk.</summary>
/// <param name="Name">The agent.</param>
/// <param name="Organism">Its class.</param>
/// <param name="FromDays">Its window, days from drinking to symptoms.</param>
/// <param name="ToDays">Its window.</param>
/// <param name="Fits">What was drunk inside it, the furthest short first.</param>
/// <param name="Words">In a line.</param>
public sealed record CouldFit(
    string Name,
    OrganismClass Organism,
    double FromDays,
    double ToDays,
    IReadOnlyList<SuspectWater> Fits,
    string Words
);

/// <summary>What could fit: never a diagnosis.</summary>
/// <param name="Headline">In a line.</param>
/// <param name="Agents">Those that could fit, the furthest short first.</param>
/// <param name="SeeClinician">Why to see one now; empty where nothing told asks for it.</param>
/// <param name="Care">What to do meanwhile.</param>
/// <param name="Hygiene">Food and hands are commoner causes: what to look at.</param>
/// <param name="Letter">All of it as plain text for a clinician.</param>
/// <param name="Cautions">What to mind.</param>
public sealed record LookBackResponse(
    string Headline,
    IReadOnlyList<CouldFit> Agents,
    IReadOnlyList<string> SeeClinician,
    IReadOnlyList<string> Care,
    IReadOnlyList<string> Hygiene,
    string Letter,
    IReadOnlyList<Caution> Cautions
);
