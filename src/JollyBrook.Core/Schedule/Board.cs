namespace JollyBrook.Core.Schedule;

/// <summary>
/// The clock line being filled: each block goes to the earliest place where hands, equipment and container are free (serial schedule
/// generation). Nothing placed is moved again.
/// </summary>
internal sealed class Board(ShopProblem problem)
{
    private readonly List<(int From, int Until)> _hands = [];
    private readonly Dictionary<string, List<(int From, int Until)>> _held = [];
    private readonly Dictionary<string, int> _containerOf = [];
    private readonly int[] _next = new int[problem.Jobs.Count];
    private readonly int[] _end = new int[problem.Jobs.Count];
    private readonly int[][] _starts = [.. problem.Jobs.Select(j => new int[j.Blocks.Count])];

    /// <summary>Whether the job's next block may be placed: its container is not another's that is under way.</summary>
    public bool IsOpen(int job) =>
        _next[job] < problem.Jobs[job].Blocks.Count
        && (
            _next[job] > 0
            || problem.Jobs[job].Container is not { } container
            || !_containerOf.TryGetValue(container, out var owner)
            || IsDone(owner)
        );

    public bool IsDone(int job) => _next[job] == problem.Jobs[job].Blocks.Count;

    public int EndOf(int job) => _end[job];

    public ShopSolution Solution => new([.. _starts.Select(s => s.ToArray())], [.. _end]);

    public void Place(int job)
    {
        var (spec, index) = (problem.Jobs[job], _next[job]);
        var block = spec.Blocks[index];
        var from = index > 0 ? _end[job] : spec.NotBefore;
        if (index == 0 && spec.Container is { } container)
        {
            if (_containerOf.TryGetValue(container, out var owner))
            {
                from = Math.Max(from, Math.Max(_end[owner], problem.Jobs[owner].HoldUntil));
            }

            _containerOf[container] = job;
        }

        var at = Earliest(block, from);
        Take(block, at);
        _starts[job][index] = at;
        _end[job] = at + block.Minutes;
        _next[job]++;
    }

    private int Earliest(Block block, int from)
    {
        while (true)
        {
            var later = Equipped(block, from);
            later = later == from ? Handed(block, from) : later;
            if (later == from)
            {
                return from;
            }

            from = later;
        }
    }

    /// <summary>The same time when the equipment is free then; else when what is in the way ends.</summary>
    private int Equipped(Block block, int at)
    {
        foreach (var id in block.Equipment)
        {
            if (_held.TryGetValue(id, out var taken))
            {
                foreach (var (from, until) in taken)
                {
                    if (from < at + block.Minutes && until > at)
                    {
                        return until;
                    }
                }
            }
        }

        return at;
    }

    /// <summary>The same time when there are hands for every stretch then; else the next time worth trying.</summary>
    private int Handed(Block block, int at)
    {
        var start = at;
        foreach (var segment in block.Segments)
        {
            if (segment.Hands && NextTry(start, start + segment.Minutes) is { } end)
            {
                return at + Math.Max(1, end - start);
            }

            start += segment.Minutes;
        }

        return at;
    }

    /// <summary>
    /// Null when one more pair of hands is free over the whole stretch; otherwise when the first that is in the way ends.
    /// </summary>
    private int? NextTry(int from, int until)
    {
        foreach (var quiet in problem.Quiet)
        {
            if (quiet.From < until && quiet.Until > from)
            {
                return quiet.Until;
            }
        }

        int? first = null;
        foreach (var work in _hands)
        {
            if (work.From < until && work.Until > from)
            {
                // The load can only rise where a piece of work begins, or at the stretch's own beginning.
                var instant = Math.Max(work.From, from);
                if (Load(instant) >= problem.People)
                {
                    first = Math.Min(first ?? int.MaxValue, FirstEnd(instant));
                }
            }
        }

        return first;
    }

    private int Load(int instant)
    {
        var load = 0;
        foreach (var work in _hands)
        {
            if (work.From <= instant && work.Until > instant)
            {
                load++;
            }
        }

        return load;
    }

    private int FirstEnd(int instant)
    {
        var end = int.MaxValue;
        foreach (var work in _hands)
        {
            if (work.From <= instant && work.Until > instant)
            {
                end = Math.Min(end, work.Until);
            }
        }

        return end;
    }

    private void Take(Block block, int at)
    {
        foreach (var id in block.Equipment)
        {
            if (!_held.TryGetValue(id, out var taken))
            {
                _held.Add(id, taken = []);
            }

            taken.Add((at, at + block.Minutes));
        }

        foreach (var segment in block.Segments)
        {
            if (segment.Hands)
            {
                _hands.Add((at, at + segment.Minutes));
            }

            at += segment.Minutes;
        }
    }
}
