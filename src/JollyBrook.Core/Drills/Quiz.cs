using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>A question of the quiz, by seed and trap; with an answer it is marked.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Seed">Whole, 0 to 9 007 199 254 740 991.</param>
/// <param name="Trap">Which trap; drawn from the seed when left out.</param>
/// <param name="Answer">The learner's number; null to ask, or where one chooses.</param>
/// <param name="Kit">What the learner carries: copied labels are asked about in place of generic ones.</param>
/// <param name="Choice">The learner's choice; null to ask, or where a number is wanted.</param>
public sealed record QuizRequest(
    UnitSystem? Units,
    double? Seed,
    Skill? Trap = null,
    double? Answer = null,
    IReadOnlyList<KitEntry>? Kit = null,
    string? Choice = null
);

/// <summary>The question, and once it is answered how it went.</summary>
/// <param name="Trap">Which trap.</param>
/// <param name="TrapName">In words.</param>
/// <param name="Given">What is told.</param>
/// <param name="Question">What is asked.</param>
/// <param name="Unit">What a number counts; empty where one chooses.</param>
/// <param name="Choices">What can be chosen; empty where a number is wanted.</param>
/// <param name="Right">Whether the answer would do; null until answered.</param>
/// <param name="Expected">The right number; null until answered, or where one chooses.</param>
/// <param name="ExpectedChoice">The right choice; likewise.</param>
/// <param name="Headline">How it went; empty until answered.</param>
/// <param name="Why">Why, and what the trap was; empty until answered.</param>
/// <param name="Working">The arithmetic; empty until answered.</param>
public sealed record QuizResponse(
    Skill Trap,
    string TrapName,
    IReadOnlyList<string> Given,
    string Question,
    string Unit,
    IReadOnlyList<DrillChoice> Choices,
    bool? Right,
    double? Expected,
    string? ExpectedChoice,
    string Headline,
    string Why,
    IReadOnlyList<WorkingStep> Working
);

/// <summary>
/// The calculation "quiz": doses, waits, snow, frost, dry sources, stops and signs with their traps, marked by the engine that answers them
/// elsewhere.
/// </summary>
public static class Quiz
{
    private static readonly NumberField Answer = new("answer", "Answer", Quantity.Plain, 0, 100000, "Give a whole number.");
    private static readonly ChoiceField Trap = new("trap", "Trap", [.. Skills.Traps.Select(ContractName.Of)]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => [ChoiceField.Of<UnitSystem>("units", "Units"), DrillFields.Seed, Trap, Answer];

    /// <exception cref="BadInputException">A field is out of its range, or the skill is no trap.</exception>
    public static QuizResponse Compute(QuizRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        var seed = Math.Floor(intake.Required(DrillFields.Seed, request.Seed));
        intake.Optional(Answer, request.Answer);
        KitEntry.Carried(request.Kit).ForEach(e => e.IsSound(intake));
        if (request.Trap is { } asked && !Skills.IsTrap(asked))
        {
            intake.Refuse(Trap, Trap.WrongKind(intake.Say));
        }

        intake.ThrowIfWrong();
        var (question, solution) = QuizQuestion.Draw(seed, request.Trap, intake.Say, OwnLabels.In(request.Kit));
        var open = new QuizResponse(
            Trap: question.Trap,
            TrapName: Skills.Name(question.Trap),
            Given: question.Given,
            Question: question.Words,
            Unit: (question as NumberQuestion)?.Unit ?? "",
            Choices: (question as ChoiceQuestion)?.Choices ?? [],
            Right: null,
            Expected: null,
            ExpectedChoice: null,
            Headline: "",
            Why: "",
            Working: []
        );
        return (question, solution) switch
        {
            (NumberQuestion number, NumberSolution right) when request.Answer is { } answer => Mark(open, number, right, answer),
            (ChoiceQuestion choice, ChoiceSolution right) when request.Choice is { } chosen => Mark(open, choice, right, chosen, intake),
            _ => open,
        };
    }

    private static QuizResponse Mark(QuizResponse open, NumberQuestion question, NumberSolution solution, double answer)
    {
        var right = solution.IsMetBy(answer);
        var words = $"{Speaker.Number(solution.Expected, 0)} {question.Unit}";
        return open with
        {
            Right = right,
            Expected = solution.Expected,
            Headline = right ? $"Right: {words}" : $"{solution.SlipOf(answer)}: {words}",
            Why = question.Naive is { } naive && Math.Abs(answer - naive.Answer) < 1e-9 && !right ? naive.Slip : solution.Why,
            Working = solution.Working,
        };
    }

    private static QuizResponse Mark(QuizResponse open, ChoiceQuestion question, ChoiceSolution solution, string chosen, Intake intake)
    {
        if (question.Choices.All(c => c.Id != chosen))
        {
            var field = new ChoiceField("choice", "Choice", [.. question.Choices.Select(c => c.Id)]);
            intake.Refuse(field, field.WrongKind(intake.Say));
            intake.ThrowIfWrong();
        }

        var right = chosen == solution.Expected;
        var words = question.Choices.First(c => c.Id == solution.Expected).Name;
        return open with
        {
            Right = right,
            ExpectedChoice = solution.Expected,
            Headline = right ? $"Right: {Sentence.Lower(words)}" : $"No: {Sentence.Lower(words)}",
            Why = !right && question.SlipOf(chosen) is { } slip ? $"{slip} {solution.Why}" : solution.Why,
            Working = solution.Working,
        };
    }
}
