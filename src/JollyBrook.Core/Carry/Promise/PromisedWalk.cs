namespace JollyBrook.Core.Carry.Promise;

/// <summary>The plan that keeps its promise: a policy, and the walk it makes at the median with every likely source running.</summary>
internal sealed class PromisedWalk : PlannedWalk
{
    /// <summary>A source that runs more often than not is one the plan is told by.</summary>
    public const double Likely = 0.5;

    private const double WorthTakingL = 1e-6;

    /// <summary>Rungs that differ by no more are told as one, the fuller, L.</summary>
    private const double AlikeL = 0.25;
    private const int MostRounds = 6;

    private readonly PolicyWay _way;

    /// <summary>For each place and water, what is left with at least where it is filled at, L.</summary>
    private readonly double[][] _atLeast;

    /// <summary>For each place what may be in hand on arrival at most, whatever was found before it, L.</summary>
    public IReadOnlyList<double> MostOnArrivalL => _mostOnArrivalL ??= MostOnArrival();

    private double[]? _mostOnArrivalL;

    private readonly Lazy<double> _shortChance;

    private PromisedWalk(PlanSetup setup, PolicyWay way, TriedPolicy policy, double[][] atLeast, Func<PolicyTable, double> judge)
        : base(setup, FillsOf(setup, way, Walk(way, policy.Table, atLeast)))
    {
        (_way, Policy, _atLeast) = (way, policy, atLeast);
        _shortChance = new Lazy<double>(() => judge(policy.Table));
    }

    public override double ShortChance => _shortChance.Value;

    public TriedPolicy Policy { get; }

    public override LeaveWith Decide => (k, j, inHandL) => Leave(Policy.Table, _atLeast, k, j, inHandL);

    /// <summary>The walk of a policy at the median.</summary>
    /// <param name="setup">The trip.</param>
    /// <param name="way">The trip as the policy sees it.</param>
    /// <param name="policy">The policy.</param>
    /// <param name="judge">Tells how often one runs short, by what every plan is judged by.</param>
    public static PromisedWalk Of(PlanSetup setup, PolicyWay way, TriedPolicy policy, Func<PolicyTable, double> judge) =>
        new(setup, way, policy, Raised(way, policy.Table), judge);

    /// <summary>
    /// A policy as it is walked in the end: where it would arrive below the reserve at the median though there was room, the fill before is
    /// made larger.
    /// </summary>
    public static LeaveWith Walked(PolicyWay way, PolicyTable table)
    {
        var atLeast = Raised(way, table);
        return (k, j, inHandL) => Leave(table, atLeast, k, j, inHandL);
    }

    private static double[][] Raised(PolicyWay way, PolicyTable table)
    {
        double[][] atLeast = [.. way.Problem.Places.Select(p => p.Waters.Select(_ => double.NegativeInfinity).ToArray())];
        for (var round = 0; round < MostRounds && Raise(way, Walk(way, table, atLeast), atLeast); round++)
        {
            // Another stop may have taken its place.
        }

        return atLeast;
    }

    public override (double LeaveL, Place To)? IfRunning(Place place, double inHandL)
    {
        var k = Setup.Line.Places.IndexOf(place);
        if (k < 0 || _way.Problem.Places[k].Waters.Count == 0 || Decide(k, 0, inHandL) is not { } leave || leave <= inHandL + WorthTakingL)
        {
            return null;
        }

        // On from here with so much: where it is filled next.
        var (hand, last) = (leave, _way.Problem.Places.Count - 1);
        for (var at = k; at < last; at++)
        {
            if (at > k && Likeliest(_way, Policy.Table, _atLeast, at, hand) is { } next && next.Leave > hand + WorthTakingL)
            {
                return (leave, Setup.Line.Places[at]);
            }

            hand -= _way.Problem.Places[at].NeedL + _way.Problem.Places[at].NightL;
        }

        return (leave, Setup.Line.Places[last]);
    }

    public override IReadOnlyList<PolicyRung> Rungs(Place place)
    {
        // In the evening it is the camp's to decide.
        var k = Setup.Line.Places.FindIndex(p => place.IsEvening ? p.Kind == StopKind.Camp && p.Point == place.Point : p == place);
        var j = k < 0 ? -1 : _way.Sources[k].ToList().FindIndex(s => s.Id == place.Id);
        List<PolicyRung> rungs = [];
        var least = 0.0;
        // No more is ever in hand where all goes as planned, nor can be on coming here.
        var most = k < 0 ? 0 : Math.Min(Fills.Max(f => f.CarriedL), MostOnArrivalL[k]);
        for (var hand = 0.0; j >= 0 && hand <= most + WorthTakingL; hand += Policy.Table.StepL)
        {
            // A camp draws its night there, whatever it goes on with.
            var isCamp = _way.Problem.Places[k].NightL > 0;
            var leave = Decide(k, j, hand) is { } to && (isCamp || to > hand + WorthTakingL) ? to : (double?)null;
            var fuller = rungs.Count > 0 && rungs[^1].LeaveL is { } before && leave is { } now ? Math.Max(before, now) : (double?)null;
            if (
                rungs.Count > 0
                && (
                    fuller is { } alike
                        ? alike - Math.Min(least, leave!.Value) <= AlikeL + WorthTakingL
                        : rungs[^1].LeaveL is null && leave is null
                )
            )
            {
                rungs[^1] = rungs[^1] with { LeaveL = fuller };
                least = Math.Min(least, leave ?? least);
            }
            else
            {
                rungs.Add(new PolicyRung(hand, leave));
                least = leave ?? 0;
            }
        }

        return rungs;
    }

    public override (Place Water, double TripMinutes)? ElseFetch(PlannedFill fill)
    {
        var k = Setup.Line.Places.FindIndex(p => p.Kind == StopKind.Camp && p.Point == fill.At.Point);
        var dry = k < 0 ? -1 : _way.Sources[k].ToList().IndexOf(fill.Water);
        for (var j = dry + 1; dry >= 0 && j < _way.Sources[k].Count; j++)
        {
            if (Decide(k, j, fill.ArriveL) is not null)
            {
                return (_way.Sources[k][j], _way.Problem.Places[k].Waters[j].TripMinutes);
            }
        }

        return null;
    }

    private double[] MostOnArrival()
    {
        var most = new double[_way.Problem.Places.Count];
        var hand = _way.Problem.StartL;
        for (var k = 0; k < most.Length; k++)
        {
            most[k] = hand;
            for (var j = 0; j < _way.Problem.Places[k].Waters.Count; j++)
            {
                for (var came = 0.0; came <= most[k]; came += Policy.Table.StepL)
                {
                    hand = Math.Max(hand, Decide(k, j, came) ?? 0);
                }
            }
        }

        return most;
    }

    private static double? Leave(PolicyTable table, double[][] atLeast, int k, int j, double inHandL) =>
        table.LeaveWith(k, j, inHandL) is { } leave ? Math.Max(leave, atLeast[k][j]) : null;

    /// <summary>The water of a start that has none: what is in hand.</summary>
    private const int InHand = -1;

    private readonly record struct Stopped(int Place, int Water, double ArriveL, double Leave);

    /// <summary>The stops of a walk on which what is likely runs.</summary>
    private static List<Stopped> Walk(PolicyWay way, PolicyTable table, double[][] atLeast)
    {
        var hand = way.Problem.StartL;
        List<Stopped> stops = way.Problem.Places[0].Waters.Count == 0 ? [new(0, InHand, hand, hand)] : [];
        for (var k = 0; k < way.Problem.Places.Count - 1; k++)
        {
            var place = way.Problem.Places[k];
            var found = Likeliest(way, table, atLeast, k, hand);
            if (found is { } stop && (stop.Leave > hand + WorthTakingL || place.NightL > 0))
            {
                stops.Add(stop);
                hand = stop.Leave;
            }

            hand -= place.NeedL + (found is null ? place.NightL : 0);
        }

        return stops;
    }

    private static Stopped? Likeliest(PolicyWay way, PolicyTable table, double[][] atLeast, int k, double hand)
    {
        for (var j = 0; j < way.Problem.Places[k].Waters.Count; j++)
        {
            if (way.Problem.Places[k].Waters[j].Chance > Likely && Leave(table, atLeast, k, j, hand) is { } leave)
            {
                return new Stopped(k, j, hand, leave);
            }
        }

        return null;
    }

    /// <summary>Sees to the reserve at every next stop. Returns whether anything was raised.</summary>
    private static bool Raise(PolicyWay way, List<Stopped> stops, double[][] atLeast)
    {
        var raised = false;
        for (var n = 0; n < stops.Count; n++)
        {
            var (k, j, arrive, leave) = stops[n];
            if (j == InHand)
            {
                continue;
            }

            var water = way.Problem.Places[k].Waters[j];
            var (target, limit) = (NeedToNext(way, stops, n) + OnArrival(way, stops, n + 1), MostToLeave(water, arrive));
            if (Math.Min(target, limit) > leave + WorthTakingL)
            {
                atLeast[k][j] = Math.Min(target, limit);
                raised = true;
            }
            else if (target > limit + WorthTakingL && n > 0 && !double.IsInfinity(water.CacheL))
            {
                // A cache holds no more: the rest comes from the fill before it.
                raised |= RaiseBefore(way, stops[n - 1], target - limit, atLeast);
            }
        }

        return raised;
    }

    /// <summary>
    /// What a stop is reached with at the median, L: the reserve, and where its treatment is not waited for what is drunk while it works.
    /// </summary>
    private static double OnArrival(PolicyWay way, List<Stopped> stops, int n)
    {
        var (reserve, problem) = (way.Problem.ReserveL, way.Problem);
        if (
            n >= stops.Count
            || problem.Places[stops[n].Place].Waters[stops[n].Water] is not { WaitMinutes: > 0 } water
            || water.Wait(stops[n].ArriveL, 1, problem.DebtL, problem.KgKmPerMinute).Waits
        )
        {
            return reserve;
        }

        return Math.Max(reserve, water.WaitNeedL + water.DetourUseL);
    }

    private static bool RaiseBefore(PolicyWay way, Stopped stop, double moreL, double[][] atLeast)
    {
        var (k, j, arrive, leave) = stop;
        if (j == InHand)
        {
            return false;
        }

        var water = way.Problem.Places[k].Waters[j];
        var wanted = Math.Min(leave + moreL, MostToLeave(water, arrive));
        if (wanted <= leave + WorthTakingL)
        {
            return false;
        }

        atLeast[k][j] = wanted;
        return true;
    }

    /// <summary>What there is room for, in containers and bodies, and what lies there.</summary>
    private static double MostToLeave(PolicyWater water, double arriveL) =>
        Math.Min(water.CapacityL + water.DrinkL, arriveL + water.CacheL - (2 * water.DetourUseL));

    private static double NeedToNext(PolicyWay way, List<Stopped> stops, int n)
    {
        var (from, to) = (stops[n].Place, n + 1 < stops.Count ? stops[n + 1].Place : way.Problem.Places.Count - 1);
        var need = n + 1 < stops.Count ? way.Problem.Places[to].Waters[stops[n + 1].Water].DetourUseL : 0;
        for (var k = from; k < to; k++)
        {
            need += way.Problem.Places[k].NeedL + (k == from ? 0 : way.Problem.Places[k].NightL);
        }

        return need;
    }

    private static List<PlannedFill> FillsOf(PlanSetup setup, PolicyWay way, List<Stopped> stops)
    {
        var places = setup.Line.Places;
        Place At(Stopped stop) =>
            stop.Water == InHand ? places[0]
            : way.Sources[stop.Place][stop.Water] is { IsEvening: true } evening && evening.Point == places[stop.Place].Point ? evening
            : places[stop.Place];
        List<PlannedFill> fills = [];
        for (var n = 0; n < stops.Count; n++)
        {
            var (k, j, arrive, leave) = stops[n];
            var (place, water) = (way.Problem.Places[k], j == InHand ? new PolicyWater(1, leave) : way.Problem.Places[k].Waters[j]);
            var next = n + 1 < stops.Count ? stops[n + 1] : (Stopped?)null;
            var arriveNext = leave - NeedToNext(way, stops, n);
            var spot = place.NightL;
            var missing = way.Problem.ReserveL - arriveNext;
            fills.Add(
                new PlannedFill(At(stops[n]), next is { } to ? At(to) : places[^1], j == InHand ? places[0] : way.Sources[k][j])
                {
                    ArriveL = k == 0 ? 0 : arrive - water.DetourUseL,
                    DrinkL = water.DrinkL,
                    LeaveL = leave + water.DetourUseL - water.DrinkL + spot,
                    OnTheSpotL = spot,
                    ArriveNextL = arriveNext,
                    DetourUseL = water.DetourUseL,
                    TripMinutes = water.TripMinutes,
                    MinutesPerL = water.MinutesPerL,
                    WaitMinutes = water.WaitMinutes,
                    WaitsHere = k > 0 && water.Wait(arrive, 1, way.Problem.DebtL, way.Problem.KgKmPerMinute).Waits,
                    CapacityL = water.CapacityL,
                    ShortL = missing > WorthTakingL ? missing : 0,
                }
            );
        }

        return fills;
    }
}
