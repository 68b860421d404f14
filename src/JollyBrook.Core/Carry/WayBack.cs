namespace JollyBrook.Core.Carry;

/// <summary>
/// What the way back costs at the certainty wanted, on its own ground and at its own hours: downhill out is uphill home, and the afternoon
/// is not the morning.
/// </summary>
/// <param name="setup">The trip.</param>
/// <param name="lateH">How much later than planned the party is, h.</param>
internal sealed class WayBack(PlanSetup setup, double lateH = 0)
{
    private readonly CarryLine _line = setup.Line;

    /// <summary>Litres the party uses going back from a point of the line to an earlier one, setting out when it gets there.</summary>
    /// <param name="from">The point turned at.</param>
    /// <param name="to">The point gone back to.</param>
    public double NeedL(int from, int to)
    {
        var (need, clock, day) = (0.0, _line.ClockHour[from] + lateH, _line.Day[from]);
        for (var p = from; p > to; p--)
        {
            if (_line.Into[p] is { } piece)
            {
                var (use, hours) = _line.Timeline.Back(piece, day, clock);
                need += use;
                clock += hours;
            }
            else
            {
                // A night that was spent out is spent on the way back, too.
                need += _line.NeedL[p] - _line.NeedL[p - 1];
                (clock, day) = (_line.Timeline.Days[day].Day.StartHour ?? Route.RouteDay.DefaultStartHour, Math.Max(0, day - 1));
            }
        }

        return need * setup.NeedFactor;
    }

    /// <summary>
    /// The last place along from which the water in hand still reaches back to where a fill was taken; null: anywhere before the next.
    /// </summary>
    public double? TurnBackKm(PlannedFill fill)
    {
        // From a camp the way on, and the way back to it, begin in the morning.
        var (from, to) = (fill.At.Point + (fill.OnTheSpotL > 0 ? 1 : 0), fill.To.Point);
        var before = fill.CarriedL + fill.DrinkL;
        for (var p = from + 1; p <= to; p++)
        {
            var left = CarriedLine.InHand(setup, fill, p) - NeedL(p, from);
            if (left < 0)
            {
                var share = before / (before - left);
                return _line.Km[p - 1] + (share * (_line.Km[p] - _line.Km[p - 1]));
            }

            before = left;
        }

        return null;
    }
}
