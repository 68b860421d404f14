using System.Text.Json.Serialization;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Packing.Sparing;

/// <summary>What the other party is about to do.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<TheirWay>))]
public enum TheirWay
{
    /// <summary>On the way out, there by tonight or tomorrow.</summary>
    Out,

    /// <summary>Staying for days.</summary>
    Stay,
}

/// <summary>What another party needs. What is left out counts as the worse.</summary>
/// <param name="People">How many, 1 to 40; one when left out.</param>
/// <param name="Way">What they are about to do; on the way out when left out.</param>
/// <param name="Days">How long they stay, d, 1 to 30; one when left out.</param>
/// <param name="HasPot">Whether they can boil: a pot, and fuel or wood for it.</param>
/// <param name="HasClearWater">Whether the water they draw is clear.</param>
/// <param name="WaterC">How cold it is, °C, 0 to 40; near freezing when left out.</param>
/// <param name="BottleL">What their bottle holds, L, 0.1 to 20; one litre when left out.</param>
public sealed record OthersNeed(
    double? People = null,
    TheirWay? Way = null,
    double? Days = null,
    YesNo? HasPot = null,
    YesNo? HasClearWater = null,
    double? WaterC = null,
    double? BottleL = null
)
{
    /// <summary>With what was left out put in; what only counts as worse stays untold.</summary>
    internal OthersNeed Filled => this with { People = People ?? 1, Way = Way ?? TheirWay.Out, Days = Days ?? 1, BottleL = BottleL ?? 1 };

    /// <summary>The evening and the walk out, L a person (pick).</summary>
    private const double OutL = 2;

    private const double StayLPerDay = 4;

    /// <summary>Litres they need treated: 2 a person on the way out, 4 a person and day where they stay (picks).</summary>
    [JsonIgnore]
    internal double Litres => People!.Value * (Way == TheirWay.Stay ? StayLPerDay * Days!.Value : OutL);
}

/// <summary>What could be given to another party.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Kit">Everything carried, as it is left.</param>
/// <param name="Need">What they need.</param>
/// <param name="Plan">Our trip; gives what <paramref name="Trip"/> leaves out.</param>
/// <param name="AlongKm">Where we stand on it, km: what is behind needs no treating any more. The whole trip when left out.</param>
/// <param name="Trip">What is known of our trip without, or better than, the plan.</param>
/// <param name="CountViruses">Whether viruses are part of the target; true when left out.</param>
/// <param name="Now">The time now.</param>
public sealed record SpareRequest(
    UnitSystem? Units,
    IReadOnlyList<KitEntry>? Kit,
    OthersNeed? Need = null,
    PlanRequest? Plan = null,
    double? AlongKm = null,
    KitTrip? Trip = null,
    bool? CountViruses = null,
    DateTimeOffset? Now = null
);

/// <summary>How they are helped.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<SpareKind>))]
public enum SpareKind
{
    /// <summary>They boil their own: nothing of ours is given.</summary>
    Boil,

    /// <summary>Tablets are handed over.</summary>
    Tablets,

    /// <summary>We treat water for them here.</summary>
    TreatHere,
}

/// <summary>A card for them, to be photographed, printed or read out.</summary>
/// <param name="Kind">How they are helped.</param>
/// <param name="ItemId">Of our kit what is given or used; null where nothing is.</param>
/// <param name="Title">What it is.</param>
/// <param name="Give">How much is given, in words; empty where nothing is.</param>
/// <param name="Amount">The same in the item's own measure: tablets; 0 where nothing is handed over.</param>
/// <param name="Litres">For so many litres, L.</param>
/// <param name="IsEnough">Whether that is all they need.</param>
/// <param name="MeetsTarget">Whether it takes out all that it should.</param>
/// <param name="Dose">The dose or time, for the largest letters.</param>
/// <param name="Wait">How long to wait; empty where there is nothing to wait for.</param>
/// <param name="Steps">What to do, in order, each a sentence.</param>
/// <param name="Cautions">What to mind, each a sentence.</param>
/// <param name="Remains">What remains for us.</param>
/// <param name="IsTight">Whether we then have less than we should.</param>
/// <param name="LeftAfter">What is left of the item then, in its own measure; null where nothing is handed over.</param>
/// <param name="Spoken">The whole card as it is read out.</param>
public sealed record SpareCard(
    SpareKind Kind,
    string? ItemId,
    string Title,
    string Give,
    double Amount,
    double Litres,
    bool IsEnough,
    bool MeetsTarget,
    string Dose,
    string Wait,
    IReadOnlyList<string> Steps,
    IReadOnlyList<string> Cautions,
    string Remains,
    bool IsTight,
    double? LeftAfter,
    string Spoken
);

/// <summary>What could be given.</summary>
/// <param name="Headline">In a line.</param>
/// <param name="Need">What they need, with what was left out put in.</param>
/// <param name="TheirL">What they need, L.</param>
/// <param name="OursL">What our trip still asks, with a quarter more, L.</param>
/// <param name="Cards">The ways to help, the one that costs us least first; empty where there is none.</param>
/// <param name="Assumptions">What was not known and taken as worse.</param>
public sealed record SpareResponse(
    string Headline,
    OthersNeed Need,
    double TheirL,
    double OursL,
    IReadOnlyList<SpareCard> Cards,
    IReadOnlyList<Assumption> Assumptions
);

internal static class SpareFields
{
    public static readonly NumberField People = new(
        "need.people",
        "How many they are",
        Quantity.Plain,
        1,
        40,
        "Count everyone who drinks."
    );
    public static readonly NumberField Days = new("need.days", "How long they stay", Quantity.Plain, 1, 30, "Whole days.");
    public static readonly NumberField Water = new(
        "need.waterC",
        "Their water",
        Quantity.Temperature,
        0,
        40,
        "Leave it out when nobody measured."
    );
    public static readonly NumberField Bottle = new("need.bottleL", "Their bottle", Quantity.Volume, 0.1, 20, "What one fill holds.");
    public static readonly NumberField Along = new(
        "alongKm",
        "Where you are along the trip",
        Quantity.Distance,
        0,
        5000,
        "Measure it on the map."
    );

    public static IReadOnlyList<Field> All =>
        [
            ChoiceField.Of<UnitSystem>("units", "Units"),
            People,
            Days,
            Water,
            Bottle,
            Along,
            ChoiceField.Of<TheirWay>("need.way", "What they are about to do"),
            ChoiceField.Of<YesNo>("need.hasPot", "Whether they can boil"),
            ChoiceField.Of<YesNo>("need.hasClearWater", "Whether their water is clear"),
            .. KitTrip.Fields,
        ];
}
