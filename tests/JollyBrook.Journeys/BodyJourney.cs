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
        // What nobody told is not shown as told, and can be told.
        _browser.Of("combobox", "Clothing", e => e.Text).ShouldBe("Not told: as the air asks");
        _browser.UntilText("Clothing not told");
        _browser.Select("Clothing", "Shorts and shirt");
        _browser.Until(() => !_browser.Text.Contains("Clothing not told", StringComparison.Ordinal), "the clothing to count");
        var before = _browser.Headline;
        _browser.Until(() => _server.Records("walker").Count == 1, "the walker to reach the server");

        _browser.Click("link", "New sweat test");
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

    [Fact]
    public void A_walk_weighed_before_it_is_under_way_whatever_happens_to_the_page()
    {
        _browser.Open("/body");
        _browser.Click("button", "Add a walker");
        _browser.Click("link", "New sweat test");
        _browser.Click("button", "Take it from the scale (simulated)");
        _browser.Until(
            () => _browser.Of("textbox", "Weighed now, before the walk", e => e.GetAttribute("value")) is { Length: > 0 },
            "the scale"
        );
        _browser.Fill("Weighed now, before the walk", "70");
        _browser.Click("button", "Keep it and set out");
        _browser.UntilText("Weighed 70 kg at ");
        var here = new Uri(_browser.Driver.Url).AbsolutePath;

        _browser.Open(here);
        _browser.UntilText("Weighed 70 kg at ");
        _browser.Until(
            () => _server.Records("walker").Single().GetProperty("body").GetProperty("massKg").GetDouble() == 70,
            "the mass to be kept"
        );
        _browser.Fill("Weighed now, after the walk", "69.4");
        _browser.Click("button", "Keep it and see what it says");
        _browser.UntilText("What it taught");
        _browser.Until(() => _server.Records("book-line").Count == 2, "both weighings to reach the server");
    }

    [Fact]
    public void What_is_told_of_a_day_stands_wherever_the_walker_does()
    {
        _browser.Open("/body");
        _browser.Click("button", "Add a walker");
        _browser.Click("link", "Water through the day");
        _browser.UntilText("counted as walking from its beginning");
        _browser.Click("switch", "A day of rest: nothing was walked");
        _browser.Until(() => !_browser.Text.Contains("counted as walking from its beginning", StringComparison.Ordinal), "a day of rest");
        var missing = _browser.Text.Split('\n').Single(l => l.StartsWith("Missing: ", StringComparison.Ordinal)).Split(',')[0][
            "Missing: ".Length..
        ];

        _browser.Open("/now");
        _browser.UntilText($"{missing} behind");
    }
}
