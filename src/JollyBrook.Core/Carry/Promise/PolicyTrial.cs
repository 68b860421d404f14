namespace JollyBrook.Core.Carry.Promise;

/// <summary>Tries policies: all under the same conditions, and the one to be taken by what the plan is judged by.</summary>
internal sealed class PolicyTrial
{
    /// <summary>Two to the power of it: enough to tell policies apart; fewer where a first look will do, or the way is long.</summary>
    private const int Conditions = 7,
        LongConditions = 6,
        FirstConditions = 5;

    private readonly PolicyWay _way;
    private readonly CarrySimulation _simulation;
    private readonly PolicyOdds _odds;
    private PolicyOdds? _judge;

    public PolicyTrial(PlanSetup setup, PolicyWay way, PromiseSearch.Effort effort)
    {
        (_way, _simulation) = (way, CarrySimulation.Of(setup, way));
        _odds = _simulation.Odds(
            effort == PromiseSearch.Effort.Coarse ? FirstConditions
            : way.Problem.Places.Count > PromiseSearch.ManyPlaces ? LongConditions
            : Conditions
        );
    }

    /// <summary>Tries one as it would be walked.</summary>
    /// <returns>Share of walks short, 0 to 1, and mean cost, kg·km.</returns>
    public (double ShortChance, double Cost) Try(PolicyTable table) => _odds.Reckon(PromisedWalk.Walked(_way, table));

    /// <summary>Whether one keeps the promise by what the plan is judged by in the end.</summary>
    /// <param name="table">The policy.</param>
    /// <param name="certainty">What is promised, share of walks that do not run short.</param>
    public bool Confirms(PolicyTable table, double certainty)
    {
        _judge ??= PlanPromise.OddsOf(_simulation);
        return _judge.Reckon(PromisedWalk.Walked(_way, table)).ShortChance <= PlanPromise.MostShort(certainty);
    }
}
