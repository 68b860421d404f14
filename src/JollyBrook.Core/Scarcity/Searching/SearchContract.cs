using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Scarcity.Searching;

/// <summary>A sign that is seen from here.</summary>
/// <param name="Sign">Which.</param>
/// <param name="AwayMinutes">Walk to it, one way, min, 0 to 600; the sign's usual when left out.</param>
public sealed record SeenSign(GroundSign? Sign, double? AwayMinutes = null);

/// <summary>Where to look first, and when to stop.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Standing">Where the party stands with water, as for the triage.</param>
/// <param name="Seen">What is seen from here.</param>
/// <param name="Country">How wet the country has been; the trip's own when left out.</param>
public sealed record SearchRequest(
    UnitSystem? Units,
    TriageRequest? Standing,
    IReadOnlyList<SeenSign>? Seen = null,
    CountrySigns? Country = null
);

/// <summary>A look, in the order it is worth it.</summary>
/// <param name="Sign">The sign.</param>
/// <param name="Name">What is seen.</param>
/// <param name="Where">Where to look, and how.</param>
/// <param name="Chance">That water is found, 0 to 1.</param>
/// <param name="ChanceWhy">What moved it; empty where nothing did.</param>
/// <param name="AwayMinutes">Walk to it, one way, min.</param>
/// <param name="Minutes">There, looking and back, min.</param>
/// <param name="Litres">Water it costs, whole party, L.</param>
/// <param name="IsWithin">Whether it leaves what the sure way needs.</param>
/// <param name="Words">In a line.</param>
public sealed record SearchLook(
    GroundSign Sign,
    string Name,
    string Where,
    double Chance,
    string ChanceWhy,
    double AwayMinutes,
    double Minutes,
    double Litres,
    bool IsWithin,
    string Words
);

/// <summary>Where to look first, and when to stop.</summary>
/// <param name="Headline">In a line.</param>
/// <param name="Looks">The best first.</param>
/// <param name="ChanceOfAny">That one of those within reach finds water, 0 to 1.</param>
/// <param name="SpareL">What may be spent on looking, L; less than 0 is missing already.</param>
/// <param name="Stop">When to stop, and what for.</param>
/// <param name="Known">Every sign there is, to be ticked.</param>
/// <param name="Country">How wet the country was taken to be.</param>
/// <param name="Assumptions">What was not known.</param>
/// <param name="Cautions">What to mind.</param>
/// <param name="Working">How it was found.</param>
public sealed record SearchResponse(
    string Headline,
    IReadOnlyList<SearchLook> Looks,
    double ChanceOfAny,
    double SpareL,
    string Stop,
    IReadOnlyList<GroundSignInfo> Known,
    CountrySigns Country,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions,
    IReadOnlyList<WorkingStep> Working
);
