using System.Buffers;
using System.Globalization;
using System.Text;
using System.Text.Json;
using CsvHelper;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Formats.Places;

namespace JollyBrook.Formats.Tables;

/// <summary>Sources as a table: ours with a column for each thing that is known, anybody's with latitude and longitude.</summary>
internal static class SourceTable
{
    private const string OnLine = "onLine";
    private const int MostLines = 20_000;

    /// <summary>What a sheet would take for a formula is written with an apostrophe before it, which sheets do not show.</summary>
    private const string Formula = "=+-@\t\r";

    /// <summary>Columns of text; the others are numbers, and true or false.</summary>
    private static readonly HashSet<string> Texts = ["name", "class", "reportedAt", "treatWith", "clarity", "colour"];

    /// <summary>What is known of a source, by the names of its fields.</summary>
    private static readonly string[] Known =
    [
        "class",
        "alongKm",
        "reportedFlowing",
        "reportedAt",
        "chance",
        "detourMinutes",
        "litresPerMinute",
        "doNotUse",
        "onlyIfNeeded",
        "drinkable",
        "treatWith",
        "seen",
        "othersCamped",
        "treatLater",
        "drinkL",
        "cacheL",
        "clarity",
        "colour",
        "temperatureC",
    ];

    private static readonly (string Column, string[] Names)[] Places =
    [
        ("latitude", ["latitude", "lat", "y", "latitudedeg", "breite", "breitengrad", "latitud"]),
        ("longitude", ["longitude", "lon", "lng", "long", "x", "longitudedeg", "länge", "längengrad", "longitud"]),
        ("name", ["name", "title", "waypoint", "nom", "nombre", "nome", "titel"]),
        ("words", ["desc", "description", "comment", "comments", "notes", "note", "cmt", "beschreibung", "words"]),
        ("kind", ["type", "kind", "symbol", "sym", "category"]),
        ("height", ["elevation", "ele", "altitude", "height"]),
    ];

    private static readonly CsvReaderOptions Options = new()
    {
        HasHeader = true,
        Separator = null,
        TrimWhitespace = true,
        SkipEmptyLines = true,
        TrackLineNumbers = true,
        MalformedData = CsvMalformedDataHandling.Throw,
    };

    public static string Write(IReadOnlyList<PlacedSource> sources)
    {
        var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = CsvWriter.Create(text, new CsvWriterOptions { NewLine = "\r\n" }, leaveOpen: true))
        {
            foreach (var column in (string[])["name", "latitude", "longitude", .. Known, OnLine, "words"])
            {
                csv.WriteField(column);
            }

            csv.EndRecord();
            foreach (var (source, at, words) in sources)
            {
                using var fields = JsonDocument.Parse(OwnParts.Write(source));
                csv.WriteField(Safe(source.Name!));
                csv.WriteField(Number(at.LatitudeDeg));
                csv.WriteField(Number(at.LongitudeDeg));
                foreach (var column in Known)
                {
                    csv.WriteField(fields.RootElement.TryGetProperty(column, out var value) ? Said(value) : "");
                }

                csv.WriteField(source.LatitudeDeg is null ? "true" : "");
                csv.WriteField(Safe(words));
                csv.EndRecord();
            }
        }

        return text.ToString();
    }

    /// <returns>Null for what is no table with latitude and longitude.</returns>
    /// <exception cref="UnreadableFileException">A line cannot be right; lines are told by number.</exception>
    public static FileContent? Read(string text)
    {
        try
        {
            using var csv = CsvReader.FromText(text.TrimStart('\uFEFF'), Options);
            csv.ReadHeader();
            string[] headers = [.. (csv.Headers ?? []).Select(h => h.Trim().ToLowerInvariant())];
            var columns = Places.ToDictionary(p => p.Column, p => Array.FindIndex(headers, h => p.Names.Contains(h)));
            return columns["latitude"] < 0 || columns["longitude"] < 0
                ? null
                : new FileContent("", [], Rows(csv, columns, headers), null, []);
        }
        catch (CsvFormatException broken)
        {
            throw new UnreadableFileException("It is no table that can be read. Save it as CSV and try again.", broken);
        }
    }

    private static List<FilePlace> Rows(CsvReader csv, Dictionary<string, int> columns, string[] headers)
    {
        var isOurs = headers.Contains("alongkm") && headers.Contains("class");
        List<FilePlace> places = [];
        List<string> wrong = [];
        while (csv.Read())
        {
            string Cell(int index) => index >= 0 && index < csv.FieldCount ? csv.GetString(index) : "";
            if (places.Count >= MostLines)
            {
                throw new UnreadableFileException($"The table has more than {MostLines} lines. Keep those by the walk and try again.");
            }

            var (latitude, longitude) = (Degrees(Cell(columns["latitude"])), Degrees(Cell(columns["longitude"])));
            if (latitude is not { } lat || Math.Abs(lat) > 90 || longitude is not { } lon || Math.Abs(lon) > 360)
            {
                wrong.Add(csv.LineNumber.ToString(CultureInfo.InvariantCulture));
                continue;
            }

            var name = Plain(Cell(columns["name"]));
            var own = isOurs ? Own(name, headers, Cell, lat, lon) : null;
            places.Add(
                new FilePlace(
                    new GeoPoint(lat, RouteFile.Around(lon), RouteFile.Height(RouteFile.Number(Cell(columns["height"])))),
                    name,
                    Plain(Cell(columns["words"])),
                    isOurs ? "" : Cell(columns["kind"]),
                    Own: own
                )
            );
        }

        return wrong.Count == 0
            ? places
            : throw new UnreadableFileException(
                $"{(wrong.Count == 1 ? "Line" : "Lines")} {string.Join(", ", wrong.Take(5))}{(wrong.Count > 5 ? $" and {wrong.Count - 5} more" : "")}: "
                    + "latitude must be −90 to 90, longitude −180 to 360, in degrees such as 46.21. Mend them and try again."
            );
    }

    private static TripSource? Own(string name, string[] headers, Func<int, string> cell, double latitude, double longitude)
    {
        var buffer = new ArrayBufferWriter<byte>();
        using (var json = new Utf8JsonWriter(buffer))
        {
            json.WriteStartObject();
            json.WriteString("name", name);
            foreach (var column in Known)
            {
                if (cell(Array.IndexOf(headers, column.ToLowerInvariant())) is { Length: > 0 } said)
                {
                    Field(json, column, said);
                }
            }

            if (cell(Array.IndexOf(headers, OnLine.ToLowerInvariant())).Length == 0)
            {
                json.WriteNumber("latitudeDeg", latitude);
                json.WriteNumber("longitudeDeg", longitude);
            }

            json.WriteEndObject();
        }

        return OwnParts.ReadSource(Encoding.UTF8.GetString(buffer.WrittenSpan));
    }

    private static void Field(Utf8JsonWriter json, string column, string said)
    {
        if (column == "seen")
        {
            json.WriteStartArray(column);
            foreach (var sighting in said.Split(' ', StringSplitOptions.RemoveEmptyEntries))
            {
                json.WriteStringValue(sighting);
            }

            json.WriteEndArray();
        }
        else if (Texts.Contains(column))
        {
            json.WriteString(column, column == "treatWith" ? Plain(said) : said);
        }
        else if (bool.TryParse(said, out var flag))
        {
            json.WriteBoolean(column, flag);
        }
        else if (RouteFile.Number(said) is { } number)
        {
            json.WriteNumber(column, number);
        }
        else
        {
            // What cannot be right makes it anybody's line.
            json.WriteString(column, said);
        }
    }

    private static string Said(JsonElement value) =>
        value.ValueKind switch
        {
            JsonValueKind.Null => "",
            JsonValueKind.Array => string.Join(' ', value.EnumerateArray().Select(v => v.GetString())),
            JsonValueKind.String => Safe(value.GetString()!),
            _ => value.GetRawText(),
        };

    private static string Safe(string text) =>
        text.Length > 0 && (Formula.Contains(text[0], StringComparison.Ordinal) || text[0] == '\'') ? $"'{text}" : text;

    private static string Plain(string text) =>
        text is ['\'', var next, ..] && (Formula.Contains(next, StringComparison.Ordinal) || next == '\'') ? text[1..] : text;

    private static string Number(double value) => value.ToString("R", CultureInfo.InvariantCulture);

    /// <summary>Degrees with a point or a comma.</summary>
    private static double? Degrees(string said) => RouteFile.Number(said.Replace(',', '.'));
}
