namespace JollyBrook.Journeys;

/// <summary>A file of the program is gone from the device: the page says so and takes nothing old for new.</summary>
public sealed class MissingFileJourney : IDisposable
{
    private readonly SiteCopy _site = new();

    public void Dispose() => _site.Dispose();

    [Fact]
    public void A_core_that_cannot_start_is_said_on_every_place()
    {
        var gone = _site.Remove("_framework", "JollyBrook.Core*");
        using var server = new AppServer(site: _site.Folder);
        using var browser = server.NewBrowser(390, 844);
        // The server's own copy of the core answers for it while there is a signal.
        browser.Open("/treat");
        browser.UntilHeadline("2 cycles of UV");

        browser.Block("*/api/calc/*");
        foreach (var place in (string[])["/now", "/treat", "/route", "/kit", "/body", "/scarce"])
        {
            browser.Open(place);
            browser.UntilText("Nothing can be worked out just now");
            browser.UntilText("when in doubt, boil");
        }

        foreach (var file in gone)
        {
            _site.PutBack(file);
        }

        server.Stop();
        server.Start();
        browser.Click("button", "Load it again");
        browser.Open("/treat");
        browser.UntilHeadline("2 cycles of UV");
        browser.Text.ShouldNotContain("Nothing can be worked out");
    }

    [Fact]
    public void A_place_that_is_not_here_says_so_and_the_water_is_answered_all_the_same()
    {
        var gone = _site.Remove("assets", "laterRooms-*");
        using var server = new AppServer(site: _site.Folder);
        using var browser = server.NewBrowser(390, 844);
        browser.Open("/treat");
        browser.UntilHeadline("2 cycles of UV");
        browser.Click("link", "Trip");
        browser.UntilText("This place is not on this device yet");
        browser.Click("link", "Now");
        browser.UntilText("Litre bottle");
        browser.UntilText("The rest of the program is on its way.");
        browser.Click("link", "Water");
        browser.UntilHeadline("2 cycles of UV");

        // Where it can be had again, it comes by itself.
        browser.Click("link", "Trip");
        foreach (var file in gone)
        {
            _site.PutBack(file);
        }

        server.Stop();
        server.Start();
        browser.Until(() => !browser.Text.Contains("not on this device yet", StringComparison.Ordinal), "the trip to come");
        browser.UntilAllIsHere();
    }

    [Fact]
    public void Without_the_calendar_a_date_is_told_in_a_plain_field()
    {
        _site.Remove("assets", "Pickers-*");
        using var server = new AppServer(demo: false, site: _site.Folder);
        using var browser = server.NewBrowser();
        browser.Open("/kit/new");
        browser.Click("button", "Chlorine dioxide tablets");
        browser.UntilText("date not known: not counted on");
        // A browser whose language is American writes the month first.
        browser.Fill("Good to", "05312031");
        browser.UntilText("good to 31 May 2031");
    }
}
