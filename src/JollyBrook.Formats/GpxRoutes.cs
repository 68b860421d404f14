using System.Xml;
using JollyBrook.Core.Route;
using NetTopologySuite.IO;

namespace JollyBrook.Formats;

/// <summary>GPX 1.1, and 1.0 where it differs in name only: the longest track, else the longest route, with the waypoints as places.</summary>
internal static class GpxRoutes
{
    private static readonly GpxReaderSettings Forgiving = new()
    {
        DefaultCreatorIfMissing = "unknown",
        IgnoreUnexpectedChildrenOfTopLevelElement = true,
        IgnoreVersionAttribute = true,
        IgnoreBadDateTime = true,
        BuildWebLinksForVeryLongUriValues = true,
        TimeZoneInfo = TimeZoneInfo.Utc,
    };

    public static ReadRoute Read(string text, CancellationToken cancellation)
    {
        var file = Parse(text, cancellation);
        cancellation.ThrowIfCancellationRequested();
        var lines = file.Tracks.Select(t => (t.Name, Points: t.Segments.SelectMany(s => s.Waypoints).ToList()))
            .Concat(file.Routes.Select(r => (r.Name, Points: r.Waypoints.ToList())))
            .Where(l => l.Points.Count > 0).ToList();
        if (lines.Count == 0)
        {
            throw new UnreadableFileException("The file holds neither a track nor a route. Export the track itself, not only its waypoints.");
        }

        var (name, points) = lines.MaxBy(l => l.Points.Count);
        List<string> flags = [];
        if (lines.Count > 1)
        {
            flags.Add($"The file holds {lines.Count} lines; the one with most points was taken.");
        }

        var times = points.Where(p => p.TimestampUtc is not null).Select(p => p.TimestampUtc!.Value).ToList();
        if (times.Zip(times.Skip(1)).Any(t => t.Second < t.First))
        {
            flags.Add("Its times are out of order; they are not used.");
        }

        return RouteFile.Of(
            name ?? file.Metadata?.Name ?? "", [.. points.Select(Point)],
            [.. file.Waypoints.Select(w => (w.Name ?? "", $"{w.Description} {w.Comment} {w.SymbolText} {w.Classification}", Point(w)))], flags);
    }

    private static GpxFile Parse(string text, CancellationToken cancellation)
    {
        try
        {
            using var reader = XmlReader.Create(new StringReader(GpxText.Plain(text, cancellation)));
            return GpxFile.ReadFrom(reader, Forgiving);
        }
        catch (Exception wrong) when (wrong is XmlException or FormatException or ArgumentException or OverflowException or InvalidOperationException)
        {
            throw new UnreadableFileException($"It is not GPX that can be read: {wrong.Message.Split('\n')[0]} Export it again and try once more.", wrong);
        }
    }

    private static GeoPoint Point(GpxWaypoint point) => new(point.Latitude, point.Longitude, RouteFile.Height(point.ElevationInMeters));
}
