using Ical.Net;

namespace JollyBrook.Journeys;

/// <summary>A batch that is ready makes itself heard, and gives the phone's own calendar an alarm for the night.</summary>
public sealed class AlarmJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Browser _browser;

    public AlarmJourney() => _browser = _server.NewBrowser(keepsProgram: true);

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void Rings_notifies_and_fills_the_calendar()
    {
        _browser.Driver.ExecuteCdpCommand(
            "Browser.grantPermissions",
            new Dictionary<string, object?> { ["origin"] = _server.Address, ["permissions"] = new[] { "notifications" } }
        );
        _browser.Open("/treat");
        _browser.UntilHeadline("1 min at a rolling boil");
        _browser.UntilOfflineReady();
        _browser.Way("Chlorine tablet, NaDCC 8.5 mg");
        _browser.UntilHeadline("1 tablet");
        _browser.Click("button", "Start");
        foreach (var step in new[] { "Strained", "Measured", "Added", "It is gone", "Rinsed and closed" })
        {
            _browser.Click("button", step);
        }

        _browser.UntilText("Do not drink yet: waiting");
        var endsAt = EndOfWait();
        _browser.Click("button", "Alarm in the phone’s calendar");
        var calendar = Calendar.Load(_browser.SavedFile(".ics"))!;
        var entry = calendar.Events.ShouldHaveSingleItem();
        entry.Summary.ShouldBe("Water ready: Another container");
        (entry.Start!.AsUtc - endsAt.UtcDateTime).Duration().ShouldBeLessThan(TimeSpan.FromMinutes(1));
        entry.Alarms.ShouldHaveSingleItem().Action.ShouldBe("display", StringCompareShould.IgnoreCase);

        // They are shown by what keeps the program on the device: it has to be there.
        Notifications().ShouldBe("");
        // The end of the wait, as the page sees it: what opens after it has nothing to ring for, so a slow machine is given time to open.
        var left = endsAt - DateTimeOffset.UtcNow - TimeSpan.FromSeconds(40);
        _browser.LetTimePass(left);
        _browser.Reload();
        _browser.UntilText("Do not drink yet: waiting");
        _browser.UntilText("Drinkable");
        _browser.Until(() => Notifications().Contains("Another container: Drinkable"), "the notification");
    }

    private DateTimeOffset EndOfWait()
    {
        _browser.Until(() => _server.Records("batch-event").Count == 5, "the taps to be sent");
        var batch = _server.Records("batch").Single().GetProperty("body").GetProperty("answer");
        var minutes = batch
            .GetProperty("steps")
            .EnumerateArray()
            .Single(s => s.GetProperty("kind").GetString() == "contact")
            .GetProperty("minutes")
            .GetDouble();
        return _server.Records("batch-event").Max(e => e.GetProperty("body").GetProperty("at").GetDateTimeOffset()).AddMinutes(minutes);
    }

    private string Notifications() =>
        (string)
            _browser.Driver.ExecuteAsyncScript(
                "const done = arguments[0]; navigator.serviceWorker.ready.then(r => r.getNotifications()).then(all => done(all.map(n => n.title).join('|')))"
            )!;
}
