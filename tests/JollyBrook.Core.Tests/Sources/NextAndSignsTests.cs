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
        new("c", new TripSource("Well", SourceClass.TankOrTap, 9)),
        new("a", new TripSource("Brook", SourceClass.Perennial, 2)),
        new("b", new TripSource("Seep", SourceClass.Seep, 5)),
    ];

    private static JudgeResponse At(string here, params Sighting[] seen) =>
        JudgeSource.Compute(
            new JudgeRequest(
                null,
                new SourceInput(SourceKind.Stream, SourceFlow.Flowing, seen, YesNo.Yes, YesNo.No, Here: here),
                Clear,
                Trip,
                Now
            )
        );

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
        JudgeResponse With(params Sighting[] seen) =>
            JudgeSource.Compute(
                new JudgeRequest(
                    null,
                    new SourceInput(SourceKind.Spring, SourceFlow.Flowing, seen, YesNo.Yes, YesNo.No, ConductivityUsCm: 20_000),
                    Clear
                )
            );
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
        SourceJudge
            .Judge(new SourceInput(kind, SourceFlow.Flowing, [], YesNo.Yes, YesNo.No), Water())
            .Reasons.Any(r => r.Code == "spring")
            .ShouldBe(good);

    /// <summary>95 % is trusted, as little as a hair less is not; without a distance the next one is where this one is.</summary>
    [Fact]
    public void Trusted_from_its_limit()
    {
        NextSource From(double chance, double? alongKm = 3) =>
            JudgeSource
                .Compute(
                    new JudgeRequest(
                        null,
                        new SourceInput(SourceKind.Stream, SourceFlow.Flowing, [], YesNo.Yes, YesNo.No, Here: "x"),
                        Clear,
                        [
                            new("x", new TripSource("Here", SourceClass.Perennial, 1)),
                            new("y", new TripSource("There", SourceClass.Perennial, alongKm, Chance: chance)),
                        ],
                        Now
                    )
                )
                .Next!;
        From(SourceReliability.Trusted).Trusted.ShouldBeTrue();
        From(SourceReliability.Trusted - 0.001).Trusted.ShouldBeFalse();
        From(0.99).Words.ShouldStartWith("2 km on");
    }

    /// <summary>Water flows where it is open and told to flow: a tap that flows is no stream, a stream not told of stands.</summary>
    [Fact]
    public void Flowing_is_open_and_told()
    {
        new CountedSource(new SourceInput(SourceKind.Stream, SourceFlow.Flowing, [], null, null)).Flows.ShouldBeTrue();
        new CountedSource(new SourceInput(SourceKind.Stream, null, [], null, null)).Flows.ShouldBeFalse();
        new CountedSource(new SourceInput(SourceKind.Tap, SourceFlow.Flowing, [], null, null)).Flows.ShouldBeFalse();
    }

    private static FieldWater Water() => new(1, Clarity.Clear, WaterColour.None, 10, 300, 1, Clear);
}
