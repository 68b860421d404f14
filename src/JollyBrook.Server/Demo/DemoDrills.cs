using JollyBrook.Core.Drills;

namespace JollyBrook.Server.Demo;

/// <summary>A week of drills: two easy ones passed, a wait too short and made good, and a slip in the quiz.</summary>
internal static class DemoDrills
{
    private static readonly Skill[] AtTheBottle = [Skill.Judge, Skill.Clear, Skill.Choose, Skill.Dose, Skill.Wait, Skill.Store];

    public static IEnumerable<DrillResult> Results(DateTimeOffset now) =>
        [
            Drill(100_003, 1, now.AddDays(-6)),
            Drill(100_004, 1, now.AddDays(-5)),
            Drill(100_005, 2, now.AddDays(-4), Skill.Wait, Skill.Clear),
            Drill(100_005, 2, now.AddDays(-3)),
            Quiz(Skill.Gallon, true, now.AddDays(-3)),
            Quiz(Skill.Quart, true, now.AddDays(-3).AddMinutes(1)),
            Quiz(Skill.Cold, false, now.AddDays(-3).AddMinutes(2)),
        ];

    private static DrillResult Drill(double seed, int level, DateTimeOffset at, params Skill[] failed) =>
        new(DrillKind.Drill, seed, level, null, at, [.. AtTheBottle.Select(s => new SkillResult(s, !failed.Contains(s)))]);

    private static DrillResult Quiz(Skill trap, bool passed, DateTimeOffset at) =>
        new(DrillKind.Quiz, 7919, null, null, at, [new(trap, passed)]);
}
