namespace JollyBrook.Core.Carry.Promise;

/// <summary>
/// What each leg costs in a case from each level in hand, and how far it falls: the same whatever running short costs, so that it is
/// reckoned once for all policies that are solved.
/// </summary>
internal sealed class LegCosts
{
    private const double Slack = 1e-9;

    private readonly double[] _level;
    private readonly double _step;
    private readonly PolicyProblem _problem;
    private readonly IReadOnlyList<PolicyCase> _cases;

    /// <summary>By case and place: after the night, after what is drunk of one, after filling at each water.</summary>
    private readonly double[]?[][][] _cost;

    public LegCosts(PolicyProblem problem, IReadOnlyList<PolicyCase> cases, double[] level)
    {
        (_problem, _cases, _level, _step) = (problem, cases, level, problem.StepL);
        _cost = [.. cases.Select(_ => problem.Places.Select(p => new double[]?[Filled + p.Waters.Count]).ToArray())];
    }

    /// <summary>
    /// What was done at the place before the leg: a night of cooking and drinking, or of drinking, or filled at its first water, the next
    /// one …
    /// </summary>
    public const int Night = 0,
        DryNight = 1,
        Filled = 2;

    /// <summary>The cost of walking on from each level, times the share of the case, kg·km.</summary>
    /// <param name="c">The case.</param>
    /// <param name="k">The place.</param>
    /// <param name="after">What was done there.</param>
    public double[] Of(int c, int k, int after) => _cost[c][k][after] ??= Reckon(c, k, UsedL(k, after), InBodyL(k, after));

    /// <summary>Used at the place before the leg, L.</summary>
    private double UsedL(int k, int after) =>
        after switch
        {
            Night => _problem.Places[k].NightL,
            DryNight => _problem.Places[k].DryNightL,
            _ => 0,
        };

    /// <summary>Drunk there and not yet used, L: not carried.</summary>
    private double InBodyL(int k, int after) => after < Filled ? 0 : _problem.Places[k].Waters[after - Filled].DrinkL;

    private double[] Reckon(int c, int k, double usedL, double inBodyL)
    {
        var (place, share, need) = (_problem.Places[k], _cases[c].Share, _cases[c].NeedL[k]);
        var (owing, effort) = (share * PolicyProblem.DebtPrice * place.Hours * _cases[c].Pace, share * place.EffortKm);
        var cost = new double[_level.Length];
        for (var i = 0; i < cost.Length; i++)
        {
            var hand = _level[i] - usedL;
            cost[i] =
                (PolicyLeg.CarriedL(hand, need, inBodyL) * effort) + (hand < need ? owing * PolicyLeg.MeanAbove(need - hand, need) : 0);
        }

        return cost;
    }

    /// <summary>How many steps every level falls, whole ones and the share of one more that is left.</summary>
    /// <param name="c">The case.</param>
    /// <param name="k">The place.</param>
    /// <param name="after">What was done at the place before the leg.</param>
    public (int Steps, double Share) Fall(int c, int k, int after)
    {
        var fall = -(UsedL(k, after) + _cases[c].NeedL[k]) / _step;
        var down = (int)Math.Floor(fall + Slack);
        return (down, fall - down < Slack ? 0 : fall - down);
    }
}
