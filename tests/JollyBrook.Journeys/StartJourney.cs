namespace JollyBrook.Journeys;

/// <summary>The first ten minutes with one's own data, on a phone: to a first plan and a kit check, left once and taken up again.</summary>
public sealed class StartJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Browser _browser;

    public StartJourney() => _browser = _server.NewBrowser(390, 844);

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void From_nothing_to_a_first_plan()
    {
        _browser.Open("/now");
        _browser.Click("link", "Begin");
        _browser.Fill("Your name", "Ilva");
        _browser.Fill("Your body mass", "900");
        _browser.Click("button", "This is who walks");
        _browser.UntilText("this says 900 kg");
        _browser.Fill("Your body mass", "62");
        _browser.Click("button", "This is who walks");

        // Things are picked from drawings; what is kept stays when one leaves and comes again.
        _browser.UntilText("Tap what is in the packs");
        _browser.Go("/now");
        _browser.UntilText("Nothing to drink");
        _browser.Click("link", "More");
        _browser.Click("link", "First plan, step by step");
        _browser.UntilText("Tap what is in the packs");
        foreach (var piece in new[] { "Litre bottle, wide mouth", "UV lamp, 1 L a cycle" })
        {
            _browser.Click("button", piece);
        }

        _browser.Click("button", "Keep these 2");
        _browser.Click("link", "Lay the way");
        _browser.Click("button", "Make the route");
        _browser.UntilText("At each place");
        _browser.Until(
            () => _browser.Headline.StartsWith("Leave with", StringComparison.Ordinal) || _browser.Headline.Length > 0,
            "the first plan"
        );

        _browser.Go("/start");
        _browser.UntilText("That is all a plan needs");
        _browser.Click("link", "Is the kit enough?");
        _browser.UntilText("A second chain that shares no failure");
    }

    [Fact]
    public void It_can_be_waved_away_and_found_again()
    {
        _browser.Open("/now");
        _browser.Click("button", "Not now");
        _browser.Reload();
        _browser.UntilText("Nothing to drink");
        _browser.Has("link", "Begin").ShouldBeFalse();
        _browser.Click("link", "More");
        _browser.Click("link", "First plan, step by step");
        _browser.UntilText("Who walks");
        foreach (var _ in new[] { "who", "carry", "where" })
        {
            _browser.Click("button", "Leave this for later");
        }

        _browser.UntilText("Taken up again whenever you like");
    }
}
