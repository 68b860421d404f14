using JollyBrook.Core.Route;
using JollyBrook.Formats.Places;

namespace JollyBrook.Formats;

/// <summary>A line of a file: a track, a route, a drawn line.</summary>
/// <param name="Name">Its name; empty without one.</param>
/// <param name="Points">Its points.</param>
/// <param name="IsRecorded">Whether a receiver recorded it: its points have times.</param>
internal sealed record FileLine(string Name, IReadOnlyList<GeoPoint> Points, bool IsRecorded = false);

/// <summary>What a file holds, whatever its format.</summary>
/// <param name="Name">Its own name; empty without one.</param>
/// <param name="Lines">Its lines, in the order of the file.</param>
/// <param name="Places">Its places.</param>
/// <param name="Whole">The route with its days and its party, as this program wrote it; null in others' files.</param>
/// <param name="Flags">What was odd, each a sentence.</param>
internal sealed record FileContent(
    string Name,
    IReadOnlyList<FileLine> Lines,
    IReadOnlyList<FilePlace> Places,
    TripRoute? Whole,
    IReadOnlyList<string> Flags
);
