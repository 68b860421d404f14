using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Packing.Ways;
using JollyBrook.Core.Route;
using JollyBrook.Core.Tests.Carry;

namespace JollyBrook.Core.Tests.Packing;

/// <summary>Hand, belt, vest, bladder or pack.</summary>
public class CarryWaysTests
{
    private static PlanRequest Outing(double km, double pace, double low, double high, params (string, double, double)[] sources)
    {
        var level = Routes.Level(km, sources);
        return level with
        {
            Walkers = [new("w", Routes.Ilva with { PackKg = 3 })],
            Route = level.Route! with { Pace = pace, Weather = [new DayWeather(low, high, 50, 0)], Certainty = 0.9, Containers = null },
        };
    }

    private static ScoredWay Of(CarryWaysResponse answer, CarryWayKind kind) => answer.Ways.Single(w => w.Kind == kind);

    [Fact]
    public void A_runner_takes_a_vest()
    {
        var answer = CarryWays.Compute(Outing(25, 0.5, 12, 22, ("Tap", 9, 1), ("Tap again", 17, 1)));
        answer.Kinds[0].ShouldBe(CarryWayKind.VestFlasks);
        answer.Containers[0].ShouldBe(new CarriedContainer("Soft flask", 0.5, MassKg: 0.05, Walker: "Ilva"));
        Of(answer, CarryWayKind.HandBottle).Bad.ShouldContain("A full hand all the way");
    }

    /// <summary>
    /// A short mild walk without a fill on the way: hands 2, slosh 0.5, layers 0.3, level 0.7 and refills 0.5 count, 4 in all. The pack's
    /// bottles: 2·0.3 + 0.5·0.8 + 0.3·0.9 + 0.7 + 0.5 = 2.47; the bladder 2 + 0.3 + 0.12 + 0 + 0.15 = 2.57; the vest 2 + 0.45 + 0.15 + 0.63
    /// + 0.4 = 3.63, for the litre that it holds; the hand 0 + 0.3 + 0.3 + 0.7 + 0.5 = 1.8, for half a litre.
    /// </summary>
    [Fact]
    public void The_score_is_the_weighed_mean_of_what_counts_for_what_it_holds_of_the_need()
    {
        var answer = CarryWays.Compute(Outing(8, 1, 10, 20));
        answer.BetweenL.ShouldBeInRange(0.5, 2);
        double Share(double litres) => Math.Min(1, litres / answer.BetweenL);
        Of(answer, CarryWayKind.PackBottles).Score.ShouldBe(62);
        Of(answer, CarryWayKind.HoseBladder).Score.ShouldBe(64);
        Of(answer, CarryWayKind.VestFlasks).Score.ShouldBe(Math.Round(363 / 4.0 * Share(1)));
        Of(answer, CarryWayKind.HandBottle).Score.ShouldBe(Math.Round(180 / 4.0 * Share(0.5)));
        Of(answer, CarryWayKind.HandBottle).Bad.ShouldBe(["Holds 0.5 L: not enough alone", "Out of reach, or a hand full"]);
        Of(answer, CarryWayKind.HoseBladder).Bad.ShouldBe(["The level is not seen: drink by the clock"]);
        Of(answer, CarryWayKind.PackBottles).Good.ShouldBe(["The level is seen"]);
    }

    [Fact]
    public void With_a_full_pack_what_hangs_in_its_way_is_said_to_and_scores_less()
    {
        var light = Outing(16, 1, 10, 20, ("Lake", 8, 1));
        var (free, laden) = (CarryWays.Compute(light), CarryWays.Compute(light with { Walkers = [new("w", Routes.Ilva)] }));
        foreach (var kind in new[] { CarryWayKind.Belt, CarryWayKind.VestFlasks })
        {
            Of(laden, kind).Bad[0].ShouldBe("Does not go with a full pack");
            Of(free, kind).Bad.ShouldNotContain("Does not go with a full pack");
            Of(laden, kind).Score.ShouldBeLessThan(Of(free, kind).Score);
        }

        laden.Ways.Count(w => w.Bad.Contains("Does not go with a full pack")).ShouldBe(2);
    }

    [Fact]
    public void In_frost_nobody_takes_a_hose()
    {
        var answer = CarryWays.Compute(Outing(16, 1, -12, -4, ("Lake", 8, 1)));
        answer.Kinds.ShouldNotContain(CarryWayKind.HoseBladder);
        Of(answer, CarryWayKind.HoseBladder).Bad.ShouldContain("Freezes shut");
        Of(answer, CarryWayKind.HoseBladder).Score.ShouldBeLessThan(Of(answer, CarryWayKind.PackBottles).Score);
    }

    [Fact]
    public void A_filter_that_is_squeezed_through_speaks_for_what_can_be_squeezed()
    {
        var bare = Outing(20, 1, 8, 18, ("Brook", 10, 1));
        var filter = bare with
        {
            Kit =
            [
                new KitEntry(
                    "f",
                    new WaterFilter(new FilterSpec(FilterElement.HollowFibre, FilterStyle.Squeeze, 1.7)) { Name = "Squeeze filter" }
                ),
            ],
        };
        var gain =
            Of(CarryWays.Compute(filter), CarryWayKind.VestFlasks).Score - Of(CarryWays.Compute(bare), CarryWayKind.VestFlasks).Score;
        var other =
            Of(CarryWays.Compute(filter), CarryWayKind.PackBottles).Score - Of(CarryWays.Compute(bare), CarryWayKind.PackBottles).Score;
        gain.ShouldBeGreaterThan(other);
        Of(CarryWays.Compute(bare), CarryWayKind.VestFlasks).Good.ShouldNotContain("Can be squeezed through the filter");
    }

    [Fact]
    public void What_is_not_seen_is_drunk_by_the_clock()
    {
        var answers = Enumerable
            .Range(1, 9)
            .Select(n => CarryWays.Compute(Outing(3 * n, 1, 10, 20) with { Walkers = [new("w", Routes.Ilva)] }));
        // With a full pack there is no vest.
        var hidden = answers.Where(a => a.Kinds.Contains(CarryWayKind.HoseBladder)).ToList();
        hidden.ShouldNotBeEmpty();
        hidden.ShouldAllBe(a => a.Why.Any(w => w.Contains("does not show what is left: about ")));
    }

    [Fact]
    public void There_is_room_for_what_is_carried_and_for_no_vessel_more() =>
        Gen.Select(Gen.Double[2, 45], Gen.Double[0.45, 1.6], Gen.Double[-15, 25], Gen.Int[1, 4])
            .Sample(
                (km, pace, low, people) =>
                {
                    var outing = Outing(km, pace, low, low + 10, ("Spring", km / 2, 1));
                    var answer = CarryWays.Compute(
                        outing with
                        {
                            Walkers =
                            [
                                .. Enumerable
                                    .Range(0, people)
                                    .Select(i => new WalkerEntry($"{i}", Routes.Ilva with { Name = $"Walker {i}", PackKg = 3 * i })),
                            ],
                        }
                    );
                    var each = answer.Containers.GroupBy(c => c.Walker).Select(g => g.ToList()).ToList();
                    each.Count.ShouldBe(people);
                    foreach (var own in each)
                    {
                        own.Select(c => c.VolumeL).ShouldBe(each[0].Select(c => c.VolumeL));
                        var litres = own.Sum(c => c.VolumeL!.Value);
                        litres.ShouldBeGreaterThanOrEqualTo(Math.Min(6, answer.BetweenL) - 1e-6);
                        // Without its last one it would not be enough.
                        (own.Count == 1 || litres - own[^1].VolumeL < answer.BetweenL).ShouldBeTrue();
                    }

                    answer.Ways.Count.ShouldBe(5);
                    // What holds half of it is at best half as good.
                    answer.Ways.ShouldAllBe(w => w.Score >= 0 && w.Score <= (100 * Math.Min(1, w.CapacityL / answer.BetweenL)) + 0.5);
                    answer.Ways.Select(w => w.Score).ShouldBeInOrder(SortDirection.Descending);
                },
                iter: 60
            );

    [Fact]
    public void A_camps_bag_stays()
    {
        var outing = Outing(20, 1, 10, 24);
        CarriedContainer bag = new("Camp bag", 10, Walker: "Ilva"),
            dirty = new("Raw bag", 2, JollyBrook.Core.Water.ContainerRole.Dirty);
        var answer = CarryWays.Compute(outing with { Route = outing.Route! with { Containers = [bag, new("Bottle", 1), dirty] } });
        answer.Containers.TakeLast(2).ShouldBe([bag, dirty]);
        answer.Containers.ShouldNotContain(c => c.Name == "Bottle");
    }

    [Fact]
    public void What_is_carried_now_does_not_say_what_there_is_to_carry()
    {
        var outing = Outing(20, 1, 10, 24);
        var tight = outing with { Route = outing.Route! with { Containers = [new CarriedContainer("Cup", 0.2)] } };
        CarryWays.Compute(tight).BetweenL.ShouldBe(CarryWays.Compute(outing).BetweenL);
    }

    /// <summary>Nor does what is assumed where no container is named, 3 L each.</summary>
    [Fact]
    public void A_long_way_without_water_asks_for_all_that_it_takes()
    {
        Gen.Select(Gen.Double[20, 60], Gen.Double[10, 34], Gen.Int[1, 3], Gen.OneOf(Gen.Const(0.5), Gen.Const(0.8), Gen.Const(0.95)))
            .Sample(
                (km, high, people, certainty) =>
                {
                    var outing = Outing(km, 1, high - 8, high);
                    outing = outing with
                    {
                        Route = outing.Route! with { Certainty = certainty },
                        Walkers = [.. Enumerable.Range(0, people).Select(i => new WalkerEntry($"{i}", Routes.Ilva))],
                    };
                    var answer = CarryWays.Compute(outing);
                    // All of it from the start, with the party's half litre to spare; alike walkers carry alike.
                    var needL = (Plan.Compute(outing).NeedL + 0.5) / people;
                    answer.BetweenL.ShouldBeGreaterThanOrEqualTo(Math.Min(needL, 12) - 0.01);
                    var holdsL = answer.Containers.Where(c => c.Walker == Routes.Ilva.Name).Sum(c => c.VolumeL!.Value) / people;
                    (holdsL >= answer.BetweenL - 1e-6 || answer.Headline.Contains("more of bags", StringComparison.Ordinal)).ShouldBeTrue();
                },
                iter: 40
            );
    }
}
