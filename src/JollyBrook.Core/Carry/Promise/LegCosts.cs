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
    private readonly Dictionary<(int Case, int Place, double UsedL, double InBodyL), double[]> _cost = [];
    private readonly PolicyProblem _problem;
    private readonly IReadOnlyList<PolicyCase> _cases;

    public LegCosts(PolicyProblem problem, IReadOnlyList<PolicyCase> cases, double[] level) =>
        (_problem, _cases, _level, _step) = (problem, cases, level, problem.StepL);

    /// <summary>The cost of walking on from each level, times the share of the case, kg·km.</summary>
    /// <param name="c">The case.</param>
    /// <param name="k">The place.</param>
    /// <param name="usedL">Used at the place before, L.</param>
    /// <param name="inBodyL">Drunk there and not yet used, L: not carried.</param>
    public double[] Of(int c, int k, double usedL, double inBodyL)
    {
        if (_cost.TryGetValue((c, k, usedL, inBodyL), out var known))
        {
            return known;
        }

        var (place, share, need) = (_problem.Places[k], _cases[c].Share, _cases[c].NeedL[k]);
        var (owing, effort) = (share * PolicyProblem.DebtPrice * place.Hours * _cases[c].Pace, share * place.EffortKm);
        var cost = new double[_level.Length];
        for (var i = 0; i < cost.Length; i++)
        {
            var hand = _level[i] - usedL;
            var carried =
                PolicyLeg.MeanAbove(hand, need) - (inBodyL > 0 ? PolicyLeg.MeanAbove(Math.Min(inBodyL, Math.Max(0, hand)), need) : 0);
            cost[i] = (carried * effort) + (hand < need ? owing * PolicyLeg.MeanAbove(need - hand, need) : 0);
        }

        return _cost[(c, k, usedL, inBodyL)] = cost;
    }

    /// <summary>How many steps every level falls, whole ones and the share of one more that is left.</summary>
    /// <param name="c">The case.</param>
    /// <param name="k">The place.</param>
    /// <param name="usedL">Used at the place before the leg, L.</param>
    public (int Steps, double Share) Fall(int c, int k, double usedL)
    {
        var fall = -(usedL + _cases[c].NeedL[k]) / _step;
        var down = (int)Math.Floor(fall + Slack);
        return (down, fall - down < Slack ? 0 : fall - down);
    }
}
