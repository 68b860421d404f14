using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Chemistry;

/// <summary>Where a dose or a wait turns from one thing into another.</summary>
public class FineEdgesTests
{
    /// <summary>
    /// "Computed" is said only where the computed wait is longer than the label's; where they are the same the label's stands.
    /// </summary>
    [Fact]
    public void The_label_stands_where_the_computed_wait_is_no_longer()
    {
        foreach (var celsius in new[] { 0.5, 5, 10, 20, 30 })
        {
            var contact = Ask.Chemical("clo2-tablet", Ask.Water(1, temperatureC: celsius), Ask.InDateInShade).Contact!;
            contact.Computed.ShouldBe(contact.ComputedMinutes > contact.LabelMinutes);
            contact.WaitMinutes.ShouldBe(Math.Max(contact.LabelMinutes, contact.ComputedMinutes ?? 0));
        }
    }

    /// <summary>Where water is not worse than told, no note speaks of waiting as long as in clearer water.</summary>
    [Fact]
    public void No_note_without_a_doubled_dose()
    {
        Ask.Chemical("nadcc-8.5", Ask.Water(1, temperatureC: 20), Ask.InDateInShade).Contact!.Note.ShouldBeNull();
        Ask.Chemical("clo2-drops", Ask.Water(1, temperatureC: 20), Ask.InDateInShade).Contact!.Note.ShouldBeNull();
    }

    /// <summary>What an unknown colour counts as is said, a known one is not.</summary>
    [Theory]
    [InlineData(null, true)]
    [InlineData(WaterColour.None, false)]
    public void Colour_not_told_is_said(WaterColour? colour, bool said) =>
        Ask.Chemical("nadcc-8.5", new WaterInput(1, Clarity.Clear, colour, 15, 300), Ask.InDateInShade)
            .Assumptions.Any(a => a.Field == WaterFields.Colour.Path)
            .ShouldBe(said);

    /// <summary>
    /// Strength at the start is halved where the sun is on the bottle from the first minute, whole where a minute of dark comes first.
    /// </summary>
    [Fact]
    public void Dark_first_is_full_strength_at_the_start()
    {
        new ContactLight(0).FactorAtStart.ShouldBe(0.5);
        new ContactLight(0.5).FactorAtStart.ShouldBe(1);
        new ContactLight(1).FactorAtStart.ShouldBe(1);
        ContactLight.Sun.FactorAtStart.ShouldBe(0.5);
        ContactLight.Shade.FactorAtStart.ShouldBe(1);
    }

    /// <summary>A bottle's strength makes drops stronger, and says nothing of tablets.</summary>
    [Fact]
    public void Only_drops_come_from_a_bottle_of_some_strength()
    {
        var drops = ChemicalProfiles.Find("bleach")!;
        var tablet = ChemicalProfiles.Find("nadcc-8.5")!;
        var label = new CopiedLabel(Amount: 1, Water: 1);
        label.Over(drops, 12)!.MgPerUnit.ShouldBe(6, 1e-9); // 12 % = 120 mg/mL; 20 drops to the mL
        label.Over(tablet, 12)!.MgPerUnit.ShouldBe(tablet.MgPerUnit, 1e-9);
        (label with { Form = ProductForm.Drops }).Over(tablet, 12)!.MgPerUnit.ShouldBe(6, 1e-9);
    }

    /// <summary>A class that nothing takes away asks for no wait of its own: bacteria, viruses and Giardia settle it.</summary>
    [Fact]
    public void What_chlorine_never_takes_is_not_waited_for()
    {
        var contact = Ask.Chemical("nadcc-8.5", Ask.Water(1, temperatureC: 20), Ask.InDateInShade);
        contact.Contact!.LongestFor.ShouldNotBe(OrganismClass.Cryptosporidium);
        contact.Row(OrganismClass.Cryptosporidium).TotalLogs.ShouldBe(0);
        contact.Contact.WaitMinutes.ShouldBeLessThan(24 * 60);
    }

    /// <summary>Only chlorine dioxide may reach Cryptosporidium; the others say they never do.</summary>
    [Theory]
    [InlineData("nadcc-8.5", "however long")]
    [InlineData("iodine-tablet", "however long")]
    [InlineData("clo2-tablet", null)]
    public void What_never_reaches_Cryptosporidium_says_so(string id, string? words)
    {
        var caution = Ask.Chemical(id, Ask.Water(1, temperatureC: 20), Ask.InDateInShade)
            .Cautions.SingleOrDefault(c => c.Code == "no-cryptosporidium");
        (caution is not null).ShouldBe(words is not null);
        caution?.Message.ShouldContain(words!);
    }

    [Theory]
    [InlineData("nadcc-8.5", true)]
    [InlineData("iodine-tablet", false)] // pH makes no difference it counts
    public void An_unknown_pH_is_said_of_chlorine_alone(string id, bool said) =>
        Ask.Chemical(id, Ask.Water(1, temperatureC: 20), Ask.InDateInShade)
            .Assumptions.Any(a => a.Field == ChemicalFields.PH.Path)
            .ShouldBe(said);

    /// <summary>The label's own lines may be skipped; the wait may not, and the water is drunk after it.</summary>
    [Fact]
    public void Steps_of_a_dose()
    {
        var product = Kits.Tablets with { Label = new CopiedLabel(1, 1, Steps: ["Tear the strip open"]) };
        var steps = Treat
            .Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    Ask.Water(1),
                    "tablets",
                    StartAt: Kits.Now,
                    Kit: [Kits.Entry(product)],
                    Chemical: Ask.InDateInShade
                )
            )
            .Steps;
        var (label, contact) = (steps.Single(s => s.Id == "label-1"), steps.Single(s => s.Id == "contact"));
        (label.Optional, label.DrinkAfter).ShouldBe((true, false));
        (contact.Optional, contact.DrinkAfter).ShouldBe((false, true));
    }

    /// <summary>A template fills the form with its own mixing minutes, and leaves them empty where there are none.</summary>
    [Theory]
    [InlineData("clo2-drops", 5.0)]
    [InlineData("clo2-tablet", null)]
    public void Mixing_minutes_in_the_form(string id, double? minutes) => ChemicalProfiles.Find(id)!.AsLabel().MixMinutes.ShouldBe(minutes);

    /// <summary>
    /// A copied rule for cold or for cloudy water reaches Cryptosporidium too, each by itself; without either the template's stands.
    /// </summary>
    [Fact]
    public void A_copied_rule_reaches_every_class()
    {
        // Its own rules do not reach Cryptosporidium.
        var template = ChemicalProfiles.Find("clo2-drops")!;
        var label = new CopiedLabel(1, 1);
        (label with { Cold = new CopiedCold(10, 2, null) }).Over(template, null)!.Wait.RulesReachCryptosporidium.ShouldBeTrue();
        (label with { Cloudy = new CopiedCloudy(WaitTimes: 2) }).Over(template, null)!.Wait.RulesReachCryptosporidium.ShouldBeTrue();
        label.Over(template, null)!.Wait.RulesReachCryptosporidium.ShouldBe(template.Wait.RulesReachCryptosporidium);
    }

    /// <summary>CT of viruses at 0.5 °C and below: 12 for 4 log (table); for Giardia the formula holds still below 0.5 °C.</summary>
    [Fact]
    public void Below_half_a_degree_the_tables_hold_still()
    {
        FreeChlorineCt
            .GiardiaCt(3, new ContactConditions(1, 0.2, 7))
            .ShouldBe(FreeChlorineCt.GiardiaCt(3, new ContactConditions(1, 0.5, 7)), 1e-9);
        // 1.13·0.2828·3·7^2.69·1·0.933^(0.5−5) = 0.9587·187.7·1.366 = 245.8
        FreeChlorineCt.GiardiaCt(3, new ContactConditions(1, 0.5, 7)).ShouldBe(245.8, 1);
        FreeChlorineCt
            .GiardiaCt(3, new ContactConditions(1, 0.55, 7))
            .ShouldBeLessThan(FreeChlorineCt.GiardiaCt(3, new ContactConditions(1, 0.5, 7)));
    }

    /// <summary>Five eighths and six: 5/8 tsp is 3.08 mL, 6/8 is 3.70 mL.</summary>
    [Theory]
    [InlineData(3.05, "⅝ tsp")]
    [InlineData(3.65, "¾ tsp")]
    [InlineData(2.45, "½ tsp")]
    [InlineData(4.3, "⅞ tsp")]
    public void Spoons(double millilitres, string spoon) => HandMeasure.Of(millilitres).ShouldContain(spoon);

    /// <summary>
    /// What is shown as the rate is the one at the beginning: at full strength where a minute of dark comes first, at half in the sun.
    /// </summary>
    [Fact]
    public void The_rate_at_the_beginning()
    {
        var at = new ContactConditions(2, 20, 7);
        foreach (var (dark, whole) in new[] { (0.0, false), (0.5, true), (1.0, true), (600.0, true) })
        {
            var rate = ContactRate.Of(ActiveIngredient.FreeChlorine, OrganismClass.Giardia, at, new ContactLight(dark));
            rate.AtStart.ShouldBe(whole ? rate.Dark : rate.Lit);
            rate.Dark.LogsPerMinute.ShouldBeGreaterThan(rate.Lit.LogsPerMinute);
        }
    }

    /// <summary>
    /// Half a tablet of 5 mg in a litre of clear water leaves 2.5 mg/L less its demand. What it takes away grows with the minutes, and
    /// never past the cap; a whole tablet takes away more in the same time. Weak iodine counts for nothing, weak chlorine for a little.
    /// </summary>
    [Fact]
    public void A_dose_that_was_given()
    {
        IReadOnlyList<LogCredit> Credits(string id, double units, double minutes)
        {
            var situation = Situation.Of(
                new TreatRequest(UnitSystem.Metric, Ask.Water(1, temperatureC: 20), id, StartAt: Kits.Now, Chemical: Ask.InDateInShade)
            );
            return GivenDose.Credits((ChemicalBarrier)situation.Asked![0], situation.Water, situation.Setting, units, minutes);
        }

        double Bacteria(string id, double units, double minutes) => Credits(id, units, minutes)[0].Logs;
        Bacteria("nadcc-8.5", 0.5, 0).ShouldBe(0);
        Credits("nadcc-8.5", 0.5, 1)[(int)OrganismClass.Giardia].Logs.ShouldBeInRange(1e-6, 1);
        Credits("nadcc-8.5", 1, 10)[(int)OrganismClass.Giardia]
            .Logs.ShouldBeGreaterThan(Credits("nadcc-8.5", 0.5, 10)[(int)OrganismClass.Giardia].Logs);
        Bacteria("nadcc-8.5", 1, 24 * 60).ShouldBe(LogTarget.Cap);
        Bacteria("iodine-tablet", 1, 30).ShouldBeGreaterThan(0);
        Credits("iodine-tablet", 0.1, 60).ShouldAllBe(c => c.Logs == 0);
        Bacteria("nadcc-8.5", 0.2, 60).ShouldBeGreaterThan(0); // 1 mg/L less its demand: weak, and some
    }
}
