using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;

namespace JollyBrook.Formats.Places;

/// <summary>A place as a file tells of it.</summary>
/// <param name="At">Where.</param>
/// <param name="Name">Its name; empty without one.</param>
/// <param name="Words">Its description and comment.</param>
/// <param name="Kind">The file's own type and symbol for it.</param>
/// <param name="Tags">A map's tags, by key; null without.</param>
/// <param name="Own">The source as this program wrote it; null in others' files.</param>
internal sealed record FilePlace(
    GeoPoint At,
    string Name,
    string Words = "",
    string Kind = "",
    IReadOnlyDictionary<string, string>? Tags = null,
    TripSource? Own = null
);
