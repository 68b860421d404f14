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

    /// <summary>The best way on from a stop that is found running, and what it then costs to the finish.</summary>
    public static CarrySolution From(CarryProblem problem, int stop)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return new Search(problem).BestFrom(stop);
    }

    private readonly record struct Hop(double LeaveL, double DrinkL, double ArriveNextL, bool Waits, double ShortL, double Cost);

    private sealed class Search(CarryProblem problem)
    {
        // Backwards: the level on arrival is settled by the hop that leads there, and minutes by the litre depend on it.
        private readonly double[,] _rest = new double[problem.Stops.Count, 2];
        private readonly (int To, bool Waits)[,] _next = new (int, bool)[problem.Stops.Count, 2];

        public CarrySolution Best() => BestFrom(0);

        public CarrySolution BestFrom(int start)
        {
            for (var i = problem.Stops.Count - 2; i >= start; i--)
            {
                // 0: arrives with the reserve. 1: arrives with what the treatment's wait needs.
                for (var level = 0; level < (i == start || problem.Stops[i].WaitNeedL <= problem.ReserveL ? 1 : 2); level++)
                {
                    Look(i, level, i == start ? 0 : Arrival(i, level), start);
                }
            }

            return Follow(start);
        }

        private double Arrival(int stop, int level) => level == 0 ? problem.ReserveL : problem.Stops[stop].WaitNeedL;

        private void Look(int i, int level, double arriveL, int start)
        {
            var best = double.PositiveInfinity;
            for (var j = i + 1; j < problem.Stops.Count; j++)
            {
                var last = j == problem.Stops.Count - 1;
                var mustWait = !last && problem.Stops[j].WaitNeedL > problem.ReserveL;
                for (var nextLevel = 0; nextLevel < (mustWait ? 2 : 1); nextLevel++)
                {
                    var hop = Between(i, j, arriveL, nextLevel, mustWait && nextLevel == 0, i == start);
                    var cost = hop.Cost + (last ? 0 : _rest[j, nextLevel]);
                    // Of equal plans the one that fills soonest again: less in hand at once.
                    if (cost < best - Slack)
                    {
                        best = cost;
                        _next[i, level] = (j, mustWait && nextLevel == 0);
                    }
                }
            }

            _rest[i, level] = best;
        }

        private Hop Between(int i, int j, double arriveL, int nextLevel, bool waits, bool isStart)
        {
            var (from, to) = (problem.Stops[i], problem.Stops[j]);
            var (a, b) = (from.Point, to.Point);
            var detours = (isStart ? 0 : from.DetourUseL) + to.DetourUseL;
            var along = problem.UseL[b] - problem.UseL[a];
            var use = along + detours;
            var drink = Math.Min(from.DrinkL, along);
            var arriveNext = Arrival(j, nextLevel);
            var leave = use + arriveNext - drink;
            var effort = problem.EffortKm[b] - problem.EffortKm[a];
            // The way out to the water at j is carried along; the way back from i is used up before the line is reached.
            var carried = ((arriveNext + to.DetourUseL + problem.UseL[b] - drink) * effort) - (problem.UseByEffort[b] - problem.UseByEffort[a]) + NotYetThirsty(a, b, drink);
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

        private CarrySolution Follow(int start)
        {
            List<CarryFill> fills = [];
            var cost = 0.0;
            var (i, level, arrive) = (start, 0, 0.0);
            while (i < problem.Stops.Count - 1)
            {
                var (j, waits) = _next[i, level];
                var last = j == problem.Stops.Count - 1;
                var nextLevel = !last && !waits && problem.Stops[j].WaitNeedL > problem.ReserveL ? 1 : 0;
                var hop = Between(i, j, arrive, nextLevel, waits, i == start);
                fills.Add(new CarryFill(i, j, arrive, hop.DrinkL, hop.LeaveL, hop.ArriveNextL, hop.Waits, hop.ShortL));
                cost += hop.Cost - (ShortCostPerL * hop.ShortL);
                (i, level, arrive) = (j, nextLevel, hop.ArriveNextL);
            }

            return new CarrySolution(fills, cost);
        }
    }
}
