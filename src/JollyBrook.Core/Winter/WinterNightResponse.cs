using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Winter;

/// <summary>What water is heated for.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<WinterUse>))]
public enum WinterUse
{
    /// <summary>For cooking.</summary>
    Meals,

    /// <summary>For flasks that are kept warm.</summary>
    Flasks,

    /// <summary>For tomorrow's drinking.</summary>
    Drinking,
}

/// <summary>A winter night, reckoned.</summary>
/// <param name="Headline">In a line.</param>
/// <param name="Night">What it was reckoned for, nothing left out.</param>
/// <param name="WaterL">All the water, L.</param>
/// <param name="Uses">What for, with its fuel.</param>
/// <param name="FuelG">Fuel in all, g.</param>
/// <param name="FuelLeftG">Fuel in the kit's stove, g; null where nobody counted, or it burns what lies about.</param>
/// <param name="IsFuelEnough">Whether that is enough; not counted is not.</param>
/// <param name="Ways">In each pot, out of snow and out of open water.</param>
/// <param name="Bottles">Each bottle against the night.</param>
/// <param name="Flask">The flasks; null without any.</param>
/// <param name="Jobs">Evening to morning, in order.</param>
/// <param name="DrinkClock">How to drink the next day by the clock; empty where no plan tells the need.</param>
/// <param name="Assumptions">What was not known and taken as worse.</param>
/// <param name="Cautions">What to mind.</param>
/// <param name="Working">How it was found.</param>
public sealed record WinterNightResponse(
    string Headline,
    WinterNight Night,
    double WaterL,
    IReadOnlyList<WinterFuel> Uses,
    double FuelG,
    double? FuelLeftG,
    bool IsFuelEnough,
    IReadOnlyList<PotWay> Ways,
    IReadOnlyList<BottleNight> Bottles,
    FlaskNight? Flask,
    IReadOnlyList<NightJob> Jobs,
    string DrinkClock,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions,
    IReadOnlyList<WorkingStep> Working
);

/// <summary>Water for one use.</summary>
/// <param name="Use">What for.</param>
/// <param name="Name">What a person calls it.</param>
/// <param name="Litres">How much, L.</param>
/// <param name="FuelG">Fuel, melting included, g.</param>
/// <param name="Minutes">At the stove, min.</param>
/// <param name="Way">How it is treated.</param>
public sealed record WinterFuel(WinterUse Use, string Name, double Litres, double FuelG, double Minutes, string Way);

/// <summary>All of it in one pot, out of snow or open water.</summary>
/// <param name="PotId">The pot; null where the kit has none.</param>
/// <param name="Name">What a person calls it.</param>
/// <param name="Water">Out of what.</param>
/// <param name="Loads">Loads of it; 0 out of open water.</param>
/// <param name="Minutes">At the stove, min.</param>
/// <param name="FuelG">Fuel, g.</param>
/// <param name="DoneAt">When it is done, begun at once.</param>
/// <param name="InTime">Whether that is before everybody lies.</param>
/// <param name="IsTaken">Whether the evening was reckoned with it: of those in time the smallest pot, else the quickest.</param>
public sealed record PotWay(
    string? PotId,
    string Name,
    WinterWater Water,
    int Loads,
    double Minutes,
    double FuelG,
    DateTimeOffset DoneAt,
    bool InTime,
    bool IsTaken
);

/// <summary>A bottle against the night.</summary>
/// <param name="Id">The container.</param>
/// <param name="Name">Its name.</param>
/// <param name="VolumeL">What is in it, L.</param>
/// <param name="Where">Where it is.</param>
/// <param name="HoursToIce">Until it begins to freeze, h; null where it does not.</param>
/// <param name="FreezesAt">When that is; null where it stays water until the party leaves.</param>
/// <param name="Words">In a line.</param>
public sealed record BottleNight(
    string Id,
    string Name,
    double VolumeL,
    SleepsWhere Where,
    double? HoursToIce,
    DateTimeOffset? FreezesAt,
    string Words
);

/// <summary>Flasks through the night.</summary>
/// <param name="Litres">In them, L.</param>
/// <param name="FilledC">How hot they are filled, °C.</param>
/// <param name="MorningC">How hot they are when the party leaves, °C.</param>
/// <param name="Words">In a line.</param>
public sealed record FlaskNight(double Litres, double FilledC, double MorningC, string Words);

/// <summary>Something to do.</summary>
/// <param name="At">When.</param>
/// <param name="Until">Until when; null for something done at once.</param>
/// <param name="Title">What.</param>
/// <param name="Words">How, or why.</param>
public sealed record NightJob(DateTimeOffset At, DateTimeOffset? Until, string Title, string Words);
