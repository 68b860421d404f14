using JollyBrook.Core.Contract;
using JollyBrook.Core.Drills;

namespace JollyBrook.Core.Tests.Drills;

/// <summary>Spaced repetition, by hand.</summary>
public class ProgressTests
{
    private static readonly DateTimeOffset Start = new(2026, 8, 1, 9, 0, 0, TimeSpan.Zero);

    private static DrillResult Done(
        double seed,
        int day,
        bool passed,
        Skill skill = Skill.Dose,
        int level = 1,
        DrillKind kind = DrillKind.Drill
    ) => new(kind, seed, kind == DrillKind.Drill ? level : null, null, Start.AddDays(day), [new(skill, passed)]);

    private static ProgressResponse At(int day, params DrillResult[] results) =>
        Progress.Compute(new(results, Start.AddDays(day).AddHours(1)));

    private static SkillStanding Of(ProgressResponse at, Skill skill) => at.Skills.Single(s => s.Skill == skill);

    [Fact]
    public void Passes_on_different_days_space_a_skill_out_and_a_failure_brings_it_back()
    {
        // Passed on days 0, 1 and 4: three in a row, again after 7 days.
        var three = At(4, Done(1, 0, true), Done(2, 1, true), Done(3, 4, true));
        (Of(three, Skill.Dose).Step, Of(three, Skill.Dose).Due).ShouldBe((3, new DateOnly(2026, 8, 12)));
        Of(three, Skill.Dose).IsDue.ShouldBeFalse();
        Of(At(11, Done(1, 0, true), Done(2, 1, true), Done(3, 4, true)), Skill.Dose).IsDue.ShouldBeTrue();
        var failed = At(5, Done(1, 0, true), Done(2, 1, true), Done(3, 4, true), Done(4, 5, false));
        (Of(failed, Skill.Dose).Step, Of(failed, Skill.Dose).IsDue).ShouldBe((0, true));
        failed.Skills[0].Skill.ShouldBe(Skill.Dose);
        failed.Headline.ShouldBe("To go over: dosing");
    }

    [Fact]
    public void A_second_pass_on_the_same_day_counts_once() => Of(At(0, Done(1, 0, true), Done(2, 0, true)), Skill.Dose).Step.ShouldBe(1);

    [Fact]
    public void What_went_wrong_comes_again_until_it_is_passed()
    {
        var again = At(1, Done(77, 0, false), Done(78, 0, true));
        (again.Next.Seed, again.Next.Level).ShouldBe((77, 1));
        At(1, Done(77, 0, false), Done(77, 1, true)).Next.Seed.ShouldNotBe(77);
    }

    [Fact]
    public void Two_passes_in_a_row_open_the_next_level()
    {
        At(0).Next.Level.ShouldBe(1);
        At(1, Done(1, 0, true)).Next.Level.ShouldBe(1);
        At(1, Done(1, 0, true), Done(2, 1, true)).Next.Level.ShouldBe(2);
        At(9, [.. Enumerable.Range(0, 10).Select(i => Done(i, 0, true, level: (i / 2) + 1))]).Next.Level.ShouldBe(6);
    }

    /// <summary>A failure on the way starts the two anew; what was passed below the level, or failed above it, is no step.</summary>
    [Fact]
    public void Only_passes_in_a_row_at_the_level_or_above_open_the_next()
    {
        At(3, Done(1, 0, true), Done(2, 1, false), Done(3, 2, true)).Next.Level.ShouldBe(1);
        At(4, Done(1, 0, true), Done(2, 1, false), Done(3, 2, true), Done(2, 3, true)).Next.Level.ShouldBe(2);
        var second = new[] { Done(1, 0, true), Done(2, 1, true) };
        At(4, [.. second, Done(3, 2, true), Done(4, 3, true)]).Next.Level.ShouldBe(2);
        At(4, [.. second, Done(3, 2, true, level: 2), Done(4, 3, true, level: 2)]).Next.Level.ShouldBe(3);
        At(4, [.. second, Done(3, 2, false, level: 5), Done(3, 3, true, level: 5)]).Next.Level.ShouldBe(2);
    }

    [Fact]
    public void Of_each_level_what_was_done_and_what_was_passed_is_told()
    {
        var at = At(5, Done(1, 0, true), Done(2, 1, false), Done(3, 2, true, level: 2), Done(4, 3, false, level: 3));
        at.Levels.Take(4).Select(l => (l.Done, l.Passed)).ShouldBe([(2, 1), (1, 1), (1, 0), (0, 0)]);
    }

    /// <summary>Both were passed once and are due: what has waited longer comes first, whichever stands first in the list.</summary>
    [Fact]
    public void Of_two_that_are_due_the_longer_due_comes_first()
    {
        foreach (var (early, late) in new[] { (Skill.Dose, Skill.Judge), (Skill.Judge, Skill.Dose) })
        {
            At(20, Done(1, 0, true, early), Done(2, 3, true, late)).Skills.Take(2).Select(s => s.Skill).ShouldBe([early, late]);
        }

        foreach (var early in Skills.Traps)
        {
            At(20, [.. Skills.Traps.Select(t => Done(1, t == early ? 0 : 3, true, t, kind: DrillKind.Quiz))]).NextQuiz.ShouldBe(early);
        }
    }

    [Fact]
    public void The_daily_drill_is_the_days_own_and_can_be_done()
    {
        var daily = At(3).Daily;
        daily.Seed.ShouldBe(20260804);
        daily.Done.ShouldBeFalse();
        At(3, Done(daily.Seed, 3, true, level: daily.Level)).Daily.Done.ShouldBeTrue();
        At(4).Daily.Seed.ShouldNotBe(daily.Seed);
    }

    [Fact]
    public void The_weakest_trap_is_asked_next()
    {
        At(0).NextQuiz.ShouldBe(Skill.Gallon);
        At(2, [.. Skills.Traps.Select(t => Done(1, 2, t != Skill.Cold, t, kind: DrillKind.Quiz))]).NextQuiz.ShouldBe(Skill.Cold);
    }

    [Fact]
    public void A_result_without_skills_is_refused() =>
        Should
            .Throw<BadInputException>(() => DrillResult.Check(new(DrillKind.Drill, 1, 1, null, Start, [])))
            .Errors.Single()
            .Field.ShouldBe("skills");
}
