using Google.OrTools.LinearSolver;
using JollyBrook.Core.Carry.Promise;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>
/// A way whose waters all run, with camps that fetch, as a mixed-integer model: whole steps of litres in hand flow from place to place, a
/// camp draws its night where it fetches, or carries it there, or eats cold where that would not do; a general solver finds the least cost.
/// </summary>
internal static class FetchingCampPlan
{
    /// <returns>The least cost, or null when no plan fits.</returns>
    public static double? LeastCost(PolicyProblem problem)
    {
        using var solver = Solver.CreateSolver("SCIP");
        var cost = solver.Objective();
        var (n, step) = (problem.Places.Count - 1, problem.StepL);
        var most = problem.Places.SelectMany(p => p.Waters).Max(w => w.CapacityL);
        var arrive = Enumerable.Range(0, n + 1).Select(k => solver.MakeIntVar(0, most / step, $"arrive {k}")).ToList();
        solver.Add(arrive[0] == 0);
        for (var k = 0; k < n; k++)
        {
            var place = problem.Places[k];
            var leave = solver.MakeIntVar(0, most / step, $"leave {k}");
            LinearExpr filled = new(),
                takenInAll = new();
            for (var j = 0; j < place.Waters.Count; j++)
            {
                var water = place.Waters[j];
                var fills = solver.MakeBoolVar($"fills {k} {j}");
                // A camp uses what it came with first, and draws the rest.
                var taken = solver.MakeNumVar(-place.NightL, most, $"taken {k} {j}");
                solver.Add(taken <= most * fills);
                solver.Add(taken >= -place.NightL * fills);
                solver.Add(step * leave <= water.CapacityL + (most * (1 - fills)));
                (filled, takenInAll) = (filled + fills, takenInAll + taken);
                var perL = (problem.KgKmPerMinute * water.MinutesPerL) + water.KgKmPerL;
                cost.SetCoefficient(taken, perL);
                cost.SetCoefficient(fills, (problem.KgKmPerMinute * water.TripMinutes) + (perL * place.NightL));
            }

            solver.Add(filled <= 1);
            solver.Add(step * leave == (step * arrive[k]) + takenInAll);
            // A cold supper only where nothing is fetched, and just where a warm one would take what the way on needs.
            var cold = solver.MakeBoolVar($"cold {k}");
            solver.Add(cold <= 1 - filled);
            if (place.NightL > place.DryNightL)
            {
                var much = 2 * (most + place.NightL + place.NeedL);
                var over = (step * arrive[k]) - place.NightL - place.NeedL;
                solver.Add(over <= (-step / 2) + (much * (1 - cold)));
                solver.Add(over >= -much * (cold + filled));
            }

            cost.SetCoefficient(cold, PolicyProblem.LeftOutPrice * (place.NightL - place.DryNightL));
            var set = solver.MakeNumVar(0, most, $"sets off {k}");
            solver.Add(set == (step * leave) - (place.NightL * (1 - filled)) + ((place.NightL - place.DryNightL) * cold));
            solver.Add(step * arrive[k + 1] == set - place.NeedL);
            cost.SetCoefficient(set, place.EffortKm);
            cost.SetOffset(cost.Offset() - (place.NeedL / 2 * place.EffortKm));
            if (k + 1 == n || problem.Places[k + 1].Waters.Count > 0)
            {
                var below = solver.MakeNumVar(0, problem.ReserveL, $"below {k + 1}");
                solver.Add(below >= problem.ReserveL - (step * arrive[k + 1]));
                cost.SetCoefficient(below, PolicyProblem.BelowReservePrice);
            }
        }

        cost.SetMinimization();
        var end = solver.Solve();
        return end switch
        {
            Solver.ResultStatus.OPTIMAL => solver.Objective().Value(),
            Solver.ResultStatus.INFEASIBLE => null,
            _ => throw new InvalidOperationException($"The solver ended with {end}."),
        };
    }
}
