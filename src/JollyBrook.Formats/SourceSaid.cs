using System.Globalization;
using JollyBrook.Core.Sources;

namespace JollyBrook.Formats;

/// <summary>A source in words, for programs and people that know nothing of our own parts.</summary>
internal static class SourceSaid
{
    public static string Kind(TripSource source) =>
        source.IsOutOfUse ? "do not use" : SourceReliability.Name(source.Class ?? SourceClass.Unknown);

    public static string Of(TripSource source, string words) =>
        string.Join(
            ". ",
            new[]
            {
                source.IsOutOfUse ? "DO NOT USE: it carries what no treatment takes out" : "",
                SourceReliability.Name(source.Class ?? SourceClass.Unknown),
                source.ReportedFlowing is { } flowing
                    ? $"{(flowing ? "running" : "dry")}{(source.ReportedAt is { } at ? $" {at.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)}" : "")}"
                    : "",
                words,
            }.Where(w => w.Length > 0)
        );
}
