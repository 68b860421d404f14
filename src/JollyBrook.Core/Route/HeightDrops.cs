using JollyBrook.Core.Units;

namespace JollyBrook.Core.Route;

/// <summary>
/// Stretches over which a receiver lost the height: it jumps where no ground does, and comes back. They are as good as none given.
/// </summary>
internal static class HeightDrops
{
    /// <summary>A smaller jump is ground or noise, m (pick).</summary>
    private const double LeastJumpM = 60;

    /// <summary>No path is steeper than this over such a height (pick).</summary>
    private const double SteepestSlope = 0.8;

    /// <summary>Further on it is another thing, km (pick).</summary>
    private const double LongestKm = 30;

    /// <param name="alongKm">Distance along at each point, km.</param>
    /// <param name="heightsM">Height at each point, m; NaN where none is given. What was lost is made NaN.</param>
    /// <returns>What was mended and what only looks odd, each a sentence.</returns>
    public static List<string> Mend(IReadOnlyList<double> alongKm, double[] heightsM)
    {
        List<string> flags = [];
        var known = Enumerable.Range(0, heightsM.Length).Where(i => !double.IsNaN(heightsM[i])).ToList();
        for (var k = 1; k < known.Count; k++)
        {
            if (!Jumps(known[k - 1], known[k]))
            {
                continue;
            }

            var back = Back(k);
            if (back > 0)
            {
                Lose(k, back, "between");
                k = back;
            }
            else if (IsLevel(0, k - 1))
            {
                Lose(0, k, "before");
            }
            else if (IsLevel(k, known.Count - 1))
            {
                Lose(k, known.Count, "after");
                break;
            }
            else
            {
                flags.Add(
                    $"The height jumps by {Speaker.Both(Quantity.Elevation, Math.Abs(heightsM[known[k]] - heightsM[known[k - 1]]))} at "
                        + $"{Speaker.Both(Quantity.Distance, alongKm[known[k]])}: look at the climb there."
                );
            }
        }

        return flags;

        bool Jumps(int from, int to)
        {
            var rise = Math.Abs(heightsM[to] - heightsM[from]);
            return rise > LeastJumpM && rise > SteepestSlope * (alongKm[to] - alongKm[from]) * 1000;
        }

        // The first point after the jump that goes on from where the height was lost; 0 without one.
        int Back(int k)
        {
            var last = known[k - 1];
            for (var b = k + 1; b < known.Count && alongKm[known[b]] - alongKm[last] <= LongestKm; b++)
            {
                if (
                    Jumps(known[b - 1], known[b])
                    && Math.Sign(heightsM[known[b]] - heightsM[known[b - 1]]) != Math.Sign(heightsM[known[k]] - heightsM[last])
                    && !Jumps(last, known[b])
                )
                {
                    return b;
                }
            }

            return 0;
        }

        bool IsLevel(int from, int to) => Enumerable.Range(from, to - from + 1).All(k => heightsM[known[k]] == heightsM[known[from]]);

        void Lose(int from, int to, string where)
        {
            var (at, end) = (alongKm[known[from]], alongKm[known[Math.Min(to, known.Count) - 1]]);
            flags.Add(
                $"The height is lost from {Speaker.Both(Quantity.Distance, at)} to {Speaker.Both(Quantity.Distance, end)}, where it says "
                    + $"{Speaker.Both(Quantity.Elevation, heightsM[known[from]])}: "
                    + "filled in from what is given "
                    + $"{(where == "between" ? "on both sides" : where == "before" ? "after it" : "before it")}."
            );
            for (var k = from; k < to; k++)
            {
                heightsM[known[k]] = double.NaN;
            }
        }
    }
}
