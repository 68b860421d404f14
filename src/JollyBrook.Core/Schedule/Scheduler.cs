using JollyBrook.Core.Chance;

namespace JollyBrook.Core.Schedule;

/// <summary>
/// List scheduling by deadline, then by longest chain (handbook room 80), bettered by trying other orders: least lateness first, then the
/// earliest end. Few blocks are tried in every order; more are shuffled by a seeded stream, so that the same day gives the same schedule.
/// </summary>
internal static class Scheduler
{
    /// <summary>Orders tried in full below this many blocks.</summary>
    private const int FewBlocks = 9;

    /// <summary>Nodes of the full search.</summary>
    private const int MostNodes = 12_000;

    /// <summary>Block placements spent on shuffled orders.</summary>
    private const int Placements = 2_500;
    private const int MostShuffles = 200;

    public static ShopSolution Solve(ShopProblem problem)
    {
        var blocks = problem.Jobs.Sum(j => j.Blocks.Count);
        var best = Quick(problem);
        if (IsIdeal(problem, best))
        {
            return best;
        }

        return blocks <= FewBlocks
            ? new OrderSearch(problem, MostNodes, Mark(problem, best)).Run() ?? best
            : Shuffled(problem, blocks, best);
    }

    /// <summary>The best of the plain rules.</summary>
    public static ShopSolution Quick(ShopProblem problem) =>
        Rules.Select(rule => ByKeys(problem, [.. problem.Jobs.Select(rule)])).MinBy(s => Mark(problem, s))!;

    /// <summary>Lateness, then the end of all, then the sum of ends.</summary>
    public static (long Late, int Makespan, long Sum) Mark(ShopProblem problem, ShopSolution solution) =>
        (solution.LateMinutes(problem), solution.Makespan, solution.Ready.Sum(r => (long)r));

    private static readonly Func<Job, double>[] Rules =
    [
        j => j.Due - (j.Minutes / 10_000.0),
        j => j.Due - j.Minutes,
        j => -(j.Minutes - j.HandsMinutes),
        j => -j.Minutes,
        j => j.HandsMinutes,
    ];

    /// <summary>Nothing is late and nothing could end sooner than the longest job by itself.</summary>
    private static bool IsIdeal(ShopProblem problem, ShopSolution solution) =>
        solution.LateMinutes(problem) == 0
        && solution.Makespan <= problem.Jobs.Select(j => j.NotBefore + j.Minutes).DefaultIfEmpty(0).Max();

    /// <summary>
    /// Blocks in the order of their jobs' keys, a job's later ones a little behind, so that other hands-on work may come between.
    /// </summary>
    private static ShopSolution ByKeys(ShopProblem problem, double[] keys, double[][]? own = null)
    {
        var board = new Board(problem);
        var next = new int[keys.Length];
        var open = problem.Jobs.Sum(j => j.Blocks.Count);
        while (open-- > 0)
        {
            var chosen = -1;
            var least = (First: true, Key: double.MaxValue);
            for (var j = 0; j < keys.Length; j++)
            {
                if (board.IsOpen(j))
                {
                    var key = (First: !problem.Jobs[j].First, Key: own is null ? keys[j] : own[j][next[j]]);
                    if (chosen < 0 || key.CompareTo(least) < 0)
                    {
                        (chosen, least) = (j, key);
                    }
                }
            }

            board.Place(chosen);
            next[chosen]++;
        }

        return board.Solution;
    }

    private static ShopSolution Shuffled(ShopProblem problem, int blocks, ShopSolution best)
    {
        var mark = Mark(problem, best);
        var random = new RandomStream(1);
        var span = Math.Max(1, problem.Jobs.Max(j => j.Due) - problem.Jobs.Min(j => j.Due) + problem.Jobs.Max(j => j.Minutes));
        var tries = Math.Min(MostShuffles, Placements / Math.Max(1, blocks));
        for (var i = 0; i < tries; i++)
        {
            var rule = Rules[i % Rules.Length];
            // From a little disorder to much.
            var spread = span * (i + 1.0) / tries;
            double[][] own =
            [
                .. problem.Jobs.Select(j =>
                    j.Blocks.Select((_, b) => rule(j) + (b * 1e-3) + (spread * (random.Uniform() - 0.5))).ToArray()
                ),
            ];
            var found = ByKeys(problem, [.. own.Select(o => o[0])], own);
            if (Mark(problem, found) is var its && its.CompareTo(mark) < 0)
            {
                (best, mark) = (found, its);
            }
        }

        return best;
    }
}
