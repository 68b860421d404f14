using System.Text.Json;

namespace JollyBrook.Journeys;

/// <summary>What is in every bottle, kept by taps alone: on one phone through a day, and on two that meet later.</summary>
public sealed class InHandJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);

    public void Dispose() => _server.Dispose();

    private async Task PackAsync()
    {
        var (tablets, gravity, route) = (Guid.CreateVersion7(), Guid.CreateVersion7(), Guid.CreateVersion7());
        using var legs = await _server.Owner.PostAsync("/api/calc/legs", """{"startM":300,"legs":[{"distanceKm":12}]}""");
        var ground = JsonDocument.Parse(await legs.Content.ReadAsStringAsync()).RootElement;
        foreach (
            var (id, kind, body) in new[]
            {
                (Guid.CreateVersion7(), "kit-item", """{"kind":"container","name":"Bottle","volumeL":1,"at":"hand"}"""),
                (Guid.CreateVersion7(), "kit-item", """{"kind":"container","name":"Flask","volumeL":0.5}"""),
                (
                    tablets,
                    "kit-item",
                    """{"kind":"product","name":"Tablets","product":{"profileId":"clo2-tablet","bestBefore":"2031-01-01"}}"""
                ),
                (
                    gravity,
                    "kit-item",
                    """{"kind":"filter","name":"Gravity filter","filter":{"element":"ceramic","style":"gravity","ratedFlowLPerMin":0.25,"ratedLifeL":2000}}"""
                ),
                (
                    Guid.CreateVersion7(),
                    "book-line",
                    $$"""{"kind":"counted","at":"2026-08-01T09:00:00Z","itemId":"{{tablets}}","left":20}"""
                ),
                (
                    Guid.CreateVersion7(),
                    "book-line",
                    $$$"""{"kind":"filterLookedOver","at":"2026-08-01T09:00:00Z","itemId":"{{{gravity}}}","filter":{"usedL":10,"clogLoadLNtu":0,"lostShare":0,"wetted":"yes","frozen":"no","dropped":"no","newOrStored":false} }"""
                ),
                (Guid.CreateVersion7(), "walker", """{"name":"Ilva","massKg":62,"heightCm":168}"""),
                (
                    route,
                    "route",
                    $$"""{"name":"Over the fell","startDate":"2026-08-21","lengthKm":12,"heights":{{ground.GetProperty("heights").GetRawText()}},"containers":[{"name":"Bottle","volumeL":1}]}"""
                ),
                (
                    Guid.CreateVersion7(),
                    "trip-source",
                    $$"""{"name":"Upper brook","class":"perennial","alongKm":4,"clarity":"clear","colour":"none","temperatureC":8,"routeId":"{{route}}"}"""
                ),
            }
        )
        {
            await _server.Owner.KeepAsync(kind, id, body);
        }
    }

    [Fact]
    public async Task A_day_lived_by_taps_alone()
    {
        await PackAsync();
        using var phone = _server.NewBrowser(390, 844);
        phone.Open("/now");
        phone.UntilText("Nothing to drink");

        // Filled by mistake, taken back.
        Tap(phone, "Bottle empty", "Filled, raw");
        phone.UntilText("Written: Filled Bottle");
        phone.See("button", "Bottle 1 L, raw: not to drink");
        phone.Click("button", "Take it back");
        phone.See("button", "Bottle empty");

        // At the stream its water is judged, and treating starts from the empty bottle: nothing is typed.
        phone.Go("/treat");
        phone.See("button", "Bottle empty");
        phone.Select("You are at", "Upper brook");
        phone.Click("button", "None of these");
        // What the brook's water is like is known from the trip, and not asked.
        phone.UntilText("Clear");
        phone.Way("Tablets");
        phone.Click("button", "Start");
        foreach (var step in new[] { "Strained", "Measured", "Added", "It is gone", "Rinsed and closed" })
        {
            phone.Click("button", step);
        }

        phone.UntilText("Do not drink yet: waiting");
        phone.Until(
            () => Told("filled").Count() == 2 && Told("sourceSeen").Count() == 1,
            "the filling and the report to be written by themselves"
        );
        var seen = Told("sourceSeen").Single();
        seen.GetProperty("sourceId").GetString().ShouldBe(Told("filled").Last().GetProperty("sourceId").GetString());
        (seen.GetProperty("flowing").GetBoolean(), seen.GetProperty("clarity").GetString()).ShouldBe((true, "clear"));
        phone.LetTimePass(TimeSpan.FromHours(8));
        phone.Reload();
        phone.Click("link", "Now");
        phone.UntilText("1 L to drink");
        var dosed = TabletsLeft(phone);
        dosed.ShouldBeLessThan(20);

        // Topped up at the next water: one tap names what to add, and the wait begins anew.
        Tap(phone, "Bottle 1 L to drink", "Drank a cup");
        phone.UntilText("0.75 L to drink");
        phone.Click("button", "Bottle 0.75 L to drink");
        phone.Click(OpenQA.Selenium.By.XPath("//button[starts-with(normalize-space(.), 'Topped up to the brim: ')]"));
        phone.UntilText("Nothing to drink yet");
        phone.Click(OpenQA.Selenium.By.XPath("//*[self::a or self::button][contains(., 'Your turn: Add 1 tablet')]"));
        foreach (var step in new[] { "Added", "It is gone", "Rinsed and closed" })
        {
            phone.Click("button", step);
        }

        // The last tap is kept before the page is loaded anew.
        phone.UntilText("Do not drink yet: waiting");
        phone.LetTimePass(TimeSpan.FromHours(8));
        phone.Reload();
        phone.Click("link", "Now");
        phone.UntilText("1 L to drink");
        TabletsLeft(phone).ShouldBeLessThan(dosed);

        // A drink empties the bottle and is the walker's; then it is poured, cooked with and spilt.
        Tap(phone, "Bottle 1 L to drink", "Drank a cup");
        phone.UntilText("0.75 L to drink");
        phone.Click("button", "Bottle 0.75 L to drink");
        phone.Click("button", "Pour into …");
        phone.Click("button", "Pour what fits");
        phone.See("button", "Flask 0.5 L to drink");
        Tap(phone, "Flask 0.5 L to drink", "Cooked with it");
        phone.UntilText("0.25 L to drink");
        Tap(phone, "Bottle 0.25 L to drink", "Spilt");
        phone.UntilText("Nothing to drink");

        // How it came to this, one tap from the bottle.
        phone.Click("button", "Bottle empty");
        phone.Click("button", "How it came to this");
        phone.UntilText("Drank 0.25 L from Bottle");
        phone.UntilText("Spilt all of it from Bottle");
        phone.Click("button", "Close");

        // Bad news, one tap: it counts in every room. Without viruses the filter alone was the plan's way.
        phone.Go("/settings/choices");
        phone.Click("switch", "Viruses count");
        phone.Go("/route");
        phone.UntilText("Gravity filter");
        phone.Go("/now");
        phone.Click("button", "Gravity filter: it fell");
        phone.UntilText("may be cracked unseen");
        phone.Go("/kit/check");
        phone.Fill("Water in all", "12");
        phone.UntilText("Gravity filter: Ceramic that was dropped may be cracked unseen");
        phone.Go("/treat");
        phone.Way("Gravity filter");
        phone.UntilText("may be cracked unseen");
        phone.Go("/route");
        phone.UntilText("Upper brook");
        phone.UntilText("sure: ");
        phone.Until(() => !phone.Text.Contains("Gravity filter", StringComparison.Ordinal), "the dropped filter to be gone from the plan");

        // A late correction moves what follows from it: half a cup, not a cup.
        phone.Until(() => Told("drank").Count() == 2, "the drinks to reach the server");
        var drink = _server
            .Records("book-line")
            .Last(l => l.GetProperty("body").GetProperty("kind").GetString() == "drank")
            .GetProperty("id")
            .GetString();
        phone.Go($"/book/fix-{drink}");
        phone.Fill("Drunk", "0.1");
        phone.Click("button", "Write it anew");
        phone.UntilText("Drank 0.1 L from Bottle");
        phone.Go("/now");
        phone.UntilText("Nothing to drink"); // all that was left was spilt, as it was told
    }

    [Fact]
    public async Task Two_phones_out_of_reach_of_each_other_come_to_the_same()
    {
        await PackAsync();
        using var ilva = _server.NewBrowser(390, 844);
        using var torren = _server.NewBrowser(390, 844);
        foreach (var phone in new[] { ilva, torren })
        {
            phone.Open("/now");
            phone.See("button", "Bottle empty");
            phone.UntilText("All saved.");
        }

        _server.Stop();
        Tap(ilva, "Bottle empty", "Filled, raw");
        ilva.See("button", "Bottle 1 L, raw: not to drink");
        Tap(torren, "Flask empty", "Filled, raw");
        torren.Click("button", "Gravity filter: it froze");
        torren.See("button", "Bottle empty"); // not heard of yet
        torren.UntilText("2 to be sent.");
        _server.Start();
        foreach (var phone in new[] { ilva, torren, ilva })
        {
            phone.SignalIsBack();
            phone.UntilText("All saved.");
        }

        foreach (var phone in new[] { ilva, torren })
        {
            phone.See("button", "Bottle 1 L, raw: not to drink");
            phone.See("button", "Flask 0.5 L, raw: not to drink");
            phone.UntilText("It may have frozen while wet.");
        }
    }

    private IEnumerable<JsonElement> Told(string kind) =>
        _server.Records("book-line").Select(l => l.GetProperty("body")).Where(b => b.GetProperty("kind").GetString() == kind);

    private static void Tap(Browser phone, string container, string what)
    {
        phone.Click("button", container);
        phone.Click("button", what);
    }

    private static int TabletsLeft(Browser phone)
    {
        phone.UntilText("tablets left");
        var line = phone.Text.Split('\n').First(l => l.Contains("tablets left", StringComparison.Ordinal));
        return int.Parse(line.Split("tablets left")[0].Trim().Split(' ')[^1], System.Globalization.CultureInfo.InvariantCulture);
    }
}
