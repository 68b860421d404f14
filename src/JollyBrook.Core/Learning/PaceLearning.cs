using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Learning;

/// <summary>
/// Hours from setting out to arriving over those planned, times the pace there was. Whether a planned rest was taken is not told, so the
/// slower of two readings counts: that everything took longer alike, or the walking alone.
/// </summary>
internal static class PaceLearning
{
    private const double Least = 0.4;
    private const double Most = 2.5;
    private const double WorthSaying = 0.02;

    public static IEnumerable<Proposal> Of(LearnRequest request, PlanResponse? plan, TripBook book, Working working)
    {
        if (plan is null)
        {
            yield break;
        }

        // A day told in two halves is one day.
        var days = plan
            .Days.Select(d => (Walked: book.HoursWalked(d), Planned: PlannedStage.Of(plan, d)))
            .Where(d => d.Walked > 0)
            .ToList();
        var (hours, walking) = (days.Sum(d => d.Walked!.Value), days.Sum(d => d.Planned.WalkHours));
        var planned = days.Sum(d => d.Planned.Hours);
        var old = request.Plan!.Route!.Pace ?? 1;
        if (walking <= 0)
        {
            yield break;
        }

        var slower = Math.Max(hours / planned, (hours - (planned - walking)) / walking);
        var next = Math.Round(Math.Clamp(old * slower, Least, Most), 2);
        if (Math.Abs(next - old) < WorthSaying)
        {
            yield break;
        }

        working.Add(
            "Pace",
            "pace · max(h/p, (h − s)/(p − s))",
            "Handbook room 80",
            WorkingValue.Of("pace", next),
            WorkingValue.Of("pace before", old),
            WorkingValue.Of("h, from setting out to arriving", hours, "h"),
            WorkingValue.Of("p, planned", planned, "h"),
            WorkingValue.Of("s, of that standing", planned - walking, "h")
        );
        yield return new Proposal(
            Id: "pace",
            Kind: ProposalKind.Pace,
            Title: "Pace of the party",
            Before: $"× {Speaker.Number(old, 2)}",
            After: $"× {Speaker.Number(next, 2)}",
            Why: $"{days.Count} {(days.Count == 1 ? "day" : "days")}: {Speaker.Minutes(hours * 60)} from setting out to arriving, "
                + $"{Speaker.Minutes(planned * 60)} planned. More than 1 is slower.",
            RecordId: request.RouteId?.ToString(),
            Pace: next
        );
    }
}
