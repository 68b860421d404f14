using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Sources;

/// <summary>What comes after a source that is refused, and which signs make it one.</summary>
public class NextAndSignsTests
{
    private static readonly DateTimeOffset Now = new(2026, 8, 10, 12, 0, 0, TimeSpan.Zero);
    private static readonly WaterInput Clear = new(1, Clarity.Clear, WaterColour.None, 10, 300);

    private static readonly TripSourceEntry[] Trip =
    [
        new("c", new TripSource("Well", SourceClass.TankOrTap, 9)), new("a", new TripSource("Brook", SourceClass.Perennial, 2)), new("b", new TripSource("Seep", SourceClass.Seep, 5)),
    ];

    private static JudgeResponse At(string here, params Sighting[] seen) => JudgeSource.Compute(new JudgeRequest(
        null, new SourceInput(SourceKind.Stream, SourceFlow.Flowing, seen, YesNo.Yes, YesNo.No, Here: here), Clear, Trip, Now));

    /// <summary>The next one along the way, whatever order they are listed in; after the last there is none.</summary>
    [Theory]
    [InlineData("a", "b")]
    [InlineData("b", "c")]
    [InlineData("c", null)]
    [InlineData("none of them", null)]
    public void The_next_along_the_way(string here, string? next) => At(here).Next?.Id.ShouldBe(next);

    [Fact]
    public void A_seep_is_not_to_be_counted_on_and_a_distance_is_told()
    {
        var next = At("a").Next!;
        next.Words.ShouldStartWith("3 km on");
        next.Words.ShouldContain("not to be counted on");
        next.Trusted.ShouldBeFalse();
    }

    /// <summary>Camp or stock above brings viruses back whatever else is seen; other signs do not.</summary>
    [Theory]
    [InlineData(new[] { Sighting.Stock, Sighting.ClearOverStone }, true)]
    [InlineData(new[] { Sighting.CampOrToilet }, true)]
    [InlineData(new[] { Sighting.ClearOverStone }, false)]
    [InlineData(new Sighting[0], false)]
    public void Dung_brings_viruses_back(Sighting[] seen, bool back) => At("a", seen).VirusesCountAnyway.ShouldBe(back);

    /// <summary>Salt measured is salt seen, once, whatever else was ticked.</summary>
    [Fact]
    public void Salt_measured_is_said_once()
    {
        JudgeResponse With(params Sighting[] seen) => JudgeSource.Compute(new JudgeRequest(
            null, new SourceInput(SourceKind.Spring, SourceFlow.Flowing, seen, YesNo.Yes, YesNo.No, ConductivityUsCm: 20_000), Clear));
        foreach (var seen in new Sighting[][] { [], [Sighting.ClearOverStone], [Sighting.Salt], [Sighting.Salt, Sighting.ClearOverStone] })
        {
            With(seen).Reasons.Count(r => r.Code == "salt").ShouldBe(1);
            With(seen).Verdict.ShouldBe(Verdict.DoNotUse);
        }
    }

    [Theory]
    [InlineData(SourceKind.Spring, true)]
    [InlineData(SourceKind.Stream, false)]
    public void A_spring_head_is_good(SourceKind kind, bool good) =>
        SourceJudge.Judge(new SourceInput(kind, SourceFlow.Flowing, [], YesNo.Yes, YesNo.No), Water()).Reasons.Any(r => r.Code == "spring").ShouldBe(good);

    [Fact]
    public void Picks() => TripSource.DefaultHandsOnMinutesPerL.ShouldBe(0.5);

    private static FieldWater Water() => new(1, Clarity.Clear, WaterColour.None, 10, 300, 1, Clear);
}
