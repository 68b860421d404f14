using System.Text.Json.Serialization;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Light;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Treatment;

/// <summary>What a treatment comes to.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<TreatOutcome>))]
public enum TreatOutcome
{
    /// <summary>Every class reaches its target.</summary>
    Meets,

    /// <summary>It works, but some class falls short of its target.</summary>
    ShortOfTarget,

    /// <summary>No dose or boil is given; the refusal says why.</summary>
    Refused,

    /// <summary>Drunk untreated by the traveller's own choice; nothing has been taken out.</summary>
    Accepted,
}

/// <summary>The answer: how much, how long, how good, and why.</summary>
/// <param name="Method">The method's id.</param>
/// <param name="MethodName">The method's name.</param>
/// <param name="Outcome">Whether the target is met.</param>
/// <param name="Headline">The answer in a few words: "1 tablet", "3 min at a rolling boil".</param>
/// <param name="Verdict">What the outcome means, in a sentence.</param>
/// <param name="ShortOf">Classes that fall short of their target.</param>
/// <param name="DrinkableMinutes">Minutes from the start to the first sip; null when refused or when it never cools.</param>
/// <param name="DrinkableAt">When that is, if a start was given.</param>
/// <param name="Refusal">Why there is no answer, and what would work; null otherwise.</param>
/// <param name="Dose">For a chemical.</param>
/// <param name="Contact">For a chemical.</param>
/// <param name="Boil">For boiling.</param>
/// <param name="Ledger">Log reduction per class against the target.</param>
/// <param name="Steps">What to do, in order.</param>
/// <param name="Assumptions">What was unknown and taken as worse.</param>
/// <param name="Cautions">What to mind, the gravest first.</param>
/// <param name="Working">The arithmetic.</param>
/// <param name="Clearing">What comes before the first barrier.</param>
/// <param name="Melt">Snow or ice to water; null for water.</param>
/// <param name="Filter">For a filter.</param>
/// <param name="Lamp">For a UV lamp.</param>
/// <param name="Sun">For sunlight.</param>
/// <param name="HandsOnMinutes">Minutes of somebody's work.</param>
/// <param name="Supplies">What it uses up, in words.</param>
/// <param name="Taste">How the water tastes afterwards.</param>
/// <param name="Risks">What can go wrong here.</param>
/// <param name="Storage">How to keep it clean.</param>
/// <param name="DrinkWithinHours">Drink it within so many hours; null where a residual keeps it.</param>
/// <param name="SourceVerdict">What the source was judged; null when it was not.</param>
/// <param name="Fills">How often the container has to be filled for all of it; everything else is for one fill.</param>
public sealed record TreatResponse(
    string Method,
    string MethodName,
    TreatOutcome Outcome,
    string Headline,
    string Verdict,
    IReadOnlyList<OrganismClass> ShortOf,
    double? DrinkableMinutes,
    DateTimeOffset? DrinkableAt,
    Refusal? Refusal,
    DoseAnswer? Dose,
    ContactAnswer? Contact,
    BoilAnswer? Boil,
    IReadOnlyList<LedgerRow> Ledger,
    IReadOnlyList<TreatmentStep> Steps,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions,
    IReadOnlyList<WorkingStep> Working,
    ClearingAnswer? Clearing = null,
    MeltAnswer? Melt = null,
    FilterAnswer? Filter = null,
    LampAnswer? Lamp = null,
    SunAnswer? Sun = null,
    double HandsOnMinutes = 0,
    IReadOnlyList<string>? Supplies = null,
    Taste Taste = Taste.AsItIs,
    IReadOnlyList<string>? Risks = null,
    IReadOnlyList<string>? Storage = null,
    double? DrinkWithinHours = null,
    Verdict? SourceVerdict = null,
    int Fills = 1
);
