using JollyBrook.Core.Filters;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Filters;

public class FilterTests
{
    private static TreatResponse Through(FilterAsIs filter, WaterInput water, string method = "filter") =>
        Treat.Compute(new TreatRequest(UnitSystem.Metric, water, method, StartAt: Kits.Now, Kit: [Kits.Entry(filter)]));

    [Fact]
    public void A_squeeze_filter_at_2_degrees_after_60_litres_of_40_NTU()
    {
        // load 60·40 = 2400; K 300: 1/(1 + 8) = 0.111. μ(20)/μ(2) = 1.0017/1.6455 = 0.6088.
        // Q = 1.7·0.111·0.6088 = 0.1150 L/min. 1 L of clear water (5 NTU): (1·9 + 5/600)/(1.7·0.6088) = 8.70 min.
        var answer = Through(Kits.Squeeze with { ClogLoadLNtu = 60 * 40 }, Ask.Water(1, temperatureC: 2));
        answer.Filter!.FlowLPerMin.ShouldBe(0.1150, 0.0003);
        answer.Filter.Minutes.ShouldBe(8.70, 0.02);
        answer.Filter.ServiceAdvice!.ShouldContain("Back-flush");
        // Back-flushing restores nine tenths of the loss: 1.7·(1 − 0.1·(1 − 0.111))·0.6088 = 0.943
        answer.Filter.FlowAfterServiceLPerMin!.Value.ShouldBe(0.943, 0.001);
        answer.Headline.ShouldBe("9 min through the filter");
    }

    [Fact]
    public void Ice_cold_water_runs_at_about_56_per_cent() => Viscosity.FlowShare(0).ShouldBe(0.56, 0.015);

    [Theory]
    [InlineData(FilterElement.HollowFibre, 6, 0, 3, 3)]
    [InlineData(FilterElement.Ceramic, 6, 0, 3, 3)]
    [InlineData(FilterElement.Pleated, 5, 0, 3, 3)]
    [InlineData(FilterElement.Purifier, 6, 4, 3, 3)]
    [InlineData(FilterElement.OneMicron, 0, 0, 3, 2)]
    [InlineData(FilterElement.Carbon, 0, 0, 0, 0)]
    public void The_table_of_elements(FilterElement element, double bacteria, double viruses, double giardia, double crypto) =>
        Through(Kits.Squeeze with { Element = element }, Ask.Water(1))
            .Ledger.Select(r => r.TotalLogs)
            .ShouldBe([bacteria, viruses, giardia, crypto]);

    [Fact]
    public void A_label_may_claim_more_but_no_more_than_6_4_4_4() =>
        Through(Kits.Squeeze with { Claims = new(9, 9, 9, 9) }, Ask.Water(1)).Ledger.Select(r => r.TotalLogs).ShouldBe([6, 4, 4, 4]);

    public static TheoryData<FilterAsIs, string> Uncounted =>
        new()
        {
            { Kits.Squeeze with { Frozen = Happened.Yes }, "frozen" },
            { Kits.Squeeze with { Frozen = null }, "frozen" },
            { Kits.Squeeze with { Frozen = Happened.Unknown, Wetted = null }, "frozen" },
            { Kits.Squeeze with { Element = FilterElement.Ceramic, Dropped = Happened.Yes }, "cracked" },
            { Kits.Squeeze with { Element = FilterElement.Ceramic, Dropped = null }, "cracked" },
            { Kits.Squeeze with { UsedL = 3999.5 }, "Past its rated litres" },
            { Kits.Squeeze with { RatedLifeL = null }, "life is not known" },
        };

    [Theory]
    [MemberData(nameof(Uncounted))]
    public void What_may_be_broken_or_used_up_is_not_counted(FilterAsIs filter, string reason)
    {
        var answer = Through(filter, Ask.Water(1));
        answer.Outcome.ShouldBe(TreatOutcome.Refused);
        answer.Verdict.ShouldContain(reason);
        answer.Ledger.ShouldAllBe(r => r.TotalLogs == 0);
    }

    [Fact]
    public void Dry_and_new_does_not_mind_the_frost()
    {
        var answer = Through(
            Kits.Squeeze with
            {
                Wetted = Happened.No,
                Frozen = Happened.Yes,
                NewOrStored = true,
                UsedL = 0,
            },
            Ask.Water(1)
        );
        answer.Outcome.ShouldBe(TreatOutcome.ShortOfTarget);
        answer.Steps[1].Id.ShouldBe("discard");
    }

    [Fact]
    public void From_nine_tenths_of_its_life_it_warns() =>
        Through(Kits.Squeeze with { UsedL = 3600 }, Ask.Water(1)).Cautions.ShouldContain(c => c.Code == "life");

    [Theory]
    [InlineData(FilterStyle.Squeeze, "Squeeze 2 L through")]
    [InlineData(FilterStyle.Gravity, "Hang it up and let 2 L run through")]
    [InlineData(FilterStyle.Pump, "Pump 2 L through")]
    [InlineData(FilterStyle.Press, "Press 2 L through")]
    [InlineData(FilterStyle.DrinkThrough, "Drink 2 L through it")]
    public void Each_style_has_its_own_step(FilterStyle style, string title) =>
        Through(Kits.Squeeze with { Style = style }, Ask.Water(2)).Steps.ShouldContain(s => s.Title == title && s.DrinkAfter);

    [Fact]
    public void Gravity_is_no_work_and_a_pump_is_a_minute_a_litre()
    {
        Through(Kits.Squeeze with { Style = FilterStyle.Gravity, RatedFlowLPerMin = 0.5 }, Ask.Water(4)).HandsOnMinutes.ShouldBeLessThan(6);
        Through(Kits.Squeeze with { Style = FilterStyle.Pump, RatedFlowLPerMin = 5 }, Ask.Water(4, temperatureC: 20))
            .Filter!.Minutes.ShouldBe(4);
    }

    [Fact]
    public void Filter_then_chlorine_closes_the_virus_gap()
    {
        // Filter 6/0/3/3: only viruses are wanted behind it. In clear water at 10 °C, C 4.5: CT 6/4.5 = 2 min; the label's 30: 4·4.5·30/6 =
        // 90, capped at 6.
        var answer = Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(1),
                "filter+tablets",
                StartAt: Kits.Now,
                Chemical: Ask.InDateInShade,
                Kit: [Kits.Entry(Kits.Squeeze), Kits.Entry(Kits.Tablets)]
            )
        );
        answer.Outcome.ShouldBe(TreatOutcome.Meets);
        answer.Row(OrganismClass.Viruses).Credits.Select(c => c.Logs).ShouldBe([0, 6]);
        answer.Row(OrganismClass.Cryptosporidium).Credits.Select(c => c.Logs).ShouldBe([3, 0]);
        answer.Contact!.WaitMinutes.ShouldBe(30);
        answer.Cautions.ShouldNotContain(c => c.Code == "no-viruses" || c.Code == "no-cryptosporidium");
    }
}
