using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Chemistry;

/// <summary>The templates are the handbook's table (room 40), row by row, and the label they fill the form with says the same.</summary>
public class TemplateTableTests
{
    [Theory]
    [InlineData("nadcc-8.5", ActiveIngredient.FreeChlorine, ProductForm.Tablet, 5, 5, 5)]
    [InlineData("nadcc-17", ActiveIngredient.FreeChlorine, ProductForm.Tablet, 5, 10, 5)]
    [InlineData("bleach", ActiveIngredient.FreeChlorine, ProductForm.Drops, 6, 3, 1)]
    [InlineData("clo2-tablet", ActiveIngredient.ChlorineDioxide, ProductForm.Tablet, 4, 4, 5)]
    [InlineData("clo2-drops", ActiveIngredient.ChlorineDioxide, ProductForm.TwoPartDrops, 4, 0.5714, 1)]
    [InlineData("iodine-tablet", ActiveIngredient.Iodine, ProductForm.Tablet, 8, 7.5708, 5)] // 8 mg/L in 0.946353 L
    [InlineData("iodine-tincture", ActiveIngredient.Iodine, ProductForm.Drops, 5.2834, 1, 1)] // 2 %: 20 mg/mL, 20 drops
    public void Strength_and_form(string id, ActiveIngredient active, ProductForm form, double mgPerL, double mgPerUnit, double dissolve)
    {
        var profile = ChemicalProfiles.Find(id)!;
        (profile.Active, profile.Form, profile.DissolveMinutes).ShouldBe((active, form, dissolve));
        profile.LabelMgPerL.ShouldBe(mgPerL, 0.0001);
        profile.MgPerUnit.ShouldBe(mgPerUnit, 0.0001);
        profile.MixStandMinutes.ShouldBe(id == "clo2-drops" ? 5 : 0);
    }

    /// <summary>Label waits, min: warm and clear, below 10 °C, cloudy; Cryptosporidium where it is claimed.</summary>
    [Theory]
    [InlineData("nadcc-8.5", 30, 60, 30, null)]
    [InlineData("nadcc-17", 30, 60, 30, null)]
    [InlineData("bleach", 30, 30, 30, null)]
    [InlineData("clo2-tablet", 30, 30, 30, 240.0)]
    [InlineData("clo2-drops", 15, 30, 30, 240.0)]
    [InlineData("iodine-tablet", 30, 60, 30, null)]
    [InlineData("iodine-tincture", 30, 60, 30, null)]
    public void Label_waits(string id, double warm, double cold, double cloudy, double? cryptosporidium)
    {
        var wait = ChemicalProfiles.Find(id)!.Wait;
        foreach (var organism in new[] { OrganismClass.Bacteria, OrganismClass.Viruses, OrganismClass.Giardia })
        {
            wait.For(organism, Water(10)).ShouldBe(warm);
            wait.For(organism, Water(9.99)).ShouldBe(cold);
            wait.For(organism, Water(15, Clarity.Cloudy)).ShouldBe(cloudy);
            wait.For(organism, Water(15, Clarity.SlightlyCloudy)).ShouldBe(warm);
        }

        wait.For(OrganismClass.Cryptosporidium, Water(5, Clarity.Cloudy)).ShouldBe(cryptosporidium);
    }

    [Fact]
    public void The_label_that_fills_the_form_is_the_template_again()
    {
        foreach (var profile in ChemicalProfiles.All)
        {
            var copy = profile.AsLabel().Over(profile, null)!;
            copy.Dose.PerL.ShouldBe(profile.Dose.PerL, 1e-9);
            copy.LabelMgPerL.ShouldBe(profile.LabelMgPerL, 0.005);
            (copy.Dose.CloudyFactor, copy.MixStandMinutes, copy.DissolveMinutes).ShouldBe(
                (profile.Dose.CloudyFactor, profile.MixStandMinutes, profile.DissolveMinutes)
            );
            profile.AsLabel().Doubt(profile, null).ShouldBeNull();
            foreach (var organism in OrganismClasses.All)
            {
                copy.Wait.For(organism, Water(4)).ShouldBe(profile.Wait.For(organism, Water(4)));
                copy.Wait.For(organism, Water(20)).ShouldBe(profile.Wait.For(organism, Water(20)));
            }
        }

        ChemicalProfiles.Find("iodine-tablet")!.AsLabel().Unit.ShouldBe(LabelUnit.UsQuart);
        ChemicalProfiles.Find("iodine-tablet")!.AsLabel().Water!.Value.ShouldBe(1, 1e-9);
        ChemicalProfiles.Find("nadcc-17")!.AsLabel().Water.ShouldBe(2);
    }

    /// <summary>Work, min: four to measure, dose, shake and rinse, and the dissolving, doubled in nearly ice-cold water.</summary>
    [Theory]
    [InlineData("nadcc-8.5", 10, 9)]
    [InlineData("nadcc-8.5", 1, 14)]
    [InlineData("clo2-drops", 10, 5)]
    public void Hands_on(string id, double celsius, double minutes) =>
        // Straining takes a minute beside.
        (Ask.Chemical(id, Ask.Water(1, temperatureC: celsius)).HandsOnMinutes - 1).ShouldBe(minutes);

    /// <summary>
    /// Every class the label claims is credited in clear, warm water, iodine's bacteria too; what it does not claim, never.
    /// </summary>
    [Theory]
    [InlineData("nadcc-8.5", 6, 4, 3, 0)]
    [InlineData("clo2-tablet", 6, 4, 3, 3)]
    [InlineData("iodine-tablet", 6, 4, 3, 0)]
    [InlineData("iodine-tincture", 6, 4, 3, 0)]
    public void Clear_water_at_twenty_degrees_reaches_at_least(
        string id,
        double bacteria,
        double viruses,
        double giardia,
        double cryptosporidium
    )
    {
        var rows = Ask.Chemical(id, Ask.Water(UnitLitres(id), temperatureC: 20)).Ledger;
        double[] least = [bacteria, viruses, giardia, cryptosporidium];
        foreach (var (row, wanted) in rows.Zip(least))
        {
            row.TotalLogs.ShouldBeGreaterThanOrEqualTo(wanted - 1e-9);
            (wanted > 0 || row.TotalLogs == 0).ShouldBeTrue();
        }
    }

    /// <summary>A weak copy: 0.4 mg/L is eaten by clear water's 0.5; 2 mg/L of iodine leaves 1.5, below the table's 2.</summary>
    [Theory]
    [InlineData("nadcc-8.5", 0.4, "uses up the whole dose")]
    [InlineData("nadcc-8.5", 0.5, "uses up the whole dose")]
    [InlineData("iodine-tablet", 2.4, "Too little is left to work: 1.9 mg/L")]
    public void What_leaves_nothing_to_work_is_refused(string template, double mgPerL, string reason)
    {
        var answer = Copied(template, new CopiedLabel(1, 1, MgPerL: mgPerL), Ask.Water(1, temperatureC: 20));
        answer.Outcome.ShouldBe(TreatOutcome.Refused);
        answer.Refusal!.Reason.ShouldContain(reason);
        answer.Refusal.Remedies.ShouldNotBeEmpty();
        answer.Ledger.ShouldAllBe(r => r.TotalLogs == 0);
        Copied(template, new CopiedLabel(1, 1, MgPerL: mgPerL + 0.2), Ask.Water(1, temperatureC: 20))
            .Outcome.ShouldNotBe(TreatOutcome.Refused);
    }

    /// <summary>A chlorine label that claims Cryptosporidium: no wait reaches it, and its own wait is still kept.</summary>
    [Fact]
    public void What_no_contact_reaches_stays_short_whatever_the_label_claims()
    {
        var answer = Copied("nadcc-8.5", new CopiedLabel(1, 1, Waits: new CopiedWaits(30, 30, 30, 300)), Ask.Water(1, temperatureC: 20));
        answer.ShortOf.ShouldBe([OrganismClass.Cryptosporidium]);
        answer.Contact!.WaitMinutes.ShouldBe(300);
        answer.Row(OrganismClass.Cryptosporidium).TotalLogs.ShouldBe(0);
        answer.Contact.Shorter.ShouldNotBeNull().WaitMinutes.ShouldBeLessThan(300);
    }

    private static double UnitLitres(string id) => ChemicalProfiles.Find(id)!.Dose.VolumeL;

    private static TreatResponse Copied(string template, CopiedLabel label, WaterInput water) =>
        Treat.Compute(
            new TreatRequest(
                Core.Units.UnitSystem.Metric,
                water,
                "own",
                StartAt: Kits.Now,
                Chemical: Ask.InDateInShade,
                Kit: [Kits.Entry(new ProductSpec(template, new DateOnly(2028, 1, 1), Label: label), "own")]
            )
        );

    private static FieldWater Water(double celsius, Clarity clarity = Clarity.Clear) =>
        new(1, clarity, WaterColour.None, celsius, null, 0, new WaterInput(1, clarity, WaterColour.None, celsius, null));
}
