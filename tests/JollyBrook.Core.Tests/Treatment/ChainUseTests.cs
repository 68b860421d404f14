using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Treatment;

/// <summary>What a way takes of each piece of kit, in that piece's own measure: the plan, the stock and the answer count alike.</summary>
public class ChainUseTests
{
    private static (IReadOnlyList<ChainUse> Uses, TreatResponse Answer) Of(KitEntry entry, double litres, SnowInput? snow = null)
    {
        var request = new TreatRequest(
            UnitSystem.Metric,
            Ask.Water(litres, temperatureC: 10),
            entry.Id,
            StartAt: Kits.Now,
            Chemical: Ask.InDateInShade,
            Sky: new SkyInput(AirTemperatureC: 20),
            Kit: [entry],
            Snow: snow
        );
        var situation = Situation.Of(request);
        return (Chain.Run(situation.Asked!, situation).Uses, Treat.Compute(request));
    }

    [Fact]
    public void Tablets_are_used_whole()
    {
        var (uses, answer) = Of(Kits.Entry(Kits.Tablets, left: 30), 3);
        uses.ShouldBe([new ChainUse("tablets", answer.Dose!.Units, 30)]);
        answer.Dose.Units.ShouldBe(Math.Round(answer.Dose.Units));
    }

    /// <summary>
    /// Drops are counted, and what is left is measured: 20 of them in a millilitre unless its owner counted, 30 in one here. 8 drops are
    /// 0.4 mL of the first and 0.27 of the second.
    /// </summary>
    [Theory]
    [InlineData(null, 20)]
    [InlineData(30.0, 30)]
    public void Drops_are_used_by_the_millilitre(double? dropsInOneMl, double perMl)
    {
        var drops = Kits.Entry(
            new ProductSpec(
                "clo2-drops",
                new DateOnly(2027, 5, 31),
                DropCount: dropsInOneMl is { } counted ? new DropCount(counted, 1) : null
            ),
            "drops",
            left: 15
        );
        var (uses, answer) = Of(drops, 4);
        answer.Dose!.Units.ShouldBeGreaterThan(1);
        uses.ShouldHaveSingleItem().Used.ShouldBe(answer.Dose.Units / perMl, 1e-12);
        uses[0].Left.ShouldBe(15);
    }

    [Fact]
    public void A_lamp_gives_cycles_a_filter_litres_and_a_stove_grams()
    {
        // 2.5 L in fills of a litre: three, a cycle each in clear water; lithium at 20 °C gives all it has.
        Of(Kits.Entry(Kits.Lamp), 2.5).Uses.ShouldBe([new ChainUse("lamp", 3, 40)]);
        // 4000 L rated, 60 used.
        Of(Kits.Entry(Kits.Squeeze), 2.5).Uses.ShouldBe([new ChainUse("filter", 2.5, 3940)]);
        var (uses, answer) = Of(Kits.Burner(), 2.5);
        uses.ShouldBe([new ChainUse("burner", answer.Boil!.FuelG, 200)]);
    }

    /// <summary>Snow is melted on the stove whatever comes after it, and what that takes is counted where it is burnt.</summary>
    [Fact]
    public void Melting_is_counted_with_its_stove()
    {
        var (uses, answer) = Of(Kits.Burner(), 2, new SnowInput(SnowKind.Settled, -10));
        uses.ShouldHaveSingleItem().Used.ShouldBe(answer.Boil!.FuelG + answer.Melt!.FuelG, 1e-9);
        answer.Melt.FuelG.ShouldBeGreaterThan(1);
    }

    /// <summary>More water never takes less of anything, and there is enough exactly where no more is used than is left.</summary>
    [Fact]
    public void More_water_never_takes_less() =>
        Gen.Select(
                Gen.Double[0.1, 15],
                Gen.Double[1, 3],
                Gen.Double[0, 60],
                Gen.OneOf(
                    Gen.Const(Kits.Entry(Kits.Tablets)),
                    Gen.Const(Kits.Entry(Kits.Lamp)),
                    Gen.Const(Kits.Entry(Kits.Squeeze)),
                    Gen.Const(Kits.Burner())
                )
            )
            .Sample(
                (litres, more, left, entry) =>
                {
                    var (few, many) = (Of(entry, litres).Uses[0], Of(entry, litres * more).Uses[0]);
                    // What can't be done takes nothing.
                    if (Of(entry, litres * more).Answer.Refusal is null)
                    {
                        many.Used.ShouldBeGreaterThanOrEqualTo(few.Used - 1e-9);
                    }

                    (few with { Left = left }).IsThere.ShouldBe(few.Used <= left + 1e-9);
                    (few with { Left = null }).IsThere.ShouldBeTrue();
                },
                iter: 200
            );
}
