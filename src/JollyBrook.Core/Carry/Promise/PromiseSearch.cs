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
/// The cheapest policy that keeps a promise: for every need factor the least price of running short that keeps it, and of these the least
/// mean cost (handbook room 70). Every factor is looked at by itself: neither cost nor price falls and rises evenly from one to the next, and
/// what is skipped on that belief may be the cheapest, or the only one that keeps the promise.
/// </summary>
public sealed class PromiseSearch
{
    private static readonly double[] NeedFactors = [1, 1.1, 1.2, 1.325, 1.45, 1.625, 1.8];

    /// <summary>Each 2.5 times the one before: 20 to some 30 000.</summary>
    private static readonly double[] ShortPrices = [.. Enumerable.Range(0, 9).Select(i => 20 * Math.Pow(2.5, i))];

    private const double NearlyAll = 0.9;

    private readonly PolicyProblem _problem;
    private readonly double _mostShort;
    private readonly TryPolicy _attempt;
    private TriedPolicy? _best;
    private TriedPolicy? _closest;

    /// <summary>Which price the last factor needed.</summary>
    private int _least = ShortPrices.Length / 2;

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
        foreach (var factor in NeedFactors)
        {
            Cheapest(factor);
        }

        return _best ?? _closest!;
    }

    /// <summary>
    /// The least price that keeps the promise with a need factor, which is the cheapest policy: more to pay for running short, fewer walks
    /// short and more carried. Looked for beside the last factor's, from which it is seldom more than a step away, then by halves.
    /// </summary>
    private void Cheapest(double factor)
    {
        var (low, high) = (0, ShortPrices.Length);
        for (int? beside = _least; low < high;)
        {
            var at = beside is { } near && near >= low && near < high ? near : (low + high) / 2;
            var keeps = Try(factor, ShortPrices[at]).ShortChance <= _mostShort;
            (low, high) = keeps ? (low, at) : (at + 1, high);
            beside = beside is not null && at == _least ? at + (keeps ? -1 : 1) : null;
        }

        _least = low;
    }

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
