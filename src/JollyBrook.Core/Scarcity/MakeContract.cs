using System.Text.Json.Serialization;
using JollyBrook.Core.Body;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Scarcity;

/// <summary>What a place offers.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<PlaceFeature>))]
public enum PlaceFeature
{
    /// <summary>A clear, still night, or dew on the grass in the morning.</summary>
    Dew,

    /// <summary>Leafy branches of a plant that is known not to be poisonous.</summary>
    LeafyBranches,

    /// <summary>Trees, bamboo, vines or roots that can be named for sure.</summary>
    NamedPlants,

    /// <summary>Soil that is wet to the hand.</summary>
    WetSoil,

    /// <summary>Standing or running water to dig beside.</summary>
    BesideWater,

    /// <summary>A dry bed, green spots, a sand-filled rock basin.</summary>
    DryBed,

    /// <summary>Sand behind a beach, above the tide.</summary>
    Beach,

    /// <summary>The sea or a salt lake.</summary>
    SaltWater,

    /// <summary>Foul fresh water, without fuel or chemicals.</summary>
    FoulWater,

    /// <summary>Water too muddy to treat.</summary>
    MuddyWater,

    /// <summary>Snow or ice.</summary>
    Snow,
}

/// <summary>What a seep hole is dug in.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Soil>))]
public enum Soil
{
    /// <summary>Not told.</summary>
    Unknown,

    /// <summary>Gives water slowest.</summary>
    Clay,

    /// <summary>Between clay and sand.</summary>
    Loam,

    /// <summary>Gives water fastest.</summary>
    Sand,
}

/// <summary>Season of the year where one is.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Season>))]
public enum Season
{
    /// <summary>Not told.</summary>
    Unknown,

    /// <summary>March to May in the north, September to November in the south.</summary>
    Spring,

    /// <summary>The quarter after spring.</summary>
    Summer,

    /// <summary>The quarter after summer.</summary>
    Autumn,

    /// <summary>The quarter after autumn: leaves hardly breathe.</summary>
    Winter,
}

/// <summary>A way chosen for the day.</summary>
/// <param name="Id">Which.</param>
/// <param name="Count">How many of it: bags, stills, stems, loads, hours at it; 1 to 50, the way's own when left out.</param>
public sealed record ChosenWay(string? Id, double? Count = null);

/// <summary>A place, its weather, and what there is to make water with.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="AirTemperatureC">Air in the shade, °C, −40 to 50; 22 when left out.</param>
/// <param name="HumidityPercent">Relative humidity, 0 to 100; 60 when left out.</param>
/// <param name="Sun">Sun; when left out none on a still, which then gives nothing, and full sun on whoever works.</param>
/// <param name="Season">Season.</param>
/// <param name="RainMm">Rain still to come today, mm, 0 to 500.</param>
/// <param name="Features">What the place offers.</param>
/// <param name="Soil">What a seep hole is dug in.</param>
/// <param name="SheetM2">Clean sheet in all, m², 0 to 100.</param>
/// <param name="Bags">Clear bags, 0 to 50.</param>
/// <param name="Burner">Burner; none when left out.</param>
/// <param name="FuelG">Fuel for it, g; null where it has no end, or is not known.</param>
/// <param name="Pot">Pot; with a burner a heavy one is assumed when left out.</param>
/// <param name="WaterTemperatureC">Of what is distilled, °C; 10 when left out.</param>
/// <param name="ElevationM">Height above the sea, m; sea level when left out.</param>
/// <param name="Snow">Snow or ice.</param>
/// <param name="Hours">Hours that can be given to what runs by the hour, 0.25 to 24; 2 when left out.</param>
/// <param name="Walker">Who works; one of 75 kg when left out.</param>
/// <param name="NeedLPerDay">Needed a day, whole party, L, 0.1 to 500; null leaves the comparison out.</param>
/// <param name="Chosen">Ways put together for the day.</param>
public sealed record MakeRequest(
    UnitSystem? Units,
    double? AirTemperatureC = null,
    double? HumidityPercent = null,
    SunLoad? Sun = null,
    Season? Season = null,
    double? RainMm = null,
    IReadOnlyList<PlaceFeature>? Features = null,
    Soil? Soil = null,
    double? SheetM2 = null,
    double? Bags = null,
    string? Burner = null,
    double? FuelG = null,
    PotInput? Pot = null,
    double? WaterTemperatureC = null,
    double? ElevationM = null,
    SnowInput? Snow = null,
    double? Hours = null,
    Walker? Walker = null,
    double? NeedLPerDay = null,
    IReadOnlyList<ChosenWay>? Chosen = null
);

/// <summary>How what was made goes into Treat.</summary>
public sealed record TreatAs(
    SourceKind Kind,
    SourceFlow Flow,
    Clarity Clarity,
    WaterColour Colour,
    SnowKind? Snow,
    double VolumeL,
    string Words
);

/// <summary>A way to make water, here and today.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is.</param>
/// <param name="Possible">Whether it works here.</param>
/// <param name="WhyNot">What is missing; empty when it works.</param>
/// <param name="Count">How many of it.</param>
/// <param name="CountName">What is counted.</param>
/// <param name="LowL">Least it gives in a day, L.</param>
/// <param name="HighL">Most it gives in a day, L.</param>
/// <param name="LabourHours">Work on the first day, h.</param>
/// <param name="SpentL">Water that the work costs beyond resting, L.</param>
/// <param name="NetLowL">Least left over on the first day, L; less than 0 costs more than it gives.</param>
/// <param name="NetHighL">Most left over on the first day, L.</param>
/// <param name="BreakEvenDayLow">The day on which it has paid at its least; null when not within two weeks.</param>
/// <param name="BreakEvenDayHigh">The same at its most.</param>
/// <param name="Headline">Net and break-even in words.</param>
/// <param name="FuelG">Fuel it takes, g; null where it takes none.</param>
/// <param name="FuelGPerL">Fuel for a litre, g.</param>
/// <param name="SheetM2">Sheet it takes, m².</param>
/// <param name="Setup">What to do, in order.</param>
/// <param name="Mistakes">What goes wrong.</param>
/// <param name="Cautions">What can hurt.</param>
/// <param name="Treat">How it goes into Treat.</param>
/// <param name="Working">The arithmetic.</param>
public sealed record WayAnswer(
    string Id,
    string Name,
    bool Possible,
    string WhyNot,
    double Count,
    string CountName,
    double LowL,
    double HighL,
    double LabourHours,
    double SpentL,
    double NetLowL,
    double NetHighL,
    int? BreakEvenDayLow,
    int? BreakEvenDayHigh,
    string Headline,
    double? FuelG,
    double? FuelGPerL,
    double SheetM2,
    IReadOnlyList<string> Setup,
    IReadOnlyList<string> Mistakes,
    IReadOnlyList<Caution> Cautions,
    TreatAs Treat,
    IReadOnlyList<WorkingStep> Working
);

/// <summary>The chosen ways of a day, together.</summary>
/// <param name="LowL">Least, L.</param>
/// <param name="HighL">Most, L.</param>
/// <param name="SpentL">Spent on the work, L.</param>
/// <param name="NetLowL">Least left over, L.</param>
/// <param name="NetHighL">Most left over, L.</param>
/// <param name="LabourHours">Work, person-hours.</param>
/// <param name="FuelG">Fuel, g.</param>
/// <param name="SheetM2">Sheet, m².</param>
/// <param name="Headline">Against need, in words.</param>
/// <param name="Covers">Whether even the least covers the need; null where no need was given.</param>
/// <param name="Conflicts">What is wanted twice.</param>
public sealed record DayTotal(
    double LowL,
    double HighL,
    double SpentL,
    double NetLowL,
    double NetHighL,
    double LabourHours,
    double FuelG,
    double SheetM2,
    string Headline,
    bool? Covers,
    IReadOnlyList<string> Conflicts
);

/// <summary>Every way, those that work here first, the best net first.</summary>
/// <param name="Ways">All of them.</param>
/// <param name="Total">The chosen ones together; null when none are.</param>
/// <param name="DigSweatLPerH">What digging costs beyond resting, L/h.</param>
/// <param name="LightSweatLPerH">What light work costs beyond resting, L/h.</param>
/// <param name="Assumptions">What was not known.</param>
/// <param name="Cautions">What to heed in all of it.</param>
public sealed record MakeResponse(
    IReadOnlyList<WayAnswer> Ways,
    DayTotal? Total,
    double DigSweatLPerH,
    double LightSweatLPerH,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions
);

internal static class MakeFields
{
    public static readonly NumberField Air = new(
        "airTemperatureC",
        "Air temperature",
        Quantity.Temperature,
        -40,
        50,
        "Measure it in the shade."
    );
    public static readonly NumberField Humidity = new(
        "humidityPercent",
        "Humidity",
        Quantity.Percent,
        0,
        100,
        "Take it from the forecast."
    );
    public static readonly NumberField Rain = new(
        "rainMm",
        "Rain to come, mm",
        Quantity.Plain,
        0,
        500,
        "Take it from the forecast: 5 mm is a good shower."
    );
    public static readonly NumberField Sheet = new(
        "sheetM2",
        "Clean sheet, m²",
        Quantity.Plain,
        0,
        100,
        "Length times width of tarp, foil and flysheet."
    );
    public static readonly NumberField Bags = new("bags", "Clear bags", Quantity.Plain, 0, 50, "Count those big enough for a branch.");
    public static readonly NumberField Fuel = new(
        "fuelG",
        "Fuel left",
        Quantity.FuelMass,
        0,
        20000,
        "Weigh the canister and take off its empty weight."
    );
    public static readonly NumberField Water = new(
        "waterTemperatureC",
        "Temperature of the water to distil",
        Quantity.Temperature,
        0,
        40,
        "Measure it, or leave it out."
    );
    public static readonly NumberField Elevation = new("elevationM", "Elevation", Quantity.Elevation, -400, 8000, "Take it from the map.");
    public static readonly NumberField Hours = new(
        "hours",
        "Hours for it",
        Quantity.Plain,
        0.25,
        24,
        "Say how long somebody can stay at it."
    );
    public static readonly NumberField Need = new("needLPerDay", "Needed a day", Quantity.Volume, 0.1, 500, "For the whole party.");
    public static readonly NumberField Count = new(
        "chosen.count",
        "How many",
        Quantity.Plain,
        1,
        50,
        "Count bags, stills, stems or loads."
    );
    public static readonly ChoiceField Burner = new("burner", "Burner", [.. Burners.All.Select(b => b.Id)]);

    public static IReadOnlyList<Field> All =>
        [
            ChoiceField.Of<UnitSystem>("units", "Units"),
            Air,
            Humidity,
            ChoiceField.Of<SunLoad>("sun", "Sun"),
            ChoiceField.Of<Season>("season", "Season"),
            Rain,
            ChoiceField.Of<PlaceFeature>("features", "What is here"),
            ChoiceField.Of<Soil>("soil", "Soil"),
            Sheet,
            Bags,
            Burner,
            Fuel,
            Water,
            Elevation,
            Hours,
            Need,
            Count,
            .. SnowFields.All,
        ];
}
