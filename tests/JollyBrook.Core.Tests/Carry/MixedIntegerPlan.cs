using Google.OrTools.LinearSolver;
using JollyBrook.Core.Carry;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>
/// The same plan as a mixed-integer model of water in hand, written without the shortest path: what is in hand flows from stop to
/// stop, each stop is filled at or not, and a general solver finds the least cost.
/// </summary>
internal static class MixedIntegerPlan
{
    private const double Big = 100;

    /// <returns>The least cost, or null when no plan fits.</returns>
    public static double? LeastCost(CarryProblem problem)
    {
        using var solver = Solver.CreateSolver("SCIP");
        var n = problem.Stops.Count - 1;
        var cost = solver.Objective();
        var reach = Level("reach", n + 1);
        var leave = Level("leave", n + 1);
        for (var i = 0; i < n; i++)
        {
            var stop = problem.Stops[i];
            var use = problem.UseL[i + 1] - problem.UseL[i];
            var effort = problem.EffortKm[i + 1] - problem.EffortKm[i];
            var fills = solver.MakeBoolVar($"fills {i}");
            if (i == 0)
            {
                solver.Add(fills == 1);
                solver.Add(leave[0] <= stop.CapacityL + stop.OnTheSpotL);
            }
            else
            {
                AtStop(i, stop, fills);
            }

            solver.Add(reach[i + 1] == leave[i] - use + (stop.DrinkL * fills));
            // In hand is level until the drink is used up, then falls evenly.
            cost.SetCoefficient(leave[i], cost.GetCoefficient(leave[i]) + (effort / 2));
            cost.SetCoefficient(reach[i + 1], cost.GetCoefficient(reach[i + 1]) + (effort / 2));
            cost.SetCoefficient(fills, cost.GetCoefficient(fills) + (effort * (use - stop.DrinkL) / 2 * (stop.DrinkL / use)));
        }

        solver.Add(reach[n] == problem.ReserveL);
        cost.SetMinimization();
        var end = solver.Solve();
        return end switch
        {
            Solver.ResultStatus.OPTIMAL => solver.Objective().Value(),
            Solver.ResultStatus.INFEASIBLE => null,
            _ => throw new InvalidOperationException($"The solver ended with {end}."),
        };

        Variable[] Level(string name, int count) => [.. Enumerable.Range(0, count).Select(i => solver.MakeNumVar(0, Big, $"{name} {i}"))];

        void AtStop(int i, CarryStop stop, Variable fills)
        {
            // On arrival at the water itself, after the way out to it: the reserve, or what the wait needs unless it is waited there.
            var waits = solver.MakeBoolVar($"waits {i}");
            var mustWait = stop.WaitNeedL > problem.ReserveL;
            solver.Add(waits <= (mustWait ? fills : 0 * fills));
            var more = mustWait ? stop.WaitNeedL - problem.ReserveL : 0;
            var taken = solver.MakeNumVar(0, Big, $"taken {i}");
            // reach − detour = reserve + more·(fills − waits) when filled at.
            solver.Add(reach[i] - stop.DetourUseL - problem.ReserveL - more + (more * waits) <= Big * (1 - fills));
            solver.Add(reach[i] - stop.DetourUseL - problem.ReserveL - more + (more * waits) >= Big * (fills - 1));
            // leaving the water = leave + detour when filled at; otherwise nothing changes.
            solver.Add(leave[i] - reach[i] <= Big * fills);
            solver.Add(leave[i] - reach[i] >= -Big * fills);
            solver.Add(leave[i] + stop.DetourUseL <= stop.CapacityL + stop.OnTheSpotL + (Big * (1 - fills)));
            solver.Add(taken >= leave[i] + (2 * stop.DetourUseL) + stop.DrinkL - reach[i] - (Big * (1 - fills)));
            cost.SetCoefficient(fills, problem.KgKmPerMinute * stop.StopMinutes);
            cost.SetCoefficient(waits, problem.KgKmPerMinute * stop.WaitMinutes);
            cost.SetCoefficient(taken, problem.KgKmPerMinute * stop.MinutesPerL);
        }
    }
}
