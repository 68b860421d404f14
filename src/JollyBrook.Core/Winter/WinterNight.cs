using System.Text.Json.Serialization;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Winter;

/// <summary>What the water is made of.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<WinterWater>))]
public enum WinterWater
{
    /// <summary>Snow or ice, melted.</summary>
    Snow,

    /// <summary>Open water, under the ice or beside it.</summary>
    OpenWater,
}

/// <summary>A bottle through the night.</summary>
/// <param name="Id">The container of the kit.</param>
/// <param name="Where">Where it is; bare when left out, which freezes first.</param>
public sealed record NightBottle(string? Id, SleepsWhere? Where = null);

/// <summary>An evening, a night and a morning in the cold. What is left out comes from the plan, or is a default.</summary>
/// <param name="People">Who is there, 1 to 12.</param>
/// <param name="LowC">Coldest of the night, °C, −60 to 10.</param>
/// <param name="ElevationM">Height of the camp, m.</param>
/// <param name="From">When the work can begin.</param>
/// <param name="BedAt">When everybody lies.</param>
/// <param name="LeaveAt">When the party leaves.</param>
/// <param name="BoilL">For meals and hot drinks of evening and morning, L, the whole party, 0 to 60.</param>
/// <param name="DrinkL">To drink until leaving and to carry away, L, 0 to 60.</param>
/// <param name="FlaskL">Into insulated flasks, boiling hot, L, 0 to 10; none when left out.</param>
/// <param name="Water">What it is made of; snow when left out, which takes the more fuel.</param>
/// <param name="Snow">What snow.</param>
/// <param name="BoilAll">Whether what is drunk is boiled too; yes when left out.</param>
/// <param name="FilledC">How warm the bottles are filled, °C, 0 to 60.</param>
/// <param name="Bottles">Where bottles are; bare where not said.</param>
public sealed record WinterNight(
    double? People = null,
    double? LowC = null,
    double? ElevationM = null,
    DateTimeOffset? From = null,
    DateTimeOffset? BedAt = null,
    DateTimeOffset? LeaveAt = null,
    double? BoilL = null,
    double? DrinkL = null,
    double? FlaskL = null,
    WinterWater? Water = null,
    SnowInput? Snow = null,
    bool? BoilAll = null,
    double? FilledC = null,
    IReadOnlyList<NightBottle>? Bottles = null
);

/// <summary>A winter night to be reckoned.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Night">What is told of it.</param>
/// <param name="Plan">The trip it is of; null without one.</param>
/// <param name="Day">Which evening of the trip, from 0.</param>
/// <param name="Kit">What is carried.</param>
/// <param name="Now">The time now.</param>
/// <param name="CountViruses">Whether viruses are part of the target; true when left out.</param>
public sealed record WinterNightRequest(
    UnitSystem? Units,
    WinterNight? Night = null,
    PlanRequest? Plan = null,
    double? Day = null,
    IReadOnlyList<KitEntry>? Kit = null,
    DateTimeOffset? Now = null,
    bool? CountViruses = null
);
