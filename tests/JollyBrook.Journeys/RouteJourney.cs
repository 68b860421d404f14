using System.Globalization;
using System.Text.Json;
using System.Xml.Linq;
using JollyBrook.Core.Route;
using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>
/// From a dropped track to a card in the hand: sources, a stretch that is too long, its remedy, the wanted certainty, and all of it
/// offline.
/// </summary>
public sealed class RouteJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Browser _browser;
    private readonly string _track = Path.Combine(Directory.CreateTempSubdirectory("jolly-brook-track-").FullName, "over-the-moor.gpx");

    public RouteJourney()
    {
        _browser = _server.NewBrowser(keepsProgram: true);
        File.WriteAllText(_track, Track());
    }

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
        Directory.Delete(Path.GetDirectoryName(_track)!, recursive: true);
    }

    [Fact]
    public async Task A_track_becomes_a_card_in_the_hand()
    {
        _browser.Open("/route");
        _browser.UntilText("Drop a track");
        _browser.GiveFile("Track file", _track);
        // Nothing becomes a source unseen.
        _browser.UntilText("Places: which of them are water?");
        _browser.Click("button", "Make the route with 2 sources");
        _browser.UntilText("At each place");
        _browser.UntilText("Moss spring");
        _browser.UntilText("Nobody is entered yet: taken as one walker of 75 kg.");

        // The source is told apart from hearsay.
        _browser.Click("tab", "Sources");
        _browser.Click(By.XPath("//button[contains(., 'Reed seep')]"));
        _browser.UntilText("Runs with 50 %");
        _browser.Click("button", "Dry");
        _browser.UntilText("Runs with 5 %");

        // Taken out it is gone from the plan, and nothing of it is lost.
        _browser.Click("button", "Take this source out");
        _browser.UntilText("Taken out");
        _browser.Click("button", "Put Reed seep back");
        _browser.Until(() => !_browser.Text.Contains("Taken out", StringComparison.Ordinal), "the source to be back");
        _browser.Click(By.XPath("//button[contains(., 'Reed seep')]"));
        _browser.UntilText("Runs with 5 %");

        // A way out stands among the places, with what is in hand there.
        _browser.Click("tab", "Days");
        _browser.Click("button", "Add a way out");
        _browser.Fill("Way out", "Moor road");
        _browser.Click("tab", "Plan");
        _browser.UntilText("Moor road");
        _browser.UntilText("A way out");
        _browser.Click("tab", "Days");
        _browser.Click("button", "Take Moor road away");
        _browser.UntilText("None named. A road, a hut");

        // One bottle is too little.
        _browser.Click("button", "Add a container");
        _browser.Fill("Holds", "0.75");
        _browser.UntilText("Room for 0.75 L");
        _browser.Click("tab", "Plan");
        _browser.Until(() => _browser.Headline.StartsWith("Not with this kit", StringComparison.Ordinal), "what is too little");
        _browser.UntilText("Too far: ");
        while (_browser.Headline.StartsWith("Not with this kit", StringComparison.Ordinal))
        {
            var before = _browser.Headline;
            _browser.Click(By.XPath("//li[contains(., 'more of containers')]//button"));
            _browser.Until(() => _browser.Headline != before, "the plan to follow the remedy");
        }

        _browser.Headline.ShouldStartWith("Leave with");

        _browser.Click("tab", "How sure");
        _browser.UntilText("Against other ways");
        // Moving the certainty moves the plan, on whichever page.
        var slider = By.CssSelector("input[aria-label='Wanted certainty']");
        _browser.Press(slider, Keys.Home);
        _browser.UntilText("Made for the middle");
        _browser.Click("tab", "Plan");
        _browser.UntilText("Made for the middle");
        var middle = _browser.Headline;
        _browser.Press(slider, Keys.End);
        _browser.UntilText("99 % sure");
        _browser.Until(() => _browser.Headline != middle, "another plan");

        _browser.Click("tab", "Take it along");
        _browser.UntilText("Without a phone:");
        var pdf =
            (Dictionary<string, object>)
                _browser.Driver.ExecuteCdpCommand("Page.printToPDF", new Dictionary<string, object?> { ["preferCSSPageSize"] = true })!;
        var bytes = Convert.FromBase64String((string)pdf["data"]);
        System.Text.Encoding.ASCII.GetString(bytes, 0, 5).ShouldBe("%PDF-");
        // A5: 420 × 595 points.
        System.Text.Encoding.Latin1.GetString(bytes).ShouldContain("/MediaBox [0 0 420 594");

        _browser.Click("button", "GPX with the plan in its waypoints");
        await ReadsBackAsync(_browser.SavedFile(".gpx"));
        _browser.Click("button", "Table (CSV)");
        _browser.SavedFile(".csv").ShouldStartWith("day,date,along_km,place");

        _browser.Click("tab", "Plan");
        _browser.UntilText("At each place");
        _browser.UntilText("All saved.");
        var headline = _browser.Headline;
        _browser.UntilOfflineReady();
        _server.Stop();
        _browser.Open("/route");
        _browser.UntilHeadline(headline);
        _browser.UntilText("Moss spring");
        _browser.Click("tab", "Take it along");
        _browser.Click("button", "GPX with the plan in its waypoints");
        _browser.SavedFile(".gpx").ShouldContain("Moss spring");

        // What reads files is on the device too: places alone for this route, a track for another.
        _browser.Click("tab", "Sources");
        var places = Path.Combine(Path.GetDirectoryName(_track)!, "places.gpx");
        File.WriteAllText(
            places,
            "<gpx version=\"1.1\"><wpt lat=\"46.2\" lon=\"-28.65\"><name>Sheep trough</name><desc>dry 1 Aug 2026</desc></wpt></gpx>"
        );
        _browser.GiveFile("Sources file", places);
        _browser.UntilText("1 new place in the file.");
        _browser.UntilText("dry on 1 Aug 2026");
        _browser.Go("/route/new");
        _browser.GiveFile("Track file", _track);
        _browser.UntilText("Make the route with 2 sources");
    }

    /// <summary>What the page wrote is the same route to the reader.</summary>
    private async Task ReadsBackAsync(string gpx)
    {
        var sent = await ReadAsync(File.ReadAllText(_track));
        var written = await ReadAsync(gpx);
        written.GetProperty("lengthKm").GetDouble().ShouldBe(sent.GetProperty("lengthKm").GetDouble(), 0.02);
        written
            .GetProperty("ascentM")
            .GetDouble()
            .ShouldBe(sent.GetProperty("ascentM").GetDouble(), sent.GetProperty("ascentM").GetDouble() * 0.03);
        var (before, after) = (sent.GetProperty("heights").GetString()!, written.GetProperty("heights").GetString()!);
        EncodedNumbers.Decode(after)!.Count.ShouldBe(EncodedNumbers.Decode(before)!.Count);
        written.GetProperty("places").EnumerateArray().Select(p => p.GetProperty("name").GetString()).ShouldContain("Moss spring");
        gpx.ShouldContain("Take ");

        // It is the line that is kept, to the last bend, and every height stands in a point of its own for others.
        var kept = _server.Records("route").Single().GetProperty("body");
        foreach (var part in (string[])["latitudes", "longitudes", "heights"])
        {
            written.GetProperty(part).GetString().ShouldBe(kept.GetProperty(part).GetString());
        }

        XDocument
            .Parse(gpx)
            .Descendants()
            .Count(e => e.Name.LocalName == "trkpt")
            .ShouldBeGreaterThanOrEqualTo(EncodedNumbers.Decode(after)!.Count);
    }

    private async Task<JsonElement> ReadAsync(string text)
    {
        using var content = TrackFile.Asked(text);
        using var response = await _server.Owner.Http.PostAsync("/api/calc/read-route", content);
        return JsonDocument.Parse(await response.Content.ReadAsStringAsync()).RootElement;
    }

    /// <summary>22 km due east over a moor, a spring and a seep on the way.</summary>
    private static string Track()
    {
        string Point(string tag, double km, string inside) =>
            string.Create(CultureInfo.InvariantCulture, $"<{tag} lat=\"46.2\" lon=\"{-28.7 + (km / 76.96):0.000000}\">{inside}</{tag}>");
        var points = string.Concat(
            Enumerable
                .Range(0, 221)
                .Select(i =>
                    Point(
                        "trkpt",
                        i / 10.0,
                        string.Create(CultureInfo.InvariantCulture, $"<ele>{300 + (200 * Math.Sin(i / 35.0)):0.0}</ele>")
                    )
                )
        );
        return $"<?xml version=\"1.0\"?><gpx version=\"1.1\" creator=\"test\" xmlns=\"http://www.topografix.com/GPX/1/1\">{Point("wpt", 9, "<name>Moss spring</name>")}{Point("wpt", 15, "<name>Reed seep</name>")}<trk><name>Over the moor</name><trkseg>{points}</trkseg></trk></gpx>";
    }
}
