using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry.Here;

/// <summary>What is otherwise than planned, and what follows from it.</summary>
/// <param name="request">What was asked.</param>
/// <param name="km">Where the party stands, km along.</param>
/// <param name="inHandL">What it has, L.</param>
/// <param name="ahead">What is now to be done at each place that is left, km along the whole trip.</param>
/// <param name="say">Puts figures into words.</param>
internal sealed class SincePlanned(FromHereRequest request, double km, double inHandL, IReadOnlyList<PlanStop> ahead, Speaker say)
{
    /// <summary>So much more or less is worth a line, L.</summary>
    private const double WorthTellingL = 0.25;

    /// <summary>So many of the next stops are told; what is further on will change again.</summary>
    private const int NextStops = 3;

    /// <summary>So much sooner or later is worth a line, min.</summary>
    private const double WorthTellingMinutes = 15;

    public IReadOnlyList<string> Changes()
    {
        if (request.Before is not { } before)
        {
            return [];
        }

        var stops = before.Stops ?? [];
        return [.. InHand(before.Carried ?? []), .. Clock(stops), .. Found(before.Reports ?? []), .. Stops(stops).Take(NextStops)];
    }

    private IEnumerable<string> InHand(IReadOnlyList<LinePoint> carried)
    {
        if (carried.LastOrDefault(p => p.Km <= km + 1e-6) is { } point && Math.Abs(point.Value - inHandL) >= WorthTellingL)
        {
            yield return $"{say.Of(Quantity.Volume, inHandL)} in hand, {L(point.Value)} were planned here";
        }
    }

    private IEnumerable<string> Clock(IReadOnlyList<PlannedStop> stops)
    {
        if (
            request.Plan!.Now is not { } now
            || stops.LastOrDefault(s => s.AlongKm <= km) is not { AlongKm: { } fromKm, ArriveHour: { } from } before
            || stops.FirstOrDefault(s => s.AlongKm > km && s.Day == before.Day) is not { AlongKm: { } toKm, ArriveHour: { } to }
        )
        {
            yield break;
        }

        var share = (km - fromKm) / Math.Max(1e-9, toKm - fromKm);
        var minutes = (now.TimeOfDay.TotalHours - (from + (share * (to - from)))) * 60;
        if (Math.Abs(minutes) >= WorthTellingMinutes)
        {
            yield return $"{Speaker.Minutes(Math.Abs(minutes))} {(minutes > 0 ? "later" : "sooner")} than planned";
        }
    }

    private IEnumerable<string> Found(IReadOnlyList<EarlierReport> reports)
    {
        foreach (var (id, source) in request.Plan!.Sources ?? [])
        {
            var before = reports.FirstOrDefault(r => r.Id == id);
            if (before is not null && source.ReportedAt != before.ReportedAt && source.ReportedFlowing is { } flowing)
            {
                yield return $"{source.Name} was found {(flowing ? "running" : "dry")}";
            }
        }
    }

    private IEnumerable<string> Stops(IReadOnlyList<PlannedStop> stops)
    {
        foreach (var stop in ahead.Where(s => s.Kind is StopKind.Source or StopKind.Camp))
        {
            var before = stops.FirstOrDefault(s => s.Id == stop.Id && (s.Met ?? MeetingTime.InPassing) == stop.Met);
            var (was, now) = (before?.TakeL ?? 0, stop.Planned ? stop.TakeL : 0);
            if (Math.Abs(now - was) >= WorthTellingL)
            {
                yield return now == 0 ? $"{stop.Name}: walk by; {L(was)} were planned"
                : was == 0 ? $"{stop.Name}: take {L(now)}; none was planned"
                : $"{stop.Name}: take {L(now)}; {L(was)} were planned";
            }
        }
    }

    private string L(double litres) => say.Of(Quantity.Volume, PlanStops.UpToCup(Math.Max(0, litres)));
}
