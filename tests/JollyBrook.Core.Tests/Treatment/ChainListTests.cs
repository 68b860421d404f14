using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Treatment;

/// <summary>What is offered, in which order, and what is said of it.</summary>
public class ChainListTests
{
    private static readonly KitEntry[] Kit =
    [
        Kits.Entry(Kits.Squeeze),
        Kits.Entry(Kits.Lamp),
        Kits.Entry(Kits.Tablets),
        Kits.Burner(),
        Kits.Entry(new ProductSpec("clo2-tablet", new DateOnly(2027, 5, 31)), "clo2", name: "Chlorine dioxide tablets"),
        new("crystals", new PermanganateCrystals { Name = "Permanganate" }),
    ];

    private static TreatRequest Request(WaterInput water, SourceInput? source = null, KitEntry[]? kit = null, string? method = null) =>
        new(
            UnitSystem.Metric,
            water,
            method,
            StartAt: Kits.Now,
            Source: source,
            Kit: kit ?? Kit,
            Boil: new BoilOptions(Pot: new(1.3, 0.19, PotMaterial.Aluminium), LidOn: true, AirTemperatureC: 15),
            Chemical: new ChemicalOptions(Light: BottleLight.ShadeOrOpaque),
            Sky: new SkyInput(15)
        );

    private static ChainListResponse List(WaterInput water, SourceInput? source = null, KitEntry[]? kit = null) =>
        ChainList.Compute(Request(water, source, kit));

    private static ChainSummary Of(ChainListResponse list, string id) => list.Chains.Single(c => c.Id == id);

    [Fact]
    public void Clear_water_and_a_charged_lamp_are_the_soonest_and_the_least_work()
    {
        // 90 s of light, a minute to fill, one to set up: 3.5 → 4 minutes.
        var list = List(Ask.Water(1));
        list.Best.ShouldBe("lamp");
        list.BestReason.ShouldStartWith("Meets the target in every class; the soonest to drink, the least work");
        Of(list, "lamp").DrinkableMinutes.ShouldBe(4);
        Of(list, "lamp").Supplies.ShouldBe("1 of 38 cycles"); // 40 at 15 °C: 1 − 0.2·5/20 = 0.95
    }

    [Fact]
    public void Cloudy_water_takes_the_lamp_away_and_the_filter_gives_it_back()
    {
        var list = List(Ask.Water(1, Clarity.Cloudy));
        Of(list, "lamp").Outcome.ShouldBe(TreatOutcome.Refused);
        Of(list, "lamp").Why.ShouldContain("Light does not count in cloudy water");
        var pair = Of(list, "filter+lamp");
        pair.Outcome.ShouldBe(TreatOutcome.Meets);
        pair.Name.ShouldBe("Squeeze filter, then UV lamp");
        pair.Headline.ShouldEndWith("then 1 cycle of UV"); // the filter leaves it clear: no extra cycle
    }

    [Fact]
    public void A_pair_closes_the_virus_gap_and_none_is_offered_where_there_is_none()
    {
        var list = List(Ask.Water(1));
        Of(list, "filter").Why.ShouldBe("Short on viruses by 4 log.");
        Of(list, "tablets").Why.ShouldBe("Short on Cryptosporidium by 3 log.");
        Of(list, "filter+tablets").Outcome.ShouldBe(TreatOutcome.Meets);
        list.Chains.ShouldNotContain(c => c.Id == "filter+clo2" || c.Id == "filter+lamp" || c.Id == "filter+burner");
    }

    [Fact]
    public void Foul_water_is_offered_filtered_and_boiled()
    {
        var foul = new SourceInput(SourceKind.Pond, SourceFlow.Stagnant, [Sighting.Stock], YesNo.Yes, YesNo.No);
        Of(List(Ask.Water(1), foul), "filter+burner").Outcome.ShouldBe(TreatOutcome.Meets);
    }

    [Fact]
    public void What_gives_no_answer_is_shown_with_its_reason_and_last()
    {
        var list = List(Ask.Water(1));
        var crystals = Of(list, "crystals");
        crystals.Outcome.ShouldBe(TreatOutcome.Refused);
        crystals.Why.ShouldContain("not counted as a barrier");
        crystals.DrinkableMinutes.ShouldBeNull();
        var refused = list.Chains.Where(c => c.Outcome == TreatOutcome.Refused).Select(c => c.Id).ToList();
        list.Orders.Select(o => o.Ids[o.Ids.Count - 1]).ShouldAllBe(last => refused.Contains(last));
    }

    [Fact]
    public void The_orders_are_what_they_say()
    {
        var list = List(Ask.Water(1, Clarity.SlightlyCloudy, 8));
        var meets = list.Chains.Where(c => c.Outcome == TreatOutcome.Meets).ToDictionary(c => c.Id);
        IEnumerable<ChainSummary> In(ChainSort sort) =>
            list.Orders.Single(o => o.Sort == sort).Ids.Where(meets.ContainsKey).Select(id => meets[id]);
        In(ChainSort.Soonest).Select(c => c.DrinkableMinutes!.Value).ShouldBeInOrder();
        In(ChainSort.LeastWork).Select(c => c.HandsOnMinutes).ShouldBeInOrder();
        In(ChainSort.BestTaste).First().Taste.ShouldBe("tastes as it came");
        In(ChainSort.BestTaste).Last().Taste.ShouldBe("tastes of chlorine");
    }

    [Fact]
    public void Nothing_that_meets_the_target_is_said_plainly()
    {
        var list = List(Ask.Water(1), kit: [Kits.Entry(Kits.Squeeze)]);
        list.Best.ShouldBe("filter");
        list.BestReason.ShouldStartWith("Nothing here meets the whole target; this comes nearest (short on viruses)");
    }

    [Fact]
    public void Without_a_kit_the_generic_methods_stand_in_and_beside_one_by_choice()
    {
        List(Ask.Water(1), kit: []).Chains.Select(c => c.Id).ShouldContain("iodine-tincture");
        List(Ask.Water(1)).Chains.Select(c => c.Id).ShouldNotContain("iodine-tincture");
        ChainList.Compute(Request(Ask.Water(1)) with { BeyondKit = true }).Chains.Select(c => c.Id).ShouldContain("iodine-tincture");
    }

    [Fact]
    public void What_is_no_longer_carried_is_counted_nowhere() =>
        List(Ask.Water(1), kit: [.. Kit.Select(e => e.Id == "lamp" ? e with { Item = e.Item! with { Retired = true } } : e)])
            .Chains.ShouldNotContain(c => c.Id.Contains("lamp"));

    [Fact]
    public void Treat_without_a_method_takes_the_best()
    {
        var request = Request(Ask.Water(1, Clarity.Muddy, 12), kit: [.. Kit, Kits.Entry(Kits.Alum)]);
        Treat.Compute(request).Method.ShouldBe(ChainList.Compute(request).Best);
    }

    [Theory]
    [InlineData("lamp+filter")] // the filter comes first
    [InlineData("filter+filter")]
    [InlineData("filter+lamp+tablets")]
    [InlineData("nadcc-8.5")] // not in the kit
    public void A_chain_there_is_none_of_is_named(string method) =>
        Should
            .Throw<BadInputException>(() => Treat.Compute(Request(Ask.Water(1), method: method)))
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldBe("method");

    [Fact]
    public void A_straw_at_the_lips_leaves_nothing_to_treat() =>
        Should.Throw<BadInputException>(() =>
            Treat.Compute(
                Request(
                    Ask.Water(1),
                    kit: [Kits.Entry(Kits.Squeeze with { Style = FilterStyle.DrinkThrough }), Kits.Entry(Kits.Tablets)],
                    method: "filter+tablets"
                )
            )
        );

    [Fact]
    public void Kit_that_cannot_be_right_is_said() =>
        Should
            .Throw<BadInputException>(() => List(Ask.Water(1), kit: [Kits.Entry(Kits.Squeeze with { RatedFlowLPerMin = 50 })]))
            .Errors.ShouldHaveSingleItem()
            .Message.ShouldContain("Flow when new must be 0.05 to 10 L/min");

    [Fact]
    public void Fuel_that_does_not_reach_is_said_with_what_is_left()
    {
        var answer = Treat.Compute(Request(Ask.Water(5), kit: [Kits.Burner(fuelG: 20)], method: "burner"));
        answer.Refusal!.Code.ShouldBe(RefusalCode.FuelShort);
        answer.Refusal.Reason.ShouldContain("20 g left");
    }

    [Theory]
    [InlineData("2026-08-09", TreatOutcome.Refused)] // the day before
    [InlineData("2026-08-10", TreatOutcome.ShortOfTarget)] // the last day holds
    [InlineData(null, TreatOutcome.Refused)] // not known counts as past
    public void The_kits_own_date_is_what_counts(string? bestBefore, TreatOutcome outcome)
    {
        var tablets = new ProductSpec(
            "nadcc-8.5",
            bestBefore is null ? null : DateOnly.Parse(bestBefore, System.Globalization.CultureInfo.InvariantCulture)
        );
        Treat.Compute(Request(Ask.Water(1), kit: [Kits.Entry(tablets)], method: "tablets")).Outcome.ShouldBe(outcome);
    }

    [Fact]
    public void Bleach_of_the_kit_ages_from_its_pack_date()
    {
        // 365 days are 11.99 months: 6 %·(1 − 0.2·11.99/12) = 4.8 %, 2.4 mg a drop; 6 mg/L: 2.5 → 3 drops.
        var bleach = new ProductSpec("bleach", PackDate: new DateOnly(2025, 8, 10), StrengthPercent: 6);
        Treat.Compute(Request(Ask.Water(1), kit: [Kits.Entry(bleach)], method: "tablets")).Headline.ShouldBe("3 drops");
        var older = bleach with { PackDate = new DateOnly(2025, 8, 9) };
        Treat.Compute(Request(Ask.Water(1), kit: [Kits.Entry(older)], method: "tablets")).Refusal!.Code.ShouldBe(RefusalCode.BleachTooOld);
    }

    [Fact]
    public void A_bladder_is_run_through_its_hose_after_the_wait()
    {
        var answer = Treat.Compute(Request(Ask.Water(1), method: "tablets") with { Container = new ContainerInput(HasHose: true) });
        var ids = answer.Steps.Select(s => s.Id).ToList();
        ids.IndexOf("hose").ShouldBeGreaterThan(ids.IndexOf("contact"));
        answer.Storage!.ShouldContain(l => l.Contains("Hose and bite valve"));
        answer.Storage!.ShouldContain(l => l.Contains("Opaque bottle or shade"));
        answer.Dose!.NeutraliserMg.ShouldBe(13); // 2.5 mg for each of 5 mg: 12.5 → 13
    }

    [Fact]
    public void An_opaque_bottle_keeps_the_strength_and_needs_no_advice()
    {
        var request = Request(Ask.Water(1), method: "tablets") with
        {
            Chemical = new ChemicalOptions(),
            Container = new ContainerInput(Opaque: true),
        };
        var answer = Treat.Compute(request);
        answer.Contact!.ResidualMgPerL.ShouldBe(4.5);
        answer.Storage!.ShouldNotContain(l => l.Contains("Opaque"));
        Treat.Compute(request with { Container = new ContainerInput(Opaque: false) }).Contact!.ResidualMgPerL.ShouldBe(2.25);
    }

    [Fact]
    public void Words_are_in_the_travellers_units()
    {
        var list = ChainList.Compute(Request(Ask.Water(1)) with { Units = UnitSystem.Us });
        Of(list, "filter").Supplies.ShouldBe("1.06 qt of filter life");
    }
}
