namespace JollyBrook.Core.Carry.Promise;

/// <summary>
/// The policy of least expected cost, exact on its grid, by dynamic programming backwards over places and litres in hand (handbook room
/// 70):
/// V_i(w) = p_i·min over a ≥ w of [stop + fill(a − w) + carry(a) + V_{i+1}(a − u)] + (1 − p_i)·[carry(w) + V_{i+1}(w − u)]. The inner
/// minimum is a running one, so it costs places × litres.
/// </summary>
public static class PolicySolver
{
    private const double Slack = 1e-9;

    /// <summary>Solves it.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="needFactor">m: what the median need is multiplied by, so that most walks need no more.</param>
    /// <param name="shortPrice">μ: what running short costs each time, kg·km.</param>
    public static PolicyTable Solve(PolicyProblem problem, double needFactor, double shortPrice)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return new Backwards(problem, needFactor, shortPrice).Table();
    }

    private sealed class Backwards
    {
        private readonly PolicyProblem _problem;
        private readonly double _factor;
        private readonly double _shortPrice;
        private readonly double _step;
        private readonly double _lowest;
        private readonly double[] _level;

        // For the place in hand: from each level on, having found nothing, or having filled.
        private double[] _next;
        private readonly double[] _dry;
        private readonly double[] _filled;
        private readonly double[] _value;

        public Backwards(PolicyProblem problem, double factor, double shortPrice)
        {
            (_problem, _factor, _shortPrice, _step) = (problem, factor, shortPrice, problem.StepL);
            var owed = (int)Math.Floor((problem.DebtL / _step) + Slack);
            var most = problem.Places.SelectMany(p => p.Waters).Select(w => w.CapacityL + w.DrinkL).Append(problem.StartL).Max();
            _lowest = -owed * _step;
            _level = [.. Enumerable.Range(0, owed + (int)Math.Floor((most / _step) + Slack) + 1).Select(i => _lowest + (i * _step))];
            (_next, _dry, _filled, _value) = (
                new double[_level.Length],
                new double[_level.Length],
                new double[_level.Length],
                new double[_level.Length]
            );
        }

        public PolicyTable Table()
        {
            var places = _problem.Places;
            var leave = new short[places.Count][][];
            for (var k = places.Count - 1; k >= 0; k--)
            {
                leave[k] = Look(places[k], isLast: k == places.Count - 1, isFirst: k == 0);
                _value.CopyTo(_next, 0);
            }

            return new PolicyTable(leave, _lowest, _step, From(_problem.StartL));
        }

        private short[][] Look(PolicyPlace place, bool isLast, bool isFirst)
        {
            for (var i = 0; i < _level.Length; i++)
            {
                _dry[i] = isLast ? 0 : Without(place, _level[i]);
            }

            _dry.CopyTo(_value, 0);
            var leave = new short[place.Waters.Count][];
            for (var j = place.Waters.Count - 1; j >= 0; j--)
            {
                leave[j] = isLast ? Nothing() : Try(place, place.Waters[j]);
            }

            if (!isFirst && (isLast || place.Waters.Count > 0))
            {
                for (var i = 0; i < _level.Length; i++)
                {
                    _value[i] += PolicyProblem.BelowReservePrice * Math.Max(0, _problem.ReserveL - Math.Max(0, _level[i]));
                }
            }

            return leave;
        }

        /// <summary>
        /// One water of a place: what is worth it from each level; the value becomes that of trying it, or not, and then the rest.
        /// </summary>
        private short[] Try(PolicyPlace place, PolicyWater water)
        {
            var minute = _problem.KgKmPerMinute;
            var perL = (minute * water.MinutesPerL) + water.KgKmPerL;
            for (var i = 0; i < _level.Length; i++)
            {
                // A night at water that runs is drawn from it as needed.
                _filled[i] =
                    (perL * (_level[i] + (_factor * place.NightL)))
                    + (place.NightL > 0 || water.DrinkL > 0 ? On(place, _level[i], water.DrinkL) : _dry[i]);
            }

            var most = (int)Math.Floor(((water.CapacityL + water.DrinkL - _lowest) / _step) + Slack);
            // Taking nothing is walking by, but for a camp that draws its night there.
            var least = place.NightL > 0 ? 0 : 1;
            var best = BestFrom(Math.Min(most, _level.Length - 1), water.CacheL - (2 * water.DetourUseL), least);
            var leave = new short[_level.Length];
            for (var i = 0; i < _level.Length; i++)
            {
                var trip = minute * water.TripMinutes;
                var going = water.IsSeenOnlyThere ? trip : 0;
                var there =
                    best[i] < 0
                        ? double.PositiveInfinity
                        : _filled[best[i]]
                            + (perL * ((2 * water.DetourUseL) - _level[i]))
                            + (trip - going)
                            + water.Wait(_level[i], _factor, _problem.DebtL, minute).Cost;
                var rest = _value[i];
                var tried = going + (water.Chance * there) + ((1 - water.Chance) * rest);
                // Of equals the one that fills: what is on the back cannot run dry.
                var worth = water.Chance > 0 && (water.IsSeenOnlyThere ? tried <= rest + Slack : there <= rest + Slack);
                leave[i] = worth ? best[i] : PolicyTable.By;
                _value[i] = worth ? tried : rest;
            }

            return leave;
        }

        /// <summary>
        /// For each level the one above it, by so many steps at least and within what may be taken, that is cheapest to go on from; −1
        /// where there is none.
        /// </summary>
        private short[] BestFrom(int most, double takeL, int least)
        {
            var best = new short[_level.Length];
            Array.Fill(best, PolicyTable.By);
            var window = double.IsInfinity(takeL) ? _level.Length : (int)Math.Floor((Math.Max(0, takeL) / _step) + Slack);
            // Cheapest first, each further off than the one before: a running minimum over a window that slides.
            var queue = new int[most + 2];
            var (head, tail) = (0, 0);
            for (var i = most - least; i >= 0; i--)
            {
                while (tail > head && _filled[queue[tail - 1]] >= _filled[i + least] - Slack)
                {
                    tail--;
                }

                queue[tail++] = i + least;
                while (head < tail && queue[head] > i + window)
                {
                    head++;
                }

                if (head < tail)
                {
                    best[i] = (short)queue[head];
                }
            }

            return best;
        }

        private short[] Nothing()
        {
            var none = new short[_level.Length];
            Array.Fill(none, PolicyTable.By);
            return none;
        }

        /// <summary>The cost of going on without having found water.</summary>
        private double Without(PolicyPlace place, double inHandL)
        {
            var all = On(place, inHandL - (_factor * place.NightL));
            return place.NightL <= place.DryNightL
                ? all
                : Math.Min(
                    all,
                    (PolicyProblem.LeftOutPrice * (place.NightL - place.DryNightL)) + On(place, inHandL - (_factor * place.DryNightL))
                );
        }

        /// <summary>The cost of walking on with so much in hand.</summary>
        private double On(PolicyPlace place, double inHandL, double inBodyL = 0)
        {
            var need = _factor * place.NeedL;
            return PolicyLeg.Cost(place, need, inHandL, inBodyL) + From(inHandL - need);
        }

        /// <summary>The cost from the next place on with so much in hand there; below what may be owed, short.</summary>
        private double From(double inHandL)
        {
            var at = (inHandL - _lowest) / _step;
            if (at < -Slack)
            {
                return _shortPrice + _next[0];
            }

            var i = Math.Min((int)(at + Slack), _level.Length - 1);
            var share = Math.Clamp(at - i, 0, 1);
            return share < Slack || i == _level.Length - 1 ? _next[i] : _next[i] + (share * (_next[i + 1] - _next[i]));
        }
    }
}
