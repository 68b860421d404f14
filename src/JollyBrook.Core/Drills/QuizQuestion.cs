using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>On which side of the right answer one is safe.</summary>
internal enum SafeSide
{
    /// <summary>On none: more and less are both wrong.</summary>
    Exact,
    More,
    Less,
}

/// <summary>The right answer to a question.</summary>
/// <param name="Expected">The answer.</param>
/// <param name="Side">On which side of it one is safe.</param>
/// <param name="Why">Why, in words.</param>
/// <param name="Working">The arithmetic.</param>
internal sealed record QuizSolution(double Expected, SafeSide Side, string Why, IReadOnlyList<Contract.WorkingStep> Working)
{
    /// <summary>Whether an answer would do.</summary>
    public bool IsMetBy(double answer) => Side switch
    {
        SafeSide.More => answer >= Expected,
        SafeSide.Less => answer <= Expected,
        _ => Math.Abs(answer - Expected) < 1e-9,
    };
}

/// <summary>One question with its trap.</summary>
/// <param name="Trap">The trap.</param>
/// <param name="Given">What is told.</param>
/// <param name="Words">What is asked.</param>
/// <param name="Unit">What the answer counts.</param>
/// <param name="Naive">The answer of somebody who fell into the trap, and what slipped.</param>
/// <param name="Rule">The rule behind it.</param>
internal abstract record QuizQuestion(Skill Trap, IReadOnlyList<string> Given, string Words, string Unit, (double Answer, string Slip)? Naive, string Rule)
{
    private const int MostDraws = 40;

    /// <summary>The right answer; null where there is none.</summary>
    public abstract QuizSolution? Solve();

    /// <summary>
    /// A question that has an answer: where one has none, another is drawn. The learner's own copied labels take the place of the
    /// generic ones of their kind.
    /// </summary>
    public static (QuizQuestion Question, QuizSolution Solution) Draw(double seed, Skill? trap, Speaker say, OwnLabels? own = null)
    {
        var dice = new Dice(Dice.Mix(seed, trap is { } t ? (int)t : 99));
        for (var draw = 0; ; draw++)
        {
            var question = Draw(dice, trap ?? dice.Of(Skills.Traps), draw < MostDraws && own is not null ? own : OwnLabels.None, say);
            if (question.Solve() is { } solution)
            {
                return (question, solution);
            }
        }
    }

    private static QuizQuestion Draw(Dice dice, Skill trap, OwnLabels own, Speaker say) => trap switch
    {
        Skill.Gallon => DoseQuestion.Gallon(dice, own),
        Skill.Quart => DoseQuestion.Quart(dice, own),
        Skill.Percent => DoseQuestion.Percent(dice),
        Skill.Drops => DoseQuestion.Drops(dice, say),
        Skill.Cold => DoseQuestion.Cold(dice, own, say),
        Skill.Cloudy => DoseQuestion.Cloudy(dice, own),
        Skill.TopUp => DoseQuestion.TopUp(dice, own),
        Skill.Snow => SnowQuestion.Of(dice, say),
        _ => FrostQuestion.Of(dice, say),
    };
}
