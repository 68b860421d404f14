namespace JollyBrook.Journeys;

/// <summary>A walker is entered and weighed; the prediction follows.</summary>
public sealed class BodyJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Browser _browser;

    public BodyJourney() => _browser = _server.NewBrowser();

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void A_sweat_test_moves_the_answer()
    {
        _browser.Open("/body");
        _browser.UntilText("Nobody is entered yet.");
        _browser.Click("button", "Add a walker");
        _browser.UntilText("Drink ");
        _browser.Fill("Name", "Sorrel");
        _browser.Fill("Body mass", "12");
        _browser.UntilText("Body mass must be 25 to 200 kg; this says 12 kg.");
        _browser.Fill("Body mass", "70");
        _browser.UntilText("No sweat test in warmth counts yet");
        var before = _browser.Headline;
        _browser.Until(() => _server.Records("walker").Count == 1, "the walker to reach the server");

        _browser.Click("link", "New sweat test");
        _browser.Click("button", "Take it from the scale (simulated)");
        _browser.Until(() => _browser.Of("textbox", "Mass before", e => e.GetAttribute("value")) is { Length: > 0 }, "the scale");
        _browser.Fill("Mass before", "70");
        _browser.Fill("Mass after", "60");
        _browser.UntilText("This test can’t be counted");
        _browser.UntilText("more than a body can lose");
        _browser.Fill("Mass after", "69");
        _browser.UntilText("L of sweat an hour");
        _browser.Click("button", "Keep it");

        _browser.UntilText("times the prediction");
        _browser.Until(() => _browser.Headline != before, "another answer");
        _browser.Until(() => _server.Records("sweat-test").Count == 1, "the test to reach the server");
        _browser.Text.ShouldNotContain("No sweat test in warmth counts yet");
    }
}
