using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>What was practised.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<DrillKind>))]
public enum DrillKind
{
    /// <summary>A whole treatment, step by step.</summary>
    Drill,

    /// <summary>One trap at a time.</summary>
    Quiz,
}

/// <summary>One skill of a drill, and whether it would do.</summary>
public sealed record SkillResult(Skill? Skill, bool? Passed);

/// <summary>A drill or a quiz question that was done.</summary>
/// <param name="Kind">Which.</param>
/// <param name="Seed">Its seed.</param>
/// <param name="Level">A drill's level, 1 to 6.</param>
/// <param name="Focus">What it was bent towards.</param>
/// <param name="At">When it was done.</param>
/// <param name="Skills">What it showed, 1 to 13.</param>
public sealed record DrillResult(
    DrillKind? Kind,
    double? Seed,
    double? Level,
    Skill? Focus,
    DateTimeOffset? At,
    IReadOnlyList<SkillResult>? Skills
)
{
    private const int MostSkills = 13;
    private static readonly ChoiceField KindField = ChoiceField.Of<DrillKind>("kind", "Kind");
    private static readonly InstantField AtField = new("at", "When it was done");
    private static readonly ChoiceField SkillsField = new("skills", "Skills", [$"1 to {MostSkills} skills, each passed or not"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [KindField, DrillFields.Seed, DrillFields.Level, AtField, SkillsField];

    internal bool Passed => Skills!.All(s => s.Passed == true);

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(DrillResult result)
    {
        ArgumentNullException.ThrowIfNull(result);
        var intake = new Intake(Speaker.Metric);
        result.Check(intake);
        intake.ThrowIfWrong();
    }

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(KindField, Kind);
        intake.Required(DrillFields.Seed, Seed);
        intake.Optional(DrillFields.Level, Level);
        intake.Present(AtField, At);
        if (Skills is not { Count: > 0 and <= MostSkills } || Skills.Any(s => s.Skill is null || s.Passed is null))
        {
            intake.Refuse(SkillsField, SkillsField.WrongKind(intake.Say));
        }
    }
}
