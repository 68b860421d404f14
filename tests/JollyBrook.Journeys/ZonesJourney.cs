using System.Globalization;
using System.Text.Json;
using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>
/// A trip keeps the clock of its place, whatever zone and language the device is in: an evening and a morning with the end of summer time
/// between them are told the same by plan, day and calendar.
/// </summary>
public sealed class ZonesJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly string _folder = Directory.CreateTempSubdirectory("jolly-brook-zones-").FullName;

    public void Dispose()
    {
        _server.Dispose();
        Directory.Delete(_folder, recursive: true);
    }

    [Theory]
    [InlineData("Europe/Vienna", "de-AT")]
    [InlineData("America/St_Johns", "en-CA")]
    [InlineData("Pacific/Kiritimati", "en-GB")]
    public async Task A_night_that_is_an_hour_longer(string zone, string locale)
    {
        using var browser = _server.NewBrowser();
        browser.Driver.ExecuteCdpCommand("Emulation.setTimezoneOverride", new Dictionary<string, object?> { ["timezoneId"] = zone });
        browser.Driver.ExecuteCdpCommand("Emulation.setLocaleOverride", new Dictionary<string, object?> { ["locale"] = locale });

        // A track on land brings its zone with it.
        var track = Path.Combine(_folder, "high-way.gpx");
        await File.WriteAllTextAsync(track, Track());
        browser.Open("/route");
        browser.UntilText("Drop a track");
        browser.GiveFile("Track file", track);
        browser.Click("button", "Make the route with 1 source");
        browser.UntilText("At each place");
        browser.UntilText("All saved.");
        var record = _server.Records("route").Single();
        record.GetProperty("body").GetProperty("timeZone").GetString().ShouldBe("Europe/Vienna");

        // Two days with the end of summer time between them: the last Sunday of October 2027 is the 31st.
        var body = JsonSerializer.Deserialize<Dictionary<string, JsonElement>>(record.GetProperty("body").GetRawText())!;
        body["startDate"] = JsonSerializer.SerializeToElement("2027-10-30");
        body["days"] = JsonDocument.Parse("""[{"startHour":9,"endKm":4,"campName":"Hut meadow"},{"startHour":7}]""").RootElement;
        body["containers"] = JsonDocument.Parse("""[{"name":"Bag","volumeL":6}]""").RootElement;
        var id = record.GetProperty("id").GetGuid();
        foreach (
            var (kind, item, json) in new[]
            {
                ("route", id, JsonSerializer.Serialize(body)),
                ("kit-item", Guid.CreateVersion7(), """{"kind":"container","name":"Bag","volumeL":6}"""),
                (
                    "kit-item",
                    Guid.CreateVersion7(),
                    """{"kind":"product","name":"Chlorine dioxide tablets","product":{"profileId":"clo2-tablet","bestBefore":"2031-01-01"}}"""
                ),
            }
        )
        {
            var revision = kind == "route" ? record.GetProperty("revision").GetInt64() : (long?)null;
            (
                await _server.Owner.PutRecordAsync(_server.Owner.PersonId, kind, item, json, baseRevision: revision)
            ).EnsureSuccessStatusCode();
        }

        browser.Open($"/day/plan/{id}/0");
        browser.UntilText("Saturday 30 October");
        browser.UntilText("Breakfast");
        browser.UntilText("wanted by Sun 06:00");
        // The headline, the list and the fields beneath agree.
        browser.Text.ShouldNotContain("05:00");
        browser.Text.ShouldNotContain("Sun 07:00 (");
        browser.Until(() => browser.DatesShown("By").Contains("31 Oct 2027 06:00"), "the field of an hour to say the same");
        browser.Click("button", "To the calendar");
        var calendar = Ical.Net.Calendar.Load(browser.SavedFile(".ics"))!;
        var earliest = calendar.Events.Min(e => e.Start!.AsUtc);
        // Nothing begins before the party is there, on the 30th by a clock 2 h ahead of UTC.
        earliest.ShouldBeGreaterThan(new DateTime(2027, 10, 30, 7, 0, 0, DateTimeKind.Utc));
        earliest.ShouldBeLessThan(new DateTime(2027, 10, 31, 7, 0, 0, DateTimeKind.Utc));

        browser.Go($"/route/{id}/card");
        browser.UntilText("Saturday 30 October");
        browser.UntilText("07:00 to");
    }

    /// <summary>8 km due north in a valley of the Alps, with a spring at the fourth.</summary>
    private static string Track()
    {
        var points = string.Concat(
            Enumerable
                .Range(0, 81)
                .Select(i =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"<trkpt lat=\"{47.2 + (i / 10.0 / 111.195):0.000000}\" lon=\"12.3\"><ele>{1500 + (3 * i)}</ele></trkpt>"
                    )
                )
        );
        return $"<?xml version=\"1.0\"?><gpx version=\"1.1\" creator=\"test\" xmlns=\"http://www.topografix.com/GPX/1/1\"><wpt lat=\"47.235972\" lon=\"12.3\"><name>Stone spring</name></wpt><trk><name>High way</name><trkseg>{points}</trkseg></trk></gpx>";
    }
}
