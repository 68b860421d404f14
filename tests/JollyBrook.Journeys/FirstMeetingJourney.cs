namespace JollyBrook.Journeys;

/// <summary>A device that has never met the server opens while the server is not to be had.</summary>
public sealed class FirstMeetingJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take();
    private readonly Browser _browser;

    public FirstMeetingJourney() => _browser = _server.NewBrowser(390, 844);

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void It_says_so_asks_again_and_opens_by_itself()
    {
        _browser.Block("*/api/about");
        _browser.Open("/treat");
        _browser.UntilText("The server does not answer.");
        _browser.UntilText("Nobody has signed in on this device yet");
        // What reckons is on the device: nothing of it is said to be broken.
        _browser.Text.ShouldNotContain("Nothing can be worked out");

        _browser.Block("*/sw.js");
        _browser.UntilHeadline("2 cycles of UV");
    }

    [Fact]
    public void The_first_answer_it_shows_is_worked_out_with_the_persons_own_kit()
    {
        _browser.BeforeEachPage(
            """
            window.headlines = [];
            const look = () => {
              const said = document.querySelector('[data-testid=headline]')?.innerText;
              if (said && said !== window.headlines.at(-1)) window.headlines.push(said);
              requestAnimationFrame(look);
            };
            look();
            """
        );
        _browser.Open("/treat");
        _browser.UntilHeadline("2 cycles of UV");
        _browser.Driver.ExecuteScript("return window.headlines[0]").ShouldBe("2 cycles of UV");
    }

    [Fact]
    public void A_book_that_is_long_in_coming_is_said_and_one_may_go_on_without_it()
    {
        _browser.BeforeEachPage(
            """
            const fetched = window.fetch;
            window.fetch = (...asked) => String(asked[0]?.url ?? asked[0]).includes('/changes') ? new Promise(() => {}) : fetched(...asked);
            """
        );
        _browser.Open("/now");
        _browser.UntilText("Your book and kit are on their way to this device.");
        _browser.Click("button", "Go on without them");
        _browser.UntilText("Nothing to drink");
    }
}
