using JollyBrook.Core.Body;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>
/// What is done for somebody with these signs, answered by <see cref="SignCheck"/>: too much and too little water look alike.
/// </summary>
/// <param name="Seen">What is felt, seen, drunk and passed.</param>
/// <param name="Say">Puts figures into words.</param>
/// <inheritdoc cref="ChoiceQuestion"/>
internal sealed record SignQuestion(IReadOnlyList<string> Given, SignsSeen Seen, Speaker Say)
    : ChoiceQuestion(Skill.Signs, Given, "What do you do?", Ways)
{
    private const string Nothing = "nothing";
    private const string Drink = "drink";
    private const string NoWater = "noWater";
    private const string Cool = "cool";
    private const string Help = "help";

    private const int MostTries = 400;

    private static readonly DrillChoice[] Ways =
    [
        new(Nothing, "Nothing now: look again later"),
        new(Drink, "Drink and rest, something salty"),
        new(NoWater, "No water: something salty"),
        new(Cool, "Shade, wet and fan, an hour’s rest"),
        new(Help, "Call for help now"),
    ];

    private static readonly WaterState[] States = Enum.GetValues<WaterState>();

    private static readonly BodySign[] Signs = Enum.GetValues<BodySign>();

    public override QuizSolution Solve()
    {
        var state = SignCheck.Judge(Seen);
        return new ChoiceSolution(
            WayOf(state),
            string.Join(' ', StateAdvice.Of(state, Seen, Say).Actions.DefaultIfEmpty("Nothing stands against it.")),
            []
        );
    }

    public override string? SlipOf(string choice) =>
        (SignCheck.Judge(Seen), choice) switch
        {
            (WaterState.TooMuch, Drink) => "It looks like thirst, and more was drunk than lost.",
            (WaterState.Overheating, Drink or Nothing) => "Heat is the trouble, not water alone.",
            (WaterState.Emergency, _) => "One grave sign is enough, whatever else there is.",
            (WaterState.DrinkSoon or WaterState.RunningShort or WaterState.StopAndDrink, NoWater) =>
                "Nothing says that too much was drunk.",
            _ => null,
        };

    /// <summary>Every state as often as any other: signs are drawn until they are that state's.</summary>
    public static QuizQuestion Of(Dice dice, Speaker say)
    {
        var wanted = dice.Of(States);
        var seen = Draw(dice);
        for (var tries = 0; SignCheck.Judge(seen) != wanted && tries < MostTries; tries++)
        {
            seen = Draw(dice);
        }

        return new SignQuestion([.. Told(seen, say)], seen, say);
    }

    private static SignsSeen Draw(Dice dice)
    {
        var signs = Enumerable.Range(0, dice.Whole(0, 3)).Select(_ => dice.Of(Signs)).Distinct().Order().ToList();
        return new SignsSeen(
            signs,
            dice.Between(-2, 5, 0.5),
            dice.Between(0, 1.5, 0.25),
            dice.Whole(1, 7),
            dice.Whole(0, 9),
            UrineWritten: true
        );
    }

    private static IEnumerable<string> Told(SignsSeen seen, Speaker say)
    {
        yield return seen.Signs.Count == 0
            ? "Nothing felt, nothing seen."
            : $"{Sentence.Capital(string.Join(", ", seen.Signs.Select(s => Sentence.Lower(BodySignList.NameOf(s)))))}.";
        yield return $"{say.Of(Quantity.Volume, seen.DrunkLastHourL)} drunk in the last hour; by the day’s count "
            + $"{Speaker.Number(Math.Abs(seen.DeficitPercent), 1)} % of body mass {(seen.DeficitPercent < 0 ? "too much" : "short")}.";
        yield return "Urine "
            + $"{(seen.HoursWithoutUrine < 1 ? "just now" : $"{Speaker.Number(seen.HoursWithoutUrine, 0)} h ago")}, "
            + $"colour {Speaker.Number(seen.UrineColour!.Value, 0)} of 8.";
    }

    private static string WayOf(WaterState state) =>
        state switch
        {
            WaterState.Fine => Nothing,
            WaterState.Overheating => Cool,
            WaterState.TooMuch => NoWater,
            WaterState.Emergency => Help,
            _ => Drink,
        };
}
