using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Drills;

/// <summary>What a drill or a quiz teaches: the steps of a drill, then the traps of the quiz.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Skill>))]
public enum Skill
{
    /// <summary>Looks at a source.</summary>
    Judge,

    /// <summary>Clears it.</summary>
    Clear,

    /// <summary>Picks a way that reaches the target.</summary>
    Choose,

    /// <summary>Counts tablets, drops or cycles.</summary>
    Dose,

    /// <summary>Waits long enough.</summary>
    Wait,

    /// <summary>Keeps clean water clean.</summary>
    Store,

    /// <summary>Carries enough.</summary>
    Carry,

    /// <summary>A label by the US gallon.</summary>
    Gallon,

    /// <summary>A label by the US quart.</summary>
    Quart,

    /// <summary>Bleach of another strength.</summary>
    Percent,

    /// <summary>A dropper with drops of another size.</summary>
    Drops,

    /// <summary>Cold water, which takes longer.</summary>
    Cold,

    /// <summary>Cloudy water, which takes more.</summary>
    Cloudy,

    /// <summary>Raw water added to a bottle under treatment.</summary>
    TopUp,

    /// <summary>Snow's water and fuel.</summary>
    Snow,

    /// <summary>A wet filter in the cold.</summary>
    Frost,

    /// <summary>A source reported dry.</summary>
    DrySource,

    /// <summary>What to do from where one stands.</summary>
    FromHere,

    /// <summary>Signs of too little, or too much, water.</summary>
    Signs,
}

/// <summary>The skills, their kinds and their names.</summary>
public static class Skills
{
    /// <summary>Those a drill goes through, in order.</summary>
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

    /// <summary>Those the quiz asks about.</summary>
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

    /// <summary>Whether it is the quiz's.</summary>
    public static bool IsTrap(Skill skill) => skill >= Skill.Gallon;

    /// <summary>What it is called.</summary>
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
