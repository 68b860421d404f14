namespace JollyBrook.Journeys;

/// <summary>The server goes away after the first visit; the page works on, and what was done reaches it when it is back.</summary>
public sealed class NoServerJourney : IDisposable
{
    private readonly AppServer _server = new(demo: false);
    private readonly Browser _browser;

    public NoServerJourney() => _browser = new Browser(_server.Address);

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void Answers_without_the_server_and_sends_later()
    {
        _browser.Open("/treat");
        _browser.UntilHeadline("1 min at a rolling boil");
        _browser.Named("radio", "Chlorine tablet, NaDCC 8.5 mg");
        _server.Stop();

        _browser.Click("radio", "Chlorine tablet, NaDCC 8.5 mg");
        _browser.UntilHeadline("1 tablet");

        _browser.Fill("Water in it", "2.5");
        _browser.UntilHeadline("3 tablets");
        _browser.Click("button", "Start");
        _browser.Click("button", "Strained");
        _browser.UntilText("No server: everything still works and is kept on this device.");
        _browser.UntilText("2 to be sent.");

        _server.Start();
        _browser.UntilText("All saved.");
        _server.Records("batch").ShouldHaveSingleItem()
            .GetProperty("body").GetProperty("answer").GetProperty("headline").GetString().ShouldBe("3 tablets");
        _server.Records("batch-event").ShouldHaveSingleItem();
    }

    [Fact]
    public void Rooms_with_nothing_in_them_say_what_to_do()
    {
        _browser.Open("/now");
        _browser.UntilText("Nothing is running");
        _browser.Click("link", "Book");
        _browser.UntilText("The book is empty");
        _browser.Click("link", "Treat some water");
        _browser.UntilHeadline("1 min at a rolling boil");
        _browser.Named("combobox", "Container").Text.ShouldBe("Another container");
    }
}
