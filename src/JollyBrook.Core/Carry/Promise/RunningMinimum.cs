namespace JollyBrook.Core.Carry.Promise;

/// <summary>What may be left with from a water, in steps of litres in hand, counted from the lowest level.</summary>
/// <param name="Most">The fullest: what there is room for.</param>
/// <param name="Taken">So much more than one came with at most: what lies there.</param>
/// <param name="Empty">Nothing in hand, and nothing owed.</param>
/// <param name="Night">What a camp's night draws there; null where no night is spent.</param>
internal readonly record struct LeaveRange(int Most, int Taken, int Empty, int? Night)
{
    /// <summary>
    /// The least that is left with from a level: more than one came with, for taking nothing is walking by; but a camp draws its night, and
    /// uses what it came with first.
    /// </summary>
    public int Least(int level) => Night is { } night ? Math.Min(level, Math.Max(Empty, level - night)) : level + 1;
}

/// <summary>
/// The policy's inner minimum: for each level in hand the one to leave with that is cheapest to go on from. Cheapest first, each further off
/// than the one before, over a window that slides, so that all levels together take one pass.
/// </summary>
internal static class RunningMinimum
{
    private const double Slack = 1e-9;

    /// <summary>The level to leave with for each level in hand; <see cref="PolicyTable.By"/> where there is none.</summary>
    /// <param name="cost">The cost of going on with each level. Of two that cost the same the lower is taken.</param>
    /// <param name="range">What may be left with.</param>
    public static short[] Cheapest(double[] cost, LeaveRange range)
    {
        var best = new short[cost.Length];
        Array.Fill(best, PolicyTable.By);
        var queue = new int[range.Most + 1];
        var (head, tail, from) = (0, 0, range.Most + 1);
        for (var i = cost.Length - 1; i >= 0; i--)
        {
            var least = range.Least(i);
            while (from > least)
            {
                from--;
                while (tail > head && cost[queue[tail - 1]] >= cost[from] - Slack)
                {
                    tail--;
                }

                queue[tail++] = from;
            }

            while (head < tail && queue[head] > i + range.Taken)
            {
                head++;
            }

            if (head < tail)
            {
                best[i] = (short)queue[head];
            }
        }

        return best;
    }
}
