using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Route;

/// <summary>A container taken along.</summary>
/// <param name="Name">What its owner calls it.</param>
/// <param name="VolumeL">L, 0.05 to 200.</param>
/// <param name="Role">What it may hold; dirty ones count only for water treated later.</param>
/// <param name="MassKg">Empty, kg.</param>
/// <param name="Walker">Who carries it, by name; null for the party.</param>
public sealed record CarriedContainer(
    string? Name,
    double? VolumeL,
    ContainerRole? Role = null,
    double? MassKg = null,
    string? Walker = null
);

/// <summary>From somewhere on, the ground underfoot.</summary>
public sealed record TerrainSpan(double? FromKm, Terrain? Terrain);

/// <summary>A rest in the shade through the hot hours (handbook room 70).</summary>
/// <param name="FromHour">Clock time from which the next place is rested at, h after midnight, 0 to 23.</param>
/// <param name="Hours">How long, h, 0.25 to 8.</param>
public sealed record DayRest(double? FromHour, double? Hours);

/// <summary>One day of the walk.</summary>
/// <param name="StartHour">Clock time of leaving, h after midnight, 0 to 24.</param>
/// <param name="EndKm">Where the day ends, km along; null on the last day: the finish.</param>
/// <param name="CampName">What the camp is called.</param>
/// <param name="Meals">Cooked meals for each person at that camp.</param>
/// <param name="HotDrinks">Hot drinks for each person.</param>
/// <param name="WashL">Washing, L for each person.</param>
/// <param name="Rest">A rest in the shade; null walks through.</param>
public sealed record RouteDay(
    double? StartHour = null,
    double? EndKm = null,
    string? CampName = null,
    double? Meals = null,
    double? HotDrinks = null,
    double? WashL = null,
    DayRest? Rest = null
)
{
    /// <summary>Hour of the day a walk begins where none is told, h.</summary>
    public const double DefaultStartHour = 8;

    /// <summary>The earliest and the latest clock time of leaving that is offered, h after midnight.</summary>
    public const double EarliestStartHour = 0,
        LatestStartHour = 23;

    /// <summary>Whoever asks from where they stand leaves now, up to midnight.</summary>
    internal const double MidnightHour = 24;

    /// <summary>An evening meal and breakfast.</summary>
    public const double DefaultMeals = 2;

    /// <summary>Hot drinks a person has in a day where none is told.</summary>
    public const double DefaultHotDrinks = 2;

    /// <summary>A rest is first asked for through the three hottest hours (pick).</summary>
    public static readonly DayRest DefaultRest = new(12, 3);
}

/// <summary>A place to leave the route by.</summary>
public sealed record BailOut(string? Name, double? AlongKm);

/// <summary>A route with all that its plan of carried water rests on; its sources are records of their own.</summary>
/// <param name="Name">1 to 80 characters.</param>
/// <param name="StartDate">The first day.</param>
/// <param name="LengthKm">Length, km.</param>
/// <param name="Heights">Heights at equal steps from start to finish, decimetres, as <see cref="EncodedNumbers"/>.</param>
/// <param name="Latitudes">The line's bends, within 2 m of the track, 1e-5°, encoded alike; null without a map line.</param>
/// <param name="Longitudes">Likewise; they run on across the antimeridian.</param>
/// <param name="Terrain">Ground underfoot, from each place on; good path when left out.</param>
/// <param name="School">How walking time is reckoned.</param>
/// <param name="Pace">Personal pace factor, 0.4 to 2.5: more is slower.</param>
/// <param name="BreakShare">Breaks on top of walking time, 0 to 1.</param>
/// <param name="Days">Day by day; one day when left out.</param>
/// <param name="Weather">Day by day; the last one stands for the days after it.</param>
/// <param name="WeatherElevationM">The height the weather was given for, m.</param>
/// <param name="Containers">Taken along.</param>
/// <param name="ReserveL">Kept in hand on every arrival, L, the whole party; reckoned when left out.</param>
/// <param name="KgKmPerMinute">What a minute stopped is worth, kg·km.</param>
/// <param name="ReplaceShare">Share of the loss drunk while walking.</param>
/// <param name="Sweat">Which sweat equation.</param>
/// <param name="BailOuts">Places to leave by.</param>
/// <param name="Certainty">Share of walks that shall not run short, 0.5 to 0.99; at 0.5 the plan is made for the middle, over what is
/// trusted.</param>
/// <param name="DebtShare">What a body may be owed before it counts as short, share of its mass, 0 to 0.02.</param>
/// <param name="Country">How wet the country has been.</param>
/// <param name="TimeZone">The time zone its clock hours are of, by its IANA name ("Atlantic/Azores"); null for the device's own.</param>
/// <param name="Retired">Whether it was taken out of the list of routes; it can be put back.</param>
/// <param name="StartL">In hand on setting out from a start without water, L, 0 to 200; null fills up at the start.</param>
public sealed record TripRoute(
    string? Name,
    DateOnly? StartDate,
    double? LengthKm,
    string? Heights,
    string? Latitudes = null,
    string? Longitudes = null,
    IReadOnlyList<TerrainSpan>? Terrain = null,
    WalkSchool? School = null,
    double? Pace = null,
    double? BreakShare = null,
    IReadOnlyList<RouteDay>? Days = null,
    IReadOnlyList<DayWeather>? Weather = null,
    double? WeatherElevationM = null,
    IReadOnlyList<CarriedContainer>? Containers = null,
    double? ReserveL = null,
    double? KgKmPerMinute = null,
    double? ReplaceShare = null,
    SweatSchool? Sweat = null,
    IReadOnlyList<BailOut>? BailOuts = null,
    double? Certainty = null,
    double? DebtShare = null,
    CountrySigns? Country = null,
    string? TimeZone = null,
    bool? Retired = null,
    double? StartL = null
)
{
    /// <summary>Rest as a share of the time walked, where none is told.</summary>
    public const double DefaultBreakShare = 0.1;

    /// <summary>What a minute stopped is worth where nobody says, kg·km.</summary>
    public const double DefaultKgKmPerMinute = 0.25;

    /// <summary>The promise of a plan (handbook room 70).</summary>
    public const double DefaultCertainty = 0.95;

    /// <summary>Made for the middle: the shortest path over what is trusted.</summary>
    public const double Middle = 0.5;

    /// <summary>1 % of body mass: below that nobody notices (handbook room 70).</summary>
    public const double DefaultDebtShare = 0.01;

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => TripRouteFields.All;

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(TripRoute route)
    {
        var intake = new Intake(Units.Speaker.Metric);
        TripRouteFields.Check(route, intake);
        intake.ThrowIfWrong();
    }

    /// <summary>Whether nothing in it is missing or out of its range.</summary>
    internal bool IsSound()
    {
        var intake = new Intake(Units.Speaker.Metric);
        TripRouteFields.Check(this, intake);
        return intake.Errors == 0;
    }

    /// <summary>Its days; one by the defaults where none is told.</summary>
    internal IReadOnlyList<RouteDay> EachDay => Days is { Count: > 0 } given ? given : [new RouteDay()];

    /// <summary>The weather of a day; the last told stands for the days after it.</summary>
    internal DayWeather WeatherOn(int day) => Weather is { Count: > 0 } given ? given[Math.Min(day, given.Count - 1)] : DayWeather.Assumed;

    /// <summary>How much colder it is at a height than where the weather was given for, °C; 0 where nobody said for where.</summary>
    internal double ColderC(double elevationM) => WeatherElevationM is { } at ? (elevationM - at) / 1000 * DayWeather.LapseCPerKm : 0;

    /// <summary>The route with one of its days changed.</summary>
    internal TripRoute WithDay(int day, Func<RouteDay, RouteDay> change) =>
        this with
        {
            Days = [.. EachDay.Select((d, i) => i == day ? change(d) : d)],
        };

    /// <summary>The ground; only after <see cref="Check"/>.</summary>
    public GroundProfile Ground() => new(LengthKm!.Value, [.. EncodedNumbers.Decode(Heights!)!.Select(dm => dm / 10.0)]);
}
