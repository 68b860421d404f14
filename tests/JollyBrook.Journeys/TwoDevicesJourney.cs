using System.Text.Json;
using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>One record changed on two devices out of reach of each other: both versions stand until a person chooses.</summary>
public sealed class TwoDevicesJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);

    public void Dispose() => _server.Dispose();

    [Fact]
    public async Task Both_versions_are_offered_and_each_choice_is_kept()
    {
        // The page lists them by id, which goes by time.
        var at = DateTimeOffset.UtcNow;
        var items = new (Guid Id, string Choice, string Stands)[]
        {
            (Guid.CreateVersion7(at.AddSeconds(0)), "Keep this one", "Phone 0"),
            (Guid.CreateVersion7(at.AddSeconds(1)), "Take this one", "Laptop 1"),
            (Guid.CreateVersion7(at.AddSeconds(2)), "Keep both, as two records", "Laptop 2"),
        };
        foreach (var (id, _, _) in items)
        {
            await _server.Owner.KeepAsync("kit-item", id, """{"kind":"container","name":"Bottle","volumeL":1}""");
        }

        using var laptop = _server.NewBrowser();
        using var phone = _server.NewBrowser();
        foreach (var browser in new[] { laptop, phone })
        {
            browser.Open("/kit");
            browser.UntilAllIsHere();
        }

        _server.Stop();
        Rename(laptop, "Laptop");
        Rename(phone, "Phone");
        laptop.UntilText("3 to be sent.");
        phone.UntilText("3 to be sent.");
        // Whoever is first through, the other is asked: here the laptop is first.
        phone.NoSignal();
        _server.Start();
        laptop.SignalIsBack();
        laptop.UntilText("All saved.");
        phone.Signal();
        phone.UntilText("3 records were changed on two devices.");

        phone.Click("link", "Choose which stands");
        phone.UntilText("From your other device");
        for (var i = 0; i < items.Length; i++)
        {
            phone.UntilText($"Kit: Phone {i}");
            phone.UntilText($"Laptop {i}");
            Choose(phone, $"Kit: Phone {i}", items[i].Choice);
        }

        phone.UntilText("Nothing to choose");
        phone.UntilText("All saved.");
        var kept = _server.Records("kit-item");
        kept.Count.ShouldBe(4);
        kept.Select(Name).ShouldContain("Phone 2");
        foreach (var (id, _, stands) in items)
        {
            Name(kept.Single(r => r.GetProperty("id").GetGuid() == id)).ShouldBe(stands);
        }

        laptop.Reload();
        laptop.UntilText("Phone 0");
        laptop.UntilText("Phone 2");
    }

    private static void Choose(Browser browser, string record, string choice)
    {
        browser.Click(By.XPath($"//section[@aria-label='{record}']//button[normalize-space()='{choice}']"));
        browser.Until(
            () => browser.Driver.FindElements(By.CssSelector($"section[aria-label='{record}']")).Count == 0,
            $"{record} to be settled"
        );
    }

    private static string? Name(JsonElement record) => record.GetProperty("body").GetProperty("name").GetString();

    private static void Rename(Browser browser, string to)
    {
        for (var i = 0; i < 3; i++)
        {
            browser.Click(By.XPath("//section[@aria-label='In no bag that was named']//button[contains(., 'Bottle')]"));
            browser.Until(() => browser.Of("textbox", "Name", e => e.GetAttribute("value")) == "Bottle", "the next bottle");
            browser.Fill("Name", $"{to} {i}");
            browser.Click("button", "Keep it");
            browser.UntilText($"{to} {i}");
            browser.UntilText("Kept.");
        }
    }
}
