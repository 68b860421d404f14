using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>At a water that runs: stop or walk by, answered by <see cref="FromHere"/>.</summary>
/// <param name="Asked">What FromHere is asked.</param>
/// <inheritdoc cref="ChoiceQuestion"/>
internal sealed record FromHereQuestion(IReadOnlyList<string> Given, FromHereRequest Asked)
    : ChoiceQuestion(Skill.FromHere, Given, "Stop, or walk by?", Ways)
{
    private const double HereKm = 3;

    private static readonly DrillChoice[] Ways =
    [
        new(ContractName.Of(HereAct.Stop), "Stop and fill"),
        new(ContractName.Of(HereAct.WalkBy), "Walk by"),
    ];

    /// <summary>Null where it is neither.</summary>
    public override QuizSolution? Solve()
    {
        var answer = FromHere.Compute(Asked);
        return answer.Act is HereAct.Stop or HereAct.WalkBy
            ? new ChoiceSolution(
                ContractName.Of(answer.Act),
                $"{answer.Headline}. {answer.Next?.Words ?? "No more water before the finish"}.",
                []
            )
            : null;
    }

    public override string? SlipOf(string choice) =>
        choice == ContractName.Of(HereAct.WalkBy)
            ? "That counts on water that may not run, or that is too far."
            : "What is in hand reaches: more is only weight and time.";

    public static QuizQuestion Of(Dice dice, Speaker say)
    {
        var (doubtfulKm, sureKm) = (dice.Between(2, 4, 0.5), dice.Between(5, 10, 0.5));
        var (chance, inHand, celsius) = (dice.Of([0.3, 0.5, 0.7]), dice.Between(0.3, 3.5, 0.1), dice.Of([14.0, 22, 28]));
        var line = ReadLegs.Compute(new LegsRequest(say.System, 300, [new RouteLeg("", HereKm + sureKm + 2)]));
        var route = new TripRoute(
            "Drill",
            new DateOnly(2026, 8, 21),
            line.LengthKm,
            line.Heights,
            Weather: [new DayWeather(celsius, celsius, 50, 0, 2, WeatherSource.Typed)],
            Containers: [new CarriedContainer("Bag", 4)]
        );
        TripSourceEntry Water(string name, double km, double p) =>
            new(name, new TripSource(name, SourceClass.Perennial, km, Chance: p, Drinkable: true));
        var plan = new PlanRequest(
            say.System,
            route,
            [Water("Spring", HereKm, 1), Water("Rill", HereKm + doubtfulKm, chance), Water("Well", HereKm + sureKm, 1)],
            [new WalkerEntry("w", Party.Unnamed)],
            []
        );
        return new FromHereQuestion(
            [
                $"At a spring that runs, {say.Of(Quantity.Volume, inHand)} in hand; "
                    + $"{say.Of(Quantity.Temperature, celsius)}, level ground, one walker.",
                $"{say.Of(Quantity.Distance, doubtfulKm)} on: a rill that runs {chance * 100:0} times in "
                    + $"100. {say.Of(Quantity.Distance, sureKm)} on: a sure well, and the finish "
                    + $"{say.Of(Quantity.Distance, 2)} beyond it.",
            ],
            new FromHereRequest(plan, HereKm, inHand)
        );
    }
}
