using System.Globalization;
using JollyBrook.Core.Route;
using JollyBrook.Core.Units;
using JollyBrook.Formats.GeoJson;
using JollyBrook.Formats.Places;
using JollyBrook.Formats.Tables;
using JollyBrook.Formats.Xml;

namespace JollyBrook.Formats;

/// <summary>How a file is to be read as a route.</summary>
/// <param name="Today">The day it is read.</param>
/// <param name="Units">The units of its words.</param>
/// <param name="Line">Which of several lines, from 0; <see cref="Joined"/> for all; null for the longest.</param>
/// <param name="Climb">The climb to count where the file has no heights; null counts none.</param>
public sealed record RouteFileOptions(DateOnly Today, UnitSystem? Units = null, int? Line = null, GivenClimb? Climb = null)
{
    /// <summary>All lines, one after another.</summary>
    public const int Joined = -1;
}

/// <summary>Climb by hand for a track without heights, m.</summary>
public sealed record GivenClimb(double StartM, double UpM, double DownM);

/// <summary>Reads a route out of a file, by what the file is and not by what it is called.</summary>
public static class RouteFile
{
    /// <summary>Longest text read, letters: a 50 000-point track with times is about 6 million.</summary>
    public const int MostLetters = 24_000_000;

    /// <summary>Most points of a track.</summary>
    public const int MostPoints = 400_000;

    internal const double LongestKm = 2_000;

    internal static UnreadableFileException TooLarge =>
        new("The file is larger than can be read (24 million letters). Thin the track out and try again.");

    /// <exception cref="UnreadableFileException">It holds no route, or is not whole; the message says what to do.</exception>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    public static ReadRoute Read(string text, RouteFileOptions options, CancellationToken cancellation = default)
    {
        ArgumentNullException.ThrowIfNull(options);
        var content = Content(text, cancellation);
        if (content.Whole is { } whole)
        {
            return Own(content, whole, options);
        }

        if (content.Lines.Count == 0)
        {
            throw new UnreadableFileException(
                content.Places.Count > 0
                    ? $"The file holds {content.Places.Count} places and no line. Drop the track first; these "
                        + "are then taken in where the route's sources are, and nothing is lost."
                    : "The file holds no line. Export the track itself as GPX, or as a LineString, and drop that."
            );
        }

        return Others(content, options);
    }

    /// <summary>A file's places on a route that is kept.</summary>
    /// <exception cref="UnreadableFileException">It holds no place, or is not whole; the message says what to do.</exception>
    public static ReadPlacesResponse Places(
        string text,
        PlacedLine line,
        DateOnly today,
        UnitSystem? units,
        CancellationToken cancellation = default
    )
    {
        var content = Content(text, cancellation);
        if (content.Places.Count == 0)
        {
            throw new UnreadableFileException(
                "The file holds no waypoint, no point and no table with latitude and longitude. Export the places too and try again."
            );
        }

        var (places, flags) = PlacesOnLine.Of(content.Places, line, today, Speaker.For(units));
        return new ReadPlacesResponse(places, [.. content.Flags, .. flags]);
    }

    private static FileContent Content(string text, CancellationToken cancellation)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (text.Length > MostLetters)
        {
            throw TooLarge;
        }

        return text.AsSpan().TrimStart("\uFEFF \t\r\n") switch
        {
            ['<', ..] => XmlFile.Read(text.TrimStart('\uFEFF', ' ', '\t', '\r', '\n'), cancellation),
            ['{', ..] => GeoJsonReader.Read(text),
            _ => SourceTable.Read(text)
                ?? throw new UnreadableFileException(
                    "It is neither GPX nor KML nor GeoJSON, and no table with latitude and longitude. Export "
                        + "the track as GPX and drop that."
                ),
        };
    }

    /// <summary>Our own line is the route as it was kept, to the last metre; its sources stand on it where they stood.</summary>
    private static ReadRoute Own(FileContent content, TripRoute whole, RouteFileOptions options)
    {
        if (PlacedLine.Of(whole) is not { } line)
        {
            return RouteReading.Of(whole, content.Flags) with
            {
                Places = [.. content.Places.Select(p => PlaceReading.AsKept(p, options.Today)).OfType<FoundPlace>()],
            };
        }

        var (places, flags) = PlacesOnLine.Of(content.Places, line, options.Today, Speaker.For(options.Units));
        return RouteReading.Of(whole, [.. content.Flags, .. flags]) with { Places = places };
    }

    private static ReadRoute Others(FileContent content, RouteFileOptions options)
    {
        var lines = content
            .Lines.Select(l => (l.Name, Track: Checked(l.Points, l.IsRecorded)))
            .Where(l => l.Track is not null)
            .Select(l => new FoundTrack(l.Name, l.Track!))
            .ToList();
        if (lines.Count == 0)
        {
            throw new UnreadableFileException(
                "The track has fewer than two different points. Type the legs by hand, or drop another file."
            );
        }

        var longest = lines.MaxBy(l => l.Track.LengthKm)!;
        var taken = options.Line is { } asked && asked >= 0 && asked < lines.Count ? lines[asked] : longest;
        var (name, track) =
            options.Line == RouteFileOptions.Joined
                ? (content.Name, Checked([.. lines.SelectMany(l => l.Track.Points)], content.Lines.Any(l => l.IsRecorded))!)
                : (taken.Name, taken.Track);
        if (track.LengthKm > LongestKm)
        {
            throw new UnreadableFileException(
                $"The track is {track.LengthKm:0} km long; up to {LongestKm:0} km can be planned. Split it and try again."
            );
        }

        List<string> flags = [.. content.Flags];
        if (lines.Count > 1 && options.Line is null)
        {
            flags.Add($"The file holds {lines.Count} lines; the longest was taken. Choose another, or join them.");
        }

        var (places, odd) = PlacesOnLine.Of(content.Places, PlacedLine.Of(track), options.Today, Speaker.For(options.Units));
        var read = RouteReading.Of(
            name.Length > 0 ? name : content.Name,
            track,
            flags,
            options.Climb is { } climb ? (climb.StartM, climb.UpM, climb.DownM) : null
        );
        return read with
        {
            Places = places,
            Flags = [.. read.Flags, .. odd],
            Lines = lines.Count > 1 ? [.. lines.Select(l => new FoundLine(l.Name, l.Track.LengthKm))] : [],
            LineTaken = options.Line == RouteFileOptions.Joined ? RouteFileOptions.Joined : lines.IndexOf(taken),
        };
    }

    private sealed record FoundTrack(string Name, Track Track);

    private static Track? Checked(IReadOnlyList<GeoPoint> points, bool isRecorded) =>
        points.Count <= MostPoints
            ? Track.Of(points, isRecorded)
            : throw new UnreadableFileException(
                $"The track has {points.Count} points; {MostPoints} can be read. Thin it out and try again."
            );

    /// <summary>A height as it may be used: none where it is no number or is off the earth.</summary>
    internal static double Height(double? metres) => metres is { } m && double.IsFinite(m) && Math.Abs(m) < 9000 ? m : double.NaN;

    /// <summary>A plain number; null for anything else.</summary>
    internal static double? Number(string? said) =>
        double.TryParse(said.AsSpan().Trim(), NumberStyles.Float, CultureInfo.InvariantCulture, out var value) && double.IsFinite(value)
            ? value
            : null;

    /// <summary>A longitude of 180 to 360° east is one west.</summary>
    internal static double Around(double longitudeDeg) =>
        Math.Abs(longitudeDeg) <= 180 ? longitudeDeg : Math.IEEERemainder(longitudeDeg, 360);
}
