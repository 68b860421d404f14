using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>A drill gone wrong, explained, taken again and passed; quick questions by keys alone.</summary>
public sealed class DrillJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Browser _browser;

    public DrillJourney() => _browser = _server.NewBrowser();

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void What_went_wrong_is_explained_comes_again_and_is_passed()
    {
        _browser.Open("/drills");
        _browser.UntilHeadline("Mistakes are free here");
        _browser.Click("link", "Take this drill");
        _browser.UntilText("Where do you draw water?");
        _browser.Click("button", "Look along the edges (2 min)");
        _browser.UntilText("Spent so far: 2 min");
        Play(dose: "1", wait: "30", store: "Cap straight on, threads as they are");
        _browser.UntilHeadline("2 things to do better");
        _browser.UntilText("A drop of raw water on the threads undoes the treatment.");
        _browser.UntilText("Cryptosporidium:");
        _browser.UntilText("Better: 4 h");
        _browser.Until(() => _server.Records("drill-result").Count == 1, "the result to reach the server");

        // It comes again first of all.
        _browser.Click("link", "All drills");
        _browser.UntilText("The one that went wrong, again");
        _browser.UntilText("To go over: ");
        _browser.Click("link", "Take this drill");
        _browser.UntilText("Where do you draw water?");
        Play(dose: "1", wait: "600", store: "Treated water over the threads, cap closed, clean side only");
        _browser.UntilHeadline("Safe: every decision would do");
        _browser.Until(() => _server.Records("drill-result").Count == 2, "the second result to reach the server");
        _browser.Click("link", "All drills");
        _browser.UntilText("Level 1: one bottle");
        _browser.UntilText("1 of 2 passed");
    }

    [Fact]
    public void The_quiz_is_answered_by_keys_alone()
    {
        _browser.Open("/now");
        _browser.UntilText("Nothing is running");
        _browser.Press("d");
        _browser.UntilText("Quick questions");
        _browser.TabTo("Ask me");
        _browser.Press(Keys.Enter);
        _browser.UntilText("US gallon");
        _browser.Press(Keys.Enter);
        _browser.UntilText("Give a number.");
        _browser.Press("0" + Keys.Enter);
        _browser.UntilText("Too little: ");
        _browser.UntilText("A US gallon is 3.785 L");
        _browser.Until(() => _server.Records("drill-result").Count == 1, "the answer to reach the server");
        _browser.Press(Keys.Enter);
        _browser.UntilText("per quart");
        _browser.Press("99999" + Keys.Enter);
        _browser.UntilText("Too much: ");
        _browser.Go("/drills");
        _browser.UntilHeadline("To go over: gallons, quarts");
    }

    private void Play(string dose, string wait, string store)
    {
        _browser.Click(By.CssSelector("[data-testid=question] button"));
        _browser.Click("button", "Strain it through a cloth");
        _browser.Click("button", "Chlorine dioxide tablet");
        _browser.Fill("Your answer, tablets", dose);
        _browser.Click("button", "That is it");
        _browser.Fill("Your answer, minutes", wait);
        _browser.Click("button", "That is it");
        _browser.Click("button", store);
    }
}
