using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>The book in one file: out without the server, in with it, and taken back.</summary>
public sealed class BackupJourney : IDisposable
{
    private readonly AppServer _server = new(demo: false);
    private readonly Browser _browser;
    private readonly string _file = Path.GetTempFileName() + ".json";

    public BackupJourney() => _browser = _server.NewBrowser();

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
        File.Delete(_file);
    }

    [Fact]
    public void Out_in_and_back_again()
    {
        AddBottle("Old bottle");
        _browser.Open("/settings/backup");
        _browser.UntilText("1 record,");
        _browser.Click("button", "Save the backup");
        File.WriteAllText(_file, _browser.SavedFile(".json"));
        AddBottle("New bottle");
        _browser.UntilText("All saved.");

        _browser.Open("/settings/backup");
        Choose("""{"format":"other"}""");
        _browser.UntilText("This is not a Jolly Brook backup.");
        _browser.UntilText("Nothing was changed.");
        Choose(File.ReadAllText(_file));
        _browser.UntilText("The backup is sound: 1 record.");
        _browser.UntilText("Records: 1 taken out, 1 the same.");
        _browser.Click("button", "Replace my book with it");
        _browser.UntilText("Taken in. 1 taken out, 1 the same.");
        _browser.Open("/kit");
        _browser.UntilText("Old bottle");
        _browser.Until(() => !_browser.Text.Contains("New bottle"), "the new bottle to be taken out");

        _browser.Open("/settings/backup");
        _browser.Click("button", "Undo it");
        _browser.UntilText("Undone: 1 brought back.");
        _browser.Open("/kit");
        _browser.UntilText("New bottle");
    }

    private void AddBottle(string name)
    {
        _browser.Open("/kit/new-container");
        _browser.Fill("Name", name);
        _browser.Click("button", "Keep it");
        _browser.UntilText("Kept.");
        _browser.UntilText("All saved.");
    }

    private void Choose(string content)
    {
        var path = _file + ".chosen";
        File.WriteAllText(path, content);
        _browser.Press(By.CssSelector("input[type=file]"), path);
    }
}
