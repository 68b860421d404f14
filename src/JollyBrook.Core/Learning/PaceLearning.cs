using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Learning;

/// <summary>Hours walked over hours planned, times the pace there was.</summary>
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

        var walked = book.Stages.Where(e => e.Hours is not null && e.Day >= 0 && e.Day < plan.Days.Count).ToList();
        var planned = walked.Sum(e => plan.Days[(int)e.Day!.Value].WalkHours);
        var hours = walked.Sum(e => e.Hours!.Value);
        var old = request.Plan!.Route!.Pace ?? 1;
        var next = Math.Round(Math.Clamp(old * hours / Math.Max(planned, 1e-9), Least, Most), 2);
        if (walked.Count == 0 || planned <= 0 || Math.Abs(next - old) < WorthSaying)
        {
            yield break;
        }

        working.Add(
            "Pace",
            "pace · hours walked/hours planned",
            "Handbook room 80",
            WorkingValue.Of("pace", next),
            WorkingValue.Of("pace before", old),
            WorkingValue.Of("walked", hours, "h"),
            WorkingValue.Of("planned", planned, "h")
        );
        yield return new Proposal(
            Id: "pace",
            Kind: ProposalKind.Pace,
            Title: "Pace of the party",
            Before: $"× {Speaker.Number(old, 2)}",
            After: $"× {Speaker.Number(next, 2)}",
            Why: $"{walked.Count} {(walked.Count == 1 ? "stage" : "stages")}: {Speaker.Minutes(hours * 60)} "
                + $"walked, {Speaker.Minutes(planned * 60)} planned. More than 1 is slower.",
            RecordId: request.RouteId?.ToString(),
            Pace: next
        );
    }
}
