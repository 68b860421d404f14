using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Chemistry;

public class DoseTests
{
    private static ChemicalOptions Bleach(double? percent = 6, double? months = 0) =>
        Ask.InDateInShade with
        {
            BleachStrengthPercent = percent,
            BleachAgeMonths = months,
        };

    [Theory]
    [InlineData("nadcc-8.5", 1, Clarity.Clear, 1)]
    [InlineData("nadcc-8.5", 2.4, Clarity.Clear, 3)] // rounded up
    [InlineData("nadcc-8.5", 1, Clarity.Cloudy, 2)] // cloudy: double dose
    [InlineData("nadcc-17", 2, Clarity.Clear, 1)]
    [InlineData("nadcc-17", 1, Clarity.Cloudy, 1)] // double of half a tablet
    [InlineData("clo2-tablet", 1, Clarity.SlightlyCloudy, 1)]
    [InlineData("clo2-drops", 1, Clarity.Clear, 7)]
    [InlineData("clo2-drops", 10, Clarity.Clear, 70)]
    [InlineData("iodine-tablet", UnitTable.LitresPerQuart, Clarity.Clear, 1)]
    [InlineData("iodine-tablet", UnitTable.LitresPerQuart, Clarity.Cloudy, 2)]
    [InlineData("iodine-tablet", 1, Clarity.Clear, 1)] // 1.057 tablets: the label's number holds for 6 % more
    [InlineData("iodine-tablet", 1, Clarity.Cloudy, 2)]
    [InlineData("nadcc-8.5", 1.06, Clarity.Clear, 1)]
    [InlineData("nadcc-8.5", 1.061, Clarity.Clear, 2)]
    [InlineData("iodine-tincture", UnitTable.LitresPerQuart, Clarity.Clear, 5)]
    [InlineData("iodine-tincture", UnitTable.LitresPerQuart, Clarity.Cloudy, 10)]
    [InlineData("iodine-tincture", 1, Clarity.Clear, 6)] // 5/0.946353 = 5.28
    public void Label_doses(string profile, double litres, Clarity clarity, int units) =>
        Ask.Chemical(profile, Ask.Water(litres, clarity)).Dose!.Units.ShouldBe(units);

    [Theory]
    [InlineData(6, 8)] // US EPA: 8 drops of 6 % a gallon
    [InlineData(8.25, 6)] // or 6 drops of 8.25 %
    public void A_gallon_of_clear_water_takes_the_published_drops_of_bleach(double percent, int drops) =>
        Ask.Chemical("bleach", Ask.Water(UnitTable.LitresPerGallon), Bleach(percent)).Dose!.Units.ShouldBe(drops);

    [Theory]
    [InlineData(WaterColour.Tea, 10, 4)] // coloured: double
    [InlineData(WaterColour.None, 4.9, 4)] // very cold: double
    [InlineData(WaterColour.None, 5, 2)]
    [InlineData(WaterColour.Green, 2, 4)] // both: still double, never more
    public void Bleach_doubles_once(WaterColour colour, double temperatureC, int drops) =>
        Ask.Chemical("bleach", Ask.Water(1, Clarity.Clear, temperatureC, colour), Bleach()).Dose!.Units.ShouldBe(drops);

    [Fact]
    public void Bleach_loses_a_fifth_in_a_year_and_counts_no_longer()
    {
        Core.Chemistry.Bleach.StrengthPercent(6, 12).ShouldBe(4.8, 1e-9);
        Core.Chemistry.Bleach.StrengthPercent(8.25, 8).ShouldBe(7.15, 1e-9); // 8.25·(1 − 0.2·8/12)

        Ask.Chemical("bleach", Ask.Water(1), Bleach(months: 12)).Outcome.ShouldNotBe(TreatOutcome.Refused);
        Ask.Chemical("bleach", Ask.Water(1), Bleach(months: 12.1)).Refusal!.Code.ShouldBe(RefusalCode.BleachTooOld);
        Ask.Chemical("bleach", Ask.Water(1), Bleach(months: null)).Refusal!.Code.ShouldBe(RefusalCode.BleachAgeUnknown);
    }

    [Fact]
    public void Unknown_bleach_strength_counts_as_the_weakest_and_says_so()
    {
        var answer = Ask.Chemical("bleach", Ask.Water(2), Bleach(percent: null));
        answer.Dose!.Units.ShouldBe(5); // 12 mg / (10·5 %/20 = 2.5 mg a drop) = 4.8
        answer.Assumptions.ShouldContain(a => a.Field == "chemical.bleachStrengthPercent");
    }

    [Fact]
    public void Counted_drops_change_the_count_but_never_below_a_makers_own()
    {
        // Small drops, 40 in a mL: 6 mg / (60 mg/mL / 40) = 4 drops of bleach instead of 2.
        Ask.Chemical("bleach", Ask.Water(1), Bleach() with { DropCount = new DropCount(40, 1) }).Dose!.Units.ShouldBe(4);
        // Big drops, 10 in a mL: half as many mg-wise, but the tincture's label says 5 a quart.
        Ask.Chemical("iodine-tincture", Ask.Water(UnitTable.LitresPerQuart), Ask.InDateInShade with { DropCount = new DropCount(10, 1) })
            .Dose!.Units.ShouldBe(5);
    }

    [Fact]
    public void Cloudy_water_takes_more_of_a_product_whose_label_has_no_cloudy_dose()
    {
        // Chlorine dioxide 4 mg/L leaves 3.5 in clear water. Cloudy uses up 3: 6.5 mg/L keeps that: 6.5/4 = 1.6 → 2 tablets.
        var answer = Ask.Chemical("clo2-tablet", Ask.Water(1, Clarity.Cloudy));
        answer.Dose!.Units.ShouldBe(2);
        answer.Dose.Computed.ShouldBeTrue();
        // 7·6.5/4 = 11.4 → 12 + 12 drops
        Ask.Chemical("clo2-drops", Ask.Water(1, Clarity.Cloudy)).Dose!.Words.ShouldBe("12 + 12 drops");
        // 0.75 L: 2 tablets would be 10.7 mg/L, past twice the clear dose (8): it stays at the label's one and waits longer.
        Ask.Chemical("clo2-tablet", Ask.Water(0.75, Clarity.Cloudy)).Dose!.Units.ShouldBe(1);
    }

    [Theory]
    [InlineData("nadcc-17", 0.75, Clarity.Clear, null, 1, 1)] // 10 mg in 0.75 L = 13.3 mg/L; in 1 L 10
    [InlineData("bleach", 0.1, Clarity.Clear, null, 1, 0.25)] // 3 mg in 0.1 L = 30 mg/L; in 0.25 L 12
    [InlineData("nadcc-8.5", 0.75, Clarity.Cloudy, null, 1, 0.5)] // 2 tablets = 13.3, 1 = 6.7 mg/L; 10 wanted: brim not known, filled less
    [InlineData("nadcc-8.5", 0.75, Clarity.Cloudy, 1.0, 2, 1)] // a litre bottle is filled up instead
    [InlineData("nadcc-8.5", 0.75, Clarity.Cloudy, 0.9, 1, 0.5)]
    public void Where_rounding_up_would_pass_the_ceiling_the_answer_is_the_fill(
        string profile,
        double litres,
        Clarity clarity,
        double? brim,
        double units,
        double fillL
    )
    {
        var answer = Treat.Compute(
            new TreatRequest(UnitSystem.Metric, Ask.Water(litres, clarity), profile, Chemical: Bleach(), Container: new(CapacityL: brim))
        );
        answer.Dose!.Units.ShouldBe(units);
        answer.Dose.FillL.ShouldBe(fillL, 1e-9);
        answer.Dose.MgPerL.ShouldBeLessThanOrEqualTo(2 * ChemicalProfiles.Find(profile)!.LabelMgPerL + 1e-9);
        answer.Headline.ShouldEndWith($" in {Speaker.Metric.Of(Quantity.Volume, fillL)}");
        answer.Dose.FillHint!.ShouldStartWith(fillL > litres ? "Fill up to" : "Fill only to");
    }

    [Fact]
    public void A_container_that_no_whole_number_fits_is_refused_with_one_that_it_does()
    {
        var answer = Treat.Compute(
            new TreatRequest(UnitSystem.Metric, Ask.Water(0.3), "nadcc-17", Chemical: Ask.InDateInShade, Container: new(CapacityL: 0.5))
        );
        answer.Refusal!.Code.ShouldBe(RefusalCode.TooStrong);
        answer.Refusal.Remedies.ShouldContain("Take a bigger container: 1 L or more takes 1 tablet.");
        answer.Steps.ShouldBeEmpty();
    }

    [Theory]
    [InlineData(8, 1, 0.35)] // 4 mg a drop: 11.4 mg/L in 0.35 L
    [InlineData(8.5, 1, 0.36)] // 4.25 mg: 12.1 mg/L would pass 12, in 0.36 L it is 11.8
    public void Stronger_bleach_is_not_refused_where_weaker_is_dosed(double percent, double drops, double fillL)
    {
        var answer = Ask.Chemical("bleach", Ask.Water(0.35), Bleach(percent));
        answer.Dose!.Units.ShouldBe(drops);
        answer.Dose.FillL.ShouldBe(fillL, 1e-9);
    }

    [Fact]
    public void A_tablet_that_covers_more_than_the_container_names_the_fill() =>
        Ask.Chemical("nadcc-17", Ask.Water(1)).Dose!.FillHint.ShouldBe("A whole number fits exactly at 2 L (1 tablet); 1 L is rounded up.");

    [Theory]
    [InlineData(0.61611, "0.7 mL (⅛ tsp)")] // 4.92892 mL in a teaspoon, by eighths
    [InlineData(1.84834, "1.9 mL (⅜ tsp)")]
    [InlineData(2.46446, "2.5 mL (½ tsp)")]
    [InlineData(3.08057, "3.1 mL (⅝ tsp)")]
    [InlineData(4.3128, "4.4 mL (⅞ tsp)")]
    [InlineData(5.54503, "5.6 mL (1 ⅛ tsp)")]
    [InlineData(9.85784, "9.9 mL (2 tsp)")]
    [InlineData(3.4, "3.4 mL (¾ tsp)")] // 0.690 tsp → 6 eighths, 9 % over
    [InlineData(1.2, "1.2 mL (¼ tsp)")] // 0.2435 tsp → 2 eighths
    [InlineData(4.92892, "5 mL (1 tsp)")]
    [InlineData(7.3, "7.3 mL (1 ½ tsp)")] // 1.481 tsp
    [InlineData(0.7, "0.7 mL")] // the next spoon up, ¼ tsp, would be 76 % over
    public void Big_counts_are_measured(double millilitres, string words) => HandMeasure.Of(millilitres).ShouldBe(words);

    [Theory]
    [InlineData(40, null)]
    [InlineData(41, "2.1 mL")]
    [InlineData(42, "2.1 mL")]
    public void Above_forty_drops_they_are_measured(int drops, string? starts)
    {
        var dose = Ask.Chemical("bleach", Ask.Water(drops / 2.0), Bleach()).Dose!;
        dose.Units.ShouldBe(drops);
        if (starts is null)
        {
            dose.HandMeasure.ShouldBeNull();
        }
        else
        {
            dose.HandMeasure!.ShouldStartWith(starts);
        }
    }

    [Fact]
    public void Vitamin_c_to_neutralise()
    {
        Neutraliser.AscorbicAcidMg(ActiveIngredient.FreeChlorine, 5).ShouldBe(13); // 2.5·5 = 12.5, up
        Neutraliser.AscorbicAcidMg(ActiveIngredient.Iodine, 8).ShouldBe(6); // 0.7·8 = 5.6, up
        Neutraliser.AscorbicAcidMg(ActiveIngredient.ChlorineDioxide, 4).ShouldBeNull();
    }
}
