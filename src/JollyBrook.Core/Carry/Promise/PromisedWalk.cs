namespace JollyBrook.Core.Carry.Promise;

/// <summary>The plan that keeps its promise: a policy, and the walk it makes at the median with every likely source running.</summary>
internal sealed class PromisedWalk : PlannedWalk
{
    /// <summary>A source that runs more often than not is one the plan is told by.</summary>
    public const double Likely = 0.5;

    private const double WorthTakingL = RaisedPolicy.WorthTakingL;

    /// <summary>Rungs that differ by no more are told as one, the fuller, L.</summary>
    private const double AlikeL = 0.25;

    private readonly PolicyWay _way;

    private readonly RaisedPolicy _raised;

    /// <summary>For each place what may be in hand on arrival at most, whatever was found before it, L.</summary>
    public IReadOnlyList<double> MostOnArrivalL => _mostOnArrivalL ??= MostOnArrival();

    private double[]? _mostOnArrivalL;

    private readonly Lazy<double> _shortChance;

    private PromisedWalk(PlanSetup setup, PolicyWay way, TriedPolicy policy, RaisedPolicy raised, Func<PolicyTable, double> judge)
        : base(setup, FillsOf(setup, way, raised))
    {
        (_way, Policy, _raised) = (way, policy, raised);
        _shortChance = new Lazy<double>(() => judge(policy.Table));
    }

    public override double ShortChance => _shortChance.Value;

    public TriedPolicy Policy { get; }

    public override LeaveWith Decide => _raised.Leave;

    /// <summary>The walk of a policy at the median.</summary>
    /// <param name="setup">The trip.</param>
    /// <param name="way">The trip as the policy sees it.</param>
    /// <param name="policy">The policy.</param>
    /// <param name="judge">Tells how often one runs short, by what every plan is judged by.</param>
    public static PromisedWalk Of(PlanSetup setup, PolicyWay way, TriedPolicy policy, Func<PolicyTable, double> judge) =>
        new(setup, way, policy, new RaisedPolicy(way, policy.Table), judge);

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
            if (at > k && _raised.Likeliest(at, hand) is { } next && next.LeaveL > hand + WorthTakingL)
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

    private static List<PlannedFill> FillsOf(PlanSetup setup, PolicyWay way, RaisedPolicy raised)
    {
        var (places, stops) = (setup.Line.Places, raised.Stops);
        Place At(Stopped stop) =>
            stop.Water == Stopped.InHand ? places[0]
            : way.Sources[stop.Place][stop.Water] is { IsEvening: true } evening && evening.Point == places[stop.Place].Point ? evening
            : places[stop.Place];
        List<PlannedFill> fills = [];
        for (var n = 0; n < stops.Count; n++)
        {
            var (k, j, arrive, leave) = stops[n];
            var (place, water) = (way.Problem.Places[k], j == Stopped.InHand ? new PolicyWater(1, leave) : way.Problem.Places[k].Waters[j]);
            var next = n + 1 < stops.Count ? stops[n + 1] : (Stopped?)null;
            var arriveNext = leave - raised.NeedToNext(stops, n);
            var spot = place.NightL;
            var missing = way.Problem.ReserveL - arriveNext;
            fills.Add(
                new PlannedFill(At(stops[n]), next is { } to ? At(to) : places[^1], j == Stopped.InHand ? places[0] : way.Sources[k][j])
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
