namespace JollyBrook.Core.Route;

/// <summary>
/// Takes a receiver's noise out of heights without taking hills: a rise counts from its foot to its top where it is more than the noise
/// makes, and what goes up and down by less between them is laid level on the way. (Averaging alone takes as much from rolling ground as
/// from noise.)
/// </summary>
internal static class ClimbFilter
{
    /// <summary>
    /// A turn is the mean of as many steps either way as an eighth of the way to the next: more would take off its top (pick).
    /// </summary>
    private const int StepsForEachReached = 8;

    /// <summary>The standard deviation of noise, from how far each point lies off the line between its neighbours, m.</summary>
    /// <param name="alongKm">Distance along, km.</param>
    /// <param name="heightsM">Height at each point, m.</param>
    /// <param name="withinKm">Neighbours further apart than this tell of ground, not of noise, km.</param>
    public static double NoiseM(IReadOnlyList<double> alongKm, double[] heightsM, double withinKm)
    {
        List<double> off = [];
        for (var i = 1; i < heightsM.Length - 1; i++)
        {
            var (before, after) = (alongKm[i] - alongKm[i - 1], alongKm[i + 1] - alongKm[i]);
            if (before + after <= withinKm && before > 0 && after > 0)
            {
                var share = before / (before + after);
                var between = heightsM[i - 1] + (share * (heightsM[i + 1] - heightsM[i - 1]));
                // The line between two noisy neighbours is noisy itself.
                off.Add(Math.Abs(heightsM[i] - between) / Math.Sqrt(1 + (share * share) + ((1 - share) * (1 - share))));
            }
        }

        off.Sort();
        // Of a normal spread half lies within 0.6745 of its standard deviation.
        return off.Count == 0 ? 0 : off[off.Count / 2] / 0.6745;
    }

    /// <param name="heightsM">Heights at equal steps, m.</param>
    /// <param name="leastM">A rise or fall of less than this is noise, m.</param>
    /// <param name="settles">Whether a foot or a top is the mean about it: of noisy heights the highest is too high, the lowest too
    /// low.</param>
    /// <returns>The same from turn to turn, going only up or only down between two turns.</returns>
    public static double[] Level(double[] heightsM, double leastM, bool settles = false)
    {
        var turns = Turns(heightsM, leastM);
        double[] level = [.. heightsM];
        for (var t = 1; settles && t < turns.Count - 1; t++)
        {
            var reach = Math.Min(turns[t] - turns[t - 1], turns[t + 1] - turns[t]) / StepsForEachReached;
            level[turns[t]] = heightsM.AsSpan((turns[t] - reach)..(turns[t] + reach + 1)).ToArray().Average();
        }

        foreach (var (from, to) in turns.Zip(turns.Skip(1)))
        {
            Monotone(level, from, to);
        }

        return level;
    }

    /// <summary>Feet and tops with more than so much between one and the next, both ends among them.</summary>
    private static List<int> Turns(double[] heights, double leastM)
    {
        List<int> turns = [0];
        var (low, high) = (0, 0);
        int rising = 0;
        for (var i = 1; i < heights.Length; i++)
        {
            low = heights[i] < heights[low] ? i : low;
            high = heights[i] > heights[high] ? i : high;
            if (rising <= 0 && heights[i] - heights[low] > leastM)
            {
                Turn(low);
                (rising, high, low) = (1, i, i);
            }
            else if (rising >= 0 && heights[high] - heights[i] > leastM)
            {
                Turn(high);
                (rising, high, low) = (-1, i, i);
            }
        }

        if (rising != 0)
        {
            Turn(rising > 0 ? high : low);
        }

        Turn(heights.Length - 1);
        return turns;

        void Turn(int at)
        {
            if (at > turns[^1])
            {
                turns.Add(at);
            }
        }
    }

    /// <summary>The nearest heights that only rise, or only fall, between two that stay (pool adjacent violators).</summary>
    private static void Monotone(double[] heights, int from, int to)
    {
        var sign = heights[to] >= heights[from] ? 1 : -1;
        List<(double Sum, int Count)> pools = [];
        for (var i = from; i <= to; i++)
        {
            pools.Add((sign * heights[i], 1));
            while (pools.Count > 1 && pools[^2].Sum / pools[^2].Count > pools[^1].Sum / pools[^1].Count)
            {
                pools[^2] = (pools[^2].Sum + pools[^1].Sum, pools[^2].Count + pools[^1].Count);
                pools.RemoveAt(pools.Count - 1);
            }
        }

        var (low, high) = (sign * heights[from], sign * heights[to]);
        var at = from;
        foreach (var (sum, count) in pools)
        {
            for (var i = 0; i < count; i++)
            {
                // The turns themselves keep their height.
                heights[at] = at == from || at == to ? heights[at] : sign * Math.Clamp(sum / count, low, high);
                at++;
            }
        }
    }
}
