using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>What was done so far.</summary>
/// <param name="Results">Drills and quiz questions done, in any order.</param>
/// <param name="Now">The time now, with the learner's offset.</param>
public sealed record ProgressRequest(IReadOnlyList<DrillResult>? Results, DateTimeOffset? Now);

/// <summary>How one skill stands.</summary>
/// <param name="Skill">Which.</param>
/// <param name="Name">In words.</param>
/// <param name="Step">0 (new or just failed) to 5: passes in a row, each on another day.</param>
/// <param name="Done">How often it came up.</param>
/// <param name="Passed">How often it would do.</param>
/// <param name="Due">When it should come up again; null for now.</param>
/// <param name="IsDue">Whether that is now.</param>
/// <param name="Words">The same in a line.</param>
public sealed record SkillStanding(Skill Skill, string Name, int Step, int Done, int Passed, DateOnly? Due, bool IsDue, string Words);

/// <summary>How a level stands.</summary>
public sealed record LevelStanding(int Level, string Name, int Done, int Passed);

/// <summary>A drill to take.</summary>
/// <param name="Seed">Its seed.</param>
/// <param name="Level">Its level.</param>
/// <param name="Focus">What it is bent towards.</param>
/// <param name="Words">Why this one.</param>
/// <param name="Done">Whether it was passed already.</param>
public sealed record OfferedDrill(double Seed, int Level, Skill? Focus, string Words, bool Done);

/// <summary>How the learner stands, and what to do next.</summary>
/// <param name="Skills">Every skill, the weakest first.</param>
/// <param name="Levels">Every level.</param>
/// <param name="Daily">Today's drill, the same for everyone.</param>
/// <param name="Next">The drill to take next: one that was failed, else the weakest skill that is due.</param>
/// <param name="NextQuiz">The trap to ask for next.</param>
/// <param name="QuizSeed">The quiz question's seed.</param>
/// <param name="Headline">In a few words.</param>
public sealed record ProgressResponse(
    IReadOnlyList<SkillStanding> Skills,
    IReadOnlyList<LevelStanding> Levels,
    OfferedDrill Daily,
    OfferedDrill Next,
    Skill NextQuiz,
    double QuizSeed,
    string Headline
);

/// <summary>The calculation "drill-progress": spaced repetition over the skills; what was failed comes again first.</summary>
public static class Progress
{
    /// <summary>Days until a skill comes again, by passes in a row (pick: doubling and more, as in spaced repetition).</summary>
    private static readonly int[] Days = [0, 1, 3, 7, 16, 35];

    /// <summary>Passes in a row on a level that open the next (pick).</summary>
    private const int PassesToRise = 2;

    private static readonly InstantField Now = new("now", "The time now");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => [Now, .. DrillResult.Fields];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static ProgressResponse Compute(ProgressRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.Metric);
        intake.Present(Now, request.Now);
        foreach (var result in request.Results ?? [])
        {
            result.Check(intake);
        }

        intake.ThrowIfWrong();
        var now = request.Now!.Value;
        var results = (request.Results ?? []).OrderBy(r => r.At).ToList();
        var today = DateOnly.FromDateTime(now.DateTime);
        var skills = Drills
            .Skills.Steps.Concat(Drills.Skills.Traps)
            .Select(s => Stand(s, results, now, today))
            .OrderByDescending(s => s.IsDue && s.Done > 0)
            .ThenBy(s => s.Step)
            .ThenBy(s => s.Due ?? DateOnly.MinValue)
            .ToList();
        var drills = results.FindAll(r => r.Kind == DrillKind.Drill);
        var level = Level(drills);
        var next = Next(drills, skills, level);
        var trap = skills
            .Where(s => Drills.Skills.IsTrap(s.Skill))
            .OrderByDescending(s => s.IsDue)
            .ThenBy(s => s.Step)
            .ThenBy(s => s.Due ?? DateOnly.MinValue)
            .ThenBy(s => s.Skill)
            .First()
            .Skill;
        return new ProgressResponse(
            Skills: skills,
            Levels:
            [
                .. Enumerable
                    .Range(1, DrillLevels.Most)
                    .Select(l => new LevelStanding(
                        l,
                        DrillLevels.Name(l),
                        drills.Count(d => d.Level == l),
                        drills.Count(d => d.Level == l && d.Passed)
                    )),
            ],
            Daily: Daily(today, drills),
            Next: next,
            NextQuiz: trap,
            QuizSeed: 7919 + results.Count(r => r.Kind == DrillKind.Quiz),
            Headline: Headline(results, skills)
        );
    }

    private static SkillStanding Stand(Skill skill, List<DrillResult> results, DateTimeOffset now, DateOnly today)
    {
        var (step, done, passed) = (0, 0, 0);
        DateOnly? last = null;
        foreach (
            var (on, ok) in results.SelectMany(r =>
                r.Skills!.Where(s => s.Skill == skill)
                    .Select(s => (DateOnly.FromDateTime(r.At!.Value.ToOffset(now.Offset).DateTime), s.Passed == true))
            )
        )
        {
            done++;
            passed += ok ? 1 : 0;
            // A second pass on the same day shows nothing new.
            step =
                !ok ? 0
                : step == 0 || on != last ? Math.Min(step + 1, Days.Length - 1)
                : step;
            last = on;
        }

        var due = last?.AddDays(Days[step]);
        var isDue = due is null || due <= today;
        var when =
            step == 0 ? "again now"
            : due is { } later && later > today ? $"again on {Speaker.Day(later)}"
            : "due again";
        var words = done == 0 ? "not met yet" : $"{passed} of {done} passed; {when}";
        return new SkillStanding(
            Skill: skill,
            Name: Drills.Skills.Name(skill),
            Step: step,
            Done: done,
            Passed: passed,
            Due: due,
            IsDue: isDue,
            Words: words
        );
    }

    /// <summary>One level up for every two passes in a row on a level.</summary>
    private static int Level(List<DrillResult> drills)
    {
        var (level, row) = (1, 0);
        foreach (var drill in drills.Where(d => d.Level is not null))
        {
            row =
                drill.Level >= level && drill.Passed ? row + 1
                : drill.Level == level ? 0
                : row;
            if (row == PassesToRise && level < DrillLevels.Most)
            {
                (level, row) = (level + 1, 0);
            }
        }

        return level;
    }

    private static OfferedDrill Next(List<DrillResult> drills, List<SkillStanding> skills, int level)
    {
        // What was failed and not passed since comes again as it was.
        var failed = drills.LastOrDefault(d => !d.Passed && !drills.Any(later => later.At > d.At && Same(later, d) && later.Passed));
        if (failed is not null)
        {
            return new OfferedDrill(failed.Seed!.Value, (int)(failed.Level ?? 1), failed.Focus, "The one that went wrong, again", false);
        }

        var weak = skills.FirstOrDefault(s => !Drills.Skills.IsTrap(s.Skill) && s.Done > 0 && s.IsDue && s.Passed < s.Done);
        var seed = 100_003.0 + drills.Count;
        return weak is not null
            ? new OfferedDrill(
                seed,
                Math.Max(level, LeastLevel(weak.Skill)),
                weak.Skill,
                $"On what went wrong before: {Sentence.Lower(weak.Name)}",
                false
            )
            : new OfferedDrill(seed, level, null, $"Level {level}: {Sentence.Lower(DrillLevels.Name(level))}", false);
    }

    /// <summary>
    /// Where a skill can first be put to the test: one clear bottle leaves nothing to clear, and one water nothing to choose from.
    /// </summary>
    private static int LeastLevel(Skill skill) =>
        skill switch
        {
            Skill.Judge => 3,
            Skill.Carry => DrillLevels.FirstWithCarry,
            Skill.Store => 1,
            _ => 2,
        };

    private static OfferedDrill Daily(DateOnly today, List<DrillResult> drills)
    {
        var seed = (today.Year * 10000.0) + (today.Month * 100) + today.Day;
        var level = (today.DayNumber % DrillLevels.Most) + 1;
        var daily = new OfferedDrill(seed, level, null, $"Level {level}: {Sentence.Lower(DrillLevels.Name(level))}", false);
        return daily with { Done = drills.Any(d => d.Seed == seed && d.Level == level && d.Focus is null && d.Passed) };
    }

    private static bool Same(DrillResult a, DrillResult b) => a.Seed == b.Seed && a.Level == b.Level && a.Focus == b.Focus;

    private static string Headline(List<DrillResult> results, List<SkillStanding> skills)
    {
        if (results.Count == 0)
        {
            return "Mistakes are free here";
        }

        var weak = skills.Where(s => s.Done > 0 && s.Step == 0).Select(s => Sentence.Lower(s.Name)).ToList();
        return weak.Count == 0 ? "Nothing weak just now" : $"To go over: {string.Join(", ", weak.Take(3))}";
    }
}
