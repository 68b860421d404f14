using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>How often a pot is filled with snow for so much water, answered by <see cref="Melting"/>.</summary>
/// <param name="Litres">Water wanted, L.</param>
/// <param name="Kind">The snow.</param>
/// <param name="PotL">The pot to its brim, L.</param>
/// <inheritdoc cref="NumberQuestion"/>
internal sealed record SnowQuestion(
    IReadOnlyList<string> Given,
    double Litres,
    SnowKind Kind,
    double PotL,
    (double Answer, string Slip)? Naive
)
    : NumberQuestion(
        Skill.Snow,
        Given,
        "How many pot loads of snow?",
        "loads",
        Naive,
        "Snow is mostly air, and a tenth of the pot stays full of water."
    )
{
    private const double PotKg = 0.15;

    public override QuizSolution Solve()
    {
        var (fraction, pot) = (Melting.WaterFraction(Kind), new Pot(PotL, PotKg, PotMaterial.Aluminium));
        var loads = Melting.Loads(pot, Litres / fraction);
        var working = new Working();
        working.Add(
            "Pot loads of snow",
            "n = ⌈V/fraction/(0.8·pot)⌉",
            "Water by volume: fresh 0.10, settled 0.25, wind-packed 0.40, firn 0.55; a pot is filled to nine tenths, one of them water",
            WorkingValue.Of("n", loads),
            WorkingValue.Of("V", Litres, "L"),
            WorkingValue.Of("fraction", fraction),
            WorkingValue.Of("pot", PotL, "L")
        );
        return new NumberSolution(loads, SafeSide.Exact, Rule, working.Steps);
    }

    public static QuizQuestion Of(Dice dice, Speaker say)
    {
        var (litres, potL) = (dice.Of([1.0, 2, 3]), dice.Of([0.75, 1, 1.3]));
        var (kind, name) = dice.Of([
            (SnowKind.Fresh, "fresh"),
            (SnowKind.Settled, "settled"),
            (SnowKind.WindPacked, "old, wind-packed"),
            (SnowKind.Firn, "firn"),
        ]);
        return new SnowQuestion(
            [
                $"{say.Of(Quantity.Volume, litres)} of water are wanted from {name} snow.",
                $"The pot holds {say.Of(Quantity.Volume, potL)} to the brim.",
            ],
            litres,
            kind,
            potL,
            (Math.Ceiling((litres / (0.9 * potL)) - 1e-9), "So often the pot holds the water, not the snow.")
        );
    }
}
