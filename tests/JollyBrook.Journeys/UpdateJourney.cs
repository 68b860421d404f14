namespace JollyBrook.Journeys;

/// <summary>A newer version waits for a tap, and never changes anything under a running batch.</summary>
public sealed class UpdateJourney : IDisposable
{
    private readonly SiteCopy _site = new();

    public void Dispose() => _site.Dispose();

    [Fact]
    public void A_newer_version_waits()
    {
        using var server = new AppServer(demo: false, site: _site.Folder);
        using var browser = server.NewBrowser(keepsProgram: true);
        browser.Open("/treat");
        browser.UntilHeadline("1 min at a rolling boil");
        browser.UntilOfflineReady();
        browser.Way("Chlorine tablet, NaDCC 8.5 mg");
        browser.UntilHeadline("1 tablet");
        browser.Click("button", "Start");
        browser.UntilText("Do not drink yet");

        // The next version: one word of the page is another.
        server.Stop();
        _site.Change("index.html", "<title>Jolly Brook</title>", "<title>Jolly Brook, newer</title>");
        _site.Change("sw.js", "\"index.html\",revision:\"", "\"index.html\",revision:\"newer");
        server.Start();

        browser.Reload();
        browser.UntilText("A newer version is here. You can take it when no batch is running.");
        browser.Driver.Title.ShouldBe("Jolly Brook");
        browser.Click("button", "Throw this batch away");
        browser.Click("button", "Take it");
        browser.Until(() => browser.Driver.Title == "Jolly Brook, newer", "the newer version");
    }
}
