using JollyBrook.Core.Carry;

namespace JollyBrook.Core.Learning;

/// <summary>A day of the plan from setting out to arriving, as a stage is told in the book.</summary>
/// <param name="WalkHours">Walking with its breaks, h.</param>
/// <param name="StandingHours">A rest in the shade, and filling and treating on the way, h.</param>
internal sealed record PlannedStage(double WalkHours, double StandingHours)
{
    /// <summary>At a camp rather than on the way, km.</summary>
    private const double AtCampKm = 0.01;

    /// <summary>From setting out to arriving, h.</summary>
    public double Hours => WalkHours + StandingHours;

    /// <summary>What is filled before setting out or after arriving is none of it.</summary>
    public static PlannedStage Of(PlanResponse plan, PlanDay day)
    {
        var minutes = plan
            .Stops.Where(s =>
                s is { Kind: StopKind.Source, Planned: true }
                && s.Day == day.Day
                && s.AlongKm > day.FromKm + AtCampKm
                && s.AlongKm < day.ToKm - AtCampKm
            )
            .Sum(s => s.StopMinutes);
        return new PlannedStage(day.WalkHours, (day.Rest?.Hours ?? 0) + (minutes / 60));
    }
}
