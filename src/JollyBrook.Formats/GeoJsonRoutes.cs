using System.Text.Json;
using JollyBrook.Core.Route;
using NetTopologySuite.Features;
using NetTopologySuite.Geometries;
using NetTopologySuite.IO.Converters;

namespace JollyBrook.Formats;

/// <summary>GeoJSON: the longest line of a feature collection, a feature or a bare geometry, with its points as places.</summary>
internal static class GeoJsonRoutes
{
    private static readonly JsonSerializerOptions Options = new() { MaxDepth = 24, Converters = { new GeoJsonConverterFactory() } };

    public static ReadRoute Read(string text)
    {
        List<(string Name, string Words, Geometry Shape)> shapes;
        try
        {
            shapes = [.. Shapes(text)];
        }
        catch (Exception wrong) when (wrong is JsonException or FormatException or ArgumentException or InvalidOperationException or NotSupportedException or OverflowException)
        {
            throw new UnreadableFileException("It is not GeoJSON that can be read: it is cut short, or a feature is not as it should be. Export it again and try once more.", wrong);
        }

        var lines = shapes.SelectMany(s => Lines(s.Shape).Select(l => (s.Name, Line: l))).Where(l => !l.Line.IsEmpty).ToList();
        if (lines.Count == 0)
        {
            throw new UnreadableFileException("The file holds no line. Export the track as a LineString, or as GPX.");
        }

        var (name, line) = lines.MaxBy(l => l.Line.NumPoints);
        return RouteFile.Of(
            name, [.. line.Coordinates.Select(Place)],
            [.. shapes.Where(s => s.Shape is Point { IsEmpty: false }).Select(s => (s.Name, s.Words, Place(s.Shape.Coordinate)))],
            lines.Count > 1 ? [$"The file holds {lines.Count} lines; the one with most points was taken."] : []);
    }

    private static IEnumerable<(string Name, string Words, Geometry Shape)> Shapes(string text)
    {
        using var document = JsonDocument.Parse(text.TrimStart('\uFEFF'), new JsonDocumentOptions { MaxDepth = 24 });
        var type = document.RootElement.TryGetProperty("type", out var named) && named.ValueKind == JsonValueKind.String ? named.GetString() : null;
        IEnumerable<IFeature?> features = type switch
        {
            "FeatureCollection" => JsonSerializer.Deserialize<FeatureCollection>(document, Options) ?? [],
            "Feature" => [JsonSerializer.Deserialize<IFeature>(document, Options)],
            _ => [new Feature(JsonSerializer.Deserialize<Geometry>(document, Options), new AttributesTable())],
        };
        return [.. features.Where(f => f?.Geometry is not null).Select(f => (Word(f!, "name"), $"{Word(f!, "desc")} {Word(f!, "type")} {Word(f!, "natural")}", f!.Geometry))];
    }

    private static string Word(IFeature feature, string key) =>
        feature.Attributes?.Exists(key) == true && feature.Attributes[key] is string word ? word : "";

    private static IEnumerable<LineString> Lines(Geometry shape) => shape switch
    {
        LineString line => [line],
        GeometryCollection several => several.Geometries.SelectMany(Lines),
        _ => [],
    };

    private static GeoPoint Place(Coordinate at) => new(at.Y, at.X, RouteFile.Height(at.Z));
}
