using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Scarcity.Searching;

/// <summary>What on this ground speaks for water (handbook room 90, searching).</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<GroundSign>))]
public enum GroundSign
{
    ValleyFloor,
    SlopeFold,
    FootOfCliff,
    GreenLine,
    Trails,
    FreshTracks,
    Birds,
    People,
    DampSand,
    DryBend,
    RockBasin,
}

/// <summary>A sign, where to look for what it promises, and what a look takes.</summary>
/// <param name="Sign">Which.</param>
/// <param name="Name">What a person sees.</param>
/// <param name="Where">Where to look then, and how.</param>
/// <param name="Chance">That water is found, 0 to 1, in a usual season (pick).</param>
/// <param name="WeatherShare">How much of the country's weather it shares, as sources do (handbook room 70).</param>
/// <param name="AwayMinutes">Walk to it, one way, min, where nobody says (pick).</param>
/// <param name="LookMinutes">Looking there, or digging, min (pick).</param>
/// <param name="IsDug">Whether it is dug for.</param>
public sealed record GroundSignInfo(
    GroundSign Sign,
    string Name,
    string Where,
    double Chance,
    double WeatherShare,
    double AwayMinutes,
    double LookMinutes,
    bool IsDug = false
);

/// <summary>Every sign, listed once.</summary>
public static class GroundSigns
{
    /// <summary>A hole without damp at this depth is given up, m (handbook room 90).</summary>
    public const double DeepestM = 1;

    private const double Surface = 0.8;
    private const double Spring = 0.3;

    public static readonly IReadOnlyList<GroundSignInfo> All =
    [
        new(
            GroundSign.GreenLine,
            "A line or patch of green",
            "Walk along it uphill: water is nearest where it begins.",
            0.45,
            Surface,
            15,
            5
        ),
        new(GroundSign.FreshTracks, "Fresh tracks of animals", "Follow them downhill, the way they gather.", 0.4, Surface, 15, 5),
        new(
            GroundSign.Trails,
            "Animal trails that run together",
            "Follow them where they join: they point to water like an arrow.",
            0.4,
            Surface,
            15,
            5
        ),
        new(GroundSign.Birds, "Birds that gather at dusk or dawn", "Walk to where they go down and circle.", 0.35, Surface, 20, 10),
        new(GroundSign.People, "Smoke, or fresh tracks of people", "Ask them: where people stay there is water.", 0.5, 0, 20, 5),
        new(
            GroundSign.ValleyFloor,
            "Lower ground, a valley floor",
            "Straight down to its lowest line; listen there.",
            0.35,
            Surface,
            15,
            10
        ),
        new(
            GroundSign.SlopeFold,
            "A fold in the slope, its inside bend",
            "Look where the fold is deepest and in shade.",
            0.25,
            Surface,
            10,
            5
        ),
        new(GroundSign.FootOfCliff, "Foot of a cliff, limestone", "Along the foot: seeps, moss, dark streaks.", 0.3, Spring, 15, 10),
        new(GroundSign.DampSand, "Damp sand or mud", "Dig where it is darkest, let it fill and settle.", 0.5, Surface, 5, 30, true),
        new(
            GroundSign.DryBend,
            "A bend of a dry stream bed",
            "Dig at the outside of the bend, at its lowest point.",
            0.25,
            Surface,
            5,
            30,
            true
        ),
        new(GroundSign.RockBasin, "A rock basin filled with sand", "Dig to its bottom.", 0.25, Surface, 10, 20, true),
    ];

    public static GroundSignInfo Of(GroundSign sign) => All.First(s => s.Sign == sign);
}
