using JollyBrook.Core.Route;

namespace JollyBrook.Formats;

/// <summary>Reads a route out of a file, by what the file is and not by what it is called.</summary>
public static class RouteFile
{
    /// <summary>Longest text read, letters: a 50 000-point track with times is about 6 million.</summary>
    public const int MostLetters = 24_000_000;

    /// <summary>Most points of a track.</summary>
    public const int MostPoints = 400_000;

    internal const double LongestKm = 2_000;

    /// <exception cref="UnreadableFileException">It holds no route, or is not whole; the message says what to do.</exception>
    public static ReadRoute Read(string text) => Read(text, CancellationToken.None);

    /// <exception cref="UnreadableFileException">It holds no route, or is not whole; the message says what to do.</exception>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    public static ReadRoute Read(string text, CancellationToken cancellation)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (text.Length > MostLetters)
        {
            throw new UnreadableFileException("The file is larger than can be read (24 million letters). Thin the track out and try again.");
        }

        var start = text.AsSpan().TrimStart("\uFEFF \t\r\n");
        return start switch
        {
            ['<', ..] => GpxRoutes.Read(text, cancellation),
            ['{', ..] => GeoJsonRoutes.Read(text),
            _ => throw new UnreadableFileException("It is neither GPX nor GeoJSON. Export the track as GPX and drop that."),
        };
    }

    /// <summary>Points that are places on the earth, as a route with its places.</summary>
    internal static ReadRoute Of(
        string name, IReadOnlyList<GeoPoint> line, IReadOnlyList<(string Name, string Words, GeoPoint At)> places, IReadOnlyList<string> flags)
    {
        if (line.Count > MostPoints)
        {
            throw new UnreadableFileException($"The track has {line.Count} points; {MostPoints} can be read. Thin it out and try again.");
        }

        if (line.FirstOrDefault(p => !IsPlace(p)) is var odd && !IsPlace(odd))
        {
            throw new UnreadableFileException("A point lies off the globe: latitude must be −90 to 90, longitude −180 to 180. Mend the file and try again.");
        }

        var track = Track.Of(line) ?? throw new UnreadableFileException("The track has fewer than two different points. Type the legs by hand, or drop another file.");
        if (track.LengthKm > LongestKm)
        {
            throw new UnreadableFileException($"The track is {track.LengthKm:0} km long; up to 2000 km can be planned. Split it and try again.");
        }

        return RouteReading.Of(name, track, [.. places.Where(p => IsPlace(p.At))], flags);
    }

    private static bool IsPlace(GeoPoint p) => Math.Abs(p.LatitudeDeg) <= 90 && Math.Abs(p.LongitudeDeg) <= 180;

    /// <summary>A height as it may be used: none where it is no number or is off the earth.</summary>
    internal static double Height(double? metres) => metres is { } m && double.IsFinite(m) && Math.Abs(m) < 9000 ? m : double.NaN;
}
