using CsCheck;
using JollyBrook.Core.Carry.Promise;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>The policy of least expected cost against every decision tried at every state, and what must hold of any.</summary>
public sealed class PolicyTests
{
    private const double Step = 0.5;

    private static readonly Gen<PolicyWater> Water =
        from chance in Gen.OneOf(Gen.Const(1.0), Gen.Double[0.05, 0.99])
        from capacity in Gen.Int[1, 6]
        from trip in Gen.Double[0, 40]
        from perL in Gen.Double[0, 10]
        from drink in Gen.Int[0, 1]
        from cache in Gen.OneOf(Gen.Const(double.PositiveInfinity), Gen.Int[0, 4].Select(c => c * Step))
        from waits in Gen.Bool
        from hidden in Gen.Bool
        select new PolicyWater(chance, capacity * Step)
        {
            TripMinutes = trip,
            MinutesPerL = perL,
            DrinkL = drink * Step,
            CacheL = cache,
            WaitNeedL = waits ? Step : 0,
            WaitMinutes = waits ? 30 : 0,
            KgKmPerL = perL / 5,
            IsSeenOnlyThere = hidden,
        };

    private static readonly Gen<PolicyPlace> Place =
        from need in Gen.Int[0, 3]
        from effort in Gen.Double[0, 9]
        from hours in Gen.Double[0, 3]
        from waters in Water.Array[0, 2]
        from night in Gen.Frequency((4, Gen.Const(0)), (1, Gen.Int[1, 3]))
        from dry in Gen.Int[0, 1]
        select new PolicyPlace(need * Step, effort, hours)
        {
            Waters = waters,
            NightL = night * Step,
            DryNightL = Math.Max(0, night - dry) * Step,
        };

    private static readonly Gen<PolicyProblem> Small =
        from start in Gen.Int[1, 6]
        from first in Place
        from places in Place.Array[1, 3]
        from reserve in Gen.Int[0, 2]
        from debt in Gen.Int[0, 2]
        select new PolicyProblem(
            [first with { Waters = [new PolicyWater(1, start * Step)], NightL = 0, DryNightL = 0 }, .. places, new PolicyPlace(0, 0, 0)],
            Step
        )
        {
            ReserveL = reserve * Step / 2,
            DebtL = debt * Step,
            KgKmPerMinute = 0.25,
        };

    /// <summary>
    /// Every amount to leave with tried at every place, in hand and outcome, with nothing remembered: no policy does better.
    /// </summary>
    [Fact]
    public void No_policy_is_cheaper() =>
        Gen.Select(Small, Gen.OneOf(Gen.Const(5.0), Gen.Const(300.0), Gen.Const(10_000.0)))
            .Sample(
                (problem, price) =>
                    new PolicySolver(problem).Solve(price).ExpectedCost.ShouldBe(new Everything(problem, price).Cost(), 1e-6),
                iter: 400
            );

    /// <summary>Two to seven legs with water that runs, every third or so a camp with one or two waters about it to fetch from.</summary>
    private static readonly Gen<PolicyProblem> Sure =
        from start in Gen.Int[4, 9]
        from places in (
            from need in Gen.Int[0, 3]
            from effort in Gen.Int[0, 90]
            from waters in (
                from capacity in Gen.Int[1, 9]
                from trip in Gen.Int[0, 60]
                from perL in Gen.Int[0, 50]
                select new PolicyWater(1, capacity * Step)
                {
                    TripMinutes = trip,
                    MinutesPerL = perL / 10.0,
                    KgKmPerL = perL / 50.0,
                }
            ).Array[0, 2]
            from night in Gen.Frequency((2, Gen.Const(0)), (1, Gen.Int[1, 4]))
            from dry in Gen.Int[0, 2]
            select new PolicyPlace(need * Step, effort / 10.0, 1)
            {
                Waters = waters,
                NightL = night * Step,
                DryNightL = Math.Max(0, night - dry) * Step,
            }
        ).Array[2, 7]
        from reserve in Gen.Int[0, 2]
        select new PolicyProblem(
            [new PolicyPlace(Step, 2, 1) { Waters = [new PolicyWater(1, start * Step)] }, .. places, new PolicyPlace(0, 0, 0)],
            Step
        )
        {
            ReserveL = reserve * Step / 2,
            KgKmPerMinute = 0.25,
        };

    /// <summary>
    /// A general mixed-integer solver finds the same cost on 320 generated ways with camps that fetch, and none where the plan runs short.
    /// </summary>
    [Fact]
    public void With_water_that_runs_it_is_the_optimum_of_a_general_model()
    {
        const double Never = 1e7;
        var (impossible, fetching) = (0, 0);
        foreach (var problem in Sure.Array[320].Single())
        {
            var plan = new PolicySolver(problem).Solve(Never).ExpectedCost;
            var best = FetchingCampPlan.LeastCost(problem);
            (plan < Never).ShouldBe(best is not null);
            impossible += best is null ? 1 : 0;
            fetching += problem.Places.Any(p => p is { NightL: > 0, Waters.Count: > 0 }) ? 1 : 0;
            if (best is { } cost)
            {
                plan.ShouldBe(cost, 1e-4 * Math.Max(1, cost));
            }
        }

        impossible.ShouldBeInRange(10, 300);
        fetching.ShouldBeGreaterThan(100);
    }

    /// <summary>Some waters are of one source, which runs or is dry for all of them.</summary>
    private static readonly Gen<PolicyProblem> MetAgain =
        from problem in Small
        from sources in Gen.Int[-1, 1].Array[12]
        from chances in Gen.Double[0.05, 0.99].Array[2]
        select problem with
        {
            Places =
            [
                .. problem.Places.Select(
                    (p, k) =>
                        k == 0
                            ? p
                            : p with
                            {
                                Waters =
                                [
                                    .. p.Waters.Select(
                                        (w, j) =>
                                            sources[(2 * k) + j] is var s and >= 0 && (j == 0 || sources[2 * k] != s)
                                                ? w with
                                                {
                                                    Source = s,
                                                    Chance = chances[s],
                                                }
                                                : w
                                    ),
                                ],
                            }
                ),
            ],
        };

    /// <summary>
    /// The table, followed through every outcome by its chance, costs what it says: it is a policy that can be walked. What was found dry
    /// stays dry.
    /// </summary>
    [Fact]
    public void A_table_followed_costs_what_it_says() =>
        Gen.Select(MetAgain, Gen.OneOf(Gen.Const(5.0), Gen.Const(300.0), Gen.Const(10_000.0)))
            .Sample(
                (problem, price) =>
                {
                    var solver = new PolicySolver(problem);
                    var table = solver.Solve(price);
                    new Everything(problem, price, table, solver.Solve(0)).Cost().ShouldBe(table.ExpectedCost, 1e-6);
                },
                iter: 400
            );

    [Fact]
    public void Another_water_never_costs_more() =>
        Gen.Select(Small, Gen.Int[1, 4], Water)
            .Sample(
                (problem, at, water) =>
                {
                    List<PolicyPlace> places = [.. problem.Places];
                    var k = Math.Min(at, places.Count - 2);
                    places[k] = places[k] with { Waters = [.. places[k].Waters, water] };
                    // With a reserve, a place with water is one to arrive at with it.
                    var (before, after) = (problem with { ReserveL = 0 }, problem with { ReserveL = 0, Places = places });
                    new PolicySolver(after)
                        .Solve(1000)
                        .ExpectedCost.ShouldBeLessThanOrEqualTo(new PolicySolver(before).Solve(1000).ExpectedCost + 1e-6);
                },
                iter: 400
            );

    [Fact]
    public void Surer_and_closer_never_costs_more() =>
        Gen.Select(Small, Gen.Double[0, 1], Gen.Double[0, 1])
            .Sample(
                (problem, surer, closer) =>
                {
                    var better = problem with
                    {
                        Places =
                        [
                            .. problem.Places.Select(p =>
                                p with
                                {
                                    Waters =
                                    [
                                        .. p.Waters.Select(w =>
                                            w with
                                            {
                                                Chance = w.Chance + ((1 - w.Chance) * surer),
                                                TripMinutes = w.TripMinutes * closer,
                                            }
                                        ),
                                    ],
                                }
                            ),
                        ],
                    };
                    new PolicySolver(better)
                        .Solve(1000)
                        .ExpectedCost.ShouldBeLessThanOrEqualTo(new PolicySolver(problem).Solve(1000).ExpectedCost + 1e-6);
                },
                iter: 400
            );

    [Fact]
    public void Where_all_is_sure_and_minutes_are_free_it_fills_everywhere()
    {
        var place = new PolicyPlace(1, 4, 1) { Waters = [new PolicyWater(1, 6)] };
        var problem = new PolicyProblem([place, place, place, place, new PolicyPlace(0, 0, 0)], 0.1) { KgKmPerMinute = 0, ReserveL = 0.5 };
        var table = new PolicySolver(problem).Solve(1e6);
        var hand = 0.0;
        for (var k = 0; k < 4; k++)
        {
            var leave = table.LeaveWith(k, 0, hand).ShouldNotBeNull();
            // A litre to the next, and the reserve on arriving there.
            leave.ShouldBe(1.5, 1e-9);
            hand = leave - 1;
        }
    }

    /// <summary>
    /// Two legs of 2 L over 10 km and 2 h, a source between that runs with p. Carrying all past it: 10·3 + 10·1 = 40. Half, filled there:
    /// 10, then 0.25·20 + 10 with p, else 10·1·2 owed and μ: for p = 0.9 that is 25.5 + 0.1·μ. The two meet at μ = 145.
    /// </summary>
    [Fact]
    public void What_may_be_dry_is_carried_for_when_running_short_costs_enough()
    {
        PolicyProblem Of(double chance) =>
            new(
                [
                    new PolicyPlace(2, 10, 2) { Waters = [new PolicyWater(1, 4)] },
                    new PolicyPlace(2, 10, 2) { Waters = [new PolicyWater(chance, 4) { TripMinutes = 20 }] },
                    new PolicyPlace(0, 0, 0),
                ],
                1
            );
        new PolicySolver(Of(0.9)).Solve(50).LeaveWith(0, 0, 0).ShouldBe(2);
        new PolicySolver(Of(0.9)).Solve(500).LeaveWith(0, 0, 0).ShouldBe(4);
        new PolicySolver(Of(1)).Solve(1e9).LeaveWith(0, 0, 0).ShouldBe(2);
        new PolicySolver(Of(0)).Solve(500).LeaveWith(0, 0, 0).ShouldBe(4);
    }

    /// <summary>A level of 3 L falling by 4 is above 0 for three quarters of the way, 1.5 on average of it: 1.125.</summary>
    [Theory]
    [InlineData(3, 4, 1.125)]
    [InlineData(3, 2, 2)]
    [InlineData(-1, 2, 0)]
    [InlineData(2, 0, 2)]
    public void The_mean_of_what_is_carried(double level, double fall, double mean) =>
        PolicyLeg.MeanAbove(level, fall).ShouldBe(mean, 1e-12);

    /// <summary>Written apart from the solver: forward, by recursion, with legs cut into slices instead of integrals.</summary>
    /// <summary>What a walk is like on arriving at a water: what is in hand, and what it found of two sources.</summary>
    private readonly record struct Walk(double Hand, bool? First = null, bool? Second = null)
    {
        public bool? Knows(int source) =>
            source switch
            {
                0 => First,
                1 => Second,
                _ => null,
            };

        public Walk Found(int source, bool runs) =>
            source < 0 ? this
            : source == 0 ? this with { First = runs }
            : this with { Second = runs };
    }

    /// <param name="problem">The problem.</param>
    /// <param name="price">Of running short, once.</param>
    /// <param name="table">What is followed; null for trying every amount.</param>
    /// <param name="onceShort">What is followed once short, as if that were free; null for trying every amount.</param>
    private sealed class Everything(PolicyProblem problem, double price, PolicyTable? table = null, PolicyTable? onceShort = null)
    {
        private const int Slices = 4000;
        private readonly Dictionary<(PolicyPlace, double, double), double> _legs = [];
        private Everything? _free;

        public double Cost() => Cost(0, new Walk(0));

        private double Cost(int k, Walk walk)
        {
            var place = problem.Places[k];
            var last = k == problem.Places.Count - 1;
            var arrival = k > 0 && (last || place.Waters.Count > 0) ? 50 * Math.Max(0, problem.ReserveL - Math.Max(0, walk.Hand)) : 0;
            return arrival + (last ? 0 : From(k, 0, walk));
        }

        private double From(int k, int j, Walk walk)
        {
            var (place, hand) = (problem.Places[k], walk.Hand);
            if (j == place.Waters.Count)
            {
                // Nobody cooks with what the way on needs.
                return hand - place.NightL >= place.NeedL - 1e-9
                    ? On(k, walk with { Hand = hand - place.NightL }, 0)
                    : (10 * (place.NightL - place.DryNightL)) + On(k, walk with { Hand = hand - place.DryNightL }, 0);
            }

            if (table is not null)
            {
                return table.LeaveWith(k, j, hand) is { } told ? Filling(k, j, walk, told) : From(k, j + 1, walk);
            }

            var water = place.Waters[j];
            // Nobody sets out with nothing.
            var best = k == 0 ? double.PositiveInfinity : From(k, j + 1, walk);
            // A camp uses what it came with first.
            var least = place.NightL > 0 ? Math.Min(hand, Math.Max(0, hand - place.NightL)) : hand + problem.StepL;
            for (var leave = least; leave <= Math.Min(water.CapacityL + water.DrinkL, hand + water.CacheL) + 1e-9; leave += problem.StepL)
            {
                best = Math.Min(best, Filling(k, j, walk, leave));
            }

            return best;
        }

        private double Filling(int k, int j, Walk walk, double leave)
        {
            var (place, hand) = (problem.Places[k], walk.Hand);
            var water = place.Waters[j];
            var chance = walk.Knows(water.Source) switch
            {
                true => 1,
                false => 0,
                null => water.Chance,
            };
            var taken = leave - hand;
            var missing = water.WaitNeedL - hand;
            // Half an hour's wait: 7.5, or 10 for each litre owed for an hour, half of what is missing for half an hour.
            var wait =
                missing <= 1e-9 || water.WaitMinutes == 0 ? 0
                : missing <= problem.DebtL + 1e-9 ? Math.Min(7.5, 2.5 * missing)
                : 7.5;
            var there =
                (0.25 * (taken + place.NightL) * water.MinutesPerL)
                + wait
                + ((taken + place.NightL) * water.KgKmPerL)
                + On(k, walk.Found(water.Source, true) with { Hand = leave }, water.DrinkL);
            var dry = From(k, j + 1, walk.Found(water.Source, false));
            var trip = 0.25 * water.TripMinutes;
            return water.IsSeenOnlyThere
                ? trip + (chance * there) + ((1 - chance) * dry)
                : (chance * (trip + there)) + ((1 - chance) * dry);
        }

        private double On(int k, Walk walk, double inBody)
        {
            var (place, hand) = (problem.Places[k], walk.Hand);
            var after = hand - place.NeedL;
            var leg = Leg(place, hand, inBody);
            if (after >= -problem.DebtL - 1e-9)
            {
                return leg + Cost(k + 1, walk with { Hand = after });
            }

            _free ??= price > 0 ? new Everything(problem, 0, onceShort) : this;
            return leg + price + _free.Cost(k + 1, new Walk(-problem.DebtL));
        }

        private double Leg(PolicyPlace place, double hand, double inBody)
        {
            if (_legs.TryGetValue((place, hand, inBody), out var known))
            {
                return known;
            }

            var sum = 0.0;
            for (var s = 0; s < Slices; s++)
            {
                var used = place.NeedL * (s + 0.5) / Slices;
                var carried = Math.Max(0, hand - used) - Math.Max(0, Math.Min(inBody, Math.Max(0, hand)) - used);
                sum += ((carried * place.EffortKm) + (10 * Math.Max(0, used - hand) * place.Hours)) / Slices;
            }

            return _legs[(place, hand, inBody)] = sum;
        }
    }
}
