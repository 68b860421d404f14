using JollyBrook.Core.Barriers;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Packing.Choosing;

/// <summary>What an owner knows of a piece that no label tells.</summary>
/// <param name="Id">The piece: its kit item, or the usual piece's id.</param>
/// <param name="Price">What it costs to get, 0 to 5 000, in one's own money; nothing for what is owned, when left out.</param>
/// <param name="BulkL">Room it takes in the pack, L, 0 to 50.</param>
/// <param name="MassKg">Mass as it is carried, with what it holds, kg, 0 to 20; for a usual piece, the one about to be got.</param>
public sealed record OwnFigure(string? Id, double? Price = null, double? BulkL = null, double? MassKg = null);

/// <summary>How much each matters, 0 (not at all) to 4; 2 when left out.</summary>
/// <param name="Mass">Mass.</param>
/// <param name="Bulk">Room in the pack.</param>
/// <param name="Price">Price of what is not owned.</param>
/// <param name="Work">Minutes of hands-on work a day.</param>
/// <param name="Wait">The longest wait.</param>
/// <param name="Taste">Taste.</param>
public sealed record KitWeights(
    double? Mass = null,
    double? Bulk = null,
    double? Price = null,
    double? Work = null,
    double? Wait = null,
    double? Taste = null
)
{
    /// <summary>With what was left out put in.</summary>
    internal KitWeights Filled =>
        new(
            Mass ?? KitSteps.DefaultWeight,
            Bulk ?? KitSteps.DefaultWeight,
            Price ?? KitSteps.DefaultWeight,
            Work ?? KitSteps.DefaultWeight,
            Wait ?? KitSteps.DefaultWeight,
            Taste ?? KitSteps.DefaultWeight
        );
}

/// <summary>What to choose treatment for.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Kit">Everything owned: what is carried, and what is left at home for now. Vessels, pots and the rest of it are taken as
/// they are carried.</param>
/// <param name="Plan">The trip; gives what <paramref name="Trip"/> leaves out.</param>
/// <param name="Trip">What is known of the trip without, or better than, the plan.</param>
/// <param name="CountViruses">Whether viruses are part of the target; true when left out.</param>
/// <param name="Now">The time now.</param>
/// <param name="HangPoints">Whether there is something to hang a bag from at camp; not known counts as no.</param>
/// <param name="OwnedOnly">Whether only what is owned is chosen from; usual pieces join it when left out.</param>
/// <param name="Figures">What the owner knows of pieces.</param>
/// <param name="Weights">What matters.</param>
/// <param name="MostPieces">Sets of so many pieces at most, 1 to 5; 5 when left out. Fewer answer sooner.</param>
public sealed record ChooseKitRequest(
    UnitSystem? Units,
    IReadOnlyList<KitEntry>? Kit = null,
    PlanRequest? Plan = null,
    KitTrip? Trip = null,
    bool? CountViruses = null,
    DateTimeOffset? Now = null,
    YesNo? HangPoints = null,
    bool? OwnedOnly = null,
    IReadOnlyList<OwnFigure>? Figures = null,
    KitWeights? Weights = null,
    double? MostPieces = null
);

/// <summary>A piece that may be chosen.</summary>
/// <param name="Id">Its kit item, or the usual piece's id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Owned">Whether it is owned.</param>
/// <param name="Carried">Whether it is carried now.</param>
/// <param name="Figures">Price, room and mass, with what the owner left out put in.</param>
/// <param name="Typical">Which of them are only what such a piece usually is: price, bulkL, massKg.</param>
/// <param name="LeftOut">Why it is not chosen from; empty where it is.</param>
/// <param name="Entries">What it is made of, as it is counted on.</param>
/// <param name="ToAdd">What comes into the kit when it is taken, to be filled up from its label; empty where all of it is owned.</param>
public sealed record KitPiece(
    string Id,
    string Name,
    bool Owned,
    bool Carried,
    OwnFigure Figures,
    IReadOnlyList<string> Typical,
    string LeftOut,
    IReadOnlyList<KitEntry> Entries,
    IReadOnlyList<KitItem> ToAdd
);

/// <summary>A set of treatment, run through the trip.</summary>
/// <param name="Ids">Its pieces.</param>
/// <param name="Names">Their names.</param>
/// <param name="Lacks">What it must have and has not, in words; empty for a whole one.</param>
/// <param name="MassKg">Pieces with what they hold, kg.</param>
/// <param name="BulkL">Room in the pack, L.</param>
/// <param name="Price">Of what is not owned.</param>
/// <param name="IsTypical">Whether some of mass, room and price is only usual for such pieces.</param>
/// <param name="WorkMinutesPerDay">Hands-on work for all the trip's water, min a day.</param>
/// <param name="WorkMinutesEach">The same shared by all who walk, min a day.</param>
/// <param name="WaitMinutes">The longest wait, min.</param>
/// <param name="WaitAt">Where that is.</param>
/// <param name="Taste">The worst taste on the way.</param>
/// <param name="TasteSteps">Steps of taste away from water as it came.</param>
/// <param name="TasteWords">In a word or two.</param>
/// <param name="CoveredL">Litres of the worst water that all its supplies treat, L.</param>
/// <param name="GapAt">Where nothing of it treats the water; null where there is no gap.</param>
/// <param name="LitresToGap">Litres treated until then, L; all of them without a gap.</param>
/// <param name="LeavesNothing">Failures after which no chain is left.</param>
/// <param name="LeavesOne">Failures after which one is.</param>
/// <param name="Waste">What is empty or used up at the end, as the end of a sentence.</param>
/// <param name="Mostly">How the water is mostly treated.</param>
/// <param name="Steps">What it costs in all by the weights: the fewer, the better.</param>
public sealed record KitSet(
    IReadOnlyList<string> Ids,
    IReadOnlyList<string> Names,
    IReadOnlyList<string> Lacks,
    double MassKg,
    double BulkL,
    double Price,
    bool IsTypical,
    double WorkMinutesPerDay,
    double WorkMinutesEach,
    double WaitMinutes,
    string WaitAt,
    Taste Taste,
    int TasteSteps,
    string TasteWords,
    double CoveredL,
    string? GapAt,
    double LitresToGap,
    IReadOnlyList<string> LeavesNothing,
    IReadOnlyList<string> LeavesOne,
    string Waste,
    string Mostly,
    double Steps
);

/// <summary>What to take.</summary>
/// <param name="Headline">The best set in a line.</param>
/// <param name="Sets">The sets to choose from, the best by the weights first; none of them is worse in every respect than another.</param>
/// <param name="Present">What is carried now; null where nothing that treats water is.</param>
/// <param name="Pieces">What was chosen from, and what was not.</param>
/// <param name="Tried">How many sets were run through the trip.</param>
/// <param name="NoTarget">How many of them have no chain for the worst water.</param>
/// <param name="IsAll">Whether sets of five were tried as well.</param>
/// <param name="NeedL">Water to be treated on the trip, L.</param>
/// <param name="Days">Days of it.</param>
/// <param name="Weights">What matters, with what was left out put in.</param>
/// <param name="Assumptions">What was not known and taken as worse.</param>
/// <param name="Working">The arithmetic of the best set.</param>
public sealed record ChooseKitResponse(
    string Headline,
    IReadOnlyList<KitSet> Sets,
    KitSet? Present,
    IReadOnlyList<KitPiece> Pieces,
    int Tried,
    int NoTarget,
    bool IsAll,
    double NeedL,
    int Days,
    KitWeights Weights,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<WorkingStep> Working
);

internal static class ChooseKitFields
{
    private const double LeastWeight = 0,
        MostWeight = 4;

    public static readonly NumberField Pieces = new("mostPieces", "Pieces in a set", Quantity.Plain, 1, 5, "Five are all that is tried.");
    public static readonly NumberField Price = new(
        "figures.price",
        "Price",
        Quantity.Plain,
        0,
        5000,
        "What it costs to get; 0 for what is owned."
    );
    public static readonly NumberField Bulk = new(
        "figures.bulkL",
        "Room in the pack",
        Quantity.Volume,
        0,
        50,
        "About what it takes, packed."
    );
    public static readonly NumberField Mass = new("figures.massKg", "Mass", Quantity.KitMass, 0, 20, "Weigh it as it is carried.");

    public static IReadOnlyList<Field> All =>
        [
            ChoiceField.Of<UnitSystem>("units", "Units"),
            ChoiceField.Of<YesNo>("hangPoints", "Something to hang a bag from"),
            Pieces,
            Price,
            Bulk,
            Mass,
            .. Names.Select(Weight),
            .. KitTrip.Fields,
            .. KitItem.Fields,
        ];

    private static readonly string[] Names = ["mass", "bulk", "price", "work", "wait", "taste"];

    public static void Check(KitWeights weights, Intake intake)
    {
        double?[] told = [weights.Mass, weights.Bulk, weights.Price, weights.Work, weights.Wait, weights.Taste];
        foreach (var (name, weight) in Names.Zip(told))
        {
            intake.Optional(Weight(name), weight);
        }
    }

    private static NumberField Weight(string name) =>
        new($"weights.{name}", $"How much {name} matters", Quantity.Plain, LeastWeight, MostWeight, "0 is not at all, 4 is most of all.");
}
