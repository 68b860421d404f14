namespace JollyBrook.Core.Carry.Promise;

/// <summary>A policy, and how it fares under the conditions it was tried under.</summary>
/// <param name="Table">What to do at each water.</param>
/// <param name="NeedFactor">m: what the median need was multiplied by.</param>
/// <param name="ShortPrice">μ: the price of running short, kg·km.</param>
/// <param name="ShortChance">Share of walks that run short.</param>
/// <param name="Cost">Mean cost of a walk, kg·km: burden, λ × minutes, and what was owed.</param>
public sealed record TriedPolicy(PolicyTable Table, double NeedFactor, double ShortPrice, double ShortChance, double Cost);

/// <summary>How often a policy runs short, and what its walks cost.</summary>
/// <param name="table">The policy.</param>
/// <returns>Share of walks short, 0 to 1, and mean cost, kg·km.</returns>
public delegate (double ShortChance, double Cost) TryPolicy(PolicyTable table);

/// <summary>
/// The cheapest policy that keeps a promise: for every need factor the least price of running short that keeps it, and of these the least
/// mean cost (handbook room 70). Every factor is looked at by itself: neither cost nor price falls and rises evenly from one to the next,
/// and what is skipped on that belief may be the cheapest, or the only one that keeps the promise. The best are blended with careless
/// ones, so that a stretch need not be guarded wholly or not at all; and because the best of many is so by luck, too, it has to keep the
/// promise before a judge of its own.
/// </summary>
public sealed class PromiseSearch
{
    private static readonly double[] NeedFactors = [1, 1.05, 1.1, 1.15, 1.2, 1.26, 1.325, 1.39, 1.45, 1.54, 1.625, 1.71, 1.8];

    /// <summary>Each a quarter more than the one before: 20 to some 30 000.</summary>
    private static readonly double[] ShortPrices = [.. Enumerable.Range(0, 34).Select(i => 20 * Math.Pow(1.25, i))];

    private const double NearlyAll = 0.9;

    /// <summary>On a way of more places only every other factor is looked at and nothing blended, for the time it takes.</summary>
    internal const int ManyPlaces = 100;

    /// <summary>The shares of what may run short that are asked for in turn, and how many of the cheapest are put before the judge at each.</summary>
    private static readonly double[] Careful = [1, 0.95, 0.9, 0.85, 0.8, 0.7, 0.6, 0.4, 0.2, 0];
    private const int MostConfirmed = 4;

    /// <summary>Short at most so many times as often as it may be, a policy nearly keeps the promise.</summary>
    private const double Nearly = 1.5;

    /// <summary>So many of the cheapest are blended, with policies so many prices cheaper (picks: more found nothing better).</summary>
    private const int Blended = 2,
        StepsCheaper = 8;

    /// <summary>How much is looked at.</summary>
    public enum Effort
    {
        /// <summary>Every other factor, and nothing blended: close to the best.</summary>
        Coarse,
        Full,
    }

    private readonly PolicyProblem _problem;
    private readonly bool _coarse;
    private readonly double _mostShort;
    private readonly TryPolicy _attempt;
    private readonly Predicate<TriedPolicy> _confirms;

    /// <summary>Every policy that was tried, in turn.</summary>
    private readonly List<TriedPolicy> _tried = [];

    /// <summary>Which price the last factor needed.</summary>
    private int _least = ShortPrices.Length / 2;

    private PromiseSearch(PolicyProblem problem, double mostShort, Effort effort, TryPolicy attempt, Predicate<TriedPolicy> confirms) =>
        (_problem, _mostShort, _attempt, _confirms, _coarse) = (
            problem,
            mostShort,
            attempt,
            confirms,
            effort == Effort.Coarse || problem.Places.Count > ManyPlaces
        );

    /// <summary>Finds it; where none keeps the promise, the one that comes closest.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="mostShort">Share of walks that may run short, above 0.</param>
    /// <param name="effort">How much is looked at.</param>
    /// <param name="attempt">Tries a policy, every one alike.</param>
    /// <param name="confirms">Whether a policy keeps the promise before its judge, too.</param>
    public static TriedPolicy Find(
        PolicyProblem problem,
        double mostShort,
        Effort effort,
        TryPolicy attempt,
        Predicate<TriedPolicy> confirms
    )
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(attempt);
        ArgumentNullException.ThrowIfNull(confirms);
        return new PromiseSearch(problem, mostShort, effort, attempt, confirms).Find();
    }

    private IEnumerable<TriedPolicy> Keeping => _tried.Where(Keeps);

    private bool Keeps(TriedPolicy tried) => tried.ShortChance <= _mostShort;

    private TriedPolicy Find()
    {
        List<(TriedPolicy Policy, int Price)> kept = [];
        foreach (var factor in _coarse ? NeedFactors.Where((_, i) => i % 2 == 0) : NeedFactors)
        {
            if (Cheapest(factor) is { } found)
            {
                kept.Add((found, _least));
            }
        }

        if (!_coarse)
        {
            Blend(kept);
        }

        return Confirmed() ?? _tried.MinBy(Closeness)!;
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
                    .Where(t => t.ShortChance <= careful * _mostShort && !refused.Contains(t))
                    .OrderBy(t => t.Cost)
                    .Take(MostConfirmed)
                    .ToList()
            )
            {
                if (_confirms(policy))
                {
                    return policy;
                }

                refused.Add(policy);
            }
        }

        return null;
    }

    /// <summary>
    /// The least price that keeps the promise with a need factor, which is the cheapest policy: more to pay for running short, fewer walks
    /// short and more carried. Looked for around the last factor's, further off at every step, then by halves. Null where none keeps it.
    /// </summary>
    private TriedPolicy? Cheapest(double factor)
    {
        TriedPolicy? cheapest = null;
        bool KeepsAt(int at)
        {
            var tried = Try(PolicySolver.Solve(_problem, factor, ShortPrices[at]), factor, ShortPrices[at]);
            cheapest = Keeps(tried) ? tried : cheapest;
            return Keeps(tried);
        }

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

        _least = Math.Min(FirstOf(low, high, KeepsAt), ShortPrices.Length - 1);
        return cheapest;
    }

    /// <summary>
    /// The best of several factors with policies of their own that are cheaper, and the best of all with the cheapest that nearly keep the
    /// promise.
    /// </summary>
    private void Blend(List<(TriedPolicy Policy, int Price)> kept)
    {
        List<TriedPolicy> nearly = [.. _tried.Where(t => !Keeps(t) && t.ShortChance <= _mostShort * Nearly).OrderBy(t => t.Cost)];
        foreach (var (policy, price) in kept.OrderBy(k => k.Policy.Cost).Take(Blended).Where(k => k.Price >= StepsCheaper))
        {
            Blend(policy, PolicySolver.Solve(_problem, policy.NeedFactor, ShortPrices[price - StepsCheaper]));
        }

        if (Keeping.MinBy(k => k.Cost) is { } best)
        {
            foreach (var policy in nearly.Where(n => n.Cost < best.Cost).Take(Blended))
            {
                Blend(best, policy.Table);
            }
        }
    }

    /// <summary>
    /// One price for every stretch may guard more of them than the promise asks for: a policy that keeps it up to some place and a careless
    /// one from there on, and the other way round, at the place where the promise is just kept.
    /// </summary>
    private void Blend(TriedPolicy careful, PolicyTable careless)
    {
        bool KeepsBy(PolicyTable table) => Keeps(Try(table, careful.NeedFactor, careful.ShortPrice));
        var last = _problem.Places.Count - 1;
        FirstOf(1, last, place => KeepsBy(careful.Table.Then(careless, place)));
        FirstOf(1, last, place => !KeepsBy(careless.Then(careful.Table, place)));
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

    private TriedPolicy Try(PolicyTable table, double factor, double price)
    {
        var (shortChance, cost) = _attempt(table);
        var tried = new TriedPolicy(table, factor, price, shortChance, cost);
        _tried.Add(tried);
        return tried;
    }
}
