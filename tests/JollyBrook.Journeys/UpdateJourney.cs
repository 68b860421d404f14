namespace JollyBrook.Journeys;

/// <summary>A newer version waits for a tap, and never changes anything under a running batch.</summary>
public sealed class UpdateJourney : IDisposable
{
    private readonly string _site = Directory.CreateTempSubdirectory("jolly-brook-site-").FullName;

    public void Dispose() => Directory.Delete(_site, recursive: true);

    [Fact]
    public void A_newer_version_waits()
    {
        foreach (var file in Directory.GetFiles(Repository.Artifact("web"), "*", SearchOption.AllDirectories))
        {
            var to = Path.Combine(_site, Path.GetRelativePath(Repository.Artifact("web"), file));
            Directory.CreateDirectory(Path.GetDirectoryName(to)!);
            File.Copy(file, to);
        }

        using var server = new AppServer(demo: false, site: _site);
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
        Change("index.html", "<title>Jolly Brook</title>", "<title>Jolly Brook, newer</title>");
        Change("sw.js", "\"index.html\",revision:\"", "\"index.html\",revision:\"newer");
        server.Start();

        browser.Reload();
        browser.UntilText("A newer version is here. You can take it when no batch is running.");
        browser.Driver.Title.ShouldBe("Jolly Brook");
        browser.Click("button", "Throw this batch away");
        browser.Click("button", "Take it");
        browser.Until(() => browser.Driver.Title == "Jolly Brook, newer", "the newer version");
    }

    private void Change(string name, string from, string to)
    {
        var path = Path.Combine(_site, name);
        var text = File.ReadAllText(path);
        text.ShouldContain(from);
        File.WriteAllText(path, text.Replace(from, to, StringComparison.Ordinal));
        File.Delete(path + ".br");
    }
}
