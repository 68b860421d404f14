using JollyBrook.Core.Book;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Learning;

/// <summary>The newest report on a source takes the place of an older one.</summary>
internal static class SourceLearning
{
    public static IEnumerable<Proposal> Of(LearnRequest request, TripBook book, Speaker say)
    {
        foreach (var (id, source) in request.Plan?.Sources ?? [])
        {
            var report = book.Of<SourceSeen>().LastOrDefault(e => e.SourceId?.ToString() == id && e.Flowing is not null);
            if (report is null || report.At <= source.ReportedAt)
            {
                continue;
            }

            var refreshed = source with
            {
                ReportedFlowing = report.Flowing,
                ReportedAt = report.At,
                LitresPerMinute = report.FlowLPerMin is { } flow ? Math.Clamp(Math.Round(flow, 2), 0.05, 60) : source.LitresPerMinute,
                Clarity = report.Clarity ?? source.Clarity,
                TemperatureC = report.TemperatureC ?? source.TemperatureC,
                Seen = report.Seen ?? source.Seen,
            };
            var flowWords = report.FlowLPerMin is { } measured ? $", {say.Of(Quantity.Flow, measured)}" : "";
            yield return new Proposal(
                Id: $"source-{id}",
                Kind: ProposalKind.Source,
                Title: source.Name ?? "",
                Before: Told(source, request.Now!.Value, say),
                After: Told(refreshed, request.Now.Value, say),
                Why: $"Found {(report.Flowing == true ? "running" : "dry")} on {Speaker.Day(book.DateOf(report))}{flowWords}.",
                RecordId: id,
                Source: refreshed
            );
        }
    }

    private static string Told(TripSource source, DateTimeOffset now, Speaker say) =>
        $"runs with {SourceReliability.Percent(source.ChanceOfRunning(now))} %"
        + (source.LitresPerMinute is { } flow ? $", {say.Of(Quantity.Flow, flow)}" : "");
}
