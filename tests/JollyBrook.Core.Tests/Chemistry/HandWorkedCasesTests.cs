using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Chemistry;

/// <summary>Whole answers, worked by hand.</summary>
public class HandWorkedCasesTests
{
    [Fact]
    public void One_litre_clear_10_degrees_chlorine_tablet()
    {
        // Dose 5 mg/L, demand 0.5, C = 4.5. Giardia, pH 8: 0.2828·3·8^2.69·4^0.15·0.933^5
        //   = 0.2828·3·268.73·1.23114·0.70697 = 198.4, times 1.13: 224.2 mg·min/L; /4.5 = 49.8 → 50 min; label (10 °C is not cold) 30.
        var answer = Ask.Chemical("nadcc-8.5", Ask.Water(1));

        answer.Headline.ShouldBe("1 tablet");
        answer.Contact!.LabelMinutes.ShouldBe(30);
        answer.Contact.ComputedMinutes.ShouldBe(50);
        answer.Contact.WaitMinutes.ShouldBe(50);
        answer.Contact.LongestFor.ShouldBe(OrganismClass.Giardia);
        answer.DrinkableMinutes.ShouldBe(55); // 5 to dissolve
        answer.Outcome.ShouldBe(TreatOutcome.ShortOfTarget);
        answer.ShortOf.ShouldBe([OrganismClass.Cryptosporidium]);
        answer.Row(OrganismClass.Giardia).TotalLogs.ShouldBe(3 * 50 / 49.83, 0.01);
        answer.Row(OrganismClass.Cryptosporidium).ShortByLogs.ShouldBe(3);
    }

    [Fact]
    public void Twenty_litres_cloudy_4_degrees_old_bleach()
    {
        // 8.25 % eight months old: 7.15 %, 71.5 mg/mL, 3.575 mg a drop. Cloudy (and very cold): 12 mg/L·20 L = 240 mg;
        // 240/3.575 = 67.13: 68 drops would pass twice the clear dose, 67 are within 6 % of the label's: 3.35 mL, 11.976 mg/L; C = 8.976.
        // Giardia 4 °C: 1.13·0.2828·3·268.73·1.23114/0.933 = 340.0; /8.976 = 37.9 → 38 min; label 30.
        // Never shorter than in milder water: slightly cloudy at 5 °C takes 6 mg/L, C = 4.5, 317.2/4.5 = 70.5 → 71 min.
        var answer = Ask.Chemical(
            "bleach",
            Ask.Water(20, Clarity.Cloudy, 4),
            Ask.InDateInShade with
            {
                BleachStrengthPercent = 8.25,
                BleachAgeMonths = 8,
            }
        );

        answer.Headline.ShouldBe("67 drops");
        answer.Dose!.HandMeasure.ShouldBe("3.4 mL (¾ tsp)");
        answer.Dose.MgPerL.ShouldBe(11.976, 0.001);
        answer.Contact!.ResidualMgPerL.ShouldBe(8.976, 0.001);
        answer.Contact.Note!.ShouldContain("38 min");
        answer.Contact.WaitMinutes.ShouldBe(71);
        answer.Contact.DissolveMinutes.ShouldBe(2); // 1 min to shake, twice in nearly ice-cold water
        answer.Steps.ShouldContain(s => s.Id == "smell");
    }

    [Fact]
    public void Three_quarters_of_a_litre_chlorine_dioxide_tablet_at_5_degrees_for_cryptosporidium()
    {
        // 4 mg in 0.75 L = 5.333 mg/L, C = 4.833. 3 log: 3/(0.001506·1.09116^5) = 3/(0.001506·1.54684) = 1287.8;
        // /4.833 = 266.4 → 267 min, against the label's 240. Both are shown.
        var answer = Ask.Chemical("clo2-tablet", Ask.Water(0.75, temperatureC: 5));

        answer.Headline.ShouldBe("1 tablet");
        answer.Contact!.LabelMinutes.ShouldBe(240);
        answer.Contact.ComputedMinutes.ShouldBe(267);
        answer.Contact.WaitMinutes.ShouldBe(267);
        answer.Contact.Computed.ShouldBeTrue();
        answer.Outcome.ShouldBe(TreatOutcome.Meets);
    }

    [Fact]
    public void Iodine_at_3_degrees()
    {
        // 1 qt: 8 − 0.5 = 7.5 mg/L. At 5 °C between 4 (180 min) and 8 (60): (ln 7.5 − ln 4)/ln 2 = 0.9069;
        // 180 − 120·0.9069 = 71.2; below 5 °C doubled: 142.3 → 143 min; label cold 60.
        var answer = Ask.Chemical("iodine-tablet", Ask.Water(UnitTable.LitresPerQuart, temperatureC: 3));

        answer.Headline.ShouldBe("1 tablet");
        answer.Contact!.LabelMinutes.ShouldBe(60);
        answer.Contact.WaitMinutes.ShouldBe(143);
        answer.Row(OrganismClass.Cryptosporidium).TotalLogs.ShouldBe(0);
        answer.Cautions.ShouldContain(c => c.Message.Contains("pregnancy"));
    }

    [Fact]
    public void A_quart_bottle_with_a_per_litre_product()
    {
        // 1 qt = 0.946353 L: 0.95 of a tablet is 1 whole one, 5/0.946353 = 5.283 mg/L; 7·0.946 = 6.6 → 7 + 7 drops.
        var water = Ask.Water(UnitTable.LitresPerQuart);
        var tablet = Ask.Chemical("nadcc-8.5", water);
        tablet.Headline.ShouldBe("1 tablet");
        tablet.Dose!.MgPerL.ShouldBe(5.283, 0.001);
        Ask.Chemical("clo2-drops", water).Headline.ShouldBe("7 + 7 drops");
        // Cloudy: 1.9 tablets are 2, a twentieth past twice the clear dose: half a litre takes one.
        Ask.Chemical("nadcc-8.5", Ask.Water(UnitTable.LitresPerQuart, Clarity.Cloudy)).Headline.ShouldBe("1 tablet in 0.5 L");
    }

    [Theory]
    [InlineData("nadcc-8.5", 9.9, Clarity.Clear, 60)]
    [InlineData("nadcc-8.5", 10, Clarity.Clear, 30)]
    [InlineData("clo2-drops", 9.9, Clarity.Clear, 240)]
    [InlineData("iodine-tablet", 9.9, Clarity.Clear, 60)]
    [InlineData("bleach", 9.9, Clarity.Clear, 30)]
    public void Label_waits(string profile, double temperatureC, Clarity clarity, double minutes) =>
        Ask.Chemical(profile, Ask.Water(1, clarity, temperatureC), Ask.InDateInShade with { BleachAgeMonths = 1 })
            .Contact!.LabelMinutes.ShouldBe(minutes);

    [Fact]
    public void Sun_through_a_clear_bottle_halves_the_strength()
    {
        // 8 − 0.5 = 7.5, halved 3.75 mg/L at 15 °C: (ln 3.75 − ln 2)/ln 2 = 0.9069; 180 − 120·0.9069 = 71.2 → 72 min
        var water = Ask.Water(UnitTable.LitresPerQuart, temperatureC: 15);
        Ask.Chemical("iodine-tablet", water, Ask.InDateInShade with { Light = BottleLight.ClearInSun }).Contact!.WaitMinutes.ShouldBe(72);
    }

    [Theory]
    [InlineData(Clarity.Muddy)]
    [InlineData(Clarity.Slurry)]
    public void No_dose_counts_in_mud(Clarity clarity)
    {
        foreach (var profile in ChemicalProfiles.All)
        {
            var answer = Ask.Chemical(profile.Id, Ask.Water(1, clarity));
            answer.Refusal!.Code.ShouldBe(RefusalCode.Muddy);
            answer.Ledger.ShouldAllBe(r => r.TotalLogs == 0);
        }
    }

    [Theory]
    [InlineData(DateCheck.Past, RefusalCode.PastDate)]
    [InlineData(DateCheck.Unknown, RefusalCode.DateUnknown)]
    public void Nothing_counts_past_its_date(DateCheck date, RefusalCode code) =>
        Ask.Chemical("clo2-tablet", Ask.Water(1), Ask.InDateInShade with { Date = date }).Refusal!.Code.ShouldBe(code);

    [Fact]
    public void Switching_viruses_off_is_said()
    {
        var answer = Ask.Chemical("clo2-tablet", Ask.Water(1), viruses: false);
        answer.Row(OrganismClass.Viruses).TargetLogs.ShouldBeNull();
        answer.Verdict.ShouldBe("Meets the target without viruses.");
        answer.Assumptions.ShouldContain(a => a.Field == "countViruses");
    }
}
