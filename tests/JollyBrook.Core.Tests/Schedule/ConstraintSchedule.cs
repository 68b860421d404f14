using Google.OrTools.Sat;
using JollyBrook.Core.Schedule;

namespace JollyBrook.Core.Tests.Schedule;

/// <summary>
/// The same day as a constraint model: starts of blocks are free, a general solver finds the least lateness, then the earliest end.
/// </summary>
internal static class ConstraintSchedule
{
    private const int Horizon = 4000;
    private const int Weight = 10_000;

    /// <returns>The least lateness in all, and the earliest end that goes with it.</returns>
    public static (long Late, long Makespan) Best(ShopProblem problem)
    {
        var model = new CpModel();
        Dictionary<string, List<IntervalVar>> held = [];
        var hands = model.AddCumulative(problem.People);
        foreach (var (from, until) in problem.Quiet)
        {
            hands.AddDemand(model.NewFixedSizeIntervalVar(from, until - from, "quiet"), problem.People);
        }

        var end = model.NewIntVar(0, Horizon, "end");
        List<LinearExpr> late = [];
        foreach (var job in problem.Jobs)
        {
            IntVar? first = null,
                before = null;
            var beforeMinutes = 0;
            foreach (var block in job.Blocks)
            {
                var start = model.NewIntVar(job.NotBefore, Horizon, job.Key);
                if (before is not null)
                {
                    model.Add(start >= before + beforeMinutes);
                }

                first ??= start;
                foreach (var id in block.Equipment)
                {
                    Hold(id, model.NewFixedSizeIntervalVar(start, block.Minutes, id));
                }

                var offset = 0;
                foreach (var segment in block.Segments)
                {
                    if (segment.Hands)
                    {
                        hands.AddDemand(model.NewFixedSizeIntervalVar(start + offset, segment.Minutes, "hands"), 1);
                    }

                    offset += segment.Minutes;
                }

                (before, beforeMinutes) = (start, block.Minutes);
            }

            var ready = before! + beforeMinutes;
            model.Add(end >= ready);
            var behind = model.NewIntVar(0, Horizon, "late");
            model.Add(behind >= ready - job.Due);
            late.Add(behind);
            if (job.Container is { } container)
            {
                var free = model.NewIntVar(0, Horizon, "free");
                var size = model.NewIntVar(0, Horizon, "size");
                model.Add(free >= ready);
                model.Add(free >= job.HoldUntil);
                Hold("container " + container, model.NewIntervalVar(first!, size, free, "container"));
            }
        }

        foreach (var intervals in held.Values)
        {
            model.AddNoOverlap(intervals);
        }

        model.Minimize((LinearExpr.Sum(late) * Weight) + end);
        var solver = new CpSolver { StringParameters = "num_workers:1, random_seed:1" };
        solver.Solve(model).ShouldBe(CpSolverStatus.Optimal);
        return ((long)solver.ObjectiveValue / Weight, (long)solver.ObjectiveValue % Weight);

        void Hold(string id, IntervalVar interval)
        {
            if (!held.TryGetValue(id, out var list))
            {
                held.Add(id, list = []);
            }

            list.Add(interval);
        }
    }
}
