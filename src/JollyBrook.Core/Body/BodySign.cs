using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Body;

/// <summary>What is felt, or seen on somebody (handbook room 95).</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<BodySign>))]
public enum BodySign
{
    Thirst,
    DryMouth,
    DarkLittleUrine,
    Headache,
    Tired,
    Cramps,
    Irritable,
    Sick,
    Bloated,
    ClearMuchUrine,
    HeavySweat,
    Dizzy,
    FastPulse,
    Faint,
    Confused,
    Staggering,
    Fits,
    HotNotSweating,
}

/// <summary>A sign as it is ticked.</summary>
public sealed record BodySignChoice(BodySign Sign, string Name, bool Grave);

public static class BodySignList
{
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

    public static string NameOf(BodySign sign) => All.First(s => s.Sign == sign).Name;

    public static bool IsGrave(BodySign sign) => All.First(s => s.Sign == sign).Grave;
}
