using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Tests.Carry;

public sealed class PolicyOddsTests
{
    private const int Walks = 20_000;

    /// <summary>A plan is judged as by so many walks: the choice of conditions may be off by three standard errors of them.</summary>
    private const int JudgedAsBy = 1_000;

    /// <summary>
    /// Reckoned or walked, a policy runs short as often and costs as much, whatever the trip, its camps and what they fetch.
    /// </summary>
    [Fact]
    public void What_is_reckoned_is_what_walks_that_are_drawn_come_to() =>
        GeneratedTrips.Any.Sample(
            trip =>
            {
                var (setup, walk, simulation) = Of(trip);
                var (reckoned, cost) = PlanPromise.OddsOf(simulation).Reckon(walk.Decide);
                var tally = simulation.Run(walk.Decide, Walks, 3, keepsLitres: false);

                var share = (double)tally.RunsShort / Walks;
                var deviation = Math.Sqrt(Math.Max(share, 0.005) * (1 - Math.Min(share, 0.995)));
                reckoned.ShouldBe(share, deviation * ((3 / Math.Sqrt(JudgedAsBy)) + (4 / Math.Sqrt(Walks))));
                var walked = (tally.KgKm + (setup.KgKmPerMinute * tally.Minutes) + tally.Owed) / Walks;
                cost.ShouldBe(walked, 1 + (0.03 * walked));
            },
            iter: 60
        );

    /// <summary>
    /// Policies that end alike share what becomes of those who come there: it changes nothing of what one comes to, whichever were reckoned
    /// before it, and one that runs short more often than is wanted is given up, and no other.
    /// </summary>
    [Fact]
    public void What_is_remembered_of_other_policies_changes_nothing() =>
        Gen.Select(GeneratedTrips.Any, Gen.Select(Gen.Double[5, 8_000], Gen.Double[5, 8_000], Gen.Double.Unit, Gen.Double.Unit).Array[1, 4])
            .Sample(
                (trip, turns) =>
                {
                    var setup = new PlanSetup(trip);
                    var way = new PolicyWay(setup);
                    var simulation = CarrySimulation.Of(setup, way);
                    var (odds, alone) = (simulation.Odds(5), simulation.Odds(5));
                    var solver = new PolicySolver(way.Problem, [.. simulation.Cases(2)]);
                    foreach (var (price, otherPrice, share, most) in turns)
                    {
                        var (one, other) = (solver.Solve(price), solver.Solve(otherPrice));
                        var place = (int)(share * (way.Problem.Places.Count - 1));
                        foreach (var table in (PolicyTable[])[one, other, one.Then(other, place), one.But(other, place)])
                        {
                            var policy = new RaisedPolicy(way, table);
                            var fate = alone.Reckon(policy.Leave);

                            var remembered = odds.Reckon(policy, double.PositiveInfinity)!.Value;
                            remembered.ShortChance.ShouldBe(fate.ShortChance, 1e-5);
                            remembered.Cost.ShouldBe(fate.Cost, 1e-5 * (1 + fate.Cost));
                            if (Math.Abs(fate.ShortChance - most) > 1e-5)
                            {
                                odds.Reckon(policy, most).HasValue.ShouldBe(fate.ShortChance < most);
                            }
                        }
                    }
                },
                iter: 60
            );

    /// <summary>
    /// Nobody carries past a well: where it is dry the walk is short, whatever is needed. It stands at the camp, where it is met in the
    /// evening and in the morning, and dry or not it is so both times: 1 − p, and not its square.
    /// </summary>
    [Theory]
    [InlineData(0.5)]
    [InlineData(0.9)]
    [InlineData(0.99)]
    public void A_source_met_twice_is_dry_both_times(double p)
    {
        var (setup, _, _) = Of(GeneratedTrips.Of(2, 20, 0, [new TripSource("Well", SourceClass.TankOrTap, 0.5, Chance: p)], 1, 22));
        var way = new PolicyWay(setup);
        var route = SimulatedRoute.Of(setup, way);
        route.SourceOf.SelectMany(s => s).Count(s => s == 0).ShouldBe(2);
        var draws = new WalkDraws([(0.1, 1)], 2, [new SourceChance(p, 0)]);
        var odds = new PolicyOdds(route, Condition.Choose(route, draws, 5));

        // Just what the median asks for and a half more up to the well, and plenty from it.
        double? Decide(int k, int j, double inHandL) => k == 0 ? route.Legs[0].NeedL * 2 : inHandL + 8;
        odds.Reckon(Decide).ShortChance.ShouldBe(1 - p, 1e-9);
    }

    /// <summary>Weights are shares of all walks, and nobody's are left out.</summary>
    [Fact]
    public void Conditions_stand_for_all_walks()
    {
        var (_, _, simulation) = Of(
            GeneratedTrips.Of(1, 24, 0, [new TripSource("Brook", SourceClass.SeasonalInSeason, 0.4, Chance: 0.8)], 1, 36)
        );
        // With nothing ever taken every walk is short.
        simulation.Odds(6).Reckon((_, _, inHandL) => inHandL).ShortChance.ShouldBe(1, 1e-9);
        // With far too much none is.
        simulation.Odds(6).Reckon((_, _, _) => 500).ShortChance.ShouldBe(0, 1e-9);
    }

    /// <summary>A surer source never makes a policy that is kept to run short more often, not by the least.</summary>
    [Fact]
    public void A_surer_source_never_makes_one_and_the_same_policy_run_short_more_often() =>
        Gen.Select(Gen.Double[0.02, 0.99], Gen.Double[0, 0.98], Gen.Double[0, 6], Gen.Double[0, 8])
            .Sample(
                (p, more, start, leave) =>
                {
                    double Short(double chance)
                    {
                        var trip = GeneratedTrips.Of(
                            1,
                            24,
                            0,
                            [new TripSource("Brook", SourceClass.SeasonalInSeason, 0.45, Chance: chance)],
                            1,
                            22
                        );
                        return Of(trip).Simulation.Odds(5).Reckon((k, _, inHandL) => Math.Max(inHandL, k == 0 ? start : leave)).ShortChance;
                    }

                    Short(p + (more * (1 - p))).ShouldBeLessThanOrEqualTo(Short(p) + 1e-9);
                },
                iter: 60
            );

    private static (PlanSetup Setup, PlannedWalk Walk, CarrySimulation Simulation) Of(PlanRequest trip)
    {
        var setup = new PlanSetup(trip);
        var walk = PlanSolver.Solve(setup);
        return (setup, walk, CarrySimulation.Of(setup, new PolicyWay(setup)));
    }
}
