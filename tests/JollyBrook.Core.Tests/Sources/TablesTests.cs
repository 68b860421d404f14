using JollyBrook.Core.Carry;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Sources;

/// <summary>The tables of handbook room 10, and their edges.</summary>
public class TablesTests
{
    [Theory]
    [InlineData(SourceClass.Perennial, 0.98)]
    [InlineData(SourceClass.Lake, 0.99)]
    [InlineData(SourceClass.TankOrTap, 0.9)]
    [InlineData(SourceClass.SeasonalInSeason, 0.75)]
    [InlineData(SourceClass.SeasonalLate, 0.4)]
    [InlineData(SourceClass.Seep, 0.5)]
    [InlineData(SourceClass.SnowPatch, 0.8)]
    [InlineData(SourceClass.ReportedDry, 0.05)]
    [InlineData(SourceClass.Unknown, 0.05)]
    public void Runs_by_its_class(SourceClass kind, double chance) => SourceReliability.OfClass(kind).ShouldBe(chance);

    [Theory]
    [InlineData(SourceKind.Well, "bucket and rope")]
    [InlineData(SourceKind.Pothole, "Scoop with a cup")]
    [InlineData(SourceKind.Tap, "run until it is cold")]
    [InlineData(SourceKind.Lake, "an arm's length out")]
    [InlineData(SourceKind.Pond, "an arm's length out")]
    [InlineData(SourceKind.Tank, "From the tap if it has one")]
    [InlineData(SourceKind.Snow, "White snow from below")]
    [InlineData(SourceKind.Distilled, "Into a clean cup")]
    [InlineData(SourceKind.FromPlants, "Off plants you can name")]
    [InlineData(SourceKind.Rain, "Off a clean sheet")]
    [InlineData(SourceKind.Stream, "the bottle's mouth pointing downstream")]
    public void How_to_draw(SourceKind kind, string words) =>
        JudgeSource
            .Compute(
                new JudgeRequest(
                    null,
                    new SourceInput(kind, SourceFlow.Flowing, [], YesNo.Yes, YesNo.No),
                    new WaterInput(1, Clarity.Clear, WaterColour.None, 10, 300)
                )
            )
            .Collect.ShouldContain(l => l.Contains(words));

    [Theory]
    [InlineData(4.99, true)]
    [InlineData(5, false)]
    public void Very_cold_water_takes_care_below_five_degrees(double celsius, bool said) =>
        SourceJudge
            .Judge(new SourceInput(SourceKind.Stream, SourceFlow.Flowing, [], YesNo.Yes, YesNo.No), Water(celsius))
            .Reasons.Any(r => r.Code == SourceJudge.VeryColdCode)
            .ShouldBe(said);

    /// <summary>Salt taints: a spring that tastes of it is not to be used whatever else is good about it.</summary>
    [Theory]
    [InlineData(Sighting.Salt)]
    [InlineData(Sighting.FuelSheen)]
    public void One_stop_is_enough(Sighting seen) =>
        SourceJudge
            .Judge(new SourceInput(SourceKind.Spring, SourceFlow.Flowing, [Sighting.ClearOverStone, seen], YesNo.Yes, YesNo.No), Water(10))
            .Verdict.ShouldBe(Verdict.DoNotUse);

    [Fact]
    public void A_report_of_this_very_moment_is_believed()
    {
        var now = new DateTimeOffset(2026, 8, 1, 12, 0, 0, TimeSpan.Zero);
        new TripSource("Brook", SourceClass.Seep, 5, true, now).IsReportedAfter(now).ShouldBeFalse();
        new TripSource("Brook", SourceClass.Seep, 5, true, now.AddSeconds(1)).IsReportedAfter(now).ShouldBeTrue();
    }

    [Theory]
    [InlineData("", false)]
    [InlineData(" ", false)]
    [InlineData(80, true)]
    [InlineData(81, false)]
    public void A_name_has_1_to_80_characters(object name, bool good)
    {
        var source = new TripSource(name is int length ? new string('x', length) : (string)name, SourceClass.Seep, 5);
        if (good)
        {
            TripSource.Check(source);
        }
        else
        {
            Should
                .Throw<Core.Contract.BadInputException>(() => TripSource.Check(source))
                .Errors.ShouldHaveSingleItem()
                .Field.ShouldBe("name");
        }
    }

    [Fact]
    public void What_is_left_out_of_a_source() =>
        (TripSource.DefaultLitresPerMinute, FillTreatment.UntoldHandsOnMinutesPerL, FillTreatment.UntoldWaitMinutes).ShouldBe((2, 0.5, 30));

    private static FieldWater Water(double celsius) =>
        new(1, Clarity.Clear, WaterColour.None, celsius, 300, 1, new WaterInput(1, Clarity.Clear, WaterColour.None, celsius, 300));
}
