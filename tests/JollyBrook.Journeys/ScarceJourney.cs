namespace JollyBrook.Journeys;

/// <summary>
/// Water is short: where the party stands from three numbers, what could be made, and the call for help; all without a server.
/// </summary>
public sealed class ScarceJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Browser _browser;

    public ScarceJourney() => _browser = _server.NewBrowser(390, 844, keepsProgram: true);

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void Three_numbers_without_signal_say_what_to_do_now()
    {
        OpenWithoutServer("/scarce");
        _browser.Fill("Water in hand", "0.2");
        _browser.Fill("Need for an hour, everyone together", "0.5");
        _browser.Fill("Next water, ahead", "6");
        // 6 km at 4 km/h need 0.75 L.
        _browser.UntilText("The next water needs 0.75 L: short by 0.55 L.");
        _browser.UntilText("stage 3 of 5");
        Action().ShouldBe("Call for help now, rest in shade, and collect what pays.");
        _browser.Text.ShouldNotContain("untreated");

        // Water here that nothing makes drinkable changes nothing, and is named.
        _browser.Click("checkbox", "There is water here, of whatever kind");
        _browser.Click("button", "Blue-green bloom, scum like paint, pea-soup");
        _browser.UntilText("The water here: Blue-green bloom");
        _browser.UntilText("stage 3 of 5");
        _browser.Click("button", "Blue-green bloom, scum like paint, pea-soup");

        // The last stage opens with the last of its conditions, and not before.
        _browser.Click("button", "Nothing");
        _browser.Click("button", "Grave");
        _browser.UntilText("stage 3 of 5");
        _browser.Fill("Water in hand", "0.1");
        _browser.Click("checkbox", "No help is coming that we know of");
        _browser.UntilText("stage 5 of 5");
        _browser.UntilText("see a clinician");

        _browser.Fill("Water in hand", "5");
        _browser.UntilText("stage 2 of 5");
        _browser.Fill("Chance that it runs", "99");
        _browser.UntilHeadline("Enough: to the next water with 4.25 L to spare");

        _browser.Click("tab", "Call for help");
        _browser.Fill("The place in words", "Below the ledge seep");
        _browser.Fill("Emergency contact, kept with your settings", "Ama, 555 0100");
        _browser.UntilText("Water: 5 L left");
        _browser.UntilText("Please tell: Ama, 555 0100.");
        _browser.UntilText("Still missing: The position");
        _browser.Reload();
        _browser.UntilText("Place: Below the ledge seep.");
        _browser.UntilText("Please tell: Ama, 555 0100.");
    }

    [Fact]
    public void A_days_collecting_goes_into_Treat()
    {
        OpenWithoutServer("/scarce/make");
        _browser.UntilText("Nothing can be made here as told");
        _browser.Click("button", "Leafy branches, known harmless");
        _browser.Click("button", "Damp soil");
        _browser.Fill("Clear bags", "3");
        _browser.Fill("Clean sheet, m²", "6");
        _browser.Fill("Rain to come, mm", "8");
        _browser.Fill("Air temperature", "35");
        _browser.Fill("Humidity", "30");
        // Until somebody tells of the sun no still is counted on.
        _browser.UntilText("Sun not known: stills are counted as giving nothing");
        _browser.Click("button", "Full sun");
        _browser.UntilText("costs more than it gives; has paid on day 4 at the earliest");
        _browser.Fill("Needed a day", "20");
        Way("Rain on a sheet", "Count it in");
        _browser.UntilText("covers the 20 L needed");
        Way("Ground still", "Count it in");
        _browser.UntilText("The sheet is wanted twice: 7 m² of 6.");

        _browser.Click(OpenQA.Selenium.By.XPath("//article[@aria-label='Rain on a sheet']//button[.='Treat this water']"));
        _browser.Everything();
        _browser.Of("combobox", "Kind of source", e => e.Text).ShouldBe("Rain caught");
        _browser.Click("checkbox", "Fresh and clean: offer it untreated, by my own choice");
        _browser.Way("Drink it as it is");
        _browser.UntilHeadline("Accepted untreated");
    }

    private void OpenWithoutServer(string path)
    {
        _browser.Open("/treat");
        _browser.UntilHeadline("1 min at a rolling boil");
        _browser.UntilOfflineReady();
        _server.Stop();
        _browser.Open(path);
    }

    private string Action() => _browser.Of(OpenQA.Selenium.By.CssSelector("[data-testid=action]"), e => e.Text);

    private void Way(string name, string box) =>
        _browser.Click(OpenQA.Selenium.By.XPath($"//article[@aria-label='{name}']//label[contains(., '{box}')]"));
}
