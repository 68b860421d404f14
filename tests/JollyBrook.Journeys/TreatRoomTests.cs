using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>What the Treat room shows for every method, for bad input and in US units.</summary>
public sealed class TreatRoomTests : IClassFixture<DemoPage>
{
    private readonly Browser _browser;

    public TreatRoomTests(DemoPage page)
    {
        _browser = page.Browser;
        _browser.Forget();
        _browser.Open("/treat");
        _browser.UntilHeadline("2 cycles of UV");
        _browser.Everything();
    }

    [Fact]
    public void Without_a_kit_every_product_answers()
    {
        using var server = ServerPool.Take(demo: false);
        using var browser = server.NewBrowser();
        browser.Open("/treat");
        browser.UntilHeadline("1 min at a rolling boil");
        browser.Everything();
        browser.Click("button", "Clear");
        foreach (
            var (method, headline) in new[]
            {
                ("Chlorine tablet, NaDCC 17 mg", "1 tablet"),
                ("Household bleach, regular unscented", "No answer for this water"),
                ("Chlorine dioxide tablet", "1 tablet"),
                ("Chlorine dioxide, two-part drops", "7 + 7 drops"),
                ("Iodine tablet (TGHP)", "1 tablet"),
                ("Iodine tincture 2 %", "6 drops"),
                ("Chlorine tablet, NaDCC 8.5 mg", "1 tablet"),
                ("Boil", "1 min at a rolling boil"),
            }
        )
        {
            browser.Way(method);
            browser.Until(() => browser.Headline == headline && browser.AnswerText.Contains(method), $"{method}: {headline}");
        }
    }

    [Fact]
    public void Boiling_schools_are_a_tap_apart_with_their_cost()
    {
        _browser.Select("Container", "Another container");
        _browser.Fill("Water in it", "1");
        _browser.Way("Canister stove");
        _browser.Fill("Elevation", "2600");
        _browser.UntilHeadline("3 min at a rolling boil");
        _browser.UntilText("91.4 °C");
        _browser.Click("radio", "Rolling boil");
        _browser.UntilHeadline("Bring to a rolling boil");
        _browser.Click("radio", "Long boil");
        _browser.UntilHeadline("5 min at a rolling boil");
        _browser.UntilText("15.9 g fuel, 1 L left (0 L boils away)");
        _browser.Fill("Minutes of the long boil", "7");
        _browser.UntilHeadline("7 min at a rolling boil");
    }

    [Fact]
    public void Unknowns_count_as_worse_and_the_screen_says_so()
    {
        _browser.Way("Chlorine tablets");
        _browser.Click("checkbox", "Not known");
        _browser.UntilText("Water temperature not known: taken as 0 °C, the slowest.");
        _browser.UntilText("pH not known: taken as 8");
    }

    [Fact]
    public void What_cannot_be_right_is_said_beside_its_field()
    {
        foreach (
            var (label, text, message) in new[]
            {
                ("Water in it", "0", "Water in the container must be 0.05 to 200 L; this says 0 L."),
                ("Water in it", "-2", "this says -2 L."),
                ("Water in it", "400", "this says 400 L."),
                ("Water in it", "NaN", "Water in the container must be a number, 0.05 to 200 L."),
                ("Water in it", "", "Water in the container is missing."),
                ("Water temperature", "80", "Water temperature must be 0 to 40 °C; this says 80 °C."),
                ("Elevation", "12000", "Elevation must be -430 to 9000 m; this says 12\u202f000 m."),
            }
        )
        {
            _browser.Fill(label, text);
            _browser.Until(() => Described(label).Contains(message), $"“{message}” beside {label}");
            _browser.Driver.FindElements(By.CssSelector("[data-testid=headline]")).ShouldBeEmpty();

            _browser.Fill(label, "3");
            _browser.Until(() => _browser.Driver.FindElements(By.CssSelector("[data-testid=headline]")).Count == 1, "an answer again");
        }
    }

    [Fact]
    public void Units_are_the_persons_own_and_follow_them()
    {
        using var server = ServerPool.Take();
        using var browser = server.NewBrowser();
        browser.Open("/settings/choices");
        browser.Click("button", "US");
        browser.Click("link", "Water");
        browser.UntilHeadline("2 cycles of UV");
        browser.Everything();
        browser.Fill("Water in it", "1");
        browser.Fill("Water temperature", "50");
        browser.UntilText("1 qt");
        browser.Of("textbox", "Elevation", e => e.GetAttribute("value")).ShouldBe("3280.84"); // 1000 m
        browser.Until(() => server.Records("settings").Count == 1, "the choice to reach the server");

        using var another = server.NewBrowser();
        another.Open("/treat");
        another.Everything();
        another.Until(() => another.Of("textbox", "Elevation", e => e.GetAttribute("value")) == "3280.84", "US units on another device");
    }

    [Fact]
    public void The_working_shows_formulas_inputs_and_sources()
    {
        _browser.UntilText("It is empty now."); // what is in hand has been worked out
        _browser.Select("Container", "Litre bottle, wide mouth · 1 L");
        _browser.Way("Chlorine tablets");
        _browser.UntilHeadline("1 tablet");
        _browser.Click("button", "Working");
        _browser.UntilText("CT = 1.13·0.2828·L·pH^2.69·C^0.15·0.933^(T−5)");
        _browser.UntilText("Smith, Clark et al., fit of the US EPA SWTR tables");
        _browser.UntilText("C = 3.5 mg/L");
    }

    /// <summary>The words that belong to a field, below it.</summary>
    private string Described(string label)
    {
        var id = _browser.Of("textbox", label, e => e.GetAttribute("aria-describedby"));
        return id is null ? "" : string.Concat(_browser.Each(By.Id(id), e => e.Text));
    }
}
