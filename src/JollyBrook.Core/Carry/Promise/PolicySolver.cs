namespace JollyBrook.Core.Carry.Promise;

/// <summary>
/// The policy of least expected cost by dynamic programming backwards over places and litres in hand (handbook room 70):
/// V_i(w) = p_i·min over a of [stop + fill(a − w) + carry(a) + V_{i+1}(a − u)] + (1 − p_i)·[carry(w) + V_{i+1}(w − u)]. What is needed
/// and how the country's weather stands is not known to those who decide: V is reckoned for each of some cases, and one decision, the best
/// for their mean, is taken for all. The inner minimum is a running one (<see cref="RunningMinimum"/>), so it costs cases × places × litres.
/// With one case, and no source met twice, it is exact on its grid; with more, those who have least in hand are taken to be no likelier in a
/// hard case than the others (pick).
/// </summary>
public sealed class PolicySolver
{
    private const double Slack = 1e-9;

    private readonly PolicyProblem _problem;
    private readonly IReadOnlyList<PolicyCase> _cases;
    private readonly SourceMemory _memory;
    private readonly LegCosts _legs;
    private readonly double _step;
    private readonly double _lowest;
    private readonly double[] _level;

    // For the place in hand, by case and what is remembered, the cost from each level on, times the case's share: from the next place, from
    // this one, having found nothing, having filled.
    private double[][][] _next;
    private double[][][] _value;
    private readonly double[][][] _dry;
    private readonly double[][][] _filled;

    /// <summary>What is decided by: the sum over the cases.</summary>
    private readonly double[] _mean;
    private double _shortPrice;

    /// <summary>What the rest of a walk costs that is short on reaching a place, by place and case.</summary>
    private double[][]? _onceShort;

    /// <summary>A solver for one problem.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="cases">The ways a walk may go; the median alone where there is none.</param>
    public PolicySolver(PolicyProblem problem, IReadOnlyList<PolicyCase>? cases = null)
    {
        ArgumentNullException.ThrowIfNull(problem);
        (_problem, _cases, _step, _memory) = (problem, cases ?? [PolicyCase.Median(problem)], problem.StepL, new SourceMemory(problem));
        var owed = (int)Math.Floor((problem.DebtL / _step) + Slack);
        var most = problem.Places.SelectMany(p => p.Waters).Select(w => w.CapacityL + w.DrinkL).Append(problem.StartL).Max();
        _lowest = -owed * _step;
        _level = [.. Enumerable.Range(0, owed + (int)Math.Floor((most / _step) + Slack) + 1).Select(i => _lowest + (i * _step))];
        _legs = new LegCosts(problem, _cases, _level);
        (_next, _dry, _filled, _value) = (ByCase(), ByCase(), ByCase(), ByCase());
        _mean = new double[_level.Length];
    }

    private double[][][] ByCase() =>
        [
            .. _cases.Select(_ =>
                Enumerable.Range(0, SourceMemory.States).Select(m => _memory.IsUsed(m) ? new double[_level.Length] : []).ToArray()
            ),
        ];

    /// <summary>Solves it.</summary>
    /// <param name="shortPrice">μ: what running short costs a walk, kg·km, once: from then on it goes as if that were free.</param>
    public PolicyTable Solve(double shortPrice)
    {
        if (_onceShort is null)
        {
            var costs = new double[_problem.Places.Count][];
            Solve((k, value) => costs[k] = [.. value.Select(v => v[0][0])]);
            _onceShort = costs;
        }

        _shortPrice = shortPrice;
        return Solve((_, _) => { });
    }

    private PolicyTable Solve(Action<int, double[][][]> reached)
    {
        var places = _problem.Places;
        var leave = new short[places.Count][][];
        for (var k = places.Count - 1; k >= 0; k--)
        {
            leave[k] = k == places.Count - 1 ? End(k) : Look(k);
            reached(k, _value);
            (_next, _value) = (_value, _next);
        }

        var start = (int)Math.Floor(((_problem.StartL - _lowest) / _step) + Slack);
        return new PolicyTable(leave, [.. places.Select(p => p.NightL)], _lowest, _step, _next.Sum(n => n[0][start]));
    }

    private short[][] End(int k)
    {
        foreach (var m in _memory.Here[k])
        {
            foreach (var value in _value)
            {
                Array.Clear(value[m]);
            }
        }

        KeepReserve(k);
        return [.. _problem.Places[k].Waters.Select(_ => Nothing())];
    }

    private short[][] Look(int k)
    {
        var place = _problem.Places[k];
        Without(k, place);
        for (var c = 0; c < _cases.Count; c++)
        {
            foreach (var m in _memory.Here[k])
            {
                _dry[c][_memory.Left(k, m)].CopyTo(_value[c][m], 0);
            }
        }

        var leave = new short[place.Waters.Count][];
        for (var j = place.Waters.Count - 1; j >= 0; j--)
        {
            leave[j] = Try(k, j, place);
        }

        if (k > 0 && place.Waters.Count > 0)
        {
            KeepReserve(k);
        }

        return leave;
    }

    private void KeepReserve(int k)
    {
        for (var c = 0; c < _cases.Count; c++)
        {
            if (_cases[c].ReserveShare * PolicyProblem.BelowReservePrice is > 0 and var price)
            {
                foreach (var value in _memory.Before[k].Select(m => _value[c][m]))
                {
                    for (var i = 0; i < _level.Length; i++)
                    {
                        value[i] += price * Math.Max(0, _problem.ReserveL - Math.Max(0, _level[i]));
                    }
                }
            }
        }
    }

    /// <summary>
    /// One water of a place: what is worth it from each level; the value becomes that of trying it, or not, and then the rest.
    /// </summary>
    private short[] Try(int k, int j, PolicyPlace place)
    {
        if (_cases.All(c => c.Chances[k][j] <= 0))
        {
            return Nothing();
        }

        var water = place.Waters[j];
        var perL = (_problem.KgKmPerMinute * water.MinutesPerL) + water.KgKmPerL;
        Fill(k, j, place, perL);
        var best = RunningMinimum.Cheapest(_mean, RangeOf(water, place.NightL));
        var extra = new Extra(this, water, perL);
        // Nobody sets out with nothing.
        if (k > 0)
        {
            KeepWorthwhile(k, j, best, extra);
        }

        Take(k, j, best, extra);
        return best;
    }

    private LeaveRange RangeOf(PolicyWater water, double nightL)
    {
        int Steps(double litres) => (int)Math.Floor((litres / _step) + Slack);
        var takeL = Math.Max(0, water.CacheL - (2 * water.DetourUseL));
        return new LeaveRange(
            Most: Math.Min(Steps(water.CapacityL + water.DrinkL - _lowest), _level.Length - 1),
            Taken: double.IsInfinity(takeL) ? _level.Length : Steps(takeL),
            Empty: (int)Math.Round(-_lowest / _step),
            Night: nightL > 0 ? Steps(nightL) : null
        );
    }

    /// <summary>The cost from each level on, having filled up to it.</summary>
    private void Fill(int k, int j, PolicyPlace place, double perL)
    {
        Array.Clear(_mean);
        var drinkL = place.Waters[j].DrinkL;
        var running = _memory.Left(k, _memory.Found(k, j, 0, SourceMemory.Running));
        for (var c = 0; c < _cases.Count; c++)
        {
            var share = _cases[c].Share * perL;
            foreach (var m in _memory.After[k])
            {
                var filled = _filled[c][m];
                // A night at water that runs is drawn from it as needed.
                if (place.NightL > 0 || drinkL > 0)
                {
                    On(filled, c, k, m, LegCosts.Filled + j);
                }
                else
                {
                    _dry[c][m].CopyTo(filled, 0);
                }

                for (var i = 0; i < filled.Length; i++)
                {
                    filled[i] += share * (_level[i] + place.NightL);
                }
            }

            var (chance, then) = (_cases[c].Chances[k][j], _filled[c][running]);
            for (var i = 0; i < then.Length; i++)
            {
                _mean[i] += chance * then[i];
            }
        }
    }

    /// <summary>
    /// What going to a water costs beside what is taken there: the way there, before it is known whether it runs, and the rest.
    /// </summary>
    private readonly struct Extra(PolicySolver solver, PolicyWater water, double perL)
    {
        private readonly double _minute = solver._problem.KgKmPerMinute;

        public double Going => water.IsSeenOnlyThere ? _minute * water.TripMinutes : 0;

        public double There(double levelL) =>
            (perL * ((2 * water.DetourUseL) - levelL))
            + (_minute * water.TripMinutes)
            - Going
            + water.Wait(levelL, 1, solver._problem.DebtL, _minute).Cost;
    }

    /// <summary>Strikes out what is not worth it in the mean.</summary>
    private void KeepWorthwhile(int k, int j, short[] best, Extra extra)
    {
        var (dry, running) = (_memory.Found(k, j, 0, SourceMemory.Dry), _memory.Found(k, j, 0, SourceMemory.Running));
        var isSeenOnlyThere = _problem.Places[k].Waters[j].IsSeenOnlyThere;
        Array.Clear(_mean);
        for (var c = 0; c < _cases.Count; c++)
        {
            var (chance, filled) = (_cases[c].Chances[k][j], _filled[c][_memory.Left(k, running)]);
            // Seen in passing it is decided once it is known to run; else before.
            var (by, without) = (_value[c][isSeenOnlyThere ? 0 : running], _value[c][dry]);
            var (rest, other) = isSeenOnlyThere ? (1.0, 1 - chance) : (chance, 0.0);
            for (var i = 0; i < best.Length; i++)
            {
                if (best[i] >= 0)
                {
                    _mean[i] += (rest * by[i]) - (chance * filled[best[i]]) - (other * without[i]);
                }
            }
        }

        var (share, mayRun) = (_cases.Sum(c => c.Share), _cases.Select(c => c.Share * c.Chances[k][j]).Sum());
        for (var i = 0; i < best.Length; i++)
        {
            // Of equals the one that fills: what is on the back cannot run dry.
            if (best[i] >= 0 && _mean[i] - (mayRun * extra.There(_level[i])) - (share * extra.Going) < -Slack)
            {
                best[i] = PolicyTable.By;
            }
        }
    }

    /// <summary>The value becomes that of trying a water where that is worth it.</summary>
    private void Take(int k, int j, short[] best, Extra extra)
    {
        for (var i = 0; i < best.Length; i++)
        {
            _mean[i] = best[i] >= 0 ? extra.There(_level[i]) : 0;
        }

        for (var c = 0; c < _cases.Count; c++)
        {
            var share = _cases[c].Share;
            var going = share * extra.Going;
            // What is not known turns to what is: it comes first.
            foreach (var m in _memory.Here[k])
            {
                var chance = _memory.Of(k, j, m) switch
                {
                    SourceMemory.Dry => 0,
                    SourceMemory.Running => 1,
                    _ => _cases[c].Chances[k][j],
                };
                var (value, without) = (_value[c][m], _value[c][_memory.Found(k, j, m, SourceMemory.Dry)]);
                var filled = _filled[c][_memory.Left(k, _memory.Found(k, j, m, SourceMemory.Running))];
                for (var i = 0; i < best.Length; i++)
                {
                    if (best[i] >= 0)
                    {
                        value[i] = going + (chance * (filled[best[i]] + (share * _mean[i]))) + ((1 - chance) * without[i]);
                    }
                }
            }
        }
    }

    private short[] Nothing()
    {
        var none = new short[_level.Length];
        Array.Fill(none, PolicyTable.By);
        return none;
    }

    /// <summary>The cost of going on without having found water: nobody cooks or washes with what the way on needs.</summary>
    private void Without(int k, PolicyPlace place)
    {
        var leftOut = PolicyProblem.LeftOutPrice * (place.NightL - place.DryNightL);
        foreach (var m in _memory.After[k])
        {
            for (var c = 0; c < _cases.Count; c++)
            {
                var dry = _dry[c][m];
                On(dry, c, k, m, LegCosts.Night);
                if (place.NightL <= place.DryNightL)
                {
                    continue;
                }

                var thirsty = _filled[c][m];
                On(thirsty, c, k, m, LegCosts.DryNight);
                for (var i = 0; i < dry.Length; i++)
                {
                    dry[i] = place.Cooks(_level[i]) ? dry[i] : thirsty[i] + (_cases[c].Share * leftOut);
                }
            }
        }
    }

    /// <summary>
    /// The cost of walking on with so much in hand as each level says but for what was used here, and so much remembered; below what may be
    /// owed, short, which is paid for once.
    /// </summary>
    private void On(double[] to, int c, int k, int m, int after)
    {
        var (cost, next) = (_legs.Of(c, k, after), _next[c][m]);
        // Levels are evenly spaced: all of them come to lie between the same two neighbours.
        var (down, between) = _legs.Fall(c, k, after);
        var isShort = Math.Min(-down, to.Length);
        var afterShort = _onceShort is null ? _next[c][0][0] : (_cases[c].Share * _shortPrice) + _onceShort[k + 1][c];
        for (var i = 0; i < isShort; i++)
        {
            to[i] = cost[i] + afterShort;
        }

        if (between > 0)
        {
            for (var i = isShort; i < to.Length; i++)
            {
                var at = next[i + down];
                to[i] = cost[i] + at + (between * (next[i + down + 1] - at));
            }
        }
        else
        {
            for (var i = isShort; i < to.Length; i++)
            {
                to[i] = cost[i] + next[i + down];
            }
        }
    }
}
