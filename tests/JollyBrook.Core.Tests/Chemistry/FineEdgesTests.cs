using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Chemistry;

/// <summary>Where a dose or a wait turns from one thing into another.</summary>
public class FineEdgesTests
{
    /// <summary>"Computed" is said only where the computed wait is longer than the label's; where they are the same the label's stands.</summary>
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
    public void Colour_not_told_is_said(WaterColour? colour, bool said) => Ask.Chemical("nadcc-8.5", new WaterInput(1, Clarity.Clear, colour, 15, 300), Ask.InDateInShade)
        .Assumptions.Any(a => a.Field == WaterFields.Colour.Path).ShouldBe(said);

    /// <summary>Strength at the start is halved where the sun is on the bottle from the first minute, whole where a minute of dark comes first.</summary>
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
}
