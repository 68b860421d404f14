using JollyBrook.Core.Contract;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>The source that was counted on is dry: on, back or stay, answered by <see cref="Triage"/>.</summary>
/// <param name="Asked">What Triage is asked.</param>
/// <inheritdoc cref="ChoiceQuestion"/>
internal sealed record DrySourceQuestion(IReadOnlyList<string> Given, TriageRequest Asked)
    : ChoiceQuestion(Skill.DrySource, Given, "Which way?", Ways)
{
    private static readonly DrillChoice[] Ways =
    [
        new(ContractName.Of(WayOutKind.On), "On to the next water"),
        new(ContractName.Of(WayOutKind.Back), "Back to the last water"),
        new(ContractName.Of(WayOutKind.Stay), "Stay in the shade, call for help"),
    ];

    public override QuizSolution Solve()
    {
        var answer = Triage.Compute(Asked);
        return new ChoiceSolution(
            ContractName.Of(answer.Best),
            string.Join(
                ' ',
                answer
                    .Choices.Where(c => c.Kind != WayOutKind.Stay || answer.Best == WayOutKind.Stay)
                    .Select(c => $"{c.Name}: {Sentence.Lower(c.Words)}")
            ),
            answer.Working
        );
    }

    public override string? SlipOf(string choice) => choice == ContractName.Of(WayOutKind.On) ? "What is nearer may be dry as well." : null;

    public static QuizQuestion Of(Dice dice, Speaker say)
    {
        var (ahead, behind) = (dice.Between(2, 9, 0.5), dice.Between(2, 9, 0.5));
        var (chance, inHand, need, help) = (
            dice.Of([0.3, 0.5, 0.8, 0.99]),
            dice.Between(0.3, 2.5, 0.1),
            dice.Of([0.4, 0.6, 0.8]),
            dice.Of([4.0, 8, 24])
        );
        return new DrySourceQuestion(
            [
                $"The cistern you counted on is dry. You have {say.Of(Quantity.Volume, inHand)} and lose "
                    + $"{say.Of(Quantity.Volume, need)} an hour walking.",
                $"Ahead: a rill, {say.Of(Quantity.Distance, ahead)} on, runs {chance * 100:0} times in "
                    + $"100. Behind: the lake you left, {say.Of(Quantity.Distance, behind)} back.",
                $"Thirsty, no more. Help could be here in {help:0} h.",
            ],
            new TriageRequest(
                say.System,
                inHand,
                need,
                1,
                Sources: [new("The rill", Direction.Ahead, ahead, chance), new("The lake", Direction.Behind, behind, 1)],
                HelpHours: help,
                Signs: BodySigns.Thirsty
            )
        );
    }
}
