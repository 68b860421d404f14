namespace JollyBrook.Core.Carry.Promise;

/// <summary>
/// Follows a policy's walks from place to place: those that stand at one with the same in hand, and know the same, are one from there on.
/// Once all are at the end, or where it is known how they go on, what becomes of them is summed up backwards.
/// </summary>
/// <param name="odds">The route and its conditions.</param>
internal sealed class PolicyReckoning(PolicyOdds odds)
{
    /// <summary>Less than this share of a condition's walks is followed no further, and counts as short.</summary>
    private const double Negligible = 1e-6;

    /// <summary>On a long way less than this share of them goes with others that have almost the same in hand, L.</summary>
    private const double Few = 2e-3;
    private const double AlmostL = 0.25;

    private const ulong Dry = 1,
        Running = 2;

    private readonly SimulatedRoute _route = odds.Route;
    private LeaveWith _decide = (_, _, _) => null;
    private PolicyOutlook[]? _outlooks;
    private Condition _condition = odds.Conditions[0];

    /// <summary>Those of one place come after those of the place before; <see cref="_from"/> tells where.</summary>
    private readonly int[] _from = new int[odds.Route.Places + 1];
    private Some[] _some = new Some[64];
    private int _count;

    /// <summary>How they go on: those of the first come first.</summary>
    private Way[] _ways = new Way[128];
    private int _wayCount;

    /// <summary>Walks that have the same in hand and know the same.</summary>
    private record struct Some(double InHandL, ulong Seen, double Share)
    {
        /// <summary>What is spent here and on the way to the next place, and in the end on all the rest, for each of them, kg·km.</summary>
        public double Cost;
        public double ShortChance;
        public bool IsKnown;

        /// <summary>Where their ways begin.</summary>
        public int Ways;
    }

    /// <summary>How some of them go on.</summary>
    /// <param name="To">As which of the next place's.</param>
    /// <param name="Share">How many, share of those who stand here.</param>
    /// <param name="IsShort">Whether they run short on the way.</param>
    private readonly record struct Way(int To, double Share, bool IsShort);

    /// <summary>What becomes of all walks under a condition.</summary>
    /// <param name="condition">Which of them.</param>
    /// <param name="decide">What to leave each water with.</param>
    /// <param name="outlooks">For each place what is known of how it goes on from there; null for nothing.</param>
    /// <param name="remembers">Whether what becomes of them is remembered there.</param>
    public Fate Under(int condition, LeaveWith decide, PolicyOutlook[]? outlooks = null, bool remembers = false)
    {
        (_decide, _outlooks, _condition) = (decide, outlooks, odds.Conditions[condition]);
        (_some[0], _count, _wayCount) = (new Some(_route.StartL, 0, 1), 1, 0);
        for (var k = 0; k < _route.Places - 1; k++)
        {
            var (from, to) = (_from[k], _count);
            _from[k + 1] = to;
            for (var i = from; i < to; i++)
            {
                _some[i].Ways = _wayCount;
                if (!IsKnown(k, condition, ref _some[i]))
                {
                    Look(k, i);
                }
            }
        }

        SumUp(condition, remembers);
        return new Fate(_some[0].ShortChance, _some[0].Cost);
    }

    private bool IsKnown(int k, int condition, ref Some walks)
    {
        if (walks.Share < Negligible)
        {
            (walks.ShortChance, walks.IsKnown) = (1, true);
        }
        else if (_outlooks?[k].TryFind(condition, walks.InHandL, walks.Seen, walks.Share, out var fate) == true)
        {
            (walks.ShortChance, walks.Cost, walks.IsKnown) = (fate.ShortChance, fate.Cost, true);
        }

        return walks.IsKnown;
    }

    private void SumUp(int condition, bool remembers)
    {
        var ways = _wayCount;
        for (var k = _route.Places - 2; k >= 0; k--)
        {
            for (var i = _from[k + 1] - 1; i >= _from[k]; i--)
            {
                ref var walks = ref _some[i];
                for (var w = walks.Ways; w < ways; w++)
                {
                    ref readonly var way = ref _ways[w];
                    ref readonly var next = ref _some[way.To];
                    walks.Cost += way.Share * next.Cost;
                    walks.ShortChance += way.Share * (way.IsShort ? 1 : next.ShortChance);
                }

                ways = walks.Ways;
                if (remembers && !walks.IsKnown)
                {
                    _outlooks!
                        [k]
                        .Remember(
                            condition,
                            odds.Conditions.Length,
                            new Known(walks.InHandL, walks.Seen, walks.Share, new Fate(walks.ShortChance, walks.Cost))
                        );
                }
            }
        }
    }

    /// <summary>Some walks at a place: its waters are tried in turn, and each way it may turn out goes on.</summary>
    private void Look(int k, int walks)
    {
        var (waters, sources) = (_route.Waters[k], _route.SourceOf[k]);
        var (inHandL, seen, share) = (_some[walks].InHandL, _some[walks].Seen, 1.0);
        for (var j = 0; j < waters.Length; j++)
        {
            if (_decide(k, j, inHandL) is not { } leave)
            {
                continue;
            }

            var (water, source) = (waters[j], sources[j]);
            var bits = source < 0 ? -1 : odds.Bits[source];
            var known = bits < 0 ? 0 : (seen >> bits) & 3;
            var chance =
                source < 0 || known == Running ? 1
                : known == Dry ? 0
                : _condition.Chances[source];
            var running = share * chance;
            if (running > 0)
            {
                var filled = WalkRules.Fill(_route, k, water, inHandL, leave);
                _some[walks].Cost += running * (filled.KgKm + filled.Owed + (_route.KgKmPerMinute * (filled.Minutes + water.TripMinutes)));
                var found = bits < 0 ? seen : seen | (Running << bits);
                GoOn(k, walks, new Some(filled.InHandL, found, running), true, water.DrinkL);
            }

            share -= running;
            if (share <= 0)
            {
                return;
            }

            _some[walks].Cost += water.IsSeenOnlyThere ? share * _route.KgKmPerMinute * water.TripMinutes : 0;
            seen |= bits < 0 ? 0 : Dry << bits;
        }

        GoOn(k, walks, new Some(inHandL, seen, share), false, 0);
    }

    /// <summary>Those of some walks that turn out one way go on.</summary>
    /// <param name="k">The place.</param>
    /// <param name="walks">Of which walks.</param>
    /// <param name="those">What they have in hand now and know, and their share of the walks.</param>
    /// <param name="found">Whether they found water.</param>
    /// <param name="inBodyL">Drunk on the spot, L.</param>
    private void GoOn(int k, int walks, in Some those, bool found, double inBodyL)
    {
        var leg = WalkRules.Leg(_route, k, those.InHandL, found, inBodyL, _condition.Walk.UseL[k], _condition.Walk.Pace);
        _some[walks].Cost += those.Share * (leg.KgKm + leg.Owed);
        var to = Join(new Some(leg.InHandL, those.Seen & odds.Kept[k], _some[walks].Share * those.Share), _from[k + 1]);
        if (_wayCount == _ways.Length)
        {
            Array.Resize(ref _ways, 2 * _wayCount);
        }

        _ways[_wayCount++] = new Way(to, those.Share, leg.IsShort);
    }

    /// <summary>Some come to those who stand at a place.</summary>
    /// <param name="those">Those who come.</param>
    /// <param name="from">Where those of the place begin.</param>
    private int Join(in Some those, int from)
    {
        for (var i = from; i < _count; i++)
        {
            ref var other = ref _some[i];
            if (other.Seen == those.Seen && IsOneWith(in other, in those))
            {
                if (other.Share < those.Share)
                {
                    other.InHandL = those.InHandL;
                }

                other.Share += those.Share;
                return i;
            }
        }

        if (_count == _some.Length)
        {
            Array.Resize(ref _some, 2 * _count);
        }

        _some[_count] = those;
        return _count++;
    }

    private bool IsOneWith(in Some some, in Some those) =>
        some.InHandL == those.InHandL
        || (odds.IsLarge && Math.Min(some.Share, those.Share) < Few && Math.Abs(some.InHandL - those.InHandL) < AlmostL);
}
