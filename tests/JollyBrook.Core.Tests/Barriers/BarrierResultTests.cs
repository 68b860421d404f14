using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Barriers;

/// <summary>What a barrier uses up, and what one that gives nothing says.</summary>
public sealed class BarrierResultTests
{
    private static readonly FieldWater Water = FieldWater.Check(Ask.Water(2), new Intake(Speaker.Metric));
    private static readonly Refusal Muddy = new(RefusalCode.Muddy, "Too much mud.", ["Let it settle."]);

    [Theory]
    [InlineData(2.5, 10.0, 4.0)]
    [InlineData(2.5, 0.0, 0.0)]
    [InlineData(0.5, 10.0, 20.0)]
    [InlineData(0.0, 10.0, double.PositiveInfinity)]
    [InlineData(0.0, 0.0, double.PositiveInfinity)]
    [InlineData(2.5, null, null)]
    [InlineData(0.0, null, null)]
    public void What_is_left_is_enough_for_so_many_uses(double used, double? left, double? uses) =>
        new Supply("tablets", 1, used, left).UsesLeft.ShouldBe(uses);

    [Fact]
    public void More_left_is_never_enough_for_fewer_uses() =>
        Gen.Select(Gen.Double[0, 50], Gen.Double[0, 500], Gen.Double[0, 500])
            .Sample(
                (used, left, more) =>
                    new Supply("", 1, used, left + more).UsesLeft!.Value.ShouldBeGreaterThanOrEqualTo(
                        new Supply("", 1, used, left).UsesLeft!.Value
                    )
            );

    [Fact]
    public void One_that_is_refused_takes_nothing_away_uses_nothing_and_leaves_the_water_as_it_was()
    {
        var refused = BarrierResult.Refused("Tablets", Water, Muddy);
        refused.Credits.Select(c => c.Logs).ShouldBe([0.0, 0, 0, 0]);
        refused.Credits.ShouldAllBe(c => c.Barrier == "Tablets" && c.Reason == "Too much mud.");
        refused.Refusal.ShouldBe(Muddy);
        refused.After.ShouldBe(Water);
        refused.MinutesToSip.ShouldBeNull();
        refused.HandsOnMinutes.ShouldBe(0);
        refused.Supplies.ShouldBeEmpty();
        refused.Steps().ShouldBeEmpty();
        refused.MinutesToTarget.ShouldBe([null, null, null, null]);
        refused.Taste.ShouldBe(Taste.AsItIs);
    }

    /// <summary>Why it was refused can be read after: what was assumed, minded and worked out on the way there.</summary>
    [Fact]
    public void What_led_to_a_refusal_is_kept()
    {
        var working = new Working();
        working.Add("Turbidity", "t", "tube", WorkingValue.Of("t", 900, "NTU"));
        Assumption[] assumed = [new("clarity", "Clarity was not told.")];
        Caution[] cautions = [new("mud", Severity.Warning, "Mud.")];
        var refused = BarrierResult.Refused("Tablets", Water, Muddy, assumed, cautions, working, "the room's own");
        refused.Working.Steps.Single().Label.ShouldBe("Turbidity");
        refused.Assumptions.ShouldBe(assumed);
        refused.Cautions.ShouldBe(cautions);
        refused.Detail.ShouldBe("the room's own");
    }

    [Theory]
    [InlineData(RefusalCode.Muddy, true)]
    [InlineData(RefusalCode.TooCloudyForLight, true)]
    [InlineData(RefusalCode.DoNotUse, false)]
    public void Clearing_first_helps_where_it_is_the_cloud_that_refuses(RefusalCode code, bool clears) =>
        new Refusal(code, "", []).AsksForClearing.ShouldBe(clears);

    [Fact]
    public void Credits_stand_in_the_order_of_the_classes()
    {
        var credits = BarrierResult.Of("Filter", "0.2 µm", bacteria: 6, viruses: 0, giardia: 3, cryptosporidium: 2);
        double Of(OrganismClass organism) => credits[(int)organism].Logs;
        (Of(OrganismClass.Bacteria), Of(OrganismClass.Viruses), Of(OrganismClass.Giardia), Of(OrganismClass.Cryptosporidium)).ShouldBe(
            (6, 0, 3, 2)
        );
    }
}
