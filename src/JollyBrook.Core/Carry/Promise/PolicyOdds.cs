namespace JollyBrook.Core.Carry.Promise;

/// <summary>
/// Reckons how often a policy runs short and what it costs: under each of some conditions every way the sources may turn out, with its
/// chance, instead of walks on which they are drawn. Walks that stand at a place with the same in hand are one from there on, so that
/// few are followed at a time.
/// </summary>
internal sealed class PolicyOdds
{
    /// <summary>Less than this share of a condition's walks is followed no further, and counts as short.</summary>
    private const double Negligible = 1e-6;

    /// <summary>Less than this share goes with others that have almost the same in hand, L.</summary>
    private const double Few = 2e-3;
    private const double AlmostL = 0.25;

    /// <summary>Sources that are met more than once are remembered, at most so many at a time, two bits each.</summary>
    private const int MostRemembered = 32;

    /// <summary>Sums are made in so many blocks, always the same, so that the last digit is the same on one core and on many.</summary>
    private const int Blocks = 2;

    /// <summary>So many conditions × places are worth a second core.</summary>
    private const int WorthSharing = 10_000;

    private readonly SimulatedRoute _route;
    private readonly IReadOnlyList<Condition> _conditions;

    /// <summary>For each source which bits remember it; −1 where it is met once.</summary>
    private readonly int[] _bits;

    /// <summary>For each place what is still to be remembered after it.</summary>
    private readonly ulong[] _kept;

    public PolicyOdds(SimulatedRoute route, IReadOnlyList<Condition> conditions)
    {
        (_route, _conditions) = (route, conditions);
        (_bits, _kept) = Memory(route);
    }

    /// <summary>Reckons one.</summary>
    /// <param name="decide">What to leave each water with.</param>
    /// <returns>Share of walks short, 0 to 1, and mean cost, kg·km: burden, λ × minutes, and what was owed.</returns>
    public (double ShortChance, double Cost) Reckon(LeaveWith decide)
    {
        var parts = new (double Short, double Cost)[Blocks];
        // Handing a blink's work to another core takes longer than doing it.
        var cores = _conditions.Count * _route.Places < WorthSharing ? 1 : Environment.ProcessorCount;
        CarrySimulation.InBlocks(Blocks, cores, b =>
        {
            var walk = new Reckoning(this, decide);
            for (var c = b; c < _conditions.Count; c += Blocks)
            {
                walk.Add(_conditions[c]);
            }

            parts[b] = (walk.Short, walk.Cost);
        });
        return (parts.Sum(p => p.Short), parts.Sum(p => p.Cost));
    }

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

    /// <summary>Walks that have the same in hand and know the same.</summary>
    private record struct Some(double InHandL, ulong Seen, bool IsShort, double Share);

    private sealed class Reckoning(PolicyOdds odds, LeaveWith decide)
    {
        private const ulong Dry = 1,
            Running = 2;

        private readonly SimulatedRoute _route = odds._route;
        private Some[] _here = new Some[16];
        private Some[] _next = new Some[16];
        private int _count;
        private double _short;
        private double _cost;

        public double Short { get; private set; }

        public double Cost { get; private set; }

        public void Add(Condition condition)
        {
            (_here[0], var here) = (new Some(_route.StartL, 0, false, 1), 1);
            (_short, _cost) = (0, 0);
            for (var k = 0; k < _route.Places - 1; k++)
            {
                _count = 0;
                for (var i = 0; i < here; i++)
                {
                    Look(k, in _here[i], condition);
                }

                (_here, _next, here) = (_next, _here, _count);
            }

            Short += condition.Weight * _short;
            Cost += condition.Weight * _cost;
        }

        /// <summary>Some walks at a place: its waters are tried in turn, and each way it may turn out goes on.</summary>
        private void Look(int k, in Some walks, Condition condition)
        {
            var (waters, sources, inHandL) = (_route.Waters[k], _route.SourceOf[k], walks.InHandL);
            var (seen, share) = (walks.Seen, walks.Share);
            for (var j = 0; j < waters.Length; j++)
            {
                if (decide(k, j, inHandL) is not { } leave)
                {
                    continue;
                }

                var (water, source) = (waters[j], sources[j]);
                var bits = source < 0 ? -1 : odds._bits[source];
                var known = bits < 0 ? 0 : (seen >> bits) & 3;
                var chance =
                    source < 0 || known == Running ? 1
                    : known == Dry ? 0
                    : condition.Chances[source];
                var running = share * chance;
                if (running > 0)
                {
                    var filled = WalkRules.Fill(_route, k, water, inHandL, leave);
                    _cost += running * (filled.KgKm + filled.Owed + (_route.KgKmPerMinute * (filled.Minutes + water.TripMinutes)));
                    var found = bits < 0 ? seen : seen | (Running << bits);
                    GoOn(k, new Some(filled.InHandL, found, walks.IsShort, running), true, water.DrinkL, condition);
                }

                share -= running;
                if (share <= 0)
                {
                    return;
                }

                _cost += water.IsSeenOnlyThere ? share * _route.KgKmPerMinute * water.TripMinutes : 0;
                seen |= bits < 0 ? 0 : Dry << bits;
            }

            GoOn(k, new Some(inHandL, seen, walks.IsShort, share), false, 0, condition);
        }

        private void GoOn(int k, in Some walks, bool found, double inBodyL, Condition condition)
        {
            var leg = WalkRules.Leg(_route, k, walks.InHandL, found, inBodyL, condition.Walk.UseL[k], condition.Walk.Pace);
            _cost += walks.Share * (leg.KgKm + leg.Owed);
            var isNegligible = walks.Share < Negligible;
            if ((leg.IsShort || isNegligible) && !walks.IsShort)
            {
                _short += walks.Share;
            }

            if (isNegligible)
            {
                return;
            }

            var (hand, seen, isShort) = (leg.InHandL, walks.Seen & odds._kept[k], walks.IsShort || leg.IsShort);
            for (var i = 0; i < _count; i++)
            {
                ref var other = ref _next[i];
                if (other.Seen == seen && other.IsShort == isShort && IsOneWith(other.Share, other.InHandL, walks.Share, hand))
                {
                    if (other.Share < walks.Share)
                    {
                        other.InHandL = hand;
                    }

                    other.Share += walks.Share;
                    return;
                }
            }

            if (_count == _next.Length)
            {
                Array.Resize(ref _next, 2 * _count);
            }

            _next[_count++] = new Some(hand, seen, isShort, walks.Share);
        }

        private static bool IsOneWith(double share, double inHandL, double other, double otherInHandL) =>
            inHandL == otherInHandL || (Math.Min(share, other) < Few && Math.Abs(inHandL - otherInHandL) < AlmostL);
    }
}
