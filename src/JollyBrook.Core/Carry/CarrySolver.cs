namespace JollyBrook.Core.Carry;

/// <summary>
/// The exact plan: a shortest path over the stops (handbook room 70). Going from fill i to fill j costs the carried litres along the
/// way and the minutes at j; nothing else couples them, so the best of all subsets is found in O(n²).
/// </summary>
public static class CarrySolver
{
    /// <summary>Dearer than any plan that fits: what cannot be carried is kept least.</summary>
    private const double ShortCostPerL = 1e9;
    private const double Slack = 1e-9;

    /// <summary>The plan of least cost; where no plan fits, the one with the fewest litres too many.</summary>
    public static CarrySolution Solve(CarryProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return new Search(problem).Best();
    }

    /// <summary>Solves once, and then tells the way on from places that are not among its stops.</summary>
    public static (CarrySolution Solution, Func<CarryStop, CarryFill> WayOn) SolveWithWaysOn(CarryProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var search = new Search(problem);
        return (search.Best(), search.WayOn);
    }

    private readonly record struct Hop(double LeaveL, double DrinkL, double ArriveNextL, bool Waits, double ShortL, double Cost);

    private sealed class Search(CarryProblem problem)
    {
        private readonly CarryStop[] _stops = [.. problem.Stops];
        private readonly double[] _use = [.. problem.Stops.Select(s => problem.UseL[s.Point])];
        private readonly double[] _effort = [.. problem.Stops.Select(s => problem.EffortKm[s.Point])];
        private readonly double[] _area = [.. problem.Stops.Select(s => problem.UseByEffort[s.Point])];

        // Backwards: the level on arrival is settled by the hop that leads there, and minutes by the litre depend on it.
        private readonly double[,] _rest = new double[problem.Stops.Count, 2];
        private readonly (int To, bool Waits)[,] _next = new (int, bool)[problem.Stops.Count, 2];

        public CarrySolution Best()
        {
            for (var i = _stops.Length - 2; i >= 0; i--)
            {
                // 0: arrives with the reserve. 1: arrives with what the treatment's wait needs.
                for (var level = 0; level < (i == 0 || _stops[i].WaitNeedL <= problem.ReserveL ? 1 : 2); level++)
                {
                    (_rest[i, level], _next[i, level]) = Look(_stops[i], i, i == 0 ? 0 : Arrival(i, level));
                }
            }

            return Follow();
        }

        /// <summary>The first hop of the best way on from a stop found running; after <see cref="Best"/>.</summary>
        public CarryFill WayOn(CarryStop from)
        {
            var before = 0;
            while (before + 1 < _stops.Length - 1 && _stops[before + 1].Point <= from.Point)
            {
                before++;
            }

            var (_, (to, waits)) = Look(from, before, problem.ReserveL, isStart: false);
            var hop = Between(from, to, problem.ReserveL, Level(to, waits), waits, isStart: false);
            return new CarryFill(
                From: before,
                To: to,
                ArriveL: problem.ReserveL,
                DrinkL: hop.DrinkL,
                LeaveL: hop.LeaveL,
                ArriveNextL: hop.ArriveNextL,
                WaitsAtNext: waits,
                ShortL: hop.ShortL
            );
        }

        private double Arrival(int stop, int level) => level == 0 ? problem.ReserveL : _stops[stop].WaitNeedL;

        /// <summary>The best of all next stops after number <paramref name="i"/>, and what it costs to the finish.</summary>
        private (double Cost, (int To, bool Waits) Next) Look(CarryStop from, int i, double arriveL, bool? isStart = null)
        {
            var best = (Cost: double.PositiveInfinity, Next: (To: i + 1, Waits: false));
            var (useHere, room) = (problem.UseL[from.Point], from.CapacityL + from.OnTheSpotL + from.DrinkL - problem.ReserveL);
            for (var j = i + 1; j < _stops.Length; j++)
            {
                // Further on it fits even less, and something that fits is known.
                if (_use[j] - useHere > room + Slack && best.Cost < ShortCostPerL)
                {
                    break;
                }

                var last = j == _stops.Length - 1;
                var mustWait = !last && _stops[j].WaitNeedL > problem.ReserveL;
                for (var nextLevel = 0; nextLevel < (mustWait ? 2 : 1); nextLevel++)
                {
                    var waits = mustWait && nextLevel == 0;
                    var cost = Between(from, j, arriveL, nextLevel, waits, isStart ?? i == 0).Cost + (last ? 0 : _rest[j, nextLevel]);
                    // Of equal plans the one that fills soonest again: less in hand at once.
                    if (cost < best.Cost - Slack)
                    {
                        best = (cost, (j, waits));
                    }
                }
            }

            return best;
        }

        private int Level(int stop, bool waits) => stop < _stops.Length - 1 && !waits && _stops[stop].WaitNeedL > problem.ReserveL ? 1 : 0;

        private Hop Between(CarryStop from, int j, double arriveL, int nextLevel, bool waits, bool isStart)
        {
            var to = _stops[j];
            var a = from.Point;
            var detours = (isStart ? 0 : from.DetourUseL) + to.DetourUseL;
            var along = _use[j] - problem.UseL[a];
            var use = along + detours;
            var drink = Math.Min(from.DrinkL, along);
            var arriveNext = Arrival(j, nextLevel);
            var leave = use + arriveNext - drink;
            var effort = _effort[j] - problem.EffortKm[a];
            // The way out to the water at j is carried along; the way back from i is used up before the line is reached.
            var carried =
                ((arriveNext + to.DetourUseL + _use[j] - drink) * effort)
                - (_area[j] - problem.UseByEffort[a])
                + NotYetThirsty(a, to.Point, drink);
            var taken = Math.Max(0, leave + drink - arriveL);
            var minutes = (isStart ? 0 : from.StopMinutes + (taken * from.MinutesPerL)) + (waits ? to.WaitMinutes : 0);
            var tooMuch = leave - from.OnTheSpotL - from.CapacityL;
            var shortL = tooMuch > Slack ? tooMuch : 0;
            return new Hop(leave, drink, arriveNext, waits, shortL, carried + (problem.KgKmPerMinute * minutes) + (ShortCostPerL * shortL));
        }

        /// <summary>
        /// What was drunk on the spot is used first, so until it is used up the carried water does not shrink:
        /// ∫ (P(x) − P(a)) up to there, and the whole drink from there on.
        /// </summary>
        private double NotYetThirsty(int a, int b, double drink)
        {
            if (drink <= 0)
            {
                return 0;
            }

            var i = a;
            var sum = 0.0;
            while (i < b && problem.UseL[i + 1] - problem.UseL[a] < drink)
            {
                i++;
            }

            sum += problem.UseByEffort[i] - problem.UseByEffort[a] - (problem.UseL[a] * (problem.EffortKm[i] - problem.EffortKm[a]));
            if (i < b)
            {
                var use = problem.UseL[i + 1] - problem.UseL[i];
                var effort = problem.EffortKm[i + 1] - problem.EffortKm[i];
                var share = use <= 0 ? 0 : (drink - (problem.UseL[i] - problem.UseL[a])) / use;
                var before = problem.UseL[i] - problem.UseL[a];
                sum += share * effort * (before + drink) / 2;
                sum += drink * (problem.EffortKm[b] - problem.EffortKm[i] - (share * effort));
            }

            return sum;
        }

        private CarrySolution Follow()
        {
            List<CarryFill> fills = [];
            var cost = 0.0;
            var (i, level, arrive) = (0, 0, 0.0);
            while (i < _stops.Length - 1)
            {
                var (j, waits) = _next[i, level];
                var nextLevel = Level(j, waits);
                var hop = Between(_stops[i], j, arrive, nextLevel, waits, i == 0);
                fills.Add(
                    new CarryFill(
                        From: i,
                        To: j,
                        ArriveL: arrive,
                        DrinkL: hop.DrinkL,
                        LeaveL: hop.LeaveL,
                        ArriveNextL: hop.ArriveNextL,
                        WaitsAtNext: hop.Waits,
                        ShortL: hop.ShortL
                    )
                );
                cost += hop.Cost - (ShortCostPerL * hop.ShortL);
                (i, level, arrive) = (j, nextLevel, hop.ArriveNextL);
            }

            return new CarrySolution(fills, cost);
        }
    }
}
