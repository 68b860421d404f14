namespace JollyBrook.Core.Carry.Promise;

/// <summary>
/// Reckons how often a policy runs short and what it costs: under each of some conditions every way the sources may turn out, with its
/// chance, instead of walks on which they are drawn. Walks that stand at a place with the same in hand are one from there on, so that
/// few are followed at a time.
/// </summary>
internal sealed class PolicyOdds
{
    /// <summary>Sources that are met more than once are remembered, at most so many at a time, two bits each.</summary>
    private const int MostRemembered = 32;

    /// <summary>So many fates are remembered at most, of some fifty bytes each.</summary>
    private const int MostKnown = 300_000;

    /// <summary>Sums are made in so many blocks, always the same, so that the last digit is the same on one core and on many.</summary>
    private const int Blocks = 2;

    /// <summary>So many conditions × places are worth a second core, and too many to remember.</summary>
    private const int WorthSharing = 10_000;

    /// <summary>The route.</summary>
    public SimulatedRoute Route { get; }

    /// <summary>What it is reckoned under.</summary>
    public Condition[] Conditions { get; }

    /// <summary>For each source which bits remember it; −1 where it is met once.</summary>
    public int[] Bits { get; }

    /// <summary>For each place what is still to be remembered after it.</summary>
    public ulong[] Kept { get; }

    private readonly PolicyOutlook _end = PolicyOutlook.End();
    private readonly PolicyReckoning _walks;
    private int _known;

    public PolicyOdds(SimulatedRoute route, Condition[] conditions)
    {
        (Route, Conditions) = (route, conditions);
        (Bits, Kept) = Memory(route);
        _walks = new PolicyReckoning(this);
    }

    /// <summary>Reckons one by itself.</summary>
    /// <param name="decide">What to leave each water with.</param>
    public Fate Reckon(LeaveWith decide)
    {
        var parts = new Fate[Blocks];
        // Handing a blink's work to another core takes longer than doing it.
        CarrySimulation.InBlocks(Blocks, IsLarge ? Environment.ProcessorCount : 1, b =>
        {
            var walks = new PolicyReckoning(this);
            for (var c = Conditions.Length - 1 - b; c >= 0; c -= Blocks)
            {
                parts[b] = parts[b].And(Conditions[c].Weight, walks.Under(c, decide));
            }
        });
        return parts[0].And(1, parts[1]);
    }

    /// <summary>Reckons one; from where it goes on as one did that was reckoned before, what became of that is known.</summary>
    /// <param name="policy">The policy.</param>
    /// <param name="most">Once it is seen to run short more often, no more is reckoned: share of walks.</param>
    /// <returns>Null where it runs short more often.</returns>
    public Fate? Reckon(RaisedPolicy policy, double most)
    {
        if (IsLarge)
        {
            return Reckon(policy.Leave) is { } whole && whole.ShortChance <= most ? whole : null;
        }

        var outlooks = _end.Of(policy, Route.Places);
        // Those that are put together of others go on as they do.
        var remembers = !policy.Table.IsMixed && _known < MostKnown;
        var before = remembers ? outlooks.Sum(o => o.Count) : 0;
        var fate = default(Fate);
        // Those who need most come first: they show soonest that it runs short too often.
        for (var c = Conditions.Length - 1; c >= 0 && fate.ShortChance <= most; c--)
        {
            fate = fate.And(Conditions[c].Weight, _walks.Under(c, policy.Leave, outlooks, remembers));
        }

        _known += remembers ? outlooks.Sum(o => o.Count) - before : 0;
        return fate.ShortChance <= most ? fate : null;
    }

    /// <summary>Whether the way is so long that nothing is remembered, and few are not told apart from others.</summary>
    public bool IsLarge => Conditions.Length * Route.Places >= WorthSharing;

    private static (int[] Bits, ulong[] Kept) Memory(SimulatedRoute route)
    {
        var (first, last, times) = (new int[route.Chances.Length], new int[route.Chances.Length], new int[route.Chances.Length]);
        for (var k = 0; k < route.Places; k++)
        {
            foreach (var source in route.SourceOf[k].Where(s => s >= 0))
            {
                first[source] = times[source]++ == 0 ? k : first[source];
                last[source] = k;
            }
        }

        var (bits, kept) = (new int[times.Length], new ulong[route.Places]);
        Array.Fill(bits, -1);
        Span<int> freeFrom = stackalloc int[MostRemembered];
        foreach (var source in Enumerable.Range(0, times.Length).Where(s => times[s] > 1).OrderBy(s => first[s]))
        {
            for (var slot = 0; slot < MostRemembered; slot++)
            {
                if (freeFrom[slot] <= first[source])
                {
                    (bits[source], freeFrom[slot]) = (2 * slot, last[source] + 1);
                    for (var k = first[source]; k < last[source]; k++)
                    {
                        kept[k] |= 3UL << (2 * slot);
                    }

                    break;
                }
            }
        }

        return (bits, kept);
    }
}
