namespace JollyBrook.Core.Water;

/// <summary>What one barrier takes away from one class of organism.</summary>
/// <param name="Barrier">The barrier's name.</param>
/// <param name="Logs">Log reduction credited, 0 to <see cref="LogTarget.Cap"/>.</param>
/// <param name="Reason">Why that much.</param>
public sealed record LogCredit(string Barrier, double Logs, string Reason);

/// <summary>One class of organism: what each barrier takes away, against the target.</summary>
/// <param name="Organism">The class.</param>
/// <param name="TargetLogs">Log reduction wanted; null when switched off for this trip.</param>
/// <param name="Credits">What each barrier takes away.</param>
/// <param name="TotalLogs">The credits added up.</param>
/// <param name="ShortByLogs">How far the total falls short of the target; 0 when it is met.</param>
/// <param name="Meets">Whether the target is met (true when it is switched off).</param>
/// <param name="MinutesToTarget">Minutes of contact that reach the target; null when no wait does, or none is needed.</param>
public sealed record LedgerRow(
    OrganismClass Organism,
    double? TargetLogs,
    IReadOnlyList<LogCredit> Credits,
    double TotalLogs,
    double ShortByLogs,
    bool Meets,
    double? MinutesToTarget
);

/// <summary>Adds barriers up per class of organism. A 6 log barrier after a 4 log one gives 10; the target is what counts.</summary>
public static class LogLedger
{
    // Waits are rounded up to whole minutes, so this only forgives binary rounding.
    private const double Tolerance = 1e-9;

    /// <summary>What all barriers take of one class of organisms, against the target.</summary>
    public static LedgerRow Row(OrganismClass organism, LogTarget target, IReadOnlyList<LogCredit> credits, double? minutesToTarget)
    {
        ArgumentNullException.ThrowIfNull(target);
        var total = credits.Sum(c => c.Logs);
        var wanted = target.For(organism);
        var missing = Math.Max(0, (wanted ?? 0) - total);
        var meets = missing <= Tolerance;
        return new LedgerRow(
            Organism: organism,
            TargetLogs: wanted,
            Credits: credits,
            TotalLogs: total,
            ShortByLogs: meets ? 0 : missing,
            Meets: meets,
            MinutesToTarget: minutesToTarget
        );
    }
}
