using JollyBrook.Core.Barriers;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Clearing;

/// <summary>What the traveller asked for is done, and no way of clearing does more than it can.</summary>
public class AskedForTests
{
    private static readonly KitEntry Sand = new("sand", new MakeshiftFilter { Name = "Sand and charcoal" });

    private static TreatResponse Clear(
        Clarity clarity,
        ClearingOptions options,
        ContainerInput? container = null,
        string method = "tablets",
        params KitEntry[] kit
    ) =>
        Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(1, clarity, 10),
                method,
                Chemical: Ask.InDateInShade,
                StartAt: Kits.Now,
                Clearing: options,
                Container: container,
                Kit: [Kits.Entry(Kits.Tablets), Kits.Entry(Kits.Squeeze), .. kit]
            )
        );

    /// <summary>A tablet would do in cloudy water at twice the dose; settled first, it is slightly cloudy, and one is enough.</summary>
    [Fact]
    public void Settling_asked_for_is_done_though_the_dose_could_do_without()
    {
        Clear(Clarity.Cloudy, new(Grit.Silty)).Clearing!.Way.ShouldBe(ClearingWay.Strain);
        Clear(Clarity.Cloudy, new(Grit.Silty)).Dose!.Units.ShouldBe(2);
        var settled = Clear(Clarity.Cloudy, new(Grit.Silty, Way: ClearingWay.Settle));
        settled.Clearing!.Way.ShouldBe(ClearingWay.Settle);
        settled.Clearing.ClarityAfter.ShouldBe(Clarity.SlightlyCloudy);
        settled.Dose!.Units.ShouldBe(1);
        settled.Clearing.Minutes.ShouldBeGreaterThan(30);
    }

    [Theory]
    [InlineData(Clarity.SlightlyCloudy, Clarity.Clear)]
    [InlineData(Clarity.Cloudy, Clarity.Clear)]
    [InlineData(Clarity.Muddy, Clarity.SlightlyCloudy)]
    [InlineData(Clarity.Slurry, Clarity.SlightlyCloudy)]
    public void Flocculating_takes_mud_to_slightly_cloudy_and_clearer_water_to_clear(Clarity before, Clarity after) =>
        Clear(before, new(Way: ClearingWay.Flocculate), null, "tablets", Kits.Entry(Kits.Alum)).Clearing!.ClarityAfter.ShouldBe(after);

    /// <summary>A flocculant told to be used up clears nothing; one that nobody counted is there.</summary>
    [Theory]
    [InlineData(0.0, false)]
    [InlineData(5.0, true)]
    [InlineData(null, true)]
    public void What_is_used_up_does_not_flocculate(double? left, bool clears) =>
        (
            Clear(Clarity.Muddy, new(), null, "tablets", Kits.Entry(Kits.Alum) with { Left = left }).Clearing!.Way == ClearingWay.Flocculate
        ).ShouldBe(clears);

    /// <summary>Settling takes sandy slurry to mud once; the fines stay however often it is done, so no tablet counts in it.</summary>
    [Fact]
    public void Settling_takes_no_fines_out_of_a_slurry()
    {
        var answer = Clear(Clarity.Slurry, new(Grit.Sandy, Way: ClearingWay.Settle));
        answer.Outcome.ShouldBe(TreatOutcome.Refused);
        answer.Refusal!.Remedies.ShouldNotBeEmpty();
    }

    [Theory]
    [InlineData(null)]
    [InlineData(false)]
    public void A_rigid_bottle_is_not_squeezed_out(bool? squeezable) =>
        Should
            .Throw<BadInputException>(() =>
                Clear(
                    Clarity.Cloudy,
                    new(Grit.Silty, DrawOff.InvertedBottle, ClearingWay.Settle),
                    new ContainerInput(Squeezable: squeezable)
                )
            )
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldBe("clearing.drawOff");

    [Fact]
    public void A_soft_one_is() =>
        Clear(Clarity.Cloudy, new(Grit.Silty, DrawOff.InvertedBottle, ClearingWay.Settle), new ContainerInput(Squeezable: true))
            .Clearing!.DrawOff.ShouldStartWith("It has settled");

    /// <summary>
    /// 5 % stays behind of clearish water, 15 % of mud, a quarter of slurry; read off, 8 of 20 cm are two fifths; never under 5 nor over 90
    /// %.
    /// </summary>
    [Theory]
    [InlineData(Clarity.SlightlyCloudy, null, 0.05)]
    [InlineData(Clarity.Cloudy, 8.0, 0.05)]
    [InlineData(Clarity.Muddy, null, 0.15)]
    [InlineData(Clarity.Slurry, null, 0.25)]
    [InlineData(Clarity.Slurry, 8.0, 0.4)]
    [InlineData(Clarity.Slurry, 0.5, 0.05)]
    [InlineData(Clarity.Slurry, 30.0, 0.9)]
    public void So_much_stays_with_the_sediment(Clarity clarity, double? sludgeCm, double share) =>
        DrawOffs.Loss(clarity, sludgeCm, 20).ShouldBe(share, 1e-12);

    /// <summary>A tenth stays in the sand: a litre takes 1/0.9 = 1.11 L, ten minutes for each, and one class clearer, never clear.</summary>
    [Theory]
    [InlineData(Clarity.Cloudy, Clarity.SlightlyCloudy)]
    [InlineData(Clarity.Muddy, Clarity.Cloudy)]
    public void An_improvised_filter_gives_a_class_and_keeps_a_tenth(Clarity before, Clarity after)
    {
        var answer = Clear(before, new(Way: ClearingWay.ImprovisedFilter), kit: Sand).Clearing!;
        answer.Way.ShouldBe(ClearingWay.ImprovisedFilter);
        answer.LossShare.ShouldBe(0.1, 1e-12);
        answer.CollectL.ShouldBe(1 / 0.9, 1e-9);
        answer.ClarityAfter.ShouldBe(after);
        (answer.Minutes, answer.HandsOnMinutes).ShouldBe((12, 12));
    }

    [Fact]
    public void Settled_silt_is_collected_with_its_loss()
    {
        // Muddy: 15 % stays: 1/0.85 = 1.176 L. 10 µm in 20 cm at 10 °C: v = 8.9925e-8/1.3076e-3 = 6.877e-5 m/s: 48.5 min, ·1.5 = 72.7 → 73,
        // and 5 to draw off.
        var answer = Clear(Clarity.Muddy, new(Grit.Silty, Way: ClearingWay.Settle), method: "filter").Clearing!;
        answer.CollectL.ShouldBe(1 / 0.85, 1e-9);
        (answer.SettleMinutes, answer.Minutes, answer.HandsOnMinutes).ShouldBe((73, 78, 5));
    }

    /// <summary>Clear water needs no clearing before a filter; cloudy water is pre-filtered; before another way it is strained.</summary>
    [Theory]
    [InlineData("filter", Clarity.Clear, ClearingWay.None)]
    [InlineData("filter", Clarity.SlightlyCloudy, ClearingWay.PreFilter)]
    [InlineData("tablets", Clarity.Clear, ClearingWay.Strain)]
    public void What_is_done_to_water_that_needs_little(string method, Clarity clarity, ClearingWay way)
    {
        var answer = Clear(clarity, new(), null, method);
        answer.Clearing!.Way.ShouldBe(way);
        (answer.Clearing.LossShare, answer.Clearing.Minutes).ShouldBe((0, 0));
        answer.Steps.Any(s => s.Id == "strain").ShouldBe(way != ClearingWay.None);
    }

    [Theory]
    [InlineData(Clarity.Clear, "Fill through a cloth over the mouth.")]
    [InlineData(Clarity.SlightlyCloudy, "Let it settle if you can, draw off the clear water, and fill through a cloth.")]
    public void How_to_strain(Clarity clarity, string how) =>
        Clear(clarity, new()).Steps.Single(s => s.Id == "strain").Detail.ShouldBe(how);

    /// <summary>A way that was not chosen, or is done as chosen, is not said to be left aside.</summary>
    [Fact]
    public void Only_a_way_that_was_chosen_and_does_not_do_is_said_to_be_left_aside()
    {
        bool Said(TreatResponse answer) => answer.Assumptions.Any(a => a.Field == "clearing.way");
        Said(Clear(Clarity.Cloudy, new(Grit.Silty))).ShouldBeFalse();
        Said(Clear(Clarity.Cloudy, new(Grit.Silty, Way: ClearingWay.Settle))).ShouldBeFalse();
        Said(Clear(Clarity.Muddy, new(Grit.Sandy), null, "tablets", Kits.Entry(Kits.Alum))).ShouldBeFalse();
    }
}
