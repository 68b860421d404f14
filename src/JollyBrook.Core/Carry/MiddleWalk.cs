using JollyBrook.Core.Carry.Promise;

namespace JollyBrook.Core.Carry;

/// <summary>
/// The plan for the middle: the shortest path over what is trusted, exact (handbook room 70). The check of the promised one.
/// </summary>
internal sealed class MiddleWalk : PlannedWalk
{
    private const int MostRounds = 5;

    private readonly Func<CarryStop, CarryFill> _wayOn;
    private readonly PolicyWay _way;
    private readonly double[] _leave;
    private readonly double[] _toNext;

    private MiddleWalk(PlanSetup setup, CarrySolution solution, Func<CarryStop, CarryFill> wayOn)
        : base(setup, FillsOf(setup, solution))
    {
        (_wayOn, _way) = (wayOn, new PolicyWay(setup));
        (_leave, _toNext) = (new double[setup.Line.Places.Count], new double[setup.Line.Places.Count]);
        Array.Fill(_leave, double.NaN);
        for (var k = 0; k < setup.Line.Places.Count; k++)
        {
            var place = setup.Line.Places[k];
            var planned = Fills.FirstOrDefault(f =>
                f.At == place || (place.Kind == StopKind.Camp && f.At.IsEvening && f.At.Point == place.Point)
            );
            if (planned is not null)
            {
                _leave[k] = planned.CarriedL + planned.DrinkL - planned.DetourUseL;
            }

            var next = Fills.FirstOrDefault(f => f.To.Point > place.Point && f.At.Point <= place.Point) ?? Fills[^1];
            _toNext[k] =
                setup.Line.NeedL[next.To.Point] - setup.Line.NeedL[place.Point] + next.ArriveNextL + setup.Stop(next.To).DetourUseL;
        }
    }

    /// <summary>
    /// Solves it with the times that Treat gives for the litres it fills: how much is taken sets how long it is treated, and that sets
    /// where to wait. A time once found is never made shorter, so it settles.
    /// </summary>
    public static MiddleWalk Solve(PlanSetup setup)
    {
        for (var round = 0; ; round++)
        {
            var (solution, wayOn) = CarrySolver.SolveWithWaysOn(setup.Middle);
            var walk = new MiddleWalk(setup, solution, wayOn);
            if (round == MostRounds || !setup.Treatment.CanTell || !setup.TreatAsFilled(walk))
            {
                return walk;
            }
        }
    }

    /// <summary>As planned, topping up wherever the water in hand no longer reaches the next planned fill.</summary>
    public override LeaveWith Decide =>
        (k, j, inHandL) =>
        {
            var wanted = Math.Min(_way.Problem.Places[k].Waters[j].CapacityL, double.IsNaN(_leave[k]) ? _toNext[k] : _leave[k]);
            return wanted > inHandL || _way.Sources[k][j].IsEvening ? Math.Max(wanted, inHandL - _way.Problem.Places[k].NightL) : null;
        };

    public override (double LeaveL, Place To)? IfRunning(Place place, double inHandL)
    {
        var stop = Setup.Stop(place);
        var on = _wayOn(stop);
        return on.LeaveL <= inHandL ? null : (Math.Max(0, on.LeaveL - stop.OnTheSpotL), Setup.Counted[on.To]);
    }

    private static List<PlannedFill> FillsOf(PlanSetup setup, CarrySolution solution) =>
        [
            .. solution.Fills.Select(
                (f, n) =>
                {
                    var (at, stop) = (setup.Counted[f.From], setup.Middle.Stops[f.From]);
                    return new PlannedFill(at, setup.Counted[f.To], at)
                    {
                        ArriveL = f.ArriveL,
                        DrinkL = f.DrinkL,
                        LeaveL = f.LeaveL,
                        ArriveNextL = f.ArriveNextL,
                        ShortL = f.ShortL,
                        OnTheSpotL = stop.OnTheSpotL,
                        DetourUseL = f.From == 0 ? 0 : stop.DetourUseL,
                        TripMinutes = f.From == 0 ? 0 : stop.StopMinutes,
                        MinutesPerL = f.From == 0 ? 0 : stop.MinutesPerL,
                        WaitMinutes = stop.WaitMinutes,
                        CapacityL = stop.CapacityL,
                        WaitsHere = n > 0 && solution.Fills[n - 1].WaitsAtNext,
                    };
                }
            ),
        ];
}
