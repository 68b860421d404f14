namespace JollyBrook.Core.Schedule;

/// <summary>Every order of few blocks, with what cannot beat the best left out.</summary>
internal sealed class OrderSearch(ShopProblem problem, int mostNodes, (long Late, int Makespan, long Sum) known)
{
    private readonly List<int> _order = [];
    private readonly int _blocks = problem.Jobs.Sum(j => j.Blocks.Count);
    private (long Late, int Makespan, long Sum) _best = known;
    private ShopSolution? _found;
    private int _nodes;

    /// <returns>Something better than what was known; null when there is nothing.</returns>
    public ShopSolution? Run()
    {
        Go();
        return _found;
    }

    private void Go()
    {
        if (_nodes++ > mostNodes)
        {
            return;
        }

        var board = Replay();
        if (_order.Count == _blocks)
        {
            var solution = board.Solution;
            if (Scheduler.Mark(problem, solution) is var mark && mark.CompareTo(_best) < 0)
            {
                (_best, _found) = (mark, solution);
            }

            return;
        }

        if (Bound(board).CompareTo((_best.Late, _best.Makespan)) > 0)
        {
            return;
        }

        var firsts = problem.Jobs.Select((j, i) => (j.First, i)).Where(x => x.First && board.IsOpen(x.i)).Select(x => x.i).ToList();
        foreach (
            var job in firsts.Count > 0
                ? firsts
                : Enumerable.Range(0, problem.Jobs.Count).Where(board.IsOpen).OrderBy(j => problem.Jobs[j].Due).ToList()
        )
        {
            _order.Add(job);
            Go();
            _order.RemoveAt(_order.Count - 1);
        }
    }

    private Board Replay()
    {
        var board = new Board(problem);
        foreach (var job in _order)
        {
            board.Place(job);
        }

        return board;
    }

    /// <summary>Every job goes on from where it is without waiting for anything.</summary>
    private (long Late, int Makespan) Bound(Board board)
    {
        long late = 0;
        var end = 0;
        for (var j = 0; j < problem.Jobs.Count; j++)
        {
            var job = problem.Jobs[j];
            var placed = _order.Count(o => o == j);
            var ready = (placed == 0 ? job.NotBefore : board.EndOf(j)) + job.Blocks.Skip(placed).Sum(b => b.Minutes);
            late += Math.Max(0, ready - job.Due);
            end = Math.Max(end, ready);
        }

        return (late, end);
    }
}
