namespace JollyBrook.Core.Carry.Promise;

/// <summary>What a walk may meet but for its sources, which stay open: need, pace, warmth and the country's weather.</summary>
/// <param name="Weight">Share of all walks it stands for, 0 to 1.</param>
/// <param name="Walk">What each leg takes, and the pace.</param>
/// <param name="Chances">That each source runs under its weather, 0 to 1.</param>
internal sealed record Condition(double Weight, DrawnWalk Walk, double[] Chances)
{
    /// <summary>Drawn for each that is chosen.</summary>
    private const int Among = 8;
    private const ulong Seed = 20_261_126;

    /// <summary>
    /// Chooses some of many that are drawn: evenly through what they need, closer together towards those who need most, for it is they who
    /// run short; each with a weather that is as evenly spread within every stretch of need.
    /// </summary>
    /// <param name="route">The route.</param>
    /// <param name="draw">Draws.</param>
    /// <param name="bits">Two to the power of it are chosen.</param>
    public static Condition[] Choose(SimulatedRoute route, WalkDraws draw, int bits)
    {
        var count = 1 << bits;
        var drawn = new (double NeedL, int Run)[Among * count];
        var weathers = new double[drawn.Length];
        var need = route.NeedByDay();
        for (var run = 0; run < drawn.Length; run++)
        {
            draw.DrawConditions(Seed, run);
            (drawn[run], weathers[run]) = ((need(draw), run), draw.Weather);
        }

        Array.Sort(drawn);
        Array.Sort(weathers);
        var chosen = new Condition[count];
        for (var i = 0; i < count; i++)
        {
            var (from, to) = (Rank(i, count), Rank(i + 1, count));
            draw.DrawConditions(Seed, drawn[At((from + to) / 2, drawn.Length)].Run);
            var walk = new DrawnWalk(route);
            walk.TakeConditions(draw);
            chosen[i] = new Condition(to - from, walk, draw.ChancesUnder(weathers[At((Reversed(i, bits) + 0.5) / count, drawn.Length)]));
        }

        return chosen;
    }

    /// <summary>The share of walks that need less than the i-th: 1 − (1 − i/n)².</summary>
    private static double Rank(int i, int count) => 1 - Math.Pow(1 - ((double)i / count), 2);

    private static int At(double share, int count) => Math.Min(count - 1, (int)(share * count));

    /// <summary>The bits of a number in the other order (van der Corput 1935): neighbours come to lie far apart.</summary>
    private static int Reversed(int number, int bits)
    {
        var reversed = 0;
        for (var b = 0; b < bits; b++)
        {
            reversed = (reversed << 1) | ((number >> b) & 1);
        }

        return reversed;
    }
}
