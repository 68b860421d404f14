using System.Text.Json.Serialization;
using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>A walker with their id, so that sweat tests find them.</summary>
public sealed record WalkerEntry(string Id, [property: JsonRequired] Walker Walker);

/// <summary>A route to plan carried water for.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Route">The route.</param>
/// <param name="Sources">Its sources, in any order.</param>
/// <param name="Walkers">Who walks; one of 75 kg and 175 cm when left out.</param>
/// <param name="Tests">Their sweat tests.</param>
/// <param name="Now">The time now, for the age of reports.</param>
/// <param name="Kit">What there is to treat with: without it no time is given from which water is drinkable.</param>
/// <param name="CountViruses">Whether viruses are part of the target; true when left out.</param>
/// <param name="StartL">What is in hand at the start where no water is to be had there, L, 0 to 200; null is what the route says.</param>
/// <param name="Neighbours">Sources that are not on this walk: what was found at them tells of the country's weather.</param>
/// <param name="OffsetsMinutes">
/// The clock's offset from UTC on each day of the walk, −840 to 840 min: the trip's time zone, summer time and its end included. The last
/// stands for the days after it; as it is now when left out.
/// </param>
public sealed record PlanRequest(
    UnitSystem? Units,
    TripRoute? Route,
    IReadOnlyList<TripSourceEntry>? Sources = null,
    IReadOnlyList<WalkerEntry>? Walkers = null,
    IReadOnlyList<SweatTestEntry>? Tests = null,
    DateTimeOffset? Now = null,
    IReadOnlyList<KitEntry>? Kit = null,
    bool? CountViruses = null,
    double? StartL = null,
    IReadOnlyList<TripSourceEntry>? Neighbours = null,
    IReadOnlyList<double>? OffsetsMinutes = null
)
{
    private const double Noon = 12;

    /// <summary>
    /// A clock hour of the walk as an instant; on the day it falls in, by that day's clock. Null without a date and a time now.
    /// </summary>
    /// <param name="day">From 0.</param>
    /// <param name="hour">Clock time, h after midnight of that day; past 24 it is of the days after.</param>
    public DateTimeOffset? At(int day, double hour) =>
        (Route?.StartDate ?? (Now is { } now ? DateOnly.FromDateTime(now.DateTime) : null)) is { } start
            ? TripClock.At(start, day, hour, OffsetOn)
            : null;

    /// <summary>How far the trip's clock is ahead of UTC on a day of the walk.</summary>
    public TimeSpan OffsetOn(int day) => TripClock.OffsetOn(OffsetsMinutes, day) ?? Now?.Offset ?? TimeSpan.Zero;

    /// <summary>About when a day of the walk is, at noon: never before now, and now where no date is given.</summary>
    /// <param name="day">From 0.</param>
    public DateTimeOffset? DayOf(int day)
    {
        if (Route?.StartDate is null)
        {
            return Now?.AddDays(day);
        }

        var at = At(day, Noon);
        return at < Now ? Now : at;
    }
}

/// <summary>When a source is met: one at a camp twice, in the evening for the camp and in the morning for the way on.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<MeetingTime>))]
public enum MeetingTime
{
    /// <summary>On the way, between two camps.</summary>
    InPassing,

    /// <summary>On reaching the camp beside it.</summary>
    Evening,

    /// <summary>On leaving that camp.</summary>
    Morning,
}

/// <summary>What a stop of the walk is.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<StopKind>))]
public enum StopKind
{
    /// <summary>Where the walk begins.</summary>
    Start,

    /// <summary>A water.</summary>
    Source,

    /// <summary>A night.</summary>
    Camp,

    /// <summary>A way off the walk.</summary>
    BailOut,

    /// <summary>Where it ends.</summary>
    Finish,
}

/// <summary>Litres in one container.</summary>
public sealed record ContainerShare(string Container, double Litres);

/// <summary>What one walker carries.</summary>
/// <param name="Walker">Their name.</param>
/// <param name="Litres">Water, L.</param>
/// <param name="Containers">In what; empty where no container is named.</param>
/// <param name="LoadShare">Pack and water, share of body mass.</param>
public sealed record WalkerShare(string Walker, double Litres, IReadOnlyList<ContainerShare> Containers, double LoadShare);

/// <summary>A place on the way, and what to do there.</summary>
/// <param name="Id">The source's id; a place's own word otherwise.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Name">Its name.</param>
/// <param name="AlongKm">How far along, km.</param>
/// <param name="ElevationM">Its height, m.</param>
/// <param name="Day">Day of the walk, from 0.</param>
/// <param name="ArriveHour">Clock time of arrival, h after midnight of that day.</param>
/// <param name="Chance">Chance that it runs; null where there is no water, or none to be used.</param>
/// <param name="ChanceWhy">What makes that chance; empty where there is none.</param>
/// <param name="Trusted">Whether the plan is told as if it ran.</param>
/// <param name="Planned">Whether the plan fills here.</param>
/// <param name="ArriveL">In hand on arrival, L.</param>
/// <param name="TakeL">To take, L; 0 where the plan does not fill.</param>
/// <param name="DrinkL">Of it to drink on the spot, L.</param>
/// <param name="LeaveL">To carry away, L.</param>
/// <param name="WeightKg">Of the water and its containers, kg.</param>
/// <param name="Split">Who carries how much.</param>
/// <param name="TreatBy">How it is treated.</param>
/// <param name="BoilL">Of what is taken only for the pot, L: cleared and boiled, no dose and no filter.</param>
/// <param name="ReadyHour">Clock time from which what was taken is drinkable, as Treat signs it; null where it does not.</param>
/// <param name="StopMinutes">Detour, collecting and hands-on treatment, min.</param>
/// <param name="WaitsHere">Whether the treatment's wait is spent here.</param>
/// <param name="ToName">Where the fill is to last to.</param>
/// <param name="ArriveNextL">In hand there, L.</param>
/// <param name="TurnBackKm">The last place along from which water in hand still reaches back here; null: anywhere before the next
/// fill.</param>
/// <param name="TurnBackWords">The same for a card, never named further on than it is: "turn back at 10.8 km at the latest".</param>
/// <param name="Words">What to do, in a line.</param>
/// <param name="Policy">What to do here by what is in hand, in a line for the card; empty where there is no water.</param>
/// <param name="IfElse">"If it is running" for a place not counted on, "if it is dry" for one that is.</param>
public sealed record PlanStop(
    string Id,
    StopKind Kind,
    string Name,
    double AlongKm,
    double ElevationM,
    int Day,
    double ArriveHour,
    double? Chance,
    string ChanceWhy,
    bool Trusted,
    bool Planned,
    double ArriveL,
    double TakeL,
    double DrinkL,
    double LeaveL,
    double WeightKg,
    IReadOnlyList<WalkerShare> Split,
    string TreatBy,
    double BoilL,
    double? ReadyHour,
    double StopMinutes,
    bool WaitsHere,
    string? ToName,
    double? ArriveNextL,
    double? TurnBackKm,
    string? TurnBackWords,
    string Words,
    string Policy,
    string IfElse
)
{
    /// <summary>When it is met.</summary>
    public MeetingTime Met { get; init; }
}

/// <summary>What a tap on a remedy changes.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<RemedyKind>))]
public enum RemedyKind
{
    /// <summary>Carries one container more.</summary>
    AddContainer,

    /// <summary>Sets out at another hour.</summary>
    StartHour,

    /// <summary>Drinks more at the source before going on.</summary>
    DrinkAtSource,

    /// <summary>Leaves water out beforehand.</summary>
    Cache,

    /// <summary>Puts a camp elsewhere.</summary>
    MoveCamp,

    /// <summary>Takes water at a source that was left out.</summary>
    UseSource,

    /// <summary>Rests through the hot hours.</summary>
    Rest,

    /// <summary>Nothing is changed: the source's last report is to be asked for.</summary>
    AskReport,
}

/// <summary>Something that makes a stretch possible, reckoned.</summary>
/// <param name="Kind">What it changes.</param>
/// <param name="Words">In a line.</param>
/// <param name="Solves">Whether it is enough by itself.</param>
/// <param name="Litres">Litres to add, drink or leave.</param>
/// <param name="Day">The day it is about.</param>
/// <param name="Hour">The hour to start at.</param>
/// <param name="AlongKm">The place.</param>
/// <param name="SourceId">The source.</param>
/// <param name="Hours">How long to rest, h.</param>
public sealed record Remedy(
    RemedyKind Kind,
    string Words,
    bool Solves,
    double? Litres = null,
    int? Day = null,
    double? Hour = null,
    double? AlongKm = null,
    string? SourceId = null,
    double? Hours = null
);

/// <summary>A stretch that cannot be walked with what can be carried.</summary>
public sealed record ImpossibleStretch(
    StopKind From,
    string FromName,
    string ToName,
    double FromKm,
    double ToKm,
    double NeedL,
    double CapacityL,
    double ShortL,
    string Words,
    IReadOnlyList<Remedy> Remedies
);

/// <summary>A point of a line drawn over the route.</summary>
public sealed record LinePoint(double Km, double Value);

/// <summary>A rest in the shade.</summary>
/// <param name="Name">Where.</param>
/// <param name="AlongKm">How far along, km.</param>
/// <param name="FromHour">Clock time, h after midnight.</param>
/// <param name="Hours">How long, h.</param>
public sealed record PlanRest(string Name, double AlongKm, double FromHour, double Hours);

/// <summary>
/// One day of the plan; <paramref name="BoilL"/> is what of the camp's litres will boil (meals, hot drinks), <paramref name="PhoneOff"/>
/// the arithmetic for a day without a screen.
/// </summary>
public sealed record PlanDay(
    int Day,
    DateOnly? Date,
    double FromKm,
    double ToKm,
    double AscentM,
    double DescentM,
    double WalkHours,
    double StartHour,
    double ArriveHour,
    double LowC,
    double HighC,
    WeatherSource Weather,
    double WalkL,
    double CampL,
    double BoilL,
    string? CampName,
    string PhoneOff,
    PlanRest? Rest = null
);

/// <summary>The plan of carried water.</summary>
/// <param name="Headline">The answer in words.</param>
/// <param name="Feasible">Whether every stretch can be walked.</param>
/// <param name="LengthKm">km.</param>
/// <param name="AscentM">m.</param>
/// <param name="DescentM">m.</param>
/// <param name="WalkHours">Walking with breaks, h.</param>
/// <param name="HoursBySchool">The same without breaks and pace, by each school.</param>
/// <param name="NeedL">Used in all at the median, L, whole party.</param>
/// <param name="ReserveL">Kept in hand on every arrival at the median, L.</param>
/// <param name="CapacityL">Most that can be carried, L.</param>
/// <param name="MostCarriedL">Most carried at once, L.</param>
/// <param name="KgKm">Burden: carried water × equivalent km, kg·km.</param>
/// <param name="StopMinutes">Minutes stopped at water.</param>
/// <param name="Stops">Every place in order.</param>
/// <param name="Days">Day by day.</param>
/// <param name="Impossible">Stretches that cannot be walked, each with what fixes it.</param>
/// <param name="Ground">Heights for the picture, m.</param>
/// <param name="Carried">The carried water, L.</param>
/// <param name="Flags">What is odd about the route.</param>
/// <param name="Assumptions">What was not known.</param>
/// <param name="Cautions">What to heed.</param>
/// <param name="Working">The arithmetic.</param>
/// <param name="Promise">How sure it is.</param>
/// <param name="Supplies">What it takes of the kit, and where that ends.</param>
/// <param name="SnowL">Of its water what is melted from snow, L.</param>
public sealed record PlanResponse(
    string Headline,
    bool Feasible,
    double LengthKm,
    double AscentM,
    double DescentM,
    double WalkHours,
    IReadOnlyList<RouteHours> HoursBySchool,
    double NeedL,
    double ReserveL,
    double CapacityL,
    double MostCarriedL,
    double KgKm,
    double StopMinutes,
    IReadOnlyList<PlanStop> Stops,
    IReadOnlyList<PlanDay> Days,
    IReadOnlyList<ImpossibleStretch> Impossible,
    IReadOnlyList<LinePoint> Ground,
    IReadOnlyList<LinePoint> Carried,
    IReadOnlyList<string> Flags,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions,
    IReadOnlyList<WorkingStep> Working,
    PlanPromise Promise,
    IReadOnlyList<PlanSupply> Supplies,
    double SnowL
);
