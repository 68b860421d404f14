using JollyBrook.Core.Book;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Learning;

/// <summary>What was found at a source since its report takes the place of it; what nobody spoke of stays as it was.</summary>
internal static class SourceLearning
{
    public static IEnumerable<Proposal> Of(LearnRequest request, TripBook book, Speaker say)
    {
        foreach (var (id, source) in request.Plan?.Sources ?? [])
        {
            var since = book.Of<BookLine>()
                .Select(SourceReport.Of)
                .OfType<SourceReport>()
                .Where(r => r.SourceId.ToString() == id && !(r.At <= source.ReportedAt))
                .ToList();
            if (since.FindLast(r => r.Flowing is not null) is not { At: var at, Flowing: var flowing })
            {
                continue;
            }

            var found = since.Aggregate((earlier, later) => later.After(earlier));
            var refreshed = source with
            {
                ReportedFlowing = flowing,
                ReportedAt = at,
                LitresPerMinute = found.LitresPerMinute is { } flow ? Math.Clamp(Math.Round(flow, 2), 0.05, 60) : source.LitresPerMinute,
                Clarity = found.Clarity ?? source.Clarity,
                Colour = found.Colour ?? source.Colour,
                TemperatureC = found.TemperatureC ?? source.TemperatureC,
                Seen = found.Seen ?? source.Seen,
            };
            var flowWords = found.LitresPerMinute is { } measured ? $", {say.Of(Quantity.Flow, measured)}" : "";
            yield return new Proposal(
                Id: $"source-{id}",
                Kind: ProposalKind.Source,
                Title: source.Name ?? "",
                Before: Told(source, request.Now!.Value, say),
                After: Told(refreshed, request.Now.Value, say),
                Why: $"Found {(flowing == true ? "running" : "dry")} on {Speaker.Day(book.DateOf(at))}{flowWords}.",
                RecordId: id,
                Source: refreshed
            );
        }
    }

    /// <summary>All that taking it over changes.</summary>
    private static string Told(TripSource source, DateTimeOffset now, Speaker say)
    {
        List<string?> words =
        [
            $"runs with {SourceReliability.Percent(source.ChanceOfRunning(now))} %",
            source.LitresPerMinute is { } flow ? say.Of(Quantity.Flow, flow) : null,
            .. WaterLook.Spoken(source.Clarity, source.Colour),
            source.TemperatureC is { } celsius ? say.Of(Quantity.Temperature, celsius) : null,
            .. (source.Seen ?? []).Distinct().Select(s => Sentence.Lower(SourceSigns.Of(s).Name)),
        ];
        return string.Join(", ", words.OfType<string>());
    }
}
