using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Drills;

/// <summary>What a drill or a quiz teaches: the steps of a drill, then the traps of the quiz.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Skill>))]
public enum Skill
{
    Judge,
    Clear,
    Choose,
    Dose,
    Wait,
    Store,
    Carry,
    Gallon,
    Quart,
    Percent,
    Drops,
    Cold,
    Cloudy,
    TopUp,
    Snow,
    Frost,
    DrySource,
    FromHere,
    Signs,
}

public static class Skills
{
    public static readonly IReadOnlyList<Skill> Steps =
    [
        Skill.Judge,
        Skill.Clear,
        Skill.Choose,
        Skill.Dose,
        Skill.Wait,
        Skill.Store,
        Skill.Carry,
    ];

    public static readonly IReadOnlyList<Skill> Traps =
    [
        Skill.Gallon,
        Skill.Quart,
        Skill.Percent,
        Skill.Drops,
        Skill.Cold,
        Skill.Cloudy,
        Skill.TopUp,
        Skill.Snow,
        Skill.Frost,
        Skill.DrySource,
        Skill.FromHere,
        Skill.Signs,
    ];

    public static bool IsTrap(Skill skill) => skill >= Skill.Gallon;

    public static string Name(Skill skill) =>
        skill switch
        {
            Skill.Judge => "Finding and judging",
            Skill.Clear => "Clearing",
            Skill.Choose => "Choosing a way",
            Skill.Dose => "Dosing",
            Skill.Wait => "Waiting",
            Skill.Store => "Keeping it clean",
            Skill.Carry => "Carrying on",
            Skill.Gallon => "Gallons",
            Skill.Quart => "Quarts",
            Skill.Percent => "Per cent and age",
            Skill.Drops => "Drop size",
            Skill.Cold => "Cold water",
            Skill.Cloudy => "Cloudy water",
            Skill.TopUp => "Topping up",
            Skill.Snow => "Snow for the pot",
            Skill.Frost => "Bottles in frost",
            Skill.DrySource => "A dry source",
            Skill.FromHere => "Stop or walk by",
            _ => "Signs on somebody",
        };
}
