using System.Globalization;
using System.Text.Json;

namespace JollyBrook.Journeys;

/// <summary>
/// A walk with a phone and no signal: the place found by the simulated receiver, water taken where the plan says, a brook found dry by a
/// tap, the camp's water fetched from beyond it, and all of it on the server afterwards.
/// </summary>
public sealed class WalkJourney : IDisposable
{
    private const string Moss = "Moss spring";
    private const string Brook = "Reed brook";
    private const string Well = "Fold well";
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Guid _well = Guid.CreateVersion7();

    public void Dispose() => _server.Dispose();

    [Fact]
    public async Task A_day_walked_by_what_is_found()
    {
        await PackAsync();
        using var phone = _server.NewBrowser(390, 844, keepsProgram: true);
        phone.Open("/now");
        phone.UntilText("Where are you on the walk?");
        // Four in the afternoon, whatever the hour of the run: a camp is still to come.
        var now = DateTime.Now;
        phone.LetTimePass(TimeSpan.FromHours((16 - now.Hour + 24) % 24) - TimeSpan.FromMinutes(now.Minute - 3));
        phone.Reload();
        phone.UntilText("Where are you on the walk?");
        phone.UntilOfflineReady();
        _server.Stop();

        // At the spring with nothing in hand: stop, and into which bottles.
        phone.Click("button", "Where are you on the walk?");
        phone.Select("At a source", Moss);
        phone.UntilText("Stop here: take");
        phone.UntilText("Into Camp bag");
        phone.UntilText("Chlorine dioxide tablets");
        phone.Click("button", "Camp bag empty");
        phone.Click("button", "Filled, raw");
        phone.See("button", "Camp bag 4 L, raw: not to drink");

        // On by the simulated receiver, a kilometre at each look.
        for (var km = 10; km <= 12; km++)
        {
            WalkOn(phone);
            phone.UntilText($"At {km} km: found by satellite");
        }

        phone.UntilText($"{Brook}: 3 km on");
        phone.UntilText($"too little to get back to {Moss}");

        // The brook at the camp is dry: one tap, and the camp fetches from the well beyond it.
        phone.Click("button", $"{Brook} is dry");
        phone.UntilText($"{Brook} was found dry");
        // Who tells of it stands at it.
        phone.UntilText($"At 15 km: {Brook}");
        phone.UntilText($"{Well}: 0.8 km on");
        phone.Go("/route");
        phone.UntilText($"from {Well}");

        // The well's water is better than what was carried up raw.
        phone.Go("/now");
        phone.Click("button", "Camp bag 4 L, raw: not to drink");
        phone.Click("button", "Spilt");
        phone.See("button", "Camp bag empty");
        Evening(phone);

        _server.Start();
        phone.SignalIsBack();
        phone.UntilText("All saved.");
        var told = _server.Records("book-line").Select(r => r.GetProperty("body")).ToList();
        var batches = _server.Records("batch").Select(r => r.GetProperty("body")).ToList();
        batches.Sum(b => b.GetProperty("request").GetProperty("water").GetProperty("volumeL").GetDouble()).ShouldBe(2.5);
        batches.Select(b => b.GetProperty("sourceId").GetGuid()).Distinct().ShouldBe([_well]);
        told.Count(b => b.GetProperty("kind").GetString() == "filled").ShouldBe(1);
        var seen = told.Single(b => b.GetProperty("kind").GetString() == "sourceSeen");
        seen.GetProperty("flowing").GetBoolean().ShouldBeFalse();
    }

    /// <summary>The evening by its clock line: what the camp wants of the well, begun, worked and waited for.</summary>
    private static void Evening(Browser phone)
    {
        phone.Go("/day");
        phone.UntilText($"Its water is fetched from {Well}");
        phone.UntilText("Drinking and washing tonight");
        List<string> begun = [];
        // The two containers; what comes after them waits for them to be empty.
        while (begun.Count < 2)
        {
            phone.Click("button", "Begin it now");
            phone.Until(() => Steps(phone).Count > begun.Count, "a batch to be begun");
            begun = Steps(phone);
        }

        foreach (var batch in begun)
        {
            phone.Go(batch);
            Work(phone);
        }

        phone.LetTimePass(TimeSpan.FromHours(10));
        phone.Reload();
        foreach (var batch in begun)
        {
            phone.Go(batch);
            phone.UntilText("Drinkable");
            Work(phone);
            phone.UntilText("Finished");
        }

        phone.Go("/now");
        phone.UntilText("2.5 L to drink");
        phone.See("button", "Camp bag 1.5 L to drink");
        phone.See("button", "Bottle 1 L to drink");
        phone.UntilText("57 tablets left");
        phone.Text.ShouldNotContain("does not add up");
    }

    private static List<string> Steps(Browser phone) =>
        [.. phone.Each(OpenQA.Selenium.By.LinkText("Begun: its steps"), l => new Uri(l.GetAttribute("href")!).AbsolutePath)];

    /// <summary>Does what can be done of a batch now, step by step.</summary>
    private static void Work(Browser phone)
    {
        phone.Until(
            () => MayGoOn(phone) || Current(phone) is not null || phone.Text.Contains("Finished", StringComparison.Ordinal),
            "the batch's steps"
        );
        while (MayGoOn(phone))
        {
            var step = Current(phone);
            phone.Driver.ExecuteScript("document.querySelector(\"[aria-label^='Step '] button\").click()");
            phone.Until(() => Current(phone) != step, $"the step after {step}");
        }
    }

    /// <summary>The step in hand; null without one.</summary>
    private static string? Current(Browser phone) =>
        (string?)phone.Driver.ExecuteScript("return document.querySelector('li[aria-current=step]')?.innerText ?? null");

    /// <summary>Whether the card of the step in hand has its button.</summary>
    private static bool MayGoOn(Browser phone) =>
        (bool)phone.Driver.ExecuteScript("return document.querySelector(\"[aria-label^='Step '] button\") !== null")!;

    private static void WalkOn(Browser phone)
    {
        phone.Click(OpenQA.Selenium.By.XPath("//button[contains(., '. Change')]"));
        phone.Click("button", "Walk on (simulated)");
    }

    private async Task PackAsync()
    {
        using var content = TrackFile.Asked(Track());
        using var response = await _server.Owner.Http.PostAsync("/api/calc/read-route", content);
        var read = JsonDocument.Parse(await response.Content.ReadAsStringAsync()).RootElement;
        string Field(string name) => read.GetProperty(name).GetRawText();
        var (route, tablets) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        string Source(string name, string kind, double km) =>
            string.Create(
                CultureInfo.InvariantCulture,
                $$"""{"name":"{{name}}","class":"{{kind}}","alongKm":{{km}},"clarity":"clear","colour":"none","temperatureC":9,"routeId":"{{route}}"}"""
            );
        foreach (
            var (id, kind, body) in new[]
            {
                (Guid.CreateVersion7(), "kit-item", """{"kind":"container","name":"Camp bag","volumeL":4}"""),
                (Guid.CreateVersion7(), "kit-item", """{"kind":"container","name":"Bottle","volumeL":1,"at":"hand"}"""),
                (
                    tablets,
                    "kit-item",
                    """{"kind":"product","name":"Chlorine dioxide tablets","product":{"profileId":"clo2-tablet","bestBefore":"2031-01-01"}}"""
                ),
                (
                    Guid.CreateVersion7(),
                    "book-line",
                    $$"""{"kind":"counted","at":"2026-08-01T09:00:00Z","itemId":"{{tablets}}","left":60}"""
                ),
                (Guid.CreateVersion7(), "walker", """{"name":"Ilva","massKg":62,"heightCm":168}"""),
                (
                    route,
                    "route",
                    $$"""{"name":"Over the moor","startDate":"{{DateTime.Today:yyyy-MM-dd}}","lengthKm":{{Field("lengthKm")}},"heights":{{Field("heights")}},"latitudes":{{Field("latitudes")}},"longitudes":{{Field("longitudes")}},"days":[{"startHour":9,"endKm":15,"campName":"Reeds"},{"startHour":8}],"containers":[{"name":"Camp bag","volumeL":4},{"name":"Bottle","volumeL":1}]}"""
                ),
                (Guid.CreateVersion7(), "trip-source", Source(Moss, "perennial", 9)),
                (Guid.CreateVersion7(), "trip-source", Source(Brook, "perennial", 15)),
                (_well, "trip-source", Source(Well, "perennial", 15.8)),
            }
        )
        {
            await _server.Owner.KeepAsync(kind, id, body);
        }
    }

    /// <summary>22 km due east over a moor.</summary>
    private static string Track()
    {
        var points = string.Concat(
            Enumerable
                .Range(0, 221)
                .Select(i =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"<trkpt lat=\"46.2\" lon=\"{-28.7 + (i / 10.0 / 77.16):0.000000}\"><ele>{300 + (20 * Math.Sin(i / 35.0)):0.0}</ele></trkpt>"
                    )
                )
        );
        return $"<?xml version=\"1.0\"?><gpx version=\"1.1\" creator=\"test\" xmlns=\"http://www.topografix.com/GPX/1/1\"><trk><name>Over the moor</name><trkseg>{points}</trkseg></trk></gpx>";
    }
}
