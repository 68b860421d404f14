namespace JollyBrook.Core.Carry.Promise;

/// <summary>Tries policies on the same simulated walks.</summary>
internal sealed class PolicyTrial
{
    /// <summary>Enough to tell policies apart: at 5 % the standard error is 1 %.</summary>
    private const int Walks = 500;
    private const int OtherWalks = PlanPromise.Walks;
    private const double GiveUpAt = 1.5;
    private const ulong Seed = 20_261_126;

    private readonly double _kgKmPerMinute;
    private readonly CarrySimulation _simulation;
    private readonly IReadOnlyList<DrawnWalk> _walks;
    private IReadOnlyList<DrawnWalk>? _others;

    public PolicyTrial(PlanSetup setup, PolicyWay way)
    {
        (_kgKmPerMinute, _simulation) = (setup.KgKmPerMinute, CarrySimulation.Of(setup, way));
        _walks = _simulation.Draw(Walks, Seed);
    }

    /// <summary>Tries one; it is given up once it has run short far more often than it may.</summary>
    public (double ShortChance, double Cost) Try(PolicyTable table, double mostShort)
    {
        var tally = _simulation.Run(table.LeaveWith, _walks, (int)(GiveUpAt * mostShort * Walks) + 1);
        return ((double)tally.RunsShort / tally.Runs, (tally.KgKm + (_kgKmPerMinute * tally.Minutes) + tally.Owed) / tally.Runs);
    }

    /// <summary>Whether one keeps the promise on other walks than those it was chosen by: the best of many is so by luck, too.</summary>
    /// <param name="decide">The policy as it would be walked.</param>
    /// <param name="certainty">What is promised, share of walks that do not run short.</param>
    public bool Confirms(LeaveWith decide, double certainty)
    {
        _others ??= _simulation.Draw(OtherWalks, Seed + 1);
        var most = PlanPromise.MostShort(certainty) * OtherWalks;
        return _simulation.Run(decide, _others, (int)most).RunsShort <= most;
    }
}
