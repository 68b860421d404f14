using System.Text.Json;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Formats.Places;

namespace JollyBrook.Formats.GeoJson;

/// <summary>
/// GeoJSON (RFC 7946): lines and points of a feature collection, a feature or a bare geometry. What is not needed is passed over.
/// </summary>
internal static class GeoJsonReader
{
    private const int MostDeep = 24;
    private const string Mend = "Export it again and try once more.";
    private static readonly string[] NameKeys = ["name", "title", "Name"];
    private static readonly string[] WordKeys = ["desc", "description", "cmt", "comment", "note", "notes", "Description"];
    private static readonly string[] KindKeys = ["type", "class", "kind", "symbol", "sym", "marker-symbol"];

    /// <exception cref="UnreadableFileException">It is no GeoJSON, is not whole, or names a place that is none.</exception>
    public static FileContent Read(string text)
    {
        JsonDocument document;
        try
        {
            document = JsonDocument.Parse(
                text.TrimStart('\uFEFF'),
                new JsonDocumentOptions
                {
                    MaxDepth = MostDeep,
                    CommentHandling = JsonCommentHandling.Skip,
                    AllowTrailingCommas = true,
                }
            );
        }
        catch (JsonException wrong)
        {
            throw new UnreadableFileException(
                $"It is not GeoJSON that can be read: line {(wrong.LineNumber ?? 0) + 1} is cut short, "
                    + $"nested too deep or not as it should be. {Mend}",
                wrong
            );
        }

        using (document)
        {
            var found = new Found();
            var root = document.RootElement;
            if (
                Kind(root) == "FeatureCollection"
                && root.TryGetProperty("features", out var features)
                && features.ValueKind == JsonValueKind.Array
            )
            {
                var i = 0;
                foreach (var feature in features.EnumerateArray())
                {
                    Feature(feature, found, $"feature {++i}");
                }
            }
            else if (Kind(root) == "Feature")
            {
                Feature(root, found, "the feature");
            }
            else
            {
                Geometry(root, new Told("", "", "", null, null), found, "the geometry");
            }

            var whole = Own(root, OwnParts.Route) is { } own ? OwnParts.ReadRoute(own) : null;
            return new FileContent(Word(root, NameKeys), found.Lines, found.Places, whole, []);
        }
    }

    private sealed class Found
    {
        public List<FileLine> Lines { get; } = [];

        public List<FilePlace> Places { get; } = [];
    }

    private sealed record Told(string Name, string Words, string Kind, IReadOnlyDictionary<string, string>? Tags, TripSource? Own);

    private static void Feature(JsonElement feature, Found found, string where)
    {
        if (
            feature.ValueKind != JsonValueKind.Object
            || !feature.TryGetProperty("geometry", out var geometry)
            || geometry.ValueKind != JsonValueKind.Object
        )
        {
            return;
        }

        var says =
            feature.TryGetProperty("properties", out var properties) && properties.ValueKind == JsonValueKind.Object ? properties : feature;
        if (Own(says, OwnParts.Stop) is not null)
        {
            return;
        }

        Dictionary<string, string> tags = [];
        foreach (var key in MapTags.Keys)
        {
            if (
                says.TryGetProperty(key, out var value)
                && value.ValueKind is JsonValueKind.String or JsonValueKind.True or JsonValueKind.False
            )
            {
                tags[key] = value.ValueKind switch
                {
                    JsonValueKind.True => "yes",
                    JsonValueKind.False => "no",
                    _ => value.GetString()!,
                };
            }
        }

        Geometry(
            geometry,
            new Told(
                Word(says, NameKeys),
                string.Join('\n', WordKeys.Select(k => Word(says, k)).Where(w => w.Length > 0)),
                properties.ValueKind == JsonValueKind.Object ? string.Join(' ', KindKeys.Select(k => Word(says, k))).Trim() : "",
                tags,
                Own(says, OwnParts.Source) is { } own ? OwnParts.ReadSource(own) : null
            ),
            found,
            where
        );
    }

    private static void Geometry(JsonElement geometry, Told told, Found found, string where)
    {
        if (geometry.ValueKind != JsonValueKind.Object)
        {
            throw new UnreadableFileException($"It is JSON, but no GeoJSON. {Mend}");
        }

        if (
            Kind(geometry) == "GeometryCollection"
            && geometry.TryGetProperty("geometries", out var inside)
            && inside.ValueKind == JsonValueKind.Array
        )
        {
            foreach (var one in inside.EnumerateArray())
            {
                Geometry(one, told, found, where);
            }

            return;
        }

        if (!geometry.TryGetProperty("coordinates", out var coordinates) || coordinates.ValueKind != JsonValueKind.Array)
        {
            return;
        }

        switch (Kind(geometry))
        {
            case "Point" when coordinates.GetArrayLength() > 0:
                found.Places.Add(new FilePlace(Place(coordinates, where), told.Name, told.Words, told.Kind, told.Tags, told.Own));
                break;
            case "MultiPoint":
                found.Places.AddRange(
                    coordinates.EnumerateArray().Select(c => new FilePlace(Place(c, where), told.Name, told.Words, told.Kind, told.Tags))
                );
                break;
            case "LineString":
                Line(coordinates, told, found, where);
                break;
            case "MultiLineString":
                foreach (var line in coordinates.EnumerateArray())
                {
                    Line(line, told, found, where);
                }

                break;
        }
    }

    private static void Line(JsonElement coordinates, Told told, Found found, string where)
    {
        if (coordinates.ValueKind == JsonValueKind.Array && coordinates.GetArrayLength() > 0)
        {
            found.Lines.Add(
                new FileLine(told.Name, [.. coordinates.EnumerateArray().Select((c, i) => Place(c, $"{where}, point {i + 1}"))])
            );
        }
    }

    private static GeoPoint Place(JsonElement at, string where)
    {
        double? Number(int i) =>
            at.ValueKind == JsonValueKind.Array
            && at.GetArrayLength() > i
            && at[i].ValueKind == JsonValueKind.Number
            && at[i].TryGetDouble(out var value)
                ? value
                : null;
        return Number(0) is { } lon && Math.Abs(lon) <= 360 && Number(1) is { } lat && Math.Abs(lat) <= 90
            ? new GeoPoint(lat, RouteFile.Around(lon), RouteFile.Height(Number(2)))
            : throw new UnreadableFileException(
                $"In {where} a place is none: it must be longitude −180 to 360, then latitude −90 to 90. Mend it there and try again."
            );
    }

    private static string Kind(JsonElement element) => element.ValueKind == JsonValueKind.Object ? Word(element, "type") : "";

    private static string Word(JsonElement element, params string[] keys) =>
        element.ValueKind != JsonValueKind.Object
            ? ""
            : keys.Select(key =>
                    element.TryGetProperty(key, out var said) && said.ValueKind == JsonValueKind.String ? said.GetString()!.Trim() : ""
                )
                .FirstOrDefault(w => w.Length > 0)
                ?? "";

    private static string? Own(JsonElement element, string part) =>
        element.ValueKind == JsonValueKind.Object
        && element.TryGetProperty(OwnParts.Key, out var own)
        && own.ValueKind == JsonValueKind.Object
        && own.TryGetProperty(part, out var its)
            ? its.GetRawText()
            : null;
}
