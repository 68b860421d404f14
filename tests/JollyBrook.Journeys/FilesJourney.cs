using System.Globalization;
using System.Text.Json;
using System.Xml;
using CsvHelper;
using NetTopologySuite.Features;
using NetTopologySuite.IO;
using NetTopologySuite.IO.Converters;
using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>
/// What the page writes is read again by other libraries; what spreadsheets make of a table is taken in, all of it or none.
/// </summary>
public sealed class FilesJourney : IDisposable
{
    private static readonly JsonSerializerOptions GeoJson = new() { Converters = { new GeoJsonConverterFactory() } };
    private readonly AppServer _server = ServerPool.Take();
    private readonly Browser _browser;
    private readonly string _folder = Directory.CreateTempSubdirectory("jolly-brook-files-").FullName;

    public FilesJourney() => _browser = _server.NewBrowser();

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
        Directory.Delete(_folder, recursive: true);
    }

    [Fact]
    public void Tables_maps_and_calendars_are_read_by_others()
    {
        _browser.Open("/book/files");
        _browser.UntilText("Drink (23), CSV");
        _browser.Click("button", "Drink (23), CSV");
        using (var csv = CsvReader.FromText(_browser.SavedFile("drank.csv"), new CsvReaderOptions { HasHeader = true }))
        {
            csv.ReadHeader();
            csv.Headers!.ShouldBe(["at", "walker", "litres", "all", "container", "batch", "untreated", "note"]);
            List<double> litres = [];
            while (csv.Read())
            {
                litres.Add(double.Parse(csv.GetString(2), CultureInfo.InvariantCulture));
            }

            // One sip a week ago, three on yesterday's walk, a quart last night, six cups each for three today.
            litres.Count.ShouldBe(1 + 3 + 1 + (3 * 6));
            litres.ShouldContain(l => Math.Abs(l - 0.946353) < 1e-9);
        }

        _browser.Click("button", "GPX");
        using (var reader = XmlReader.Create(new StringReader(_browser.SavedFile(".gpx"))))
        {
            var waypoints = GpxFile.ReadFrom(reader, null).Waypoints;
            waypoints.Count.ShouldBe(9);
            waypoints.Select(w => w.Name).ShouldContain("Heron tarn");
        }

        _browser.Click("button", "GeoJSON");
        var places = _browser.SavedFile(".geojson");
        var features = JsonSerializer.Deserialize<FeatureCollection>(places, GeoJson)!;
        features.Count.ShouldBe(9 + 1); // and the line
        features[0].Geometry.Coordinate.Y.ShouldBe(46.2, 0.2);

        // Taken in again nothing is new; with one place moved, that one is.
        Choose("Sources file", "same.geojson", places);
        _browser.UntilText("0 new places in the file.");
        Choose("Sources file", "moved.geojson", places.Replace("Ledge seep", "Lower ledge seep", StringComparison.Ordinal));
        _browser.UntilText("1 new place in the file.");
        _browser.Click("button", "Take 1 source in");
        _browser.Until(() => _server.Records("trip-source").Count == 10, "the source to reach the server");
        Choose("Sources file", "broken.gpx", "<gpx><wpt");
        _browser.UntilText("The file is broken at line 1");

        _browser.Go("/day");
        _browser.UntilText("All ready in time: 5 batches");
        _browser.Click("button", "To the calendar");
        var calendar = Ical.Net.Calendar.Load(_browser.SavedFile(".ics"))!;
        calendar.Events.Count(e => e.Summary!.StartsWith("Ready: ", StringComparison.Ordinal)).ShouldBe(5);
        calendar.Events.Select(e => e.Uid).ShouldBeUnique();
        calendar.Events.ShouldAllBe(e => e.Alarms.Single()!.Trigger!.DateTime != null);
        calendar.Events.ShouldAllBe(e => e.Alarms.Count == 1 && e.Start!.AsUtc > DateTime.UtcNow.AddMinutes(-5));
    }

    [Fact]
    public void A_mangled_table_is_taken_in_whole_or_not_at_all()
    {
        _browser.Open("/book/files");
        _browser.UntilText("Choose a CSV file");
        var before = _server.Records("book-line").Count;
        // Semicolons, comma decimals, a byte order mark, carriage returns, a quoted line end.
        const string Good = "\uFEFFWhen;Walker;Litres;Note\r\n21.8.2026 9:30;ilva;0,25;\"two\nlines\"\r\n2026-08-21 10:00;;0,5;\r\n\r\n";
        Choose("CSV file", "bad.csv", Good + "2026-08-21 99:00;;1;\r\n");
        _browser.UntilText("Line 4: When: “2026-08-21 99:00” can't be read");
        _browser.Of("button", "Take all of them in", e => e.Enabled).ShouldBeFalse();

        Choose("CSV file", "good.csv", Good);
        _browser.UntilText("2 new lines.");
        _browser.Click("button", "Take all of them in");
        _browser.UntilText("2 lines are in the book.");
        _browser.Until(() => _server.Records("book-line").Count == before + 2, "the lines to reach the server");
        _server
            .Records("book-line")
            .Count(r => r.GetProperty("body").TryGetProperty("note", out var note) && note.GetString() == "two\nlines")
            .ShouldBe(1);

        _browser.Click("button", "Done");
        Choose("CSV file", "again.csv", Good);
        _browser.UntilText("0 new lines, 2 already in the book.");
        Choose("CSV file", "open.csv", "When;Litres\r\n\"2026-08-21;1\r\n");
        _browser.UntilText("a quotation mark is not closed");
    }

    [Fact]
    public void A_line_is_corrected_and_struck_out_and_both_stay()
    {
        _browser.Open("/book");
        _browser.UntilText("Wind from the west");
        _browser.Fill("Search", "wind");
        _browser.Until(() => !_browser.Text.Contains("Cramps"), "only what fits");
        _browser.Driver.ExecuteScript("[...document.querySelectorAll('main ul button')].find(b => b.innerText.includes('Wind')).click()");
        _browser.Click("link", "Correct it");
        _browser.Fill("Note", "Wind from the east");
        _browser.Click("button", "Write it anew");
        _browser.UntilText("It stands for");
        _browser.UntilText("Corrected");
        _browser.Click("button", "Strike it out");
        _browser.UntilText("Struck out");
        _browser.Until(
            () =>
                _server
                    .Records("book-line")
                    .Count(r => r.GetProperty("body").TryGetProperty("corrects", out var c) && c.ValueKind == JsonValueKind.String) == 2,
            "both lines to reach the server"
        );
    }

    private void Choose(string label, string name, string text)
    {
        var path = Path.Combine(_folder, name);
        File.WriteAllText(path, text);
        _browser.GiveFile(label, path);
    }
}
