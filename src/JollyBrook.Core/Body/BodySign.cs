using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Body;

/// <summary>What is felt, or seen on somebody (handbook room 95).</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<BodySign>))]
public enum BodySign
{
    /// <summary>Feels thirsty.</summary>
    Thirst,

    /// <summary>Mouth and lips are dry.</summary>
    DryMouth,

    /// <summary>Urine is dark and there is little of it.</summary>
    DarkLittleUrine,

    /// <summary>The head aches.</summary>
    Headache,

    /// <summary>Tired beyond what the walk explains.</summary>
    Tired,

    /// <summary>Muscles cramp.</summary>
    Cramps,

    /// <summary>Short of temper.</summary>
    Irritable,

    /// <summary>Sick to the stomach, or vomits.</summary>
    Sick,

    /// <summary>Full of fluid: hands, feet or belly are swollen.</summary>
    Bloated,

    /// <summary>Much urine, as clear as water: a sign of too much water, not of too little.</summary>
    ClearMuchUrine,

    /// <summary>Sweats heavily.</summary>
    HeavySweat,

    /// <summary>Dizzy on standing up.</summary>
    Dizzy,

    /// <summary>The heart races at rest.</summary>
    FastPulse,

    /// <summary>Fainted, or is about to.</summary>
    Faint,

    /// <summary>Does not make sense.</summary>
    Confused,

    /// <summary>Can't walk straight.</summary>
    Staggering,

    /// <summary>Has a seizure.</summary>
    Fits,

    /// <summary>Hot skin without sweat.</summary>
    HotNotSweating,
}

/// <summary>A sign as it is ticked.</summary>
public sealed record BodySignChoice(BodySign Sign, string Name, bool Grave);

/// <summary>The signs, their words and which of them are grave (handbook room 95).</summary>
public static class BodySignList
{
    /// <summary>Every sign, the grave ones first.</summary>
    public static readonly IReadOnlyList<BodySignChoice> All =
    [
        new(BodySign.Confused, "Confused", true),
        new(BodySign.Faint, "Faint", true),
        new(BodySign.Fits, "Fits", true),
        new(BodySign.HotNotSweating, "Hot and not sweating", true),
        new(BodySign.Staggering, "Staggering", true),
        new(BodySign.Dizzy, "Dizzy", false),
        new(BodySign.FastPulse, "Fast pulse", false),
        new(BodySign.HeavySweat, "Heavy sweat", false),
        new(BodySign.Headache, "Headache", false),
        new(BodySign.Sick, "Sick", false),
        new(BodySign.Bloated, "Bloated", false),
        new(BodySign.Cramps, "Cramps", false),
        new(BodySign.Tired, "Tired", false),
        new(BodySign.Irritable, "Irritable", false),
        new(BodySign.Thirst, "Thirst", false),
        new(BodySign.DryMouth, "Dry mouth", false),
        new(BodySign.DarkLittleUrine, "Dark and little urine", false),
        new(BodySign.ClearMuchUrine, "Clear and much urine", false),
    ];

    /// <summary>What a sign is called.</summary>
    public static string NameOf(BodySign sign) => All.First(s => s.Sign == sign).Name;

    /// <summary>Whether it ends the walk and calls for help.</summary>
    public static bool IsGrave(BodySign sign) => All.First(s => s.Sign == sign).Grave;
}
