namespace JollyBrook.Core.Carry.Promise;

/// <summary>Tries policies on the same simulated walks.</summary>
internal sealed class PolicyTrial(PlanSetup setup, PolicyWay way)
{
    /// <summary>Enough to tell policies apart: at 5 % the standard error is 0.7 %.</summary>
    private const int Walks = 1_000;
    private const ulong Seed = 20_261_126;

    private readonly CarrySimulation _simulation = CarrySimulation.Of(setup, way);

    public (double ShortChance, double Cost) Try(PolicyTable table)
    {
        var tally = _simulation.Run(table.LeaveWith, Walks, Seed, keepsLitres: false);
        return ((double)tally.RunsShort / Walks, (tally.KgKm + (setup.KgKmPerMinute * tally.Minutes)) / Walks);
    }
}
