using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Drills;

/// <summary>A closer look at a source; each costs minutes.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Look>))]
public enum Look
{
    /// <summary>Upstream and round the next bend.</summary>
    Upstream,

    /// <summary>Along the edges and over the surface.</summary>
    Edges,

    /// <summary>A drop on the tongue, spat out.</summary>
    Taste,

    /// <summary>A dark mark, looked at from above.</summary>
    Mark,

    /// <summary>A thermometer in the water.</summary>
    Thermometer,
}

/// <summary>How the water is cleared.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ClearBy>))]
public enum ClearBy
{
    /// <summary>Not at all.</summary>
    Nothing,

    /// <summary>Through a cloth.</summary>
    Strain,

    /// <summary>Left to stand.</summary>
    Settle,

    /// <summary>With a flocculant.</summary>
    Flocculate,
}

/// <summary>What is done with threads and cap.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<StoreBy>))]
public enum StoreBy
{
    /// <summary>Treated water over the threads, cap closed, clean side only.</summary>
    RinseThreads,

    /// <summary>Cap straight on.</summary>
    CapAsItIs,

    /// <summary>Poured back into the bottle it was dipped with.</summary>
    BackToDirty,
}

/// <summary>A look taken.</summary>
public sealed record LookTaken(string? Source, Look? Look);

/// <summary>What the learner has decided so far; a null is still to come.</summary>
/// <param name="Looks">Looks taken, in any order.</param>
/// <param name="Source">The source drawn from; <see cref="Drill.GoOn"/> for none of them.</param>
/// <param name="Clear">How it is cleared.</param>
/// <param name="Method">The way it is treated.</param>
/// <param name="Dose">Tablets, drops, cycles, or minutes at a rolling boil.</param>
/// <param name="WaitMinutes">Minutes of contact before the first sip.</param>
/// <param name="Store">How it is put away.</param>
/// <param name="CarryL">Litres carried on, whole party.</param>
public sealed record DrillAnswers(
    IReadOnlyList<LookTaken>? Looks = null,
    string? Source = null,
    ClearBy? Clear = null,
    string? Method = null,
    double? Dose = null,
    double? WaitMinutes = null,
    StoreBy? Store = null,
    double? CarryL = null
);

/// <summary>A drill by its seed and level, with what has been decided so far.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Seed">Whole, 0 to 9 007 199 254 740 991: the same seed gives the same drill everywhere.</param>
/// <param name="Level">1 to 6.</param>
/// <param name="Focus">A skill that the drill is bent towards; none when left out.</param>
/// <param name="Answers">Decisions so far.</param>
/// <param name="Kit">What the learner carries: copied labels take the place of generic ones of their kind.</param>
public sealed record DrillRequest(
    UnitSystem? Units,
    double? Seed,
    double? Level = null,
    Skill? Focus = null,
    DrillAnswers? Answers = null,
    IReadOnlyList<KitEntry>? Kit = null
);

/// <summary>A look that can be taken, or was.</summary>
/// <param name="Look">Which.</param>
/// <param name="Name">In words.</param>
/// <param name="Minutes">What it costs.</param>
/// <param name="Found">What it showed; null until taken.</param>
public sealed record LookOffer(Look Look, string Name, double Minutes, string? Found);

/// <summary>A source as it can be seen.</summary>
public sealed record DrillSource(string Id, string Name, IReadOnlyList<string> Seen, IReadOnlyList<LookOffer> Looks);

/// <summary>One choice of a step.</summary>
public sealed record DrillChoice(string Id, string Name, string Hint = "");

/// <summary>One decision.</summary>
/// <param name="Id">Which field of the answers it fills.</param>
/// <param name="Skill">What it teaches.</param>
/// <param name="Question">The question.</param>
/// <param name="Choices">What can be chosen; empty for a number.</param>
/// <param name="Unit">What a number counts; empty for a choice.</param>
/// <param name="Quantity">What a number measures.</param>
/// <param name="Answer">The decision taken, in words; null while open.</param>
public sealed record DrillStep(
    string Id,
    Skill Skill,
    string Question,
    IReadOnlyList<DrillChoice> Choices,
    string Unit,
    Quantity Quantity,
    string? Answer
);

/// <summary>How one decision turned out.</summary>
/// <param name="Skill">Which.</param>
/// <param name="Passed">Whether it would do.</param>
/// <param name="Yours">What was decided.</param>
/// <param name="Better">What a good hand does.</param>
/// <param name="Why">Why.</param>
/// <param name="ErrorPercent">How far a number was off; null for a choice.</param>
public sealed record StepVerdict(Skill Skill, bool Passed, string Yours, string Better, string Why, double? ErrorPercent = null);

/// <summary>What was behind it all, and how it went.</summary>
/// <param name="Passed">Whether every decision would do.</param>
/// <param name="Headline">In a few words.</param>
/// <param name="Steps">Decision by decision.</param>
/// <param name="Ledger">What the learner's water came to; empty when none was drawn.</param>
/// <param name="Risks">What was risked.</param>
/// <param name="Minutes">Minutes spent.</param>
/// <param name="Supplies">What was used up.</param>
/// <param name="Truth">What was really in the waters.</param>
/// <param name="Reference">The better hand, in a line.</param>
/// <param name="ReferenceSteps">How, step by step.</param>
/// <param name="Refuses">Whether the right answer was to go on.</param>
/// <param name="Working">The arithmetic of the better hand.</param>
public sealed record DrillDebrief(
    bool Passed,
    string Headline,
    IReadOnlyList<StepVerdict> Steps,
    IReadOnlyList<LedgerRow> Ledger,
    IReadOnlyList<string> Risks,
    double Minutes,
    IReadOnlyList<string> Supplies,
    IReadOnlyList<string> Truth,
    string Reference,
    IReadOnlyList<string> ReferenceSteps,
    bool Refuses,
    IReadOnlyList<WorkingStep> Working
);

/// <summary>A drill as it stands.</summary>
/// <param name="Seed">Its seed.</param>
/// <param name="Level">Its level.</param>
/// <param name="LevelName">In words.</param>
/// <param name="Title">Its title.</param>
/// <param name="Story">Season, place, party, time.</param>
/// <param name="Kit">What is carried, in words.</param>
/// <param name="Sources">The waters.</param>
/// <param name="Steps">The decisions, in order; later ones follow from earlier ones.</param>
/// <param name="Next">The decision that is open; null when all are taken.</param>
/// <param name="Minutes">Minutes spent so far.</param>
/// <param name="Debrief">How it went; null until all are taken.</param>
public sealed record DrillResponse(
    double Seed,
    int Level,
    string LevelName,
    string Title,
    IReadOnlyList<string> Story,
    IReadOnlyList<string> Kit,
    IReadOnlyList<DrillSource> Sources,
    IReadOnlyList<DrillStep> Steps,
    string? Next,
    double Minutes,
    DrillDebrief? Debrief
);

internal static class DrillFields
{
    public const double LargestSeed = 9_007_199_254_740_991;

    public static readonly NumberField Seed = new("seed", "Seed", Quantity.Plain, 0, LargestSeed, "Any whole number from 0 up.");
    public static readonly NumberField Level = new(
        "level",
        "Level",
        Quantity.Plain,
        1,
        DrillLevels.Most,
        "1 is one bottle, 6 four dry days."
    );
    public static readonly NumberField Dose = new(
        "answers.dose",
        "Dose",
        Quantity.Plain,
        0,
        2000,
        "Count whole tablets, drops, cycles or minutes."
    );
    public static readonly NumberField Wait = new(
        "answers.waitMinutes",
        "Wait",
        Quantity.Duration,
        0,
        2880,
        "Minutes before the first sip."
    );
    public static readonly NumberField Carry = new("answers.carryL", "Litres to carry", Quantity.Volume, 0, 200, "For the whole party.");

    public static IReadOnlyList<Field> All =>
        [
            ChoiceField.Of<UnitSystem>("units", "Units"),
            Seed,
            Level,
            ChoiceField.Of<Skill>("focus", "Focus"),
            ChoiceField.Of<Look>("answers.looks.look", "Look"),
            ChoiceField.Of<ClearBy>("answers.clear", "Clearing"),
            Dose,
            Wait,
            ChoiceField.Of<StoreBy>("answers.store", "Putting away"),
            Carry,
        ];
}
