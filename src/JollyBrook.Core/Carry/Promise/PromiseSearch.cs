namespace JollyBrook.Core.Carry.Promise;

/// <summary>A policy, and how it fares on the walks it was tried on.</summary>
/// <param name="Table">What to do at each water.</param>
/// <param name="NeedFactor">m: what the median need was multiplied by.</param>
/// <param name="ShortPrice">μ: the price of running short, kg·km.</param>
/// <param name="ShortChance">Share of the walks that ran short.</param>
/// <param name="Cost">Mean cost of a walk, kg·km: burden, λ × minutes, and what was owed.</param>
public sealed record TriedPolicy(PolicyTable Table, double NeedFactor, double ShortPrice, double ShortChance, double Cost);

/// <summary>How often a policy runs short on many walks, and what they cost.</summary>
/// <param name="table">The policy.</param>
/// <param name="mostShort">Share of walks that may run short: far above it nothing more need be known.</param>
/// <returns>Share of walks short, 0 to 1, and mean cost, kg·km.</returns>
public delegate (double ShortChance, double Cost) TryPolicy(PolicyTable table, double mostShort);

/// <summary>
/// The cheapest policy that keeps a promise: need factor and price of running short are searched, coarsely and then about the best, for the
/// least mean cost among those whose walks run short no more often than wanted (handbook room 70).
/// </summary>
public sealed class PromiseSearch
{
    private static readonly double[] NeedFactors = [1, 1.2, 1.45, 1.8];

    /// <summary>Each 1.6 times the one before: 20 to some 36 000.</summary>
    private static readonly double[] ShortPrices = [.. Enumerable.Range(0, 17).Select(i => 20 * Math.Pow(1.6, i))];

    private const double NearlyAll = 0.9;

    private readonly PolicyProblem _problem;
    private readonly double _mostShort;
    private readonly TryPolicy _attempt;
    private int _enough = ShortPrices.Length;
    private TriedPolicy? _best;
    private TriedPolicy? _closest;

    private PromiseSearch(PolicyProblem problem, double mostShort, TryPolicy attempt) => (_problem, _mostShort, _attempt) = (problem, mostShort, attempt);

    /// <summary>Finds it; where none keeps the promise, the one that comes closest.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="mostShort">Share of walks that may run short, above 0.</param>
    /// <param name="attempt">Tries a policy on walks, the same for every one.</param>
    public static TriedPolicy Find(PolicyProblem problem, double mostShort, TryPolicy attempt)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(attempt);
        return new PromiseSearch(problem, mostShort, attempt).Find();
    }

    private TriedPolicy Find()
    {
        // Cheaper with every factor up to the best one, and dearer beyond.
        var last = double.PositiveInfinity;
        foreach (var factor in NeedFactors)
        {
            var cost = Cheapest(factor);
            if (cost > last && !double.IsInfinity(last))
            {
                break;
            }

            last = cost;
        }

        if (_best is { NeedFactor: var m })
        {
            var at = Array.IndexOf(NeedFactors, m);
            foreach (var factor in new[] { at > 0 ? (NeedFactors[at - 1] + m) / 2 : 0, at + 1 < NeedFactors.Length ? (NeedFactors[at + 1] + m) / 2 : 0 }.Where(f => f > 0))
            {
                Cheapest(factor);
            }
        }

        return _best ?? _closest!;
    }

    /// <summary>
    /// The least price that keeps the promise with a need factor, which is the cheapest policy: more to pay for running short, fewer walks
    /// short and more carried. What was enough with a smaller factor is nearly always enough, so it is looked for below that first.
    /// </summary>
    /// <returns>Its cost; infinite where none keeps it.</returns>
    private double Cheapest(double factor)
    {
        var cost = Cheapest(factor, 0, _enough);
        if (double.IsInfinity(cost) && _enough < ShortPrices.Length)
        {
            cost = Keeps(factor, _enough) ?? Cheapest(factor, _enough + 1, ShortPrices.Length);
        }

        return cost;
    }

    /// <summary>By halves among the prices from <paramref name="low"/> to below <paramref name="high"/>.</summary>
    private double Cheapest(double factor, int low, int high)
    {
        var cost = double.PositiveInfinity;
        while (low < high)
        {
            var middle = (low + high) / 2;
            if (Keeps(factor, middle) is { } kept)
            {
                (high, cost, _enough) = (middle, kept, middle);
            }
            else
            {
                low = middle + 1;
            }
        }

        return cost;
    }

    /// <summary>The cost of a policy where it keeps the promise; null where it does not.</summary>
    private double? Keeps(double factor, int price) => Try(factor, ShortPrices[price]) is var tried && tried.ShortChance <= _mostShort ? tried.Cost : null;

    /// <summary>
    /// Fewer walks short are closer, then cheaper ones. Where one stretch cannot be walked at all every walk is short and their share says
    /// nothing: then the one to whom running short is dearest, so that the other stretches are walked with care.
    /// </summary>
    private static (double Short, double Careless, double Cost) Closeness(TriedPolicy tried) =>
        tried.ShortChance >= NearlyAll ? (1, -tried.ShortPrice, tried.Cost) : (tried.ShortChance, 0, tried.Cost);

    private TriedPolicy Try(double factor, double price)
    {
        var table = PolicySolver.Solve(_problem, factor, price);
        var (shortChance, cost) = _attempt(table, _mostShort);
        var tried = new TriedPolicy(table, factor, price, shortChance, cost);
        _closest = _closest is null || Closeness(tried).CompareTo(Closeness(_closest)) < 0 ? tried : _closest;
        if (shortChance <= _mostShort && (_best is null || cost < _best.Cost))
        {
            _best = tried;
        }

        return tried;
    }
}
