using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry.Here;

/// <summary>How far on a party may go with what it has and still get back to the last likely water behind it.</summary>
/// <param name="trip">The whole trip, checked.</param>
/// <param name="km">Where the party stands, km along.</param>
/// <param name="inHandL">What it leaves with, L.</param>
/// <param name="say">Puts figures into words.</param>
internal sealed class WayBackFromHere(PlanRequest trip, double km, double inHandL, Speaker say)
{
    public TurnBack? Of()
    {
        var setup = new PlanSetup(HerePoint.Mark(trip, km));
        var line = setup.Line;
        var here = HerePoint.On(line);
        var behind = line.Places.LastOrDefault(p =>
            p.HasWater
            && p.Chance > PromisedWalk.Likely
            && p.Point <= here
            && p.Step * setup.Ground.StepKm <= km + CutTrip.HereKm
            && !p.IsMorning
        );
        if (behind is null)
        {
            return null;
        }

        var late = trip.Now is { } now ? Math.Clamp(now.TimeOfDay.TotalHours - line.ClockHour[here], -MostLateH, MostLateH) : 0;
        var back = new WayBack(setup, late);
        double Left(int p) => inHandL - ((line.NeedL[p] - line.NeedL[here]) * setup.NeedFactor) - back.NeedL(p, behind.Point);
        var before = Left(here);
        if (before < 0)
        {
            return new TurnBack(
                behind.Name,
                null,
                null,
                $"{say.Of(Quantity.Volume, PlanStops.UpToCup(-before))} too little to get back to {behind.Name}"
            );
        }

        for (var p = here + 1; p < line.NeedL.Length; p++)
        {
            var left = Left(p);
            if (left < 0)
            {
                var share = before / (before - left);
                var at = line.Km[p - 1] + (share * (line.Km[p] - line.Km[p - 1]));
                var hours =
                    line.ClockHour[p - 1]
                    + (24 * (line.Day[p - 1] - line.Day[here]))
                    - line.ClockHour[here]
                    + (share * ((line.Into[p]?.EndHour - line.Into[p]?.StartHour) ?? 0));
                return new TurnBack(
                    behind.Name,
                    // To the metre, and never further on than it is.
                    Math.Floor(at * 1000) / 1000,
                    trip.Now?.AddHours(hours),
                    $"Turn back by {say.Down(Quantity.Distance, at)}: from there it still reaches {behind.Name}"
                );
            }

            before = left;
        }

        return new TurnBack(behind.Name, trip.Route!.LengthKm, null, $"It reaches back to {behind.Name} from anywhere on the way");
    }

    /// <summary>More than so many hours from the plan's own clock is another day.</summary>
    private const double MostLateH = 10;
}
