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
}
