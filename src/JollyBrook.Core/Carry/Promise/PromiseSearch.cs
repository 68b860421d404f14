namespace JollyBrook.Core.Carry.Promise;

/// <summary>A policy, and how it fares on the walks it was tried on.</summary>
/// <param name="Table">What to do at each water.</param>
/// <param name="NeedFactor">m: what the median need was multiplied by.</param>
/// <param name="ShortPrice">μ: the price of running short, kg·km.</param>
/// <param name="ShortChance">Share of the walks that ran short.</param>
/// <param name="Cost">Mean cost of a walk, kg·km: burden and λ × minutes.</param>
public sealed record TriedPolicy(PolicyTable Table, double NeedFactor, double ShortPrice, double ShortChance, double Cost);

/// <summary>How often a policy runs short on many walks, and what they cost.</summary>
/// <param name="table">The policy.</param>
/// <returns>Share of walks short, 0 to 1, and mean cost, kg·km.</returns>
public delegate (double ShortChance, double Cost) TryPolicy(PolicyTable table);

/// <summary>
/// The cheapest policy that keeps a promise: of a fixed set of need factors and prices of running short, the one of least mean cost among
/// those whose walks run short no more often than wanted (handbook room 70). The set is always the same, so that a greater certainty never
/// costs less.
/// </summary>
public static class PromiseSearch
{
    private static readonly double[] NeedFactors = [1, 1.1, 1.2, 1.35, 1.5, 1.75, 2];
    private static readonly double[] ShortPrices = [30, 100, 300, 1_000, 3_000, 10_000, 100_000];

    /// <summary>Finds it; where none keeps the promise, the one that comes closest.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="mostShort">Share of walks that may run short, above 0.</param>
    /// <param name="attempt">Tries a policy on walks, the same for every one.</param>
    public static TriedPolicy Find(PolicyProblem problem, double mostShort, TryPolicy attempt)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(attempt);
        TriedPolicy? best = null;
        TriedPolicy? closest = null;
        foreach (var factor in NeedFactors)
        {
            // More to pay for running short, fewer walks short and more carried: the least price that keeps the promise is the cheapest.
            var (low, high) = (0, ShortPrices.Length);
            while (low < high)
            {
                var middle = (low + high) / 2;
                var tried = Try(problem, factor, ShortPrices[middle], attempt);
                closest = closest is null || (tried.ShortChance, tried.Cost).CompareTo((closest.ShortChance, closest.Cost)) < 0 ? tried : closest;
                if (tried.ShortChance <= mostShort)
                {
                    best = best is null || tried.Cost < best.Cost ? tried : best;
                    high = middle;
                }
                else
                {
                    low = middle + 1;
                }
            }
        }

        return best ?? closest!;
    }

    private static TriedPolicy Try(PolicyProblem problem, double factor, double price, TryPolicy attempt)
    {
        var table = PolicySolver.Solve(problem, factor, price);
        var (shortChance, cost) = attempt(table);
        return new TriedPolicy(table, factor, price, shortChance, cost);
    }
}
