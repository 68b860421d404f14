using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>A bottle of stream water to a safe drink, as a person does it.</summary>
public sealed class BottleJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take();
    private Browser _browser;

    public BottleJourney() => _browser = _server.NewBrowser(390, 844);

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void From_the_stream_to_the_book()
    {
        _browser.Open("/");
        _browser.UntilHeadline("2 cycles of UV"); // the kit has arrived
        _browser.Everything();
        _browser.Select("Container", "Steel bottle · 0.75 L");
        _browser.Click("button", "Clear");
        _browser.Fill("Water temperature", "5");
        _browser.Fill("Elevation", "1200");
        _browser.Way("Chlorine dioxide tablets");
        _browser.UntilHeadline("1 tablet");
        _browser.UntilText("Drink at");
        _browser.UntilText("Meets the full target.");
        _browser.UntilText("4 h 27 min (computed, longer than the label)"); // 267 min against the label's 240
        _browser.UntilText("4 h here");

        _browser.Click("button", "Start");
        foreach (var step in new[] { "Strained", "Measured", "Added", "It is gone", "Rinsed and closed" })
        {
            _browser.UntilText("Do not drink yet");
            _browser.Click("button", step);
        }

        _browser.UntilText("Do not drink yet: waiting");
        _browser.Has("button", "Flavoured").ShouldBeFalse();
        _browser.UntilText("Locked until the water is safe");
        var until = Until();

        // A reload in mid-wait, the page closed and opened elsewhere, the server ended and started: the clock runs on.
        _browser.Reload();
        _browser.UntilText("Do not drink yet: waiting");
        Until().ShouldBe(until);
        WaitUntilSent();
        _server.Stop();
        _server.Start();
        _browser.Dispose();
        _browser = _server.NewBrowser(390, 844);
        _browser.Open("/now");
        _browser.UntilText("Steel bottle");
        _browser.UntilText(until);

        // Past the end.
        _browser.LetTimePass(TimeSpan.FromHours(5));
        _browser.Reload();
        _browser.Until(
            () => Cards().Any(c => c.Text.Contains("Steel bottle") && c.Text.Contains("Drinkable")),
            "the steel bottle to be drinkable"
        );
        _browser.Click(() => Cards().FirstOrDefault(c => c.Text.Contains("Steel bottle")), "the steel bottle's card");
        _browser.Click("button", "Flavoured");
        _browser.Click("button", "Put by");
        _browser.UntilText("Finished");

        _browser.Click("link", "Book");
        _browser.Until(() => _browser.Text.Contains("Steel bottle, 0.75 L"), "the batch in the book");
        _browser.Click(By.XPath("//button[contains(., 'Steel bottle, 0.75 L')]"));
        _browser.UntilText("1 tablet in Steel bottle");
        _browser.See("heading", "What was done");
        var ledger = _browser.Of(By.TagName("table"), e => e.Text);
        ledger.ShouldContain("Cryptosporidium");
        ledger.ShouldContain("3 of 3");
    }

    [Fact]
    public void Now_shows_the_soonest_first()
    {
        _browser.Open("/now");
        _browser.Until(() => Cards().Count == 2, "two running batches");
        var cards = _browser.Each(CardsOfBatches, card => card.Text);
        cards[0].ShouldContain("Litre bottle");
        cards[1].ShouldContain("Camp bag");
    }

    [Fact]
    public void A_batch_thrown_away_can_be_brought_back()
    {
        _browser.Open("/now");
        _browser.Until(() => Cards().Count == 2, "two running batches");
        // What is told of the walk comes last, and moves the cards down.
        _browser.UntilText("95 % sure");
        _browser.Click(() => Cards()[1].FindElement(By.TagName("button")), "the second card");
        _browser.Click("button", "Throw this batch away");
        _browser.UntilText("Thrown away");
        _browser.Click("button", "Bring it back");
        _browser.UntilText("Do not drink yet: waiting");
    }

    private static readonly By CardsOfBatches = By.CssSelector("ul[aria-label='Running batches'] > li > div");

    private IReadOnlyList<IWebElement> Cards() => _browser.Driver.FindElements(CardsOfBatches);

    private string Until()
    {
        const string before = "left, drink no sooner than";
        _browser.UntilText(before);
        return _browser.Text.Split('\n').First(line => line.Contains(before, StringComparison.Ordinal)).Split(before)[1].Trim();
    }

    private void WaitUntilSent() =>
        _browser.Until(
            () =>
            {
                var batch = _server
                    .Records("batch")
                    .Single(b => b.GetProperty("body").GetProperty("container").GetString() == "Steel bottle");
                var id = batch.GetProperty("id").GetString();
                return _server.Records("batch-event").Count(e => e.GetProperty("body").GetProperty("batchId").GetString() == id) == 5;
            },
            "the five taps to reach the server"
        );
}
