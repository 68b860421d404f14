using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>Two phones out of all reach: each has written lines, they meet, and the codes of one are read by the other.</summary>
public sealed class HandoverJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly string _pictures = Directory.CreateTempSubdirectory("jolly-brook-codes-").FullName;

    public void Dispose()
    {
        _server.Dispose();
        Directory.Delete(_pictures, recursive: true);
    }

    [Fact]
    public void Two_who_split_meet_and_have_the_same_lines_before_and_after_the_server()
    {
        using var ilva = _server.NewBrowser(390, 844);
        using var torren = _server.NewBrowser(390, 844);
        foreach (var phone in new[] { ilva, torren })
        {
            phone.Open("/handover");
            phone.UntilText("Nothing of this is here to hand over.");
            phone.UntilAllIsHere();
        }

        _server.Stop();
        Note(ilva, "Brook at the ford runs");
        Note(torren, "Cistern is dry");
        Note(torren, "Torren turned back at the ledge");

        Take(torren, CodesOf(ilva, "codes-ilva", 2), "1 new, 0 here already, 0 in another version");
        Take(ilva, CodesOf(torren, "codes-torren", 4), "2 new, 1 here already, 0 in another version");
        foreach (var phone in new[] { ilva, torren })
        {
            phone.Go("/book");
            foreach (var line in new[] { "Brook at the ford runs", "Cistern is dry", "Torren turned back at the ledge" })
            {
                phone.UntilText(line);
            }
        }

        _server.Start();
        foreach (var phone in new[] { ilva, torren })
        {
            phone.SignalIsBack();
            phone.UntilText("All saved.");
        }

        _server.Records("book-line").Count.ShouldBe(3);
    }

    [Fact]
    public void A_file_says_the_same_and_what_is_none_is_refused()
    {
        using var ilva = _server.NewBrowser();
        ilva.Open("/handover");
        ilva.UntilText("All saved.");
        Note(ilva, "Left at dawn");
        ilva.Go("/handover");
        ilva.Click("button", "Save as a file");
        var text = ilva.SavedFile(".handover.json");
        var (saved, broken) = (Path.Combine(_pictures, "whole.json"), Path.Combine(_pictures, "broken.json"));
        File.WriteAllText(saved, text);
        File.WriteAllText(broken, text[..^20]);
        ilva.Go("/handover/take");
        Open(ilva, broken);
        ilva.UntilText("This is cut short or is no JSON.");
        Open(ilva, saved);
        ilva.UntilText("0 new, 1 here already, 0 in another version");
        ilva.Click("button", "Done");
        ilva.UntilText("Nothing was new: all of it is here already.");
    }

    private static void Open(Browser browser, string path) => browser.GiveFile("Handed over as a file", path);

    private static void Note(Browser browser, string words)
    {
        browser.Go("/book/new-note");
        browser.Fill("Note", words);
        browser.Click("button", "Write it down");
        browser.UntilText("Correct it");
    }

    /// <summary>Pictures of the codes as they come, so many of them.</summary>
    private List<string> CodesOf(Browser browser, string name, int count)
    {
        browser.Go("/handover");
        browser.UntilText("the other phone");
        var code = By.CssSelector("svg[aria-label='Code to be read by the other phone']");
        List<string> files = [];
        HashSet<string> seen = [];
        browser.Until(
            () =>
            {
                var shown = browser.Driver.FindElement(code);
                if (seen.Add(shown.GetDomAttribute("data-number")!) || files.Count == 0)
                {
                    var file = Path.Combine(_pictures, $"{name}-{files.Count}.png");
                    ((ITakesScreenshot)shown).GetScreenshot().SaveAsFile(file);
                    files.Add(file);
                }

                return files.Count >= count || browser.Text.Contains("One code", StringComparison.Ordinal);
            },
            "the codes"
        );
        return files;
    }

    private static void Take(Browser browser, List<string> pictures, string expected)
    {
        browser.Go("/handover/take");
        browser.GiveFile("Pictures of codes", string.Join('\n', pictures));
        browser.UntilText(expected);
        browser.Click(By.XPath("//button[starts-with(normalize-space(), 'Take in ')]"));
        browser.UntilText("Taken in:");
    }
}
