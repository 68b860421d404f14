using JollyBrook.Core.Water;

namespace JollyBrook.Core.Barriers;

/// <summary>What a chain has done before a barrier's turn comes.</summary>
/// <param name="Logs">Logs taken away by class, in the order of <see cref="OrganismClasses.All"/>.</param>
/// <param name="Minutes">Minutes passed since the start.</param>
public sealed record ChainSoFar(IReadOnlyList<double> Logs, double Minutes)
{
    /// <summary>Nothing yet.</summary>
    public static ChainSoFar Nothing { get; } = new(new double[OrganismClasses.All.Count], 0);

    /// <summary>Logs of a class that are still to be taken away; 0 when the chain has reached the target, or none is asked.</summary>
    public double StillWanted(OrganismClass organism, LogTarget target)
    {
        ArgumentNullException.ThrowIfNull(target);
        return Math.Max(0, (target.For(organism) ?? 0) - Logs[(int)organism]);
    }

    /// <summary>The same with one more barrier behind it.</summary>
    public ChainSoFar After(BarrierResult result)
    {
        ArgumentNullException.ThrowIfNull(result);
        return new ChainSoFar([.. Logs.Zip(result.Credits, (logs, credit) => logs + credit.Logs)], Minutes + (result.MinutesToSip ?? 0));
    }
}
