using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>
/// A kit is chosen for a trip, from nothing and from what is carried; what can be spared goes to another party on a card.
/// </summary>
public sealed class ChooseKitJourney
{
    private static readonly By Best = By.XPath("//li[starts-with(@aria-label, 'Best by what matters')]//button");

    [Fact]
    public void From_nothing_a_set_is_chosen_taken_and_checked()
    {
        using var server = ServerPool.Take(demo: false);
        using var browser = server.NewBrowser();
        browser.Open("/kit/choose");
        browser.UntilText("No trip is planned yet.");
        browser.Fill("Water in all", "20");
        browser.Click("button", "Clear");
        browser.Click("button", "No colour");
        browser.Fill("Coldest water", "8");
        browser.Fill("Coldest night", "4");
        browser.Fill("Highest place", "900");
        browser.FillDate("Last day", DateTime.UtcNow.AddDays(5));
        // Small sets lack something; of five pieces some are whole.
        browser.Until(
            () =>
                browser.Text.Contains("Best by what matters")
                && browser.Driver.FindElements(Best).Count > 0
                && !browser.Text.Contains("Lacks:"),
            "whole sets"
        );
        browser.Text.ShouldNotContain("Carried now");
        var names = browser.Headline.Split(" + ");
        browser.Click(Best);
        browser.UntilText("new in the kit");
        browser.Until(() => server.Records("kit-item").Count >= names.Length, "the set to reach the server");
        server
            .Records("kit-item")
            .Select(r => r.GetProperty("body").GetProperty("name").GetString())
            .ShouldBeSubsetOf([.. names.Select(n => n.Replace(", a new pack", "", StringComparison.Ordinal)), "Aluminium pot with lid"]);

        // What was told of the outing is not asked again. Nothing of the set is counted on before its own label is copied.
        browser.Click("link", "Kit check");
        browser.UntilText("to mend before you leave");
        browser.Text.ShouldNotContain("Water in all is missing");
        Mend(browser, "Chlorine dioxide tablets", "Left pocket", () =>
        {
            browser.FillDate("Good to", DateTime.Today.AddYears(1));
            browser.Fill("Tablets left", "30");
            browser.Fill("Mass", "0.02");
            browser.Click("button", "Copy the label");
        });
        Mend(browser, "UV lamp, 1 L a cycle", "Right pocket", () =>
        {
            browser.Fill("Cycles left, when warm", "120");
            browser.Fill("Mass", "0.12");
        });
        Mend(browser, "Canister stove", "Pack", () =>
        {
            browser.Fill("Empty canister or bottle", "130");
            browser.Fill("Weighed now, as it is", "360");
            browser.Click("button", "230 g left: take it over");
            browser.Fill("Mass", "0.36");
        });
        Mend(browser, "Aluminium pot with lid", "Pack", () => { });
        browser.Click("link", "Is it enough?");
        browser.UntilHeadline("The kit is enough");

        // And off: the first water on the way goes through what was packed.
        browser.Go("/treat");
        browser.UntilText("UV lamp, 1 L a cycle");
    }

    private static void Mend(Browser browser, string piece, string bag, Action copyLabel)
    {
        browser.Go("/kit");
        browser.UntilText(piece);
        browser.Click(By.XPath($"//main//button[starts-with(normalize-space(), '{piece}')]"));
        copyLabel();
        browser.Fill("In which pack or pouch", bag);
        browser.Click("button", "Keep it");
        browser.UntilText("Kept.");
    }

    [Fact]
    public void What_matters_moves_the_choice_and_taking_one_can_be_undone()
    {
        using var server = ServerPool.Take();
        using var browser = server.NewBrowser(390, 844);
        browser.Open("/kit/choose");
        browser.UntilText("Best by what matters");
        browser.UntilText("Carried now");
        browser.Until(() => !browser.Text.Contains("being run through the trip"), "every set to be tried");
        int Carried() =>
            server
                .Records("kit-item")
                .Count(r =>
                    !(
                        r.GetProperty("body").TryGetProperty("retired", out var gone)
                        && gone.ValueKind == System.Text.Json.JsonValueKind.True
                    )
                );
        var before = Carried();
        browser.Click(Best);
        browser.UntilText("Taken");
        browser.Until(() => Carried() != before, "the set to be carried");
        browser.Click("button", "Undo");
        browser.Until(() => Carried() == before, "what was carried to be carried again");
    }

    [Fact]
    public void Another_party_is_given_tablets_on_a_card()
    {
        using var server = ServerPool.Take();
        using var phone = server.NewBrowser(390, 844);
        phone.Open("/kit/check");
        phone.Click("link", "Make a card for them");
        phone.UntilText("What they need");
        phone.Fill("People", "2");
        phone.UntilText("tablets");
        phone.UntilText("before drinking");
        phone.UntilText("label comes first");
        phone.Click(By.XPath("//article//button[starts-with(normalize-space(), 'Given:')]"));
        phone.UntilText("Written down");
        phone.Until(
            () => server.Records("book-line").Any(r => r.GetProperty("body").ToString().Contains("Gave away", StringComparison.Ordinal)),
            "the line to reach the server"
        );
        // Those who can boil need nothing of ours.
        phone.Click(By.XPath("//*[normalize-space()='They can boil: pot and fire']/following::button[normalize-space()='Yes'][1]"));
        phone.UntilHeadline("They can boil their own");
    }
}
