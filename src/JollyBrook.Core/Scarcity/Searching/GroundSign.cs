using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Scarcity.Searching;

/// <summary>What on this ground speaks for water (handbook room 90, searching).</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<GroundSign>))]
public enum GroundSign
{
    /// <summary>The lowest ground around.</summary>
    ValleyFloor,

    /// <summary>The inside bend of a fold in a slope.</summary>
    SlopeFold,

    /// <summary>The foot of a cliff, in limestone above all.</summary>
    FootOfCliff,

    /// <summary>A line of greener plants.</summary>
    GreenLine,

    /// <summary>Animal trails that run together.</summary>
    Trails,

    /// <summary>Fresh tracks of animals.</summary>
    FreshTracks,

    /// <summary>Birds that gather at dusk or dawn.</summary>
    Birds,

    /// <summary>Smoke, or fresh tracks of people.</summary>
    People,

    /// <summary>Damp sand or mud.</summary>
    DampSand,

    /// <summary>A bend of a dry stream bed, dug at its outside.</summary>
    DryBend,

    /// <summary>A rock basin filled with sand.</summary>
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

    /// <summary>The signs in the order they are looked for.</summary>
    public static readonly IReadOnlyList<GroundSignInfo> All =
    [
        new(
            Sign: GroundSign.GreenLine,
            Name: "A line or patch of green",
            Where: "Walk along it uphill: water is nearest where it begins.",
            Chance: 0.45,
            WeatherShare: Surface,
            AwayMinutes: 15,
            LookMinutes: 5
        ),
        new(
            Sign: GroundSign.FreshTracks,
            Name: "Fresh tracks of animals",
            Where: "Follow them downhill, the way they gather.",
            Chance: 0.4,
            WeatherShare: Surface,
            AwayMinutes: 15,
            LookMinutes: 5
        ),
        new(
            Sign: GroundSign.Trails,
            Name: "Animal trails that run together",
            Where: "Follow them where they join: they point to water like an arrow.",
            Chance: 0.4,
            WeatherShare: Surface,
            AwayMinutes: 15,
            LookMinutes: 5
        ),
        new(
            Sign: GroundSign.Birds,
            Name: "Birds that gather at dusk or dawn",
            Where: "Walk to where they go down and circle.",
            Chance: 0.35,
            WeatherShare: Surface,
            AwayMinutes: 20,
            LookMinutes: 10
        ),
        new(
            Sign: GroundSign.People,
            Name: "Smoke, or fresh tracks of people",
            Where: "Ask them: where people stay there is water.",
            Chance: 0.5,
            WeatherShare: 0,
            AwayMinutes: 20,
            LookMinutes: 5
        ),
        new(
            Sign: GroundSign.ValleyFloor,
            Name: "Lower ground, a valley floor",
            Where: "Straight down to its lowest line; listen there.",
            Chance: 0.35,
            WeatherShare: Surface,
            AwayMinutes: 15,
            LookMinutes: 10
        ),
        new(
            Sign: GroundSign.SlopeFold,
            Name: "A fold in the slope, its inside bend",
            Where: "Look where the fold is deepest and in shade.",
            Chance: 0.25,
            WeatherShare: Surface,
            AwayMinutes: 10,
            LookMinutes: 5
        ),
        new(
            Sign: GroundSign.FootOfCliff,
            Name: "Foot of a cliff, limestone",
            Where: "Along the foot: seeps, moss, dark streaks.",
            Chance: 0.3,
            WeatherShare: Spring,
            AwayMinutes: 15,
            LookMinutes: 10
        ),
        new(
            Sign: GroundSign.DampSand,
            Name: "Damp sand or mud",
            Where: "Dig where it is darkest, let it fill and settle.",
            Chance: 0.5,
            WeatherShare: Surface,
            AwayMinutes: 5,
            LookMinutes: 30,
            IsDug: true
        ),
        new(
            Sign: GroundSign.DryBend,
            Name: "A bend of a dry stream bed",
            Where: "Dig at the outside of the bend, at its lowest point.",
            Chance: 0.25,
            WeatherShare: Surface,
            AwayMinutes: 5,
            LookMinutes: 30,
            IsDug: true
        ),
        new(
            Sign: GroundSign.RockBasin,
            Name: "A rock basin filled with sand",
            Where: "Dig to its bottom.",
            Chance: 0.25,
            WeatherShare: Surface,
            AwayMinutes: 10,
            LookMinutes: 20,
            IsDug: true
        ),
    ];

    /// <summary>What is known of a sign.</summary>
    public static GroundSignInfo Of(GroundSign sign) => All.First(s => s.Sign == sign);
}
