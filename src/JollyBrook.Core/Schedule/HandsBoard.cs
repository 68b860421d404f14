namespace JollyBrook.Core.Schedule;

/// <summary>Who does which hands-on stretch: by start, each to whoever has been free the longest (interval partitioning).</summary>
internal sealed class HandsBoard
{
    private readonly Dictionary<(int Job, int Block, int Segment), int> _who = [];
    private readonly Dictionary<int, List<(int From, int Until)>> _work = [];

    private HandsBoard() { }

    public int Who(int job, int block, int segment) => _who[(job, block, segment)];

    /// <summary>A person's stretches in order.</summary>
    public IReadOnlyList<(int From, int Until)> Of(int person) => _work.TryGetValue(person, out var work) ? work : [];

    public static HandsBoard Of(ShopProblem problem, ShopSolution solution)
    {
        var board = new HandsBoard();
        var free = new int[problem.People];
        Array.Fill(free, int.MinValue);
        foreach (var (from, until, at) in Stretches(problem, solution).OrderBy(s => s.From).ThenBy(s => s.Until))
        {
            var person = Array.FindIndex(free, f => f <= from);
            // The scheduler never has more at work than there are people.
            free[person] = until;
            board._who[at] = person + 1;
            if (!board._work.TryGetValue(person + 1, out var work))
            {
                board._work.Add(person + 1, work = []);
            }

            work.Add((from, until));
        }

        return board;
    }

    /// <summary>Every hands-on stretch.</summary>
    public static IEnumerable<(int From, int Until, (int Job, int Block, int Segment) At)> Stretches(
        ShopProblem problem,
        ShopSolution solution
    )
    {
        for (var j = 0; j < problem.Jobs.Count; j++)
        {
            for (var b = 0; b < problem.Jobs[j].Blocks.Count; b++)
            {
                var at = solution.Starts[j][b];
                for (var s = 0; s < problem.Jobs[j].Blocks[b].Segments.Count; s++)
                {
                    var segment = problem.Jobs[j].Blocks[b].Segments[s];
                    if (segment.Hands)
                    {
                        yield return (at, at + segment.Minutes, (j, b, s));
                    }

                    at += segment.Minutes;
                }
            }
        }
    }
}
