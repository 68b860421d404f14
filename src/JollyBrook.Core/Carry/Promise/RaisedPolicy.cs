namespace JollyBrook.Core.Carry.Promise;

/// <summary>A stop of a policy's walk.</summary>
/// <param name="Place">The place, from 0.</param>
/// <param name="Water">Which of its waters, from 0; <see cref="InHand"/> where it is what was in hand.</param>
/// <param name="ArriveL">In hand on arrival, L.</param>
/// <param name="LeaveL">In hand on leaving, once a camp's night is used, L.</param>
internal readonly record struct Stopped(int Place, int Water, double ArriveL, double LeaveL)
{
    /// <summary>The water of a start that has none: what is in hand.</summary>
    public const int InHand = -1;
}

/// <summary>
/// A policy as it is walked in the end: where it would arrive below the reserve at the median though there was room, the fill before is
/// made larger.
/// </summary>
internal sealed class RaisedPolicy
{
    /// <summary>Less is not worth a stop, L.</summary>
    public const double WorthTakingL = 1e-6;

    /// <summary>
    /// With more in hand the next stop may be walked by, which makes the fill before it larger still: mostly settled in two or three rounds,
    /// in 97 at most on 8 000 generated trips. Cut off sooner, a walk is left that arrives below the reserve though there was room.
    /// </summary>
    private const int MostRounds = 200;

    private readonly PolicyWay _way;

    /// <summary>For each place and water, what is left with at least where it is filled at, L.</summary>
    private readonly double[][] _atLeast;

    /// <summary>Raises a policy.</summary>
    /// <param name="way">The trip as the policy sees it.</param>
    /// <param name="table">The policy.</param>
    public RaisedPolicy(PolicyWay way, PolicyTable table)
    {
        (_way, Table) = (way, table);
        _atLeast = [.. way.Problem.Places.Select(p => p.Waters.Select(_ => double.NegativeInfinity).ToArray())];
        var stops = Walk();
        for (var round = 0; round < MostRounds && Raise(stops); round++)
        {
            // Another stop may have taken its place.
            stops = Walk();
        }

        Stops = stops;
    }

    public PolicyTable Table { get; }

    /// <summary>The stops of a walk on which what is likely runs.</summary>
    public IReadOnlyList<Stopped> Stops { get; }

    /// <inheritdoc cref="LeaveWith"/>
    public double? Leave(int place, int water, double inHandL) =>
        Table.LeaveWith(place, water, inHandL) is { } leave ? Math.Max(leave, _atLeast[place][water]) : null;

    /// <summary>Whether two of the same trip do the same at a place.</summary>
    public bool IsLike(RaisedPolicy other, int place) =>
        _atLeast[place].AsSpan().SequenceEqual(other._atLeast[place]) && Table.IsLike(other.Table, place);

    private List<Stopped> Walk()
    {
        var hand = _way.Problem.StartL;
        List<Stopped> stops = _way.Problem.Places[0].Waters.Count == 0 ? [new(0, Stopped.InHand, hand, hand)] : [];
        for (var k = 0; k < _way.Problem.Places.Count - 1; k++)
        {
            var place = _way.Problem.Places[k];
            var found = Likeliest(k, hand);
            if (found is { } stop && (stop.LeaveL > hand + WorthTakingL || place.NightL > 0))
            {
                stops.Add(stop);
                hand = stop.LeaveL;
            }

            hand -= place.NeedL + (found is null ? place.NightL : 0);
        }

        return stops;
    }

    /// <summary>The stop at the first water of a place that is likely to run and worth it; null for walking by.</summary>
    /// <param name="k">The place, from 0.</param>
    /// <param name="inHandL">In hand on arrival, L.</param>
    public Stopped? Likeliest(int k, double inHandL)
    {
        for (var j = 0; j < _way.Problem.Places[k].Waters.Count; j++)
        {
            if (_way.Problem.Places[k].Waters[j].Chance > PromisedWalk.Likely && Leave(k, j, inHandL) is { } leave)
            {
                return new Stopped(k, j, inHandL, leave);
            }
        }

        return null;
    }

    /// <summary>Sees to the reserve at every next stop. Returns whether anything was raised.</summary>
    private bool Raise(List<Stopped> stops)
    {
        var raised = false;
        for (var n = 0; n < stops.Count; n++)
        {
            var (k, j, arrive, leave) = stops[n];
            if (j == Stopped.InHand)
            {
                continue;
            }

            var water = _way.Problem.Places[k].Waters[j];
            var (target, limit) = (NeedToNext(stops, n) + OnArrival(stops, n + 1), MostToLeave(water, arrive));
            if (Math.Min(target, limit) > leave + WorthTakingL)
            {
                _atLeast[k][j] = Math.Min(target, limit);
                raised = true;
            }
            else if (target > limit + WorthTakingL && n > 0 && !double.IsInfinity(water.CacheL))
            {
                // A cache holds no more: the rest comes from the fill before it.
                raised |= RaiseBefore(stops[n - 1], target - limit);
            }
        }

        return raised;
    }

    /// <summary>
    /// What a stop is reached with at the median, L: the reserve, and where its treatment is not waited for what is drunk while it works.
    /// </summary>
    private double OnArrival(List<Stopped> stops, int n)
    {
        var (reserve, problem) = (_way.Problem.ReserveL, _way.Problem);
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

    private bool RaiseBefore(Stopped stop, double moreL)
    {
        var (k, j, arrive, leave) = stop;
        if (j == Stopped.InHand)
        {
            return false;
        }

        var water = _way.Problem.Places[k].Waters[j];
        var wanted = Math.Min(leave + moreL, MostToLeave(water, arrive));
        if (wanted <= leave + WorthTakingL)
        {
            return false;
        }

        _atLeast[k][j] = wanted;
        return true;
    }

    /// <summary>What there is room for, in containers and bodies, and what lies there.</summary>
    private static double MostToLeave(PolicyWater water, double arriveL) =>
        Math.Min(water.CapacityL + water.DrinkL, arriveL + water.CacheL - (2 * water.DetourUseL));

    /// <summary>What is used at the median from a stop to the next, or to the end, and on the way off to it, L.</summary>
    /// <param name="stops">The stops of a walk.</param>
    /// <param name="n">Which of them, from 0.</param>
    public double NeedToNext(IReadOnlyList<Stopped> stops, int n)
    {
        var (from, to) = (stops[n].Place, n + 1 < stops.Count ? stops[n + 1].Place : _way.Problem.Places.Count - 1);
        var need = n + 1 < stops.Count ? _way.Problem.Places[to].Waters[stops[n + 1].Water].DetourUseL : 0;
        for (var k = from; k < to; k++)
        {
            need += _way.Problem.Places[k].NeedL + (k == from ? 0 : _way.Problem.Places[k].NightL);
        }

        return need;
    }
}
