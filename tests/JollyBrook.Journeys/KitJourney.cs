using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>A kit copied from its labels, from nothing; and the steps of every way it opens.</summary>
public sealed class KitJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Browser _browser;

    public KitJourney() => _browser = _server.NewBrowser();

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void A_filter_is_copied_from_its_label_and_treats()
    {
        _browser.Open("/kit");
        _browser.UntilText("Nothing is in the kit yet.");
        _browser.Click("link", "Add to the kit");
        _browser.Click("button", "Filter");
        _browser.UntilText("Something is still missing.");
        _browser.UntilText("Flow when new is missing.");
        _browser.Fill("Name", "Old squeeze");
        _browser.Fill("Flow when new", "99");
        _browser.UntilText("Flow when new must be 0.05 to 10 L/min; this says 99 L/min.");
        _browser.Fill("Flow when new", "1.7");
        _browser.Fill("Rated life", "4000");
        _browser.Fill("Used so far", "120");
        _browser.UntilText("suspect: not counted on"); // nobody has said that it did not freeze
        _browser.Click("button", "Keep it");
        _browser.UntilText("Kept.");

        _browser.Click("link", "Water");
        _browser.UntilText("It may have frozen while wet.");

        _browser.Open("/kit");
        AnswerNo("A night at or below freezing, wet and unguarded?");
        _browser.UntilText("runs at 100 % of new");
        _browser.Click("button", "Keep it");
        _browser.UntilText("Kept.");
        _browser.Click("link", "Water");
        _browser.UntilText("Short on viruses by 4 log.");
        _browser.Until(() => _server.Records("kit-item").Count == 1, "the filter to reach the server");

        _browser.Click("link", "Kit");
        _browser.Click("button", "No longer carried");
        _browser.UntilText("(no longer carried)");
        _browser.Click("link", "Water");
        _browser.UntilHeadline("1 min at a rolling boil");
        _browser.Click("link", "Kit");
        _browser.Click("button", "Carry it again");
        _browser.Until(() => !_browser.Text.Contains("(no longer carried)"), "the filter back in the kit");
    }

    [Fact]
    public void A_date_is_typed_part_by_part_chosen_from_a_calendar_or_cleared()
    {
        _browser.Open("/kit/new");
        _browser.Click("button", "Chlorine dioxide tablets");
        _browser.UntilText("date not known: not counted on");
        _browser.FillDate("Good to", new DateTime(2031, 5, 30, 0, 0, 0, DateTimeKind.Unspecified));
        _browser.UntilText("good to 30 May 2031");

        // Half a date is none: bad news at once. Whole again, it is one.
        _browser.Of("group", "Good to", field => FirstPart(field, Keys.Backspace));
        _browser.UntilText("date not known: not counted on");
        _browser.Of("group", "Good to", field => FirstPart(field, "31"));
        _browser.UntilText("good to 31 May 2031");
        _browser.DatesShown("Good to").ShouldBe(["31 May 2031"]);

        _browser.Click("button", "Choose date, selected date is 31 May 2031");
        _browser.Click("gridcell", "15");
        _browser.Click("button", "OK");
        _browser.UntilText("good to 15 May 2031");

        _browser.Click(By.CssSelector("button[title='Clear']"));
        _browser.UntilText("date not known: not counted on");

        static bool FirstPart(IWebElement field, string keys)
        {
            field.FindElement(By.CssSelector("[role=spinbutton]")).SendKeys(keys);
            return true;
        }
    }

    [Fact]
    public async Task Every_style_of_filter_opens_its_steps()
    {
        var styles = new[]
        {
            ("squeeze", "Squeeze 1 L through"),
            ("gravity", "Hang it up and let 1 L run through"),
            ("pump", "Pump 1 L through"),
            ("press", "Press 1 L through"),
            ("drinkThrough", "Drink 1 L through it"),
        };
        foreach (var (style, _) in styles)
        {
            var id = Guid.CreateVersion7();
            await _server.Owner.KeepAsync(
                "kit-item",
                id,
                $$$"""{"kind":"filter","name":"{{{style}}} filter","filter":{"element":"hollowFibre","style":"{{{style}}}","ratedFlowLPerMin":1,"ratedLifeL":1000} }"""
            );
            await _server.Owner.KeepAsync(
                "book-line",
                Guid.CreateVersion7(),
                $$$"""{"kind":"filterLookedOver","at":"2026-08-01T09:00:00Z","itemId":"{{{id}}}","filter":{"usedL":10,"wetted":"yes","frozen":"no"} }"""
            );
        }

        _browser.Open("/treat");
        foreach (var (style, title) in styles)
        {
            _browser.Go("/treat");
            _browser.Way($"{style} filter");
            _browser.Until(() => _browser.AnswerText.Contains($"{style} filter, 1 L"), style);
            _browser.Click("button", "Start");
            _browser.UntilText("Do not drink yet: your turn");
            _browser.UntilText(title);
        }
    }

    [Fact]
    public void Bleach_that_cannot_be_smelt_is_dosed_again_and_then_given_up()
    {
        using var demo = ServerPool.Take();
        using var phone = demo.NewBrowser();
        phone.Open("/treat");
        phone.UntilHeadline("2 cycles of UV");
        phone.Way("Bleach in a dropper bottle");
        phone.Until(() => phone.AnswerText.Contains("Bleach in a dropper bottle", StringComparison.Ordinal), "bleach");
        phone.Click("button", "Start");
        foreach (var step in new[] { "Strained", "Measured", "Added", "Shaken", "Rinsed and closed" })
        {
            phone.Click("button", step);
        }

        phone.UntilText("Do not drink yet: waiting");
        phone.LetTimePass(TimeSpan.FromHours(3));
        phone.Reload();
        phone.Click("button", "No smell");
        phone.UntilText("Again: add");
        phone.Click("button", "Take back “No smell”");
        phone.See("button", "Smells faintly");
        phone.Click("button", "No smell");
        phone.Click("button", "Added");
        phone.UntilText("Do not drink yet: waiting");
        phone.LetTimePass(TimeSpan.FromHours(6));
        phone.Reload();
        phone.Click("button", "No smell");
        phone.UntilText("Twice no smell of chlorine: do not drink this water.");
        phone.Has("button", "Smells faintly").ShouldBeFalse();
        phone.Has("button", "No smell").ShouldBeFalse();
    }

    [Fact]
    public void The_steps_of_all_other_ways_open()
    {
        using var demo = ServerPool.Take();
        using var browser = demo.NewBrowser();
        browser.Open("/treat");
        browser.UntilHeadline("2 cycles of UV");
        foreach (
            var (way, sign) in new[]
            {
                ("UV lamp", "stirring all the time"),
                ("Canister stove", "Bring to a rolling boil"),
                ("Chlorine tablets", "Shake until it is gone"),
                ("Chlorine dioxide tablets", "Shake until it is gone"),
                ("Bleach in a dropper bottle", "Smell it"),
                ("Squeeze filter, then chlorine tablets", "Squeeze 1 L through"),
            }
        )
        {
            browser.Go("/treat");
            browser.Way(way);
            browser.Until(() => browser.AnswerText.Contains(way, StringComparison.Ordinal), way);
            browser.Click("button", "Start");
            browser.UntilText("Do not drink yet: your turn");
            browser.UntilText(sign);
        }

        // The book tells of a fall: the ceramic counts no longer, though nobody has accepted a proposal.
        browser.Go("/treat");
        browser.Way("Gravity filter");
        browser.UntilText("Ceramic that was dropped may be cracked unseen");
        browser.Has("button", "Start").ShouldBeFalse();

        // What gives no answer says why, and cannot be started.
        browser.Go("/kit/new-permanganate");
        browser.Click("button", "Keep it");
        browser.UntilText("Kept.");
        browser.Go("/treat");
        browser.Way("Permanganate");
        browser.UntilText("not counted as a barrier");
        browser.Has("button", "Start").ShouldBeFalse();

        // Sunlight, whenever this runs: on the equator, where it is half past seven in the morning now, a clear bottle under a clear sky.
        browser.Everything();
        browser.Select("Container", "Litre bottle, wide mouth · 1 L");
        browser.Click("button", "No colour");
        browser.Way("Sunlight");
        browser.Fill("Latitude", "0");
        browser.Fill(
            "Longitude",
            Math.IEEERemainder(15 * (7.5 - DateTime.UtcNow.TimeOfDay.TotalHours), 360)
                .ToString("F0", System.Globalization.CultureInfo.InvariantCulture)
        );
        browser.Fill("Sky covered by cloud", "0");
        browser.UntilHeadline("A day of strong sun");
        browser.Click("button", "Start");
        browser.UntilText("Lay it in full sun");
    }

    private void AnswerNo(string question) => _browser.ClickIn("group", question, "No");
}
