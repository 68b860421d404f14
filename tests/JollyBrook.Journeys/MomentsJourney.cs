using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;
using Xunit;

namespace JollyBrook.Journeys;

/// <summary>The moments of a walk with their budgets: taps, and screens scrolled, counted on the demo party's own evening.</summary>
public sealed class MomentsJourney(ITestOutputHelper output) : IDisposable
{
    private readonly AppServer _server = ServerPool.Take();

    public void Dispose() => _server.Dispose();

    [Fact]
    public void At_the_stream_four_taps_and_two_screens_lead_to_a_started_batch()
    {
        using var phone = _server.NewBrowser(390, 844);
        phone.Open("/now");
        phone.UntilText("to drink");
        AtTheStream(phone, "At the stream");
    }

    [Fact]
    public void What_water_it_is_is_matched_to_pictures_and_the_answer_follows_each_with_nothing_typed()
    {
        using var phone = _server.NewBrowser(390, 844);
        phone.Open("/treat");
        phone.UntilHeadline("2 cycles of UV");
        phone.UntilText("Counted:");
        phone.UntilText("Drink in 5 min");
        var taps = 0;
        // Whatever is asked first is drawn to be matched: kind of source, its flow, how clear it is, its colour.
        void Match(string ask, string question, string picture)
        {
            if (!phone.Has("group", question))
            {
                phone.Click(By.XPath($"//section//button[.//span[. = '{ask}']]"));
                taps++;
            }

            var pictures = By.XPath($"//*[@role='group'][@aria-label='{question}']//button");
            phone.See(pictures);
            // Each is drawn, and wide enough for a cold thumb.
            phone.Until(
                () =>
                    phone
                        .Driver.FindElements(pictures)
                        .All(b => b.FindElements(By.TagName("svg")).Count > 0 && b.Size is { Width: >= 48, Height: >= 48 }),
                "every picture to be drawn"
            );
            phone.Click(By.XPath($"//*[@role='group'][@aria-label='{question}']//button[contains(., '{picture}')]"));
            taps++;
            phone.See(By.XPath($"//*[@role='group'][@aria-label='Counted with']//button[starts-with(@aria-label, '{picture}, told')]"));
        }

        Match("Match how clear it is", "Clarity", "Muddy");
        phone.Until(() => !phone.Text.Contains("Drink in 5 min", StringComparison.Ordinal), "muddy water to be cleared first");
        Match("See what kind of source it is", "Kind of source", "Spring");
        output.WriteLine($"What is this water: {taps} taps for two things matched, nothing typed");
    }

    [Fact]
    public async Task With_own_data_four_taps_and_two_screens_lead_to_a_started_batch()
    {
        using var server = ServerPool.Take(demo: false);
        var lamp = Guid.CreateVersion7();
        foreach (
            var (id, kind, body) in new[]
            {
                (Guid.CreateVersion7(), "kit-item", """{"kind":"container","name":"Bottle","volumeL":1,"at":"hand"}"""),
                (
                    lamp,
                    "kit-item",
                    """{"kind":"lamp","name":"Lamp","lamp":{"volumePerCycleL":1,"secondsPerCycle":90,"battery":"lithium"} }"""
                ),
                (
                    Guid.CreateVersion7(),
                    "book-line",
                    $$"""{"kind":"charged","at":"2026-08-01T09:00:00Z","itemId":"{{lamp}}","cyclesLeft":60}"""
                ),
            }
        )
        {
            await server.Owner.KeepAsync(kind, id, body);
        }

        using var phone = server.NewBrowser(390, 844);
        phone.Open("/now");
        phone.UntilText("Nothing to drink");
        AtTheStream(phone, "At the stream with own data");
    }

    /// <summary>From what is in hand to a started batch, every tap counted.</summary>
    private void AtTheStream(Browser phone, string moment)
    {
        var taps = 0;
        void Tap(string role, string name)
        {
            phone.Click(role, name);
            taps++;
        }

        Tap("link", "Water");
        phone.UntilText("Is any of this here or upstream?");
        phone.UntilHeadline("2 cycles of UV");
        Tap("button", "None of these");
        phone.UntilText("Nothing seen");
        var screens = Screens(phone);
        // The answer and Start are in view wherever one has scrolled to.
        phone.Of("button", "Start", start => InView(phone, start)).ShouldBeTrue();
        Tap("button", "Start");
        phone.UntilText("Do not drink yet");
        output.WriteLine($"{moment}: {taps} taps (4), {screens:0.0} screens scrolled (2)");
        taps.ShouldBeLessThanOrEqualTo(4);
        screens.ShouldBeLessThanOrEqualTo(2);
    }

    [Fact]
    public void In_camp_what_to_begin_stands_first_and_a_tap_begins_it()
    {
        using var phone = _server.NewBrowser(390, 844);
        phone.Open("/day");
        var first = phone.Of(By.XPath("//li[.//button[. = 'Begin it now']]"), line => line.Text);
        // When, for what, how long hands are needed and by when it is wanted.
        first.ShouldMatch("→ ready .*[0-9]{2}:[0-9]{2}");
        first.ShouldMatch("of hands · wanted by .*[0-9]{2}:[0-9]{2}");
        phone.Click(By.XPath("//li//button[. = 'Begin it now']"));
        phone.UntilText("Begun: its steps");
        output.WriteLine($"In camp: 1 tap, {Screens(phone):0.0} screens scrolled");
    }

    [Fact]
    public void Every_way_worth_a_look_stands_in_one_picture_on_a_phone()
    {
        using var phone = _server.NewBrowser(390, 844);
        phone.Open("/treat");
        phone.UntilHeadline("2 cycles of UV");
        phone.UntilText("Which way?");
        var (top, height, ways) = phone.Of(By.CssSelector("[role=radiogroup][aria-label='Way to treat it']"), picture =>
        {
            phone.Driver.ExecuteScript("arguments[0].scrollIntoView({ block: 'center' })", picture);
            return (Top(phone, picture), picture.Size.Height, picture.FindElements(By.TagName("input")).Count);
        });
        var free = phone.Of(By.CssSelector("section[aria-label=Start]"), e => e.Location.Y);
        output.WriteLine($"Ways: {ways} in {height} px of {free}");
        top.ShouldBeGreaterThanOrEqualTo(0);
        height.ShouldBeLessThanOrEqualTo(844 - 128);
        (top + height).ShouldBeLessThanOrEqualTo(844);
        // A tap says why.
        phone.Way("Squeeze filter, then canister stove");
        phone.UntilText("Meets the target in every class.");
    }

    [Fact]
    public void On_the_walk_one_glance_tells_what_is_in_hand_and_a_tap_writes_a_drink()
    {
        using var phone = _server.NewBrowser(390, 844);
        phone.Open("/now");
        phone.UntilText("to drink");
        // A cup, or what is left of one: the party drinks from it through the day.
        var drink = By.XPath("//button[contains(., ' from Soft bladder with hose')]");
        phone.See(drink);
        foreach (var what in new[] { "Litre bottle, wide mouth", "Camp bag", "Titanium mug" })
        {
            var card = By.XPath($"//ul[@aria-label='Containers']//button[contains(., '{what}')]");
            phone.Of(card, shown => InView(phone, shown)).ShouldBeTrue(what);
        }

        // The word that it was written stands for ten seconds only; what is in hand goes on saying it.
        string InHand() => phone.TextOf("[data-testid=in-hand]");
        var before = InHand();
        phone.Click(drink);
        phone.Until(() => InHand() != before, "the drink to be gone from what is in hand");
    }

    [Fact]
    public void At_the_desk_promise_strip_map_and_stops_share_a_screen_and_follow_one_another()
    {
        using var desk = _server.NewBrowser();
        desk.Open("/route");
        desk.UntilText("At each place");
        desk.UntilText("95 % sure");
        foreach (var name in new[] { "Answer", "Strip", "Map", "At each place" })
        {
            desk.Of(By.CssSelector($"section[aria-label='{name}']"), part => Top(desk, part)).ShouldBeInRange(0, 700, name);
        }

        ((long)desk.Driver.ExecuteScript("return document.documentElement.scrollHeight")!).ShouldBeLessThanOrEqualTo(800);

        // A camp is moved by the arrow keys as by a finger, and the plan follows.
        var camp = By.XPath("//*[@role='slider'][starts-with(@aria-label, 'Camp ')]");
        string? Along() => desk.Of(camp, e => e.GetAttribute("aria-valuenow"));
        var before = Along();
        desk.Press(camp, Keys.ArrowRight);
        desk.Until(() => Along() != before, "the camp half a kilometre on");

        // While a hand holds it the plan goes along, and letting go asks for nothing more.
        string Stops() => desk.TextOf("section[aria-label='At each place']");
        var stops = Stops();
        desk.Of(camp, e =>
        {
            new Actions(desk.Driver).ClickAndHold(e).MoveByOffset(-30, 0).Perform();
            return true;
        });
        // No hand is quite still; one that was not followed because a plan was late is followed again after half a minute.
        var by = 2;
        desk.Until(
            () =>
            {
                new Actions(desk.Driver).MoveByOffset(by = -by, 0).Perform();
                return Stops() != stops;
            },
            "the stops to follow the camp that is held"
        );
        new Actions(desk.Driver).Release().Perform();
        desk.Until(() => Stops() != stops && Along() != before, "the camp to stay where it was let go");

        // So is the hour a day starts at; what is shown is the plan's.
        var start = By.XPath("//*[@role='slider'][@aria-label='Start of day 2']");
        string? Hour() => desk.Of(start, e => e.GetAttribute("aria-valuetext"));
        Hour().ShouldBe("07:30");
        desk.Press(start, Keys.ArrowRight);
        desk.Until(() => Hour() == "07:45", "the second day to start a quarter of an hour later");

        // A water opens in place, from the strip and from the map alike.
        desk.Click("button", "Fernhollow spring, 1.2 km");
        desk.UntilText("All places");
        desk.Click("button", "All places");
        var seep = By.CssSelector(".leaflet-marker-icon[title='Ledge seep']");
        desk.Click(seep);
        desk.UntilText("All places");
        desk.Of("textbox", "Name", e => e.GetAttribute("value")).ShouldBe("Ledge seep");

        // By keys too: the mark that was chosen keeps the focus, also once the plan has followed a camp.
        desk.Click("button", "All places");
        string Focus() => (string)desk.Driver.ExecuteScript("return document.activeElement.title")!;
        desk.Press(seep, Keys.Enter);
        desk.Until(() => desk.Of("textbox", "Name", e => e.GetAttribute("value")) == "Ledge seep", "the water that was chosen by keys");
        Focus().ShouldBe("Ledge seep");
        var along = Along();
        const string right = "arguments[0].dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }))";
        desk.Of(camp, e => desk.Driver.ExecuteScript(right, e));
        desk.Until(() => Along() != along, "the camp to move on");
        Focus().ShouldBe("Ledge seep");
    }

    [Fact]
    public void When_water_is_short_one_tap_from_anywhere_on_a_phone()
    {
        using var phone = _server.NewBrowser(390, 844);
        foreach (var path in new[] { "/now", "/treat", "/book", "/more", "/kit" })
        {
            phone.Open(path);
            phone.Click("link", "Short of water");
            phone.UntilText("Water is short");
        }
    }

    /// <summary>How many screens have been scrolled.</summary>
    private static double Screens(Browser browser) =>
        Convert.ToDouble(
            browser.Driver.ExecuteScript("return window.scrollY / window.innerHeight"),
            System.Globalization.CultureInfo.InvariantCulture
        );

    private static double Top(Browser browser, IWebElement element) =>
        Convert.ToDouble(
            browser.Driver.ExecuteScript("return arguments[0].getBoundingClientRect().top", element),
            System.Globalization.CultureInfo.InvariantCulture
        );

    private static bool InView(Browser browser, IWebElement element) =>
        (bool)
            browser.Driver.ExecuteScript(
                """
                const box = arguments[0].getBoundingClientRect();
                const over = document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2);
                return box.top >= 0 && box.bottom <= innerHeight && over !== null && (arguments[0].contains(over) || over.contains(arguments[0]));
                """,
                element
            )!;
}
