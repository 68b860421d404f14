using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>The same job without a pointer.</summary>
public sealed class KeyboardJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Browser _browser;

    public KeyboardJourney() => _browser = _server.NewBrowser();

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void From_the_stream_to_the_book_by_keys_alone()
    {
        _browser.Open("/now");
        _browser.UntilText("Nothing is running");
        _browser.Press("t");
        _browser.UntilHeadline("1 min at a rolling boil");

        _browser.TabTo("Everything that is counted");
        _browser.Press(Keys.Enter);
        _browser.TabTo("Water in it");
        _browser.SelectAll();
        _browser.Press("2");
        _browser.UntilText("Boil, 2 L");
        _browser.TabTo("Clear");
        _browser.Press(Keys.ArrowRight + Keys.ArrowRight + Keys.Enter);
        _browser.UntilText("the mark vanishes at 12 cm to 26 cm");

        // Into the ways, then down to bleach.
        _browser.TabTo("All 8 ways");
        _browser.Press(Keys.Enter);
        _browser.TabTo("Boil");
        _browser.DownTo("Household bleach, regular unscented");
        _browser.UntilText("Age not known: bleach is counted as over a year old");
        _browser.TabTo("Months since the pack date");
        _browser.Press("8");
        _browser.UntilHeadline("9 drops"); // 12 mg/L·2 L = 24 mg; 6 % at 8 months 5.2 %: 2.6 mg a drop; 9.23, and 10 would be past twice the clear dose: 9, 2.5 % under the label

        // Out of the fields, keys act again.
        _browser.TabTo("Shade, or opaque");
        _browser.Press("s");
        _browser.UntilText("Do not drink yet: your turn");
        foreach (var next in new[] { "Measure 2 L", "Add 9 drops", "Close and shake", "Rinse threads and cap" })
        {
            _browser.Press("d");
            CurrentStepIs(next);
        }

        _browser.Press("d");
        _browser.UntilText("Do not drink yet: waiting");

        _browser.Press("?");
        _browser.UntilText("Keyboard shortcuts");
        _browser.UntilText("Mark the step as done");
        _browser.Escape();
        _browser.Press("b");
        _browser.UntilText("9 drops in Another container");
    }

    /// <summary>What happens to a bottle and a filter through a day, told by keys.</summary>
    [Fact]
    public async Task A_bottle_is_filled_drunk_from_and_spilt_by_keys_alone()
    {
        foreach (
            var body in new[]
            {
                """{"kind":"container","name":"Bottle","volumeL":1}""",
                """{"kind":"filter","name":"Gravity filter","filter":{"element":"ceramic","style":"gravity","ratedFlowLPerMin":0.25,"ratedLifeL":2000}}""",
            }
        )
        {
            await _server.Owner.KeepAsync("kit-item", Guid.CreateVersion7(), body);
        }

        _browser.Open("/now");
        OpenAnd("Bottle empty", "Filled, raw");
        OpenAnd("Bottle 1 L, raw: not to drink", "Drank a cup");
        OpenAnd("Bottle 0.75 L, raw: not to drink", "How it came to this");
        _browser.UntilText("Drank 0.25 L from Bottle");
        _browser.Escape();
        OpenAnd("Bottle 0.75 L, raw: not to drink", "Spilt");
        _browser.See("button", "Bottle empty");
        _browser.TabTo("Gravity filter: it fell");
        _browser.Press(Keys.Enter);
        _browser.See("link", "The line that says so");
    }

    /// <summary>In the evening somebody is asked how they are; a layered filter is built and put in the kit.</summary>
    [Fact]
    public async Task Signs_and_a_built_filter_by_keys_alone()
    {
        await _server.Owner.KeepAsync("walker", Guid.CreateVersion7(), """{"name":"Ilva","massKg":62,"heightCm":168}""");
        var untilSix = DateTime.UtcNow.Date.AddHours(18) - DateTime.UtcNow;
        _browser.LetTimePass(untilSix < TimeSpan.FromHours(4) ? untilSix + TimeSpan.FromDays(1) : untilSix);
        _browser.Open("/now");
        _browser.See("link", "How is Ilva?");
        _browser.TabTo("How is Ilva?");
        _browser.Press(Keys.Enter);
        _browser.UntilText("What is felt and seen");
        _browser.TabTo("Headache");
        _browser.Press(Keys.Space);
        _browser.TabTo("Write this one down");
        _browser.Press(Keys.Enter);
        _browser.UntilText(": headache. Look again at ");

        _browser.Open("/scarce/build");
        _browser.See("button", "It is built: put it in the kit");
        _browser.TabTo("It is built: put it in the kit");
        _browser.Press(Keys.Enter);
        _browser.UntilText("It is in the kit");
        _browser.Until(() => _server.Records("kit-item").Count == 1, "the filter to reach the server");
    }

    private void OpenAnd(string container, string what)
    {
        _browser.See("button", container);
        _browser.TabTo(container);
        _browser.Press(Keys.Enter);
        _browser.See("button", what);
        _browser.TabTo(what);
        _browser.Press(Keys.Enter);
    }

    private void CurrentStepIs(string title) =>
        _browser.Until(
            () => _browser.Driver.FindElements(By.CssSelector("li[aria-current=step]")).SingleOrDefault()?.Text.Contains(title) == true,
            $"step “{title}”"
        );
}
