using OpenQA.Selenium;
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
        phone.Until(() => phone.Text.Contains("Nothing seen", StringComparison.Ordinal), "the signs to be told");
        var screens = Screens(phone);
        // The answer and Start are in view wherever one has scrolled to.
        InView(phone, phone.Named("button", "Start")).ShouldBeTrue();
        Tap("button", "Start");
        phone.UntilText("Do not drink yet");
        output.WriteLine($"At the stream: {taps} taps (4), {screens:0.0} screens scrolled (2)");
        taps.ShouldBeLessThanOrEqualTo(4);
        screens.ShouldBeLessThanOrEqualTo(2);
    }

    [Fact]
    public void Every_way_worth_a_look_stands_in_one_picture_on_a_phone()
    {
        using var phone = _server.NewBrowser(390, 844);
        phone.Open("/treat");
        phone.UntilHeadline("2 cycles of UV");
        phone.UntilText("Which way?");
        var picture = phone.Find(By.CssSelector("[role=radiogroup][aria-label='Way to treat it']"));
        phone.Driver.ExecuteScript("arguments[0].scrollIntoView({ block: 'center' })", picture);
        var free = phone.Find(By.CssSelector("section[aria-label=Start]")).Location.Y;
        var (top, bottom) = (Top(phone, picture), Top(phone, picture) + picture.Size.Height);
        output.WriteLine($"Ways: {picture.FindElements(By.TagName("input")).Count} in {picture.Size.Height} px of {free}");
        top.ShouldBeGreaterThanOrEqualTo(0);
        picture.Size.Height.ShouldBeLessThanOrEqualTo(844 - 128);
        bottom.ShouldBeLessThanOrEqualTo(844);
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
        phone.Find(drink);
        foreach (var what in new[] { "Litre bottle, wide mouth", "Camp bag", "Titanium mug" })
        {
            var card = phone.Find(By.XPath($"//ul[@aria-label='Containers']//button[contains(., '{what}')]"));
            InView(phone, card).ShouldBeTrue(what);
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
            var part = desk.Find(By.CssSelector($"section[aria-label='{name}']"));
            Top(desk, part).ShouldBeInRange(0, 700, name);
        }

        ((long)desk.Driver.ExecuteScript("return document.documentElement.scrollHeight")!).ShouldBeLessThanOrEqualTo(800);

        // A camp is moved by the arrow keys as by a finger, and the plan follows.
        var camp = desk.Find(By.XPath("//*[@role='slider'][starts-with(@aria-label, 'Camp ')]"));
        var before = camp.GetAttribute("aria-valuenow");
        camp.SendKeys(Keys.ArrowRight);
        desk.Until(
            () => desk.Find(By.XPath("//*[@role='slider'][starts-with(@aria-label, 'Camp ')]")).GetAttribute("aria-valuenow") != before,
            "the camp half a kilometre on"
        );

        // A water opens in place, from the strip and from the map alike.
        desk.Click("button", "Fernhollow spring, 1.2 km");
        desk.UntilText("All places");
        desk.Click("button", "All places");
        desk.Click(By.CssSelector(".leaflet-marker-icon[title='Ledge seep']"));
        desk.UntilText("All places");
        desk.Named("textbox", "Name").GetAttribute("value").ShouldBe("Ledge seep");
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
