using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>One question with its trap.</summary>
/// <param name="Trap">The trap.</param>
/// <param name="Given">What is told.</param>
/// <param name="Words">What is asked.</param>
internal abstract record QuizQuestion(Skill Trap, IReadOnlyList<string> Given, string Words)
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

    private static QuizQuestion Draw(Dice dice, Skill trap, OwnLabels own, Speaker say) =>
        trap switch
        {
            Skill.Gallon => DoseQuestion.Gallon(dice, own),
            Skill.Quart => DoseQuestion.Quart(dice, own),
            Skill.Percent => DoseQuestion.Percent(dice),
            Skill.Drops => DoseQuestion.Drops(dice, say),
            Skill.Cold => DoseQuestion.Cold(dice, own, say),
            Skill.Cloudy => DoseQuestion.Cloudy(dice, own),
            Skill.TopUp => DoseQuestion.TopUp(dice, own),
            Skill.Snow => SnowQuestion.Of(dice, say),
            Skill.Frost => FrostQuestion.Of(dice, say),
            Skill.DrySource => DrySourceQuestion.Of(dice, say),
            Skill.FromHere => FromHereQuestion.Of(dice, say),
            _ => SignQuestion.Of(dice, say),
        };
}

/// <summary>A question that is answered by a number.</summary>
/// <param name="Unit">What the answer counts.</param>
/// <param name="Naive">The answer of somebody who fell into the trap, and what slipped.</param>
/// <param name="Rule">The rule behind it.</param>
/// <inheritdoc cref="QuizQuestion"/>
internal abstract record NumberQuestion(
    Skill Trap,
    IReadOnlyList<string> Given,
    string Words,
    string Unit,
    (double Answer, string Slip)? Naive,
    string Rule
) : QuizQuestion(Trap, Given, Words);

/// <summary>A question that is answered by choosing.</summary>
/// <param name="Choices">What can be chosen.</param>
/// <inheritdoc cref="QuizQuestion"/>
internal abstract record ChoiceQuestion(Skill Trap, IReadOnlyList<string> Given, string Words, IReadOnlyList<DrillChoice> Choices)
    : QuizQuestion(Trap, Given, Words)
{
    /// <summary>What slipped for somebody who chose so, where that is a trap of its own; null for any other.</summary>
    public abstract string? SlipOf(string choice);
}
