using System.Text.Json.Serialization;
using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Scarcity;

/// <summary>Which way along the walk.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Direction>))]
public enum Direction
{
    /// <summary>On along the walk.</summary>
    Ahead,

    /// <summary>Back the way one came.</summary>
    Behind,
}

/// <summary>What there is to treat the water here with.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Means>))]
public enum Means
{
    /// <summary>Not told; the answer says so.</summary>
    Unknown,

    /// <summary>Something that reaches the target.</summary>
    Full,

    /// <summary>A barrier that falls short, or clearing alone.</summary>
    Weak,

    /// <summary>Nothing.</summary>
    None,
}

/// <summary>How the body shows that water is missing (handbook room 95).</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<BodySigns>))]
public enum BodySigns
{
    /// <summary>Nobody has looked.</summary>
    Unknown,

    /// <summary>Looked for, and not there.</summary>
    None,

    /// <summary>Thirst, dry mouth, dark and little urine, headache, cramps.</summary>
    Thirsty,

    /// <summary>Dizzy, faint, confused, fast pulse, no urine for 8 h; or overheated.</summary>
    Grave,
}

/// <summary>Water somewhere along the way.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Direction">Ahead or behind; ahead when left out.</param>
/// <param name="DistanceKm">How far, km, 0 to 500.</param>
/// <param name="Chance">The chance that it runs, 0 to 1; <see cref="Triage.UntoldChance"/> when left out.</param>
/// <param name="Minutes">Walk to it, min, where that is known better than by pace.</param>
/// <param name="DoNotUse">Whether nothing makes it drinkable: it then counts for nothing.</param>
public sealed record NearSource(
    string? Name,
    Direction? Direction,
    double? DistanceKm,
    double? Chance = null,
    double? Minutes = null,
    bool? DoNotUse = null
);

/// <summary>
/// Where the party stands with water. Three numbers are enough: litres in hand, litres an hour, and how far the next water is.
/// </summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="InHandL">Water carried that may be drunk, whole party, L, 0 to 200.</param>
/// <param name="NeedLPerH">Lost walking, whole party, L/h, 0.05 to 40; reckoned from walkers and effort when left out.</param>
/// <param name="People">How many, 1 to 40; the walkers, or one.</param>
/// <param name="Walkers">Who walks.</param>
/// <param name="Tests">Their sweat tests.</param>
/// <param name="Effort">Air, ground and pace.</param>
/// <param name="Sources">Water ahead and behind.</param>
/// <param name="HelpHours">Hours until help could be here, 0 to 240; null when not known.</param>
/// <param name="NoHelp">Whether it is known that no help is coming.</param>
/// <param name="WaterHere">Whether there is water of any kind here.</param>
/// <param name="Here">What is seen of it.</param>
/// <param name="HereWater">What it is like.</param>
/// <param name="Means">What there is to treat it with.</param>
/// <param name="Signs">How the body shows it.</param>
/// <param name="Walk">The trip as it is now: its waters join those of <paramref name="Sources"/>, on its own ground, hours and weather; who
/// walks and the effort are taken from it where they are left out.</param>
/// <param name="AlongKm">Where the party is along that trip, km, 0 to 5 000; its start when left out.</param>
/// <param name="DeficitPercent">What the weakest is short already as the log has it, % of body mass, −20 to 20: signs count where they
/// are worse; null where it does not tell.</param>
public sealed record TriageRequest(
    UnitSystem? Units,
    double? InHandL,
    double? NeedLPerH = null,
    double? People = null,
    IReadOnlyList<WalkerEntry>? Walkers = null,
    IReadOnlyList<SweatTestEntry>? Tests = null,
    Effort? Effort = null,
    IReadOnlyList<NearSource>? Sources = null,
    double? HelpHours = null,
    bool? NoHelp = null,
    bool? WaterHere = null,
    SourceInput? Here = null,
    WaterInput? HereWater = null,
    Means? Means = null,
    BodySigns? Signs = null,
    PlanRequest? Walk = null,
    double? AlongKm = null,
    double? DeficitPercent = null
);

internal static class TriageFields
{
    public static readonly NumberField InHand = new(
        "inHandL",
        "Water in hand",
        Quantity.Volume,
        0,
        200,
        "Add up what is in every bottle and may be drunk."
    );

    public static readonly NumberField Need = new(
        "needLPerH",
        "Need for an hour",
        Quantity.Volume,
        0.05,
        40,
        "About half a litre each on an easy walk, one in heat."
    );

    public static readonly NumberField People = new("people", "People", Quantity.Plain, 1, 40, "Count everyone who drinks from it.");

    public static readonly NumberField Help = new(
        "helpHours",
        "Hours until help could be here",
        Quantity.Plain,
        0,
        240,
        "Count from now; leave it out when nobody knows."
    );

    public static readonly NumberField Distance = new(
        "sources.distanceKm",
        "Distance to the water",
        Quantity.Distance,
        0,
        500,
        "Measure it on the map along the way."
    );

    public static readonly NumberField Chance = new("sources.chance", "Chance that it runs", Quantity.Share, 0, 1, "100 % is certain.");

    public static readonly NumberField Minutes = new(
        "sources.minutes",
        "Walk to the water",
        Quantity.Duration,
        0,
        10000,
        "Or leave it out: the pace gives it."
    );

    public static readonly NumberField Along = new(
        "alongKm",
        "Where you are along the trip",
        Quantity.Distance,
        0,
        5000,
        "Measure it on the map."
    );

    public static readonly NumberField Deficit = new(
        "deficitPercent",
        "Short already, of body mass",
        Quantity.Percent,
        -20,
        20,
        "The log tells it; leave it out when it does not."
    );

    public static IReadOnlyList<Field> All =>
        [
            ChoiceField.Of<UnitSystem>("units", "Units"),
            InHand,
            Need,
            People,
            Help,
            Distance,
            Chance,
            Minutes,
            Along,
            Deficit,
            .. Effort.FieldsAt("effort"),
            .. SourceFields.All,
            .. WaterFields.All,
            ChoiceField.Of<Means>("means", "What there is to treat with"),
            ChoiceField.Of<BodySigns>("signs", "Signs"),
            ChoiceField.Of<Direction>("sources.direction", "Direction"),
        ];
}

/// <summary>The three ways out.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<WayOutKind>))]
public enum WayOutKind
{
    /// <summary>On to the next water.</summary>
    On,

    /// <summary>Back to the last.</summary>
    Back,

    /// <summary>Stays and treats, makes or waits for water here.</summary>
    Stay,
}

/// <summary>A water as a way out counts it, at the need and the pace of now.</summary>
/// <param name="Name">What it is called; null where nobody said.</param>
/// <param name="Direction">Ahead or behind.</param>
/// <param name="DistanceKm">km.</param>
/// <param name="Chance">That it runs, 0 to 1.</param>
/// <param name="Hours">To it, h.</param>
/// <param name="NeedL">Until then, whole party, L.</param>
internal sealed record WaterOnWay(string? Name, Direction Direction, double DistanceKm, double Chance, double Hours, double NeedL);

/// <summary>One source on a way out.</summary>
/// <param name="Name">Its name.</param>
/// <param name="DistanceKm">How far, km.</param>
/// <param name="Hours">How long, h.</param>
/// <param name="Chance">That it runs.</param>
/// <param name="LeftL">In hand on arrival, L; less than 0 is short by so much.</param>
/// <param name="ReachChance">That the water in hand lasts to it.</param>
/// <param name="Words">The same in a line.</param>
public sealed record SourceOnWay(
    string Name,
    double DistanceKm,
    double Hours,
    double Chance,
    double LeftL,
    double ReachChance,
    string Words
);

/// <summary>On, back or stay.</summary>
/// <param name="Kind">Which.</param>
/// <param name="Name">In a few words.</param>
/// <param name="ChanceShort">The chance of running short on it, 0 to 1.</param>
/// <param name="Hours">To the water it is walked to or to help, h; null where there is neither.</param>
/// <param name="NeedL">Needed until then, L.</param>
/// <param name="LeftL">Left then, L; less than 0 is short by so much.</param>
/// <param name="ArrivePercent">Short on arrival, % of body mass, what is missing now counted; null where there is neither water nor
/// help.</param>
/// <param name="ChanceTooFar">The chance of passing 5 % of body mass before water, 0 to 1: what the ways are compared by.</param>
/// <param name="Sources">The sources on it, the nearest first.</param>
/// <param name="Words">What speaks for or against it, with its figures.</param>
/// <param name="Towards">The water it is walked to: the first that more likely runs than not, else the first; null where there is
/// none.</param>
public sealed record WayOutAnswer(
    WayOutKind Kind,
    string Name,
    double ChanceShort,
    double? Hours,
    double? NeedL,
    double? LeftL,
    double? ArrivePercent,
    double ChanceTooFar,
    IReadOnlyList<SourceOnWay> Sources,
    string Words,
    SourceOnWay? Towards = null
)
{
    /// <summary>Whether it is too far rarely enough to be counted on.</summary>
    public bool Sure => ChanceTooFar <= Standing.Accepted;
}

/// <summary>A condition of a stage, met or not.</summary>
public sealed record StageCondition(string Words, bool Met);

/// <summary>One stage of the triage.</summary>
/// <param name="Number">0 to 5.</param>
/// <param name="Name">What it is about.</param>
/// <param name="Reached">Whether the party has come to it.</param>
/// <param name="Now">Whether it is the one to act on.</param>
/// <param name="Figures">Litres, hours left, distances, in words.</param>
/// <param name="Actions">What to do in it; for the last stage only once it is reached.</param>
/// <param name="Conditions">What opens it; empty where figures alone do.</param>
public sealed record StageAnswer(
    int Number,
    string Name,
    bool Reached,
    bool Now,
    IReadOnlyList<string> Figures,
    IReadOnlyList<string> Actions,
    IReadOnlyList<StageCondition> Conditions
);

/// <summary>Where the party stands.</summary>
/// <param name="Stage">0 (enough) to 5.</param>
/// <param name="Headline">The state in a few words.</param>
/// <param name="Action">The one action now.</param>
/// <param name="InHandL">In hand, L.</param>
/// <param name="NeedLPerH">Need walking, whole party, L/h.</param>
/// <param name="RestLPerH">Need at rest in the shade, whole party, L/h.</param>
/// <param name="RestLPerDay">Need of a day at rest in the shade, whole party, L.</param>
/// <param name="SparingLPerH">Need walking in the cool hours, L/h.</param>
/// <param name="HoursWalking">Hours covered walking.</param>
/// <param name="HoursResting">Hours covered at rest.</param>
/// <param name="Choices">On, back, stay; the one to take first.</param>
/// <param name="Best">The one to take.</param>
/// <param name="Stages">All six.</param>
/// <param name="CallForHelp">Whether help is to be called now: every way passes 7 % of body mass, or 3 % with grave signs.</param>
/// <param name="HereVerdict">What the water here was judged; null without any.</param>
/// <param name="HereStops">Why it is not to be drunk; empty where nothing stops it.</param>
/// <param name="Never">What is never drunk, each with its reason.</param>
/// <param name="Assumptions">What was not known.</param>
/// <param name="Cautions">What to heed.</param>
/// <param name="Working">The arithmetic.</param>
public sealed record TriageResponse(
    int Stage,
    string Headline,
    string Action,
    double InHandL,
    double NeedLPerH,
    double RestLPerH,
    double RestLPerDay,
    double SparingLPerH,
    double HoursWalking,
    double HoursResting,
    IReadOnlyList<WayOutAnswer> Choices,
    WayOutKind Best,
    IReadOnlyList<StageAnswer> Stages,
    bool CallForHelp,
    Verdict? HereVerdict,
    IReadOnlyList<string> HereStops,
    IReadOnlyList<string> Never,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions,
    IReadOnlyList<WorkingStep> Working
);
