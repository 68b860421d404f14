using JollyBrook.Core.Contract;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Water;

/// <summary>Classes of clarity and organisms, and their edges.</summary>
public class TablesTests
{
    /// <summary>Clear below 5 NTU, slightly cloudy to 30, cloudy to 100, muddy to 1000, slurry beyond: what stands on a boundary.</summary>
    [Theory]
    [InlineData(0, Clarity.Clear)]
    [InlineData(4.99, Clarity.Clear)]
    [InlineData(5, Clarity.SlightlyCloudy)]
    [InlineData(30, Clarity.SlightlyCloudy)]
    [InlineData(30.01, Clarity.Cloudy)]
    [InlineData(100, Clarity.Cloudy)]
    [InlineData(100.01, Clarity.Muddy)]
    [InlineData(1000, Clarity.Muddy)]
    [InlineData(1000.01, Clarity.Slurry)]
    public void A_reading_has_its_class(double ntu, Clarity clarity) => Turbidity.ClassOf(ntu).ShouldBe(clarity);

    [Theory]
    [InlineData(Clarity.Clear, 5)]
    [InlineData(Clarity.SlightlyCloudy, 30)]
    [InlineData(Clarity.Cloudy, 100)]
    [InlineData(Clarity.Unknown, 100)]
    [InlineData(Clarity.Muddy, 1000)]
    [InlineData(Clarity.Slurry, 3000)]
    public void A_class_is_counted_at_its_worst(Clarity clarity, double ntu) => Turbidity.WorstOf(clarity).ShouldBe(ntu);

    [Theory]
    [InlineData(OrganismClass.Bacteria, 6)]
    [InlineData(OrganismClass.Viruses, 4)]
    [InlineData(OrganismClass.Giardia, 3)]
    [InlineData(OrganismClass.Cryptosporidium, 3)]
    public void The_target(OrganismClass organism, double logs)
    {
        LogTarget.Standard(organism).ShouldBe(logs);
        LogTarget.Full.For(organism).ShouldBe(logs);
        LogTarget.WithoutViruses.For(organism).ShouldBe(organism == OrganismClass.Viruses ? null : logs);
    }

    /// <summary>A probe outranks a depth, a depth the eye; the eye's class is counted at its worst.</summary>
    [Fact]
    public void What_was_measured_outranks_what_was_judged()
    {
        FieldWater Of(double? depthCm, double? ntu, Clarity? seen = Clarity.Clear) =>
            FieldWater.Check(new WaterInput(1, seen, WaterColour.None, 10, 300, depthCm, ntu), new Intake(Speaker.Metric));
        Of(null, 12).Ntu.ShouldBe(12);
        Of(null, 12).Clarity.ShouldBe(Clarity.SlightlyCloudy);
        Of(20, 12).Ntu.ShouldBe(12);
        Of(11.57, null).Ntu.ShouldBe(100, 0.5); // 244.13·100^(−0.662) = 11.57
        Of(null, null).Ntu.ShouldBe(5);
        (
            Of(null, null).ClarityKnown,
            Of(null, null, null).ClarityKnown,
            Of(null, null, Clarity.Unknown).ClarityKnown,
            Of(20, null, null).ClarityKnown,
            Of(null, 3, null).ClarityKnown
        ).ShouldBe((true, false, false, true, true));
        (Of(null, null, null).Clarity, Of(null, null, null).Ntu).ShouldBe((Clarity.Cloudy, 100));
    }

    [Fact]
    public void Clearing_makes_water_clearer_and_never_cloudier()
    {
        var cloudy = FieldWater.Check(new WaterInput(1, null, WaterColour.None, 10, 300, TurbidityNtu: 60), new Intake(Speaker.Metric));
        var cleared = cloudy.ClearedTo(Clarity.SlightlyCloudy);
        (cleared.Clarity, cleared.Ntu, cleared.Given.TurbidityNtu).ShouldBe((Clarity.SlightlyCloudy, 30, null));
        cloudy.ClearedTo(Clarity.Cloudy).ShouldBeSameAs(cloudy); // what was measured stays measured
        cloudy.ClearedTo(Clarity.Muddy).ShouldBeSameAs(cloudy);
    }

    [Fact]
    public void Short_by_a_hair_is_not_short()
    {
        LogLedger.Row(OrganismClass.Giardia, LogTarget.Full, [new LogCredit("a", 3 - 1e-10, "")], null).Meets.ShouldBeTrue();
        LogLedger.Row(OrganismClass.Giardia, LogTarget.Full, [new LogCredit("a", 3 - 1e-6, "")], null).Meets.ShouldBeFalse();
    }
}
