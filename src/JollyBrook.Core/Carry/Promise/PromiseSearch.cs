namespace JollyBrook.Core.Carry.Promise;

/// <summary>A policy, and how it fares under the conditions it was tried under.</summary>
/// <param name="Table">What to do at each water.</param>
/// <param name="ShortPrice">μ: the price of running short, kg·km.</param>
/// <param name="ShortChance">Share of walks that run short.</param>
/// <param name="Cost">Mean cost of a walk, kg·km: burden, λ × minutes, and what was owed.</param>
public sealed record TriedPolicy(PolicyTable Table, double ShortPrice, double ShortChance, double Cost);

/// <summary>The policy of least expected cost for a price of running short, kg·km.</summary>
/// <param name="shortPrice">μ.</param>
public delegate PolicyTable SolvePolicy(double shortPrice);

/// <summary>How often a policy runs short, and what its walks cost.</summary>
/// <param name="table">The policy.</param>
/// <param name="most">Once it is seen to run short more often, no more of it is wanted: share of walks.</param>
/// <returns>Null where it runs short more often.</returns>
public delegate Fate? TryPolicy(PolicyTable table, double most);

/// <summary>What a search asks for.</summary>
/// <param name="Solve">Ways to solve for a policy, each looked at by itself.</param>
/// <param name="Try">Tries a policy, every one alike.</param>
/// <param name="Confirms">Whether a policy keeps the promise before its judge, too.</param>
public sealed record PromiseQuestion(IReadOnlyList<SolvePolicy> Solve, TryPolicy Try, Predicate<TriedPolicy> Confirms)
{
    /// <summary>How many places the way has.</summary>
    public required int Places { get; init; }

    /// <summary>Share of walks that may run short, above 0.</summary>
    public required double MostShort { get; init; }

    /// <summary>Around which price of running short it is looked for first, kg·km: that of a policy for much the same problem.</summary>
    public double? NearPrice { get; init; }

    /// <summary>Whether policies are mixed as well, so that a stretch need not be guarded wholly or not at all.</summary>
    public bool Mixes { get; init; } = true;
}

/// <summary>
/// The cheapest policy that keeps a promise: the least price of running short that keeps it (handbook room 70). One price for every stretch
/// may guard more of them than the promise asks for, so the best are mixed with careless ones; and because the best of many is so by luck,
/// too, it has to keep the promise before a judge of its own.
/// </summary>
public sealed class PromiseSearch
{
    /// <summary>Each a quarter more than the one before: 20 to some 30 000.</summary>
    private static readonly double[] ShortPrices = [.. Enumerable.Range(0, 34).Select(i => 20 * Math.Pow(1.25, i))];

    private const double NearlyAll = 0.9;

    /// <summary>
    /// The shares of what may run short that are asked for in turn, and how many of the cheapest are put before the judge at each.
    /// </summary>
    private static readonly double[] Careful = [1 + Over, 1, 0.95, 0.9, 0.85, 0.8, 0.7, 0.6, 0.4, 0.2, 0];
    private const int MostConfirmed = 4;

    /// <summary>
    /// Short so much more often than may be, as a share of that, a policy is still looked at, at up to twice its cost (pick): a hair over
    /// what was wanted is less than the reckoning can tell, and nobody is sent off with ten litres more for it.
    /// </summary>
    private const double Over = 0.1;

    /// <summary>The step to the least price that keeps the promise is halved so many times (pick).</summary>
    private const int Halvings = 3;

    /// <summary>So many careless policies are mixed with: those that come closest (pick).</summary>
    private const int Careless = 2;

    /// <summary>Single places are exchanged with policies that run short up to so many times as often as may be (pick).</summary>
    private const double Loose = 3;

    /// <summary>So many exchanges are tried over all places: fewer the longer the way, for the time each takes (pick).</summary>
    private const int MostExchanged = 1_000;

    /// <summary>Where the lowest price keeps it already, so many of the next are looked at as well, every other one (pick).</summary>
    private const int MoreCareful = 4;

    private readonly PromiseQuestion _asked;

    /// <summary>Every policy that was tried, in turn.</summary>
    private readonly List<TriedPolicy> _tried = [];

    /// <summary>Which price the last way to solve needed.</summary>
    private int _least;

    private PromiseSearch(PromiseQuestion asked)
    {
        _asked = asked;
        _least = asked.NearPrice is { } near ? Math.Max(0, Array.FindLastIndex(ShortPrices, p => p <= near)) : ShortPrices.Length / 3;
    }

    /// <summary>Finds it; where none keeps the promise, the one that comes closest.</summary>
    /// <param name="asked">What is asked for.</param>
    public static TriedPolicy Find(PromiseQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        return new PromiseSearch(asked).Find();
    }

    private bool Keeps(TriedPolicy? tried) => tried?.ShortChance <= _asked.MostShort;

    /// <summary>The cost of one, more the further it is over what was wanted.</summary>
    private double Weighed(TriedPolicy tried) =>
        tried.Cost * (1 + (Math.Max(0, tried.ShortChance - _asked.MostShort) / (Over * _asked.MostShort)));

    private TriedPolicy Best => _tried.Where(Keeps).MinBy(t => t.Cost)!;

    private TriedPolicy Find()
    {
        foreach (var solve in _asked.Solve)
        {
            Cheapest(solve);
        }

        if (_asked.Mixes && _tried.Exists(Keeps) && !_tried.TrueForAll(Keeps))
        {
            Blend();
            Exchange();
        }

        var found = Confirmed();
        for (var i = _least; found is null && _tried.Exists(Keeps) && i < ShortPrices.Length; i++)
        {
            Try(_asked.Solve[0](ShortPrices[i]), ShortPrices[i]);
            found = Confirmed();
        }

        return found ?? _tried.MinBy(Closeness)!;
    }

    /// <summary>
    /// The least price that keeps the promise, which is the cheapest policy: more to pay for running short, fewer walks short and more
    /// carried. Looked for around the one found last, further off at every step, then by halves, and at last between two prices.
    /// </summary>
    private void Cheapest(SolvePolicy solve)
    {
        bool KeepsFor(double price) => Keeps(Try(solve(price), price));
        bool KeepsAt(int at) => KeepsFor(ShortPrices[at]);

        var kept = KeepsAt(_least);
        var (low, high) = kept ? (0, _least) : (_least + 1, ShortPrices.Length);
        for (var step = 1; low < high; step *= 2)
        {
            var at = kept ? Math.Max(low, high - step) : Math.Min(high - 1, low + step - 1);
            var keeps = KeepsAt(at);
            (low, high) = keeps ? (low, at) : (at + 1, high);
            if (keeps != kept)
            {
                break;
            }
        }

        var least = FirstOf(low, high, KeepsAt);
        _least = Math.Min(least, ShortPrices.Length - 1);
        if (least == 0)
        {
            // What keeping the reserve adds to a policy once it is walked is not in its price: a dearer one may come out cheaper.
            for (var i = 1; i <= MoreCareful; i++)
            {
                KeepsAt(2 * i);
            }
        }
        else if (least < ShortPrices.Length)
        {
            var (careless, careful) = (ShortPrices[least - 1], ShortPrices[least]);
            for (var n = 0; n < Halvings; n++)
            {
                var between = Math.Sqrt(careless * careful);
                (careless, careful) = KeepsFor(between) ? (careless, between) : (between, careful);
            }
        }
    }

    /// <summary>
    /// The cheapest that keeps the promise by its judge as well. The best of many is so by luck, too: where the cheapest do not, the next
    /// are taken from among those with more to spare.
    /// </summary>
    private TriedPolicy? Confirmed()
    {
        HashSet<TriedPolicy> refused = [];
        foreach (var careful in Careful)
        {
            foreach (
                var policy in _tried
                    .Where(t => t.ShortChance <= careful * _asked.MostShort && !refused.Contains(t))
                    .OrderBy(Weighed)
                    .Take(MostConfirmed)
                    .ToList()
            )
            {
                if (_asked.Confirms(policy))
                {
                    return policy;
                }

                refused.Add(policy);
            }
        }

        return null;
    }

    /// <summary>The careless policies that cost less than the best and come closest to keeping the promise.</summary>
    private List<TriedPolicy> Closest() =>
        [
            .. _tried
                .Where(t => !Keeps(t) && t.Cost < Best.Cost)
                .OrderBy(t => t.ShortChance)
                .DistinctBy(t => (t.ShortChance, t.Cost))
                .Take(Careless),
        ];

    /// <summary>
    /// The best up to some place and a careless policy from there on, and the other way round, at the place where the promise is just kept.
    /// </summary>
    private void Blend()
    {
        var (careful, last) = (Best, _asked.Places - 1);
        bool KeepsBy(PolicyTable table) => Keeps(Try(table, careful.ShortPrice));
        foreach (var careless in Closest())
        {
            FirstOf(1, last, place => KeepsBy(careful.Table.Then(careless.Table, place)));
            FirstOf(1, last, place => !KeepsBy(careless.Table.Then(careful.Table, place)));
        }
    }

    /// <summary>What the others do at a single place, tried in the careless one that comes closest, and in the best.</summary>
    private void Exchange()
    {
        var left = MostExchanged / _asked.Places;
        List<TriedPolicy> others = [.. _tried.Where(t => t.ShortChance <= Loose * _asked.MostShort && !t.Table.IsMixed)];
        foreach (var policy in Closest().Take(1).Append(Best).ToList())
        {
            for (var place = 0; place < _asked.Places; place++)
            {
                List<PolicyTable> seen = [policy.Table];
                foreach (var other in others.Select(o => o.Table))
                {
                    if (left > 0 && seen.TrueForAll(s => !s.IsLike(other, place)))
                    {
                        seen.Add(other);
                        Try(policy.Table.But(other, place), policy.ShortPrice);
                        left--;
                    }
                }
            }
        }
    }

    /// <summary>The first number from low up to high that is so, by halves; high where none is.</summary>
    private static int FirstOf(int low, int high, Func<int, bool> isSo)
    {
        while (low < high)
        {
            var middle = (low + high) / 2;
            (low, high) = isSo(middle) ? (low, middle) : (middle + 1, high);
        }

        return low;
    }

    /// <summary>
    /// Fewer walks short are closer, then cheaper ones. Where one stretch cannot be walked at all every walk is short and their share says
    /// nothing: then the one to whom running short is dearest, so that the other stretches are walked with care.
    /// </summary>
    private static (double Short, double Careless, double Cost) Closeness(TriedPolicy tried) =>
        tried.ShortChance >= NearlyAll ? (1, -tried.ShortPrice, tried.Cost) : (tried.ShortChance, 0, tried.Cost);

    /// <summary>Tries one; null where it is put together of others and runs short more often than anybody would look at.</summary>
    private TriedPolicy? Try(PolicyTable table, double price)
    {
        if (_asked.Try(table, table.IsMixed ? (1 + Over) * _asked.MostShort : double.PositiveInfinity) is not { } fate)
        {
            return null;
        }

        var tried = new TriedPolicy(table, price, fate.ShortChance, fate.Cost);
        _tried.Add(tried);
        return tried;
    }
}
