using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Packing.Sparing;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Packing;

/// <summary>What another party is given (handbook room 80).</summary>
public sealed class SpareTests
{
    private static readonly KitTrip Ours = new(
        20,
        new DateOnly(2026, 8, 10),
        new DateOnly(2026, 8, 13),
        8,
        Clarity.Clear,
        WaterColour.None,
        900,
        4,
        6,
        9
    );

    private static readonly KitEntry Pot = new("pot", Kits.Pot);
    private static readonly KitEntry Stove = new(
        "stove",
        new Stove(new BurnerSpec("canister-sheltered", 130)) { Name = "Canister stove", MassKg = 0.1 },
        450
    );
    private static readonly KitEntry Lamp = Kits.Entry(Kits.Lamp with { CyclesLeft = 90 });

    private static KitEntry Dioxide(double left) =>
        new(
            "clo2",
            new ChemicalProduct(new("clo2-tablet", new DateOnly(2028, 1, 1))) { Name = "Chlorine dioxide tablets", MassKg = 0.03 },
            left
        );

    private static SpareResponse Ask(OthersNeed need, params KitEntry[] kit) =>
        SpareForOthers.Compute(new SpareRequest(UnitSystem.Metric, kit, need, Trip: Ours));

    private static SpareCard Tablets(SpareResponse answer) => answer.Cards.Single(c => c.Kind == SpareKind.Tablets);

    /// <summary>
    /// Two people on the way out: 2 L each, a tablet for each litre; 450 g of gas and the lamp's 90 cycles keep our 20 L · 1.25 whatever is
    /// given.
    /// </summary>
    [Fact]
    public void A_strip_of_tablets_for_the_way_out()
    {
        var answer = Ask(new OthersNeed(2, TheirWay.Out, HasClearWater: YesNo.Yes, WaterC: 12), Dioxide(30), Pot, Stove, Lamp);
        answer.TheirL.ShouldBe(4);
        answer.OursL.ShouldBe(25);
        var card = Tablets(answer);
        (card.Give, card.Amount, card.IsEnough, card.IsTight, card.LeftAfter).ShouldBe(("4 tablets", 4, true, false, 26));
        card.Dose.ShouldBe("1 tablet in each 1 L");
        // What Water says of the same litre.
        var water = Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                new WaterInput(1, Clarity.Clear, WaterColour.None, 12, 900),
                "clo2",
                StartAt: new DateTimeOffset(2026, 8, 10, 0, 0, 0, TimeSpan.Zero),
                Kit: [Dioxide(30)]
            )
        );
        card.Wait.ShouldBe($"Wait {Speaker.Minutes(water.Steps.Single(s => s.Kind == StepKind.Contact).Minutes)} before drinking");
        card.Cautions.ShouldContain(c => c.Contains("label comes first"));
        card.Spoken.ShouldContain($"1 tablet in each 1 L. {card.Wait}");
        card.Remains.ShouldStartWith("26 tablets of 30 tablets are left for us");
        answer.Headline.ShouldBe("Give them 4 tablets");
    }

    /// <summary>Chlorine does not reach Cryptosporidium: dioxide comes first wherever it can be spared.</summary>
    [Fact]
    public void What_takes_all_out_comes_before_what_falls_short()
    {
        var chlorine = Kits.Entry(Kits.Tablets, left: 60);
        var cards = Ask(new OthersNeed(1, HasClearWater: YesNo.Yes, WaterC: 12), chlorine, Dioxide(30), Pot, Stove, Lamp).Cards;
        cards[0].ItemId.ShouldBe("clo2");
        cards.Single(c => c.ItemId == "tablets").MeetsTarget.ShouldBeFalse();
        cards.Single(c => c.ItemId == "tablets").Cautions.ShouldContain(c => c.Contains("Falls short on Cryptosporidium"));
    }

    [Fact]
    public void Those_with_a_pot_need_nothing_of_ours()
    {
        var answer = Ask(new OthersNeed(1, HasPot: YesNo.Yes), Dioxide(30), Pot, Stove, Lamp);
        answer.Headline.ShouldBe("They can boil their own");
        answer.Cards[0].Dose.ShouldContain("rolling boil");
        answer.Cards[0].Amount.ShouldBe(0);
    }

    /// <summary>All that is over ours, to the tablet, and never more than they need: 25 L are ours, two for each of them theirs.</summary>
    [Fact]
    public void What_is_given_is_the_most_that_leaves_us_ours() =>
        Gen.Select(Gen.Int[26, 60], Gen.Int[1, 12])
            .Sample(
                (left, people) =>
                {
                    var card = Tablets(Ask(new OthersNeed(people, HasClearWater: YesNo.Yes, WaterC: 12), Dioxide(left)));
                    card.Amount.ShouldBe(Math.Min(2 * people, left - 25));
                    card.LeftAfter.ShouldBe(left - card.Amount);
                    card.IsTight.ShouldBeFalse();
                    card.IsEnough.ShouldBe(card.Amount >= 2 * people);
                },
                iter: 40
            );

    [Fact]
    public void What_we_need_ourselves_is_not_given_lightly()
    {
        // 25 tablets are our 25 L and all there is: nothing to spare, so the card says that it is tight.
        var tight = Ask(new OthersNeed(1, HasClearWater: YesNo.Yes, WaterC: 12), Dioxide(25));
        Tablets(tight).IsTight.ShouldBeTrue();
        tight.Headline.ShouldBe("None to spare: with 2 tablets given we have less than we should");
        // 4 more than we should have: two litres for each of two, to the tablet.
        var spared = Tablets(Ask(new OthersNeed(4, HasClearWater: YesNo.Yes, WaterC: 12), Dioxide(29)));
        (spared.IsTight, spared.Amount, spared.IsEnough).ShouldBe((false, 4, false));
    }

    [Fact]
    public void Without_tablets_we_treat_it_for_them()
    {
        var answer = Ask(new OthersNeed(2, HasClearWater: YesNo.Yes, WaterC: 12), Pot, Stove, Lamp);
        answer.Cards.Select(c => c.Kind).ShouldBe([SpareKind.TreatHere]);
        answer.Cards[0].Litres.ShouldBe(4);
        answer.Headline.ShouldBe("Treat 4 L for them here");
    }

    [Fact]
    public void Nothing_to_spare_is_said()
    {
        var answer = Ask(new OthersNeed(2));
        answer.Cards.ShouldBeEmpty();
        answer.Headline.ShouldStartWith("Nothing of ours can be spared");
    }

    /// <summary>4 L a person and day where they stay.</summary>
    [Fact]
    public void Those_who_stay_need_more() => Ask(new OthersNeed(3, TheirWay.Stay, 2), Dioxide(30)).TheirL.ShouldBe(24);

    [Fact]
    public void What_is_not_known_counts_as_the_worse_and_is_said()
    {
        var answer = Ask(new OthersNeed(), Dioxide(60), Pot, Stove, Lamp);
        answer.Assumptions.Select(a => a.Field).ShouldBe(["need.hasClearWater", "need.hasPot", "need.waterC"], ignoreOrder: true);
        Tablets(answer)
            .Wait.ShouldNotBe(Tablets(Ask(new OthersNeed(HasClearWater: YesNo.Yes, WaterC: 20), Dioxide(60), Pot, Stove, Lamp)).Wait);
    }

    /// <summary>
    /// Whatever they need and we have: never more than there is, and where the card is not tight, kit check's supplies hold as before.
    /// </summary>
    [Fact]
    public void A_gift_never_breaks_our_own_supplies() =>
        Gen.Select(Gen.Int[1, 12], Gen.Enum<TheirWay>(), Gen.Int[1, 6], Gen.Int[0, 60], Gen.Bool, Gen.Enum<YesNo>())
            .Sample(
                (people, way, days, left, withStove, clear) =>
                {
                    KitEntry[] kit = withStove ? [Dioxide(left), Pot, Stove, Lamp] : [Dioxide(left), Lamp];
                    foreach (
                        var card in Ask(new OthersNeed(people, way, days, HasClearWater: clear), kit)
                            .Cards.Where(c => c.Kind == SpareKind.Tablets)
                    )
                    {
                        card.Amount.ShouldBeLessThanOrEqualTo(left);
                        card.LeftAfter!.Value.ShouldBe(left - card.Amount);
                        if (!card.IsTight)
                        {
                            KitFinding Supplies(double tablets) =>
                                CheckKit
                                    .Compute(new KitCheckRequest(UnitSystem.Metric, [Dioxide(tablets), .. kit[1..]], Trip: Ours))
                                    .Findings[2];
                            if (Supplies(left).State == FindingState.Holds)
                            {
                                Supplies(card.LeftAfter.Value).State.ShouldBe(FindingState.Holds);
                            }
                        }
                    }
                },
                iter: 60
            );

    [Fact]
    public void Bad_fields_are_named() =>
        Should
            .Throw<BadInputException>(() => Ask(new OthersNeed(0, Days: 90, WaterC: 99, BottleL: 50)))
            .Errors.Select(e => e.Field)
            .ShouldBe(["need.people", "need.days", "need.waterC", "need.bottleL"]);
}
