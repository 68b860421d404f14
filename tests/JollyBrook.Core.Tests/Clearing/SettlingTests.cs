using JollyBrook.Core.Barriers;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Clearing;

public class SettlingTests
{
    [Theory]
    [InlineData(100, 0.5)]
    [InlineData(50, 1.9)]
    [InlineData(20, 12)]
    [InlineData(10, 48)]
    [InlineData(5, 3.2 * 60)]
    [InlineData(2, 20 * 60)]
    [InlineData(1, 80 * 60)]
    public void The_handbook_table_for_20_cm_at_10_degrees(double diameterUm, double minutes) =>
        (Settling.Minutes(diameterUm, 20, 10) / 1.5).ShouldBe(minutes, minutes * 0.06); // the table is without the margin

    [Fact]
    public void Ten_micron_silt_at_4_and_20_degrees()
    {
        // v = 1650·9.81·(10e-6)²/(18·μ) = 8.9925e-8/μ. μ(20) = 2.414e-5·10^(247.8/153.15) = 1.0017e-3: 8.977e-5 m/s;
        // 0.2 m/v = 2228 s = 37.1 min, · 1.5 = 55.7. μ(4) = 2.414e-5·10^(247.8/137.15) = 1.5471e-3: 57.4 min, · 1.5 = 86.0.
        Settling.Minutes(10, 20, 20).ShouldBe(55.7, 0.1);
        Settling.Minutes(10, 20, 4).ShouldBe(86.0, 0.1);
    }

    [Fact]
    public void Silty_mud_is_settled_once_and_more_is_collected_than_is_wanted()
    {
        // Muddy to cloudy, one class: settled again, the fines stay. One settling of 56 min; 15 % of mud stays behind: 1/0.85. Cloudy: two
        // tablets.
        var answer = Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(1, Clarity.Muddy, 20),
                "nadcc-8.5",
                Chemical: Ask.InDateInShade,
                Clearing: new(Grit.Silty, DrawOff.Siphon)
            )
        );
        answer.Clearing!.Way.ShouldBe(ClearingWay.Settle);
        answer.Clearing.SettleMinutes.ShouldBe(56);
        answer.Clearing.CollectL.ShouldBe(1 / 0.85, 1e-9);
        answer.Clearing.ClarityAfter.ShouldBe(Clarity.Cloudy);
        answer.Headline.ShouldBe("2 tablets");
        answer.Steps.Select(s => s.Id).Take(6).ShouldBe(["collect", "settle-1", "draw-1", "look", "measure", "dose"]);
    }

    [Fact]
    public void A_container_too_small_for_what_must_be_collected_is_said() =>
        Treat
            .Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    Ask.Water(1, Clarity.Muddy, 20),
                    "nadcc-8.5",
                    Chemical: Ask.InDateInShade,
                    Clearing: new(Grit.Silty),
                    Container: new(CapacityL: 1)
                )
            )
            .Cautions.ShouldContain(c => c.Code == "collect-more" && c.Message.Contains("1.18 L"));

    [Fact]
    public void The_way_of_clearing_is_the_travellers_where_it_works()
    {
        TreatResponse By(ClearingWay? way) =>
            Treat.Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    Ask.Water(1, Clarity.Muddy, 20),
                    "filter",
                    Clearing: new(Grit.Silty, Way: way),
                    Kit: [Kits.Entry(Kits.Squeeze), Kits.Entry(Kits.Alum), new("sand", new MakeshiftFilter { Name = "Sand and charcoal" })]
                )
            );
        By(null).Clearing!.Way.ShouldBe(ClearingWay.ImprovisedFilter); // ten minutes a litre, against 31 and 61
        By(ClearingWay.Settle).Clearing!.Way.ShouldBe(ClearingWay.Settle);
        By(ClearingWay.Flocculate).Clearing!.Way.ShouldBe(ClearingWay.Flocculate);
        By(ClearingWay.ImprovisedFilter).Ledger.ShouldAllBe(r => r.Credits.Count == 1); // it clears, and is no barrier
    }

    [Theory]
    [InlineData(null)]
    [InlineData(Grit.Clay)]
    public void Clay_and_the_unknown_do_not_settle(Grit? grit)
    {
        var answer = Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(1, Clarity.Muddy, 20),
                "nadcc-8.5",
                Chemical: Ask.InDateInShade,
                Clearing: new(grit)
            )
        );
        answer.Refusal!.Code.ShouldBe(RefusalCode.Muddy);
        answer.Refusal.Remedies[0].ShouldBe("Clay does not settle, and there is nothing here to flocculate it with.");
    }

    [Fact]
    public void Alum_for_ten_litres()
    {
        // 30 mg/L to start: 300 mg; muddy water 60 mg/L: 600 mg.
        Flocculation.AlumMg(Clarity.Cloudy, 10).ShouldBe(300);
        Flocculation.AlumMg(Clarity.Muddy, 10).ShouldBe(600);
        Flocculation.Dose(Kits.Alum, Clarity.Muddy, 10).ShouldBe("0.6 g of alum");
        Flocculation.StandMinutes(4).ShouldBe(60);
        Flocculation.StandMinutes(12.5).ShouldBe(40);
        Flocculation.StandMinutes(25).ShouldBe(20);
    }

    [Fact]
    public void A_label_per_gallon_gives_whole_drops_for_the_container() =>
        // 20 drops per US gallon for 2 L: 20·2/3.785412 = 10.57 → 11
        Flocculation.Drops(20, UnitTable.LitresPerGallon, 2).ShouldBe(11);

    [Fact]
    public void Muddy_water_is_flocculated_drawn_off_filtered_and_dosed()
    {
        var answer = Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(2, Clarity.Muddy, 12.5),
                "filter+tablets",
                StartAt: Kits.Now,
                Chemical: Ask.InDateInShade,
                Kit: [Kits.Entry(Kits.Squeeze), Kits.Entry(Kits.Tablets), Kits.Entry(Kits.Alum)]
            )
        );
        answer.Clearing!.Way.ShouldBe(ClearingWay.Flocculate);
        answer.Clearing.CollectL.ShouldBe(2 / 0.85, 1e-9);
        answer.Clearing.Flocculant.ShouldBe("0.15 g of alum"); // 60·2.353 = 141.2 mg
        answer.Clearing.StandMinutes.ShouldBe(40);
        answer.Outcome.ShouldBe(TreatOutcome.Meets);
        answer
            .Steps.Select(s => s.Id)
            .ShouldBe([
                "collect",
                "floc",
                "stir-fast",
                "stir-slow",
                "floc-stand",
                "draw-1",
                "look",
                "integrity",
                "filter",
                "measure",
                "dose",
                "dissolve",
                "threads",
                "contact",
                "flavour",
                "drink",
            ]);
    }

    [Fact]
    public void Depth_of_the_mark_and_turbidity_are_one_calibration()
    {
        Turbidity.FromVanishingDepth(84.13).ShouldBe(5, 0.02);
        Turbidity.FromVanishingDepth(Turbidity.VanishingDepthCm(47)).ShouldBe(47, 1e-9);
        Turbidity.ClassOf(Turbidity.FromVanishingDepth(20)).ShouldBe(Clarity.Cloudy); // (244.13/20)^1.5106 = 43.8 NTU
    }
}
