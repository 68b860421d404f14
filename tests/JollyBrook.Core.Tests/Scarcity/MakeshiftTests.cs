using CsCheck;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Scarcity.Makeshift;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Scarcity;

/// <summary>Things made of what lies about (handbook room 90).</summary>
public sealed class MakeshiftTests
{
    private static IReadOnlyList<MakeshiftCard> Cards(double litres = 1, double vesselL = 1.5) =>
        MakeshiftCards.Compute(new MakeshiftRequest(UnitSystem.Metric, litres, vesselL)).Cards;

    private static MakeshiftCard Card(string id, double litres = 1) => Cards(litres).Single(c => c.Id == id);

    /// <summary>
    /// 0.1 to 0.3 L an hour for the wick; 10 min for each litre poured into the layers, a tenth of which stays in: 3 L out are 3.33 in,
    /// 33.3 min; 20 to 40 min over embers; a siphon 0.3 to 1 L/min. Until the dregs are seen a quarter counts as theirs: 3 L are drawn
    /// off 4.
    /// </summary>
    [Theory]
    [InlineData("wick", 3, 600, 1800, 3)]
    [InlineData("layered-filter", 3, 33.333, 33.333, 3.3333)]
    [InlineData("bark-vessel", 2, 40, 80, 2)]
    [InlineData("siphon", 3, 3, 10, 4)]
    [InlineData("squeeze-out", 3, 3, 6, 4)]
    public void Times_and_litres_are_the_rooms(string id, double litres, double low, double high, double draw)
    {
        var card = Card(id, litres);
        card.RunMinutesLow!.Value.ShouldBe(low, 0.01);
        card.RunMinutesHigh!.Value.ShouldBe(high, 0.01);
        card.DrawL!.Value.ShouldBe(draw, 0.001);
    }

    [Fact]
    public void A_yield_is_told_in_words()
    {
        Card("wick", 3).Yield.ShouldBe("3 L in 10 h to 30 h, once it is made");
        Card("layered-filter", 3).Yield.ShouldBe("3 L in 34 min, once it is made");
        // Settling takes hours; that is not in the minutes of drawing it off.
        Card("siphon", 3).Yield.ShouldBe("3 L in 3 min to 10 min, once it has settled");
    }

    [Fact]
    public void Layers_fill_two_thirds_of_the_vessel()
    {
        var steps = string.Join(' ', Cards(1, 2).Single(c => c.Id == "layered-filter").Steps);
        // 0.1 + 0.2 + 0.2 + 0.15 of 2 L, in the order in which they are filled in: sand, charcoal, sand, gravel.
        string[] order = ["cloth", "0.2 L", "charcoal to the size of rice", "0.4 L", "0.4 L of washed sand", "Gravel last, 0.3 L"];
        var at = 0;
        foreach (var part in order)
        {
            at = steps.IndexOf(part, at, StringComparison.Ordinal);
            at.ShouldBeGreaterThanOrEqualTo(0, part);
        }
    }

    [Fact]
    public void Every_card_is_whole() =>
        Cards()
            .ShouldAllBe(c =>
                c.Name.Length > 0
                && c.Needs.Count > 0
                && c.MakeMinutes > 0
                && c.Yield.Length > 0
                && c.Steps.Count >= 3
                && c.Check.Length > 0
                && c.NotTakenOut.Length > 0
                && c.Next.Length > 0
            );

    [Fact]
    public void What_only_clears_says_that_it_is_still_unsafe() =>
        Cards().Where(c => c.Use is MakeshiftUse.Clear or MakeshiftUse.Draw).ShouldAllBe(c => c.NotTakenOut.Contains("still unsafe"));

    /// <summary>What was settled and drawn off is no clearer than Treat counts it: it is judged anew, never taken for clear.</summary>
    [Theory]
    [InlineData("siphon")]
    [InlineData("squeeze-out")]
    public void What_is_drawn_off_is_judged_again(string id) => Card(id).Next.ShouldContain("Judge again how cloudy it is");

    /// <summary>The layers take the litres and the minutes that Treat reckons for them.</summary>
    [Fact]
    public void The_layers_take_what_Treat_says() =>
        Gen.Double[0.1, 40]
            .Sample(
                litres =>
                {
                    var card = Card("layered-filter", litres);
                    var treated = Treat
                        .Compute(
                            new TreatRequest(
                                UnitSystem.Metric,
                                new WaterInput(litres, Clarity.Muddy, WaterColour.None, 10, 300),
                                "burner",
                                Clearing: new(Way: ClearingWay.ImprovisedFilter),
                                Kit: [Kits.Burner(), new KitEntry("layers", card.ToKit)]
                            )
                        )
                        .Clearing!;
                    treated.CollectL.ShouldBe(card.DrawL!.Value, 1e-9);
                    treated.Minutes.ShouldBe(Math.Ceiling(card.RunMinutesHigh!.Value - 1e-9));
                },
                iter: 100
            );

    [Fact]
    public void More_water_never_takes_less_time() =>
        Gen.Select(Gen.Double[0.1, 50], Gen.Double[1, 2])
            .Sample(
                (litres, more) =>
                {
                    foreach (var (few, many) in Cards(litres).Zip(Cards(litres * more)))
                    {
                        (many.RunMinutesLow ?? 0).ShouldBeGreaterThanOrEqualTo(few.RunMinutesLow ?? 0);
                        (few.RunMinutesHigh ?? 0).ShouldBeGreaterThanOrEqualTo(few.RunMinutesLow ?? 0);
                    }
                },
                iter: 200
            );

    /// <summary>
    /// What is put in the kit is sound, and does there what the card says: the can boils, the layers clear and are no barrier.
    /// </summary>
    [Fact]
    public void In_the_kit_they_do_what_the_card_says()
    {
        foreach (var card in Cards().Where(c => c.ToKit is not null))
        {
            KitItem.Check(card.ToKit!);
        }

        var can = new KitEntry("can", Card("can").ToKit);
        TreatResponse Boiled(params KitEntry[] kit) =>
            Treat.Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    new WaterInput(0.5, Clarity.Clear, WaterColour.None, 10, 300),
                    null,
                    Kit: [.. kit, Kits.Burner(), can]
                )
            );
        Boiled().Outcome.ShouldBe(TreatOutcome.Meets);
        new KitEntry("layers", Card("layered-filter").ToKit).Item!.ShouldBeOfType<MakeshiftFilter>();
    }

    [Fact]
    public void Bad_fields_are_named() =>
        Should.Throw<BadInputException>(() => Cards(0, 90)).Errors.Select(e => e.Field).ShouldBe(["litres", "vesselL"]);
}
