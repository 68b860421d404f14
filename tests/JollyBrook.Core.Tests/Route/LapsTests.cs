using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Tests.Carry;

namespace JollyBrook.Core.Tests.Route;

/// <summary>A round gone several times.</summary>
public class LapsTests
{
    private static TripRoute Round(double km = 5, double up = 80)
    {
        var legs = ReadLegs.Compute(new LegsRequest(null, 100, [new RouteLeg("", km / 2, up), new RouteLeg("", km / 2, 0, up)]));
        return new TripRoute(
            "Round",
            new DateOnly(2026, 8, 21),
            legs.LengthKm,
            legs.Heights,
            Containers: [new("Flask", 0.5), new("Flask", 0.5)],
            BreakShare: 0,
            Pace: 0.5
        );
    }

    [Fact]
    public void Home_and_its_waters_are_passed_again_and_again()
    {
        var answer = Laps.Compute(
            new(
                null,
                Round(),
                [
                    new("t", new TripSource("Tap", SourceClass.TankOrTap, 2, Drinkable: true)),
                    new("c", new TripSource("Left", SourceClass.TankOrTap, 3, CacheL: 1)),
                ],
                3,
                true
            )
        );
        answer.Route.LengthKm.ShouldBe(15);
        answer
            .Sources.Select(s => (s.Name, s.AlongKm))
            .ShouldBe([("Home, round 2", 5), ("Tap, round 2", 7), ("Home, round 3", 10), ("Tap, round 3", 12)]);
        answer.Sources.ShouldAllBe(s => s.Drinkable == true);
        answer.Flags.ShouldBeEmpty();
        Laps.Compute(new(null, Round(), [], 3)).Sources.ShouldBeEmpty();
    }

    [Fact]
    public void A_runner_passes_home_and_never_carries_more_than_a_round()
    {
        var laps = Laps.Compute(new(null, Round(), [], 5, WaterAtHome: true));
        PlanRequest Plan(IReadOnlyList<TripSource> sources) =>
            new(
                null,
                laps.Route with
                {
                    Certainty = 0.95,
                },
                [.. sources.Select((s, i) => new TripSourceEntry($"{i}", s))],
                [new("w", Routes.Ilva)],
                [],
                new DateTimeOffset(2026, 8, 20, 12, 0, 0, TimeSpan.Zero)
            );
        var (with, without) = (Core.Carry.Plan.Compute(Plan(laps.Sources)), Core.Carry.Plan.Compute(Plan([])));
        with.MostCarriedL.ShouldBeLessThan(without.MostCarriedL);
        with.Feasible.ShouldBeTrue();
        without.Feasible.ShouldBeFalse();
    }

    [Fact]
    public void Rounds_climb_as_often_as_they_are_gone() =>
        Gen.Select(Gen.Double[1, 20], Gen.Double[0, 300], Gen.Int[2, 12])
            .Sample(
                (km, up, laps) =>
                {
                    var round = Round(km, up);
                    var all = Laps.Compute(new(null, round, [], laps)).Route;
                    var (one, many) = (round.Ground(), all.Ground());
                    many.LengthKm.ShouldBe(one.LengthKm * laps, 1e-9);
                    many.Steps.ShouldBe(one.Steps * laps);
                    many.AscentM.ShouldBe(one.AscentM * laps, 1e-6);
                    many.ElevationAt(many.LengthKm).ShouldBe(one.ElevationAt(one.LengthKm), 1e-6);
                },
                iter: 50
            );

    [Fact]
    public void What_does_not_go_round_is_said()
    {
        TripRoute open = Round() with
        {
            Latitudes = Line(46.2, 46.25),
            Longitudes = Line(-28.7, -28.7),
            Days = [new(8, 2, "Camp"), new(9)],
            Terrain = [new(1, Terrain.Rough)],
            BailOuts = [new("Road", 1)],
        };
        var answer = Laps.Compute(new(null, open, [], 2));
        // 0.05° of latitude: 5.56 km.
        answer.Flags.ShouldBe([
            "The camps were taken out: rounds are gone in a day. Set new ones where they are wanted.",
            "It ends 5.6 km from where it begins: that way between rounds is not counted.",
        ]);
        answer.Route.Days.ShouldBe([new RouteDay(8)]);
        answer.Route.Terrain!.Select(t => t.FromKm).ShouldBe([1, 6]);
        answer.Route.BailOuts!.Select(b => b.AlongKm).ShouldBe([1, 6]);
        TripRoute.Check(answer.Route);
    }

    private static string Line(double from, double to)
    {
        var steps = Round().Ground().Steps;
        return EncodedNumbers.Encode(
            Enumerable.Range(0, steps + 1).Select(i => (long)Math.Round((from + ((to - from) * i / steps)) * 1e5))
        );
    }

    [Theory]
    [InlineData(1.0, "laps")]
    [InlineData(51.0, "laps")]
    [InlineData(null, "laps")]
    public void As_many_as_can_be_gone(double? laps, string field) =>
        Should.Throw<BadInputException>(() => Laps.Compute(new(null, Round(), [], laps))).Errors.ShouldContain(e => e.Field == field);

    [Fact]
    public void Too_long_is_refused_whole()
    {
        var errors = Should.Throw<BadInputException>(() => Laps.Compute(new(null, Round(150), [], 50))).Errors;
        errors.Single().Message.ShouldBe("50 rounds are too long to plan at once. Plan fewer, and the rest as another walk.");
    }
}
