namespace JollyBrook.Core.Carry.Promise;

/// <summary>How much is looked at for a plan.</summary>
internal enum SearchEffort
{
    /// <summary>Few conditions, one way to solve and nothing mixed: close to the best.</summary>
    Coarse,
    Full,
}

/// <summary>
/// Finds the policy that keeps a promise: all are tried under the same conditions, and the one to be taken by what the plan is judged by.
/// </summary>
internal sealed class PolicyTrial
{
    /// <summary>On a way of more places fewer conditions are looked at and nothing is mixed, for the time it takes.</summary>
    private const int ManyPlaces = 100;

    /// <summary>Two to the power of them: the conditions a policy is tried under, and those it is solved for.</summary>
    private const int Conditions = 7,
        LongConditions = 6,
        FirstConditions = 5,
        SolvedConditions = 3;

    private readonly PlanSetup _setup;
    private readonly PolicyWay _way;
    private readonly CarrySimulation _simulation;
    private readonly SearchEffort _effort;
    private readonly PolicyOdds _odds;
    private readonly PolicyCase[] _cases;
    private readonly Dictionary<PolicyTable, double> _judged = [];
    private PolicyOdds? _judge;

    public PolicyTrial(PlanSetup setup, PolicyWay way, SearchEffort effort)
    {
        (_setup, _way, _simulation, _effort) = (setup, way, CarrySimulation.Of(setup, way), effort);
        _odds = _simulation.Odds(
            effort == SearchEffort.Coarse ? FirstConditions
            : IsLong ? LongConditions
            : Conditions
        );
        _cases = [.. _simulation.Cases(SolvedConditions)];
    }

    private bool IsLong => _way.Problem.Places.Count > ManyPlaces;

    /// <summary>Finds it.</summary>
    /// <param name="nearPrice">The price of running short that was found for much the same trip, kg·km; null where none was.</param>
    public TriedPolicy Find(double? nearPrice)
    {
        // Seen to where it is solved, the reserve is kept whatever runs dry; else the fill before is made larger once it is walked.
        List<SolvePolicy> solve = [new PolicySolver(_way.Problem, [PolicyCase.Median(_way.Problem, 0), .. _cases]).Solve];
        if (_effort == SearchEffort.Full)
        {
            solve.Add(new PolicySolver(_way.Problem, _cases).Solve);
        }

        return PromiseSearch.Find(
            new PromiseQuestion(solve, Try, Confirms)
            {
                Places = _way.Problem.Places.Count,
                MostShort = 1 - _setup.Certainty,
                NearPrice = nearPrice,
                Mixes = _effort == SearchEffort.Full && !IsLong,
            }
        );
    }

    /// <summary>One as it would be walked.</summary>
    private Fate? Try(PolicyTable table, double most)
    {
        _setup.Cancellation.ThrowIfCancellationRequested();
        return _odds.Reckon(new RaisedPolicy(_way, table), most);
    }

    /// <summary>Share of walks that run short of a policy, by what the plan is judged by.</summary>
    public double Judge(PolicyTable table)
    {
        if (!_judged.TryGetValue(table, out var share))
        {
            _judge ??= PlanPromise.OddsOf(_simulation);
            _judged[table] = share = _judge.Reckon(new RaisedPolicy(_way, table).Leave).ShortChance;
        }

        return share;
    }

    /// <summary>One that is looked for coarsely tells what is filled where, and is not walked.</summary>
    private bool Confirms(TriedPolicy policy) =>
        _effort == SearchEffort.Coarse || PlanPromise.IsKept(Judge(policy.Table), _setup.Certainty);
}
