using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Winter;

namespace JollyBrook.Core.Drills;

/// <summary>After how long a bottle begins to freeze, answered by <see cref="Freezing"/>: too soon is safe.</summary>
/// <param name="AirC">The air, °C.</param>
/// <param name="Where">Where the bottle is.</param>
/// <inheritdoc cref="NumberQuestion"/>
internal sealed record FrostQuestion(IReadOnlyList<string> Given, double AirC, SleepsWhere Where, (double Answer, string Slip)? Naive)
    : NumberQuestion(
        Skill.Frost,
        Given,
        "After how many hours at the latest do you look for ice?",
        "h",
        Naive,
        "20 over the frost, times 1.3; three times that in the pack; in the sleeping bag it stays water."
    )
{
    public override QuizSolution Solve()
    {
        var hours = Freezing.HoursToIce(1, Freezing.FromC, AirC, Where)!.Value;
        var working = new Working();
        working.Add(
            "Hours until ice begins",
            Freezing.Formula,
            Freezing.Source,
            WorkingValue.Of("t", hours, "h"),
            WorkingValue.Of("Ta", AirC, "°C")
        );
        // Whole hours, and never the one in which it freezes.
        return new NumberSolution(Math.Max(1, Math.Floor(hours)), SafeSide.Less, Rule, working.Steps);
    }

    public static QuizQuestion Of(Dice dice, Speaker say)
    {
        var (air, where) = (dice.Of([-8.0, -10, -12, -16, -20]), dice.Of([SleepsWhere.Bare, SleepsWhere.InPack]));
        var mild = Math.Floor(Freezing.HoursToIce(1, Freezing.FromC, Freezing.LeastColdC, where)!.Value);
        return new FrostQuestion(
            [
                $"A litre bottle filled at {say.Of(Quantity.Temperature, Freezing.FromC)}; the night has "
                    + $"{say.Of(Quantity.Temperature, air)}.",
                where == SleepsWhere.Bare ? "It stands bare in the air." : "It is in the pack, in clothing.",
            ],
            air,
            where,
            (mild, $"That is for {say.Of(Quantity.Temperature, Freezing.LeastColdC)}: the colder, the sooner.")
        );
    }
}
