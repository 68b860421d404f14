namespace JollyBrook.Core.Carry.Promise;

/// <summary>
/// One of the ways a walk may go that nobody knows while it is walked: what its legs need and how likely its sources run.
/// </summary>
/// <param name="Share">Of all walks, 0 to 1.</param>
/// <param name="NeedL">Used on the leg from each place, L, the whole party.</param>
/// <param name="Chances">For each place and each of its waters, that it runs, 0 to 1.</param>
public sealed record PolicyCase(double Share, IReadOnlyList<double> NeedL, IReadOnlyList<IReadOnlyList<double>> Chances)
{
    /// <summary>
    /// How much of what arriving below the reserve costs is counted: 1 for the median walk, which keeps it; 0 for all others.
    /// </summary>
    public double ReserveShare { get; init; }

    /// <summary>Its hours against the plan's.</summary>
    public double Pace { get; init; } = 1;

    /// <summary>The median walk, which keeps the reserve.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="share">Of all walks, 0 to 1: with 1 all need what the median does.</param>
    public static PolicyCase Median(PolicyProblem problem, double share = 1)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var chances = problem.Places.Select(p => (IReadOnlyList<double>)[.. p.Waters.Select(w => w.Chance)]);
        return new PolicyCase(share, [.. problem.Places.Select(p => p.NeedL)], [.. chances]) { ReserveShare = 1 };
    }
}
