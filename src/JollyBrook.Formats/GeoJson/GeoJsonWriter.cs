using System.Buffers;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Unicode;
using JollyBrook.Core.Route;

namespace JollyBrook.Formats.GeoJson;

/// <summary>GeoJSON (RFC 7946): a point for each source and stop, the line as a LineString.</summary>
internal static class GeoJsonWriter
{
    public static string Write(PlacedTrip trip)
    {
        var buffer = new ArrayBufferWriter<byte>(16 * 1024);
        using (
            var json = new Utf8JsonWriter(
                buffer,
                new JsonWriterOptions { Indented = true, Encoder = JavaScriptEncoder.Create(UnicodeRanges.All) }
            )
        )
        {
            json.WriteStartObject();
            json.WriteString("type", "FeatureCollection");
            json.WriteString("name", trip.Name);
            if (trip.Route is { } route)
            {
                Own(json, OwnParts.Route, OwnParts.Write(route));
            }

            json.WriteStartArray("features");
            foreach (var (source, at, words) in trip.Sources)
            {
                Point(
                    json,
                    at,
                    source.Name!,
                    SourceSaid.Of(source, words),
                    SourceSaid.Kind(source),
                    OwnParts.Source,
                    OwnParts.Write(source)
                );
            }

            foreach (var (name, at, words) in trip.Stops)
            {
                Point(json, at, name, words, "stop", OwnParts.Stop, "true");
            }

            Line(json, trip);
            json.WriteEndArray();
            json.WriteEndObject();
        }

        return Encoding.UTF8.GetString(buffer.WrittenSpan);
    }

    private static void Point(Utf8JsonWriter json, LineOnMapPoint at, string name, string words, string kind, string part, string own)
    {
        json.WriteStartObject();
        json.WriteString("type", "Feature");
        json.WriteStartObject("geometry");
        json.WriteString("type", "Point");
        json.WritePropertyName("coordinates");
        Place(json, at);
        json.WriteEndObject();
        json.WriteStartObject("properties");
        json.WriteString("name", name);
        json.WriteString("desc", words);
        json.WriteString("kind", kind);
        Own(json, part, own);
        json.WriteEndObject();
        json.WriteEndObject();
    }

    private static void Line(Utf8JsonWriter json, PlacedTrip trip)
    {
        if (trip.Line.Count == 0)
        {
            return;
        }

        json.WriteStartObject();
        json.WriteString("type", "Feature");
        json.WriteStartObject("geometry");
        json.WriteString("type", "LineString");
        json.WriteStartArray("coordinates");
        foreach (var point in trip.Line)
        {
            Place(json, point);
        }

        json.WriteEndArray();
        json.WriteEndObject();
        json.WriteStartObject("properties");
        json.WriteString("name", trip.Name);
        json.WriteEndObject();
        json.WriteEndObject();
    }

    private static void Place(Utf8JsonWriter json, LineOnMapPoint at)
    {
        json.WriteStartArray();
        json.WriteNumberValue(Math.Round(at.LongitudeDeg, 7));
        json.WriteNumberValue(Math.Round(at.LatitudeDeg, 7));
        if (double.IsFinite(at.ElevationM))
        {
            json.WriteNumberValue(Math.Round(at.ElevationM, 1));
        }

        json.WriteEndArray();
    }

    private static void Own(Utf8JsonWriter json, string part, string own)
    {
        json.WriteStartObject(OwnParts.Key);
        json.WritePropertyName(part);
        json.WriteRawValue(own);
        json.WriteEndObject();
    }
}
