using CsCheck;
using JollyBrook.Core.Carry;

namespace JollyBrook.Core.Tests.Carry;

public sealed class SolverTests
{
    /// <summary>
    /// A generic mixed-integer solver on 360 generated routes finds the same cost, and finds none where the plan says none fits.
    /// </summary>
    [Fact]
    public void The_plan_is_the_optimum_of_a_general_model()
    {
        var impossible = 0;
        foreach (var problem in Problems.Any.Array[360].Single())
        {
            var plan = CarrySolver.Solve(problem);
            var best = MixedIntegerPlan.LeastCost(problem);
            plan.IsFeasible.ShouldBe(best is not null);
            impossible += best is null ? 1 : 0;
            if (best is { } cost)
            {
                plan.Cost.ShouldBe(cost, 1e-4 * Math.Max(1, cost));
            }
        }

        impossible.ShouldBeInRange(20, 300); // both kinds were among them
    }

    /// <summary>
    /// 10 km with a spring at 6 km, 0.5 L/km, reserve 1 L, no worth of minutes. Leave with 3 + 1 = 4 L, mean 2.5 over 6 km: 15; take 2 L,
    /// leave with 3, mean 2 over 4 km: 8. Together 23 kg·km. Walking by: 6 L, mean 3.5 over 10 km: 35.
    /// </summary>
    [Fact]
    public void A_spring_on_the_way_worked_by_hand()
    {
        CarryProblem With(double lambda, double minutes) =>
            new([0, 3, 5], [0, 6, 10], [0, 9, 25], [new(0, 10), new(1, 10, StopMinutes: minutes), new(2, 0)], 1, lambda);
        var plan = CarrySolver.Solve(With(0, 0));
        plan.Cost.ShouldBe(23, 1e-9);
        plan.Fills.Select(f => f.LeaveL).ShouldBe([4, 3]);
        plan.Fills[1].TakenL.ShouldBe(2, 1e-9);
        // 12 kg·km are saved: worth 47 minutes at 0.25, not 49.
        CarrySolver.Solve(With(0.25, 47)).Fills.Count.ShouldBe(2);
        CarrySolver.Solve(With(0.25, 49)).Fills.Count.ShouldBe(1);
    }

    /// <summary>
    /// But for what is saved where the reserve itself, carried along a leg of hardly any effort, need not be filled at a slow water: a leg is
    /// walked with what it takes and the reserve, never with more for a water after it.
    /// </summary>
    [Fact]
    public void A_bigger_reserve_is_never_a_lighter_burden() =>
        Problems.Any.Sample(problem =>
        {
            const double bigger = 0.3;
            var more = CarrySolver.Solve(problem with { ReserveL = problem.ReserveL + bigger });
            var plan = CarrySolver.Solve(problem);
            var saved = bigger * problem.Stops.Max(s => s.MinutesPerL) * problem.KgKmPerMinute;
            (!more.IsFeasible || more.Cost >= plan.Cost - saved - 1e-9).ShouldBeTrue();
            (plan.IsFeasible || !more.IsFeasible).ShouldBeTrue();
        });

    [Fact]
    public void One_more_source_on_the_line_never_makes_it_worse() =>
        Problems.Any.Sample(problem =>
        {
            var without = problem with { Stops = [.. problem.Stops.Where((_, i) => i != 1 || problem.Stops.Count < 3)] };
            var (with, less) = (CarrySolver.Solve(problem), CarrySolver.Solve(without));
            (!less.IsFeasible || (with.IsFeasible && with.Cost <= less.Cost + 1e-9)).ShouldBeTrue();
        });

    [Fact]
    public void Where_minutes_are_worth_nothing_every_stop_on_the_line_is_filled_at() =>
        Problems.Any.Sample(problem =>
        {
            var plan = CarrySolver.Solve(
                problem with
                {
                    KgKmPerMinute = 0,
                    Stops =
                    [
                        .. problem.Stops.Select(s => s with { CapacityL = 100, DetourUseL = 0, WaitNeedL = 0, DrinkL = 0, OnTheSpotL = 0 }),
                    ],
                    EffortKm = [.. problem.EffortKm.Select((e, i) => e + (i * 0.01))],
                    UseByEffort =
                    [
                        .. problem.UseByEffort.Select(
                            (a, i) => a + Enumerable.Range(0, i).Sum(k => (problem.UseL[k] + problem.UseL[k + 1]) / 2 * 0.01)
                        ),
                    ],
                }
            );
            plan.Fills.Count.ShouldBe(problem.Stops.Count - 1);
        });
}
