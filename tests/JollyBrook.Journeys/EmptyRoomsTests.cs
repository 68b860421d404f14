namespace JollyBrook.Journeys;

/// <summary>A book with nothing in it says in each room what to do.</summary>
public sealed class EmptyRoomsTests : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Browser _browser;

    public EmptyRoomsTests() => _browser = _server.NewBrowser();

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void Rooms_with_nothing_in_them_say_what_to_do()
    {
        _browser.Open("/now");
        _browser.UntilText("Nothing is running");
        _browser.Click("link", "Book");
        _browser.UntilText("The book is empty");
        _browser.Click("link", "Write the first line");
        _browser.UntilText("Something else");
        _browser.Go("/book/learn");
        _browser.UntilText("Nothing new to learn");
        _browser.Go("/book/look-back");
        _browser.UntilText("No water written in the book fits in time");
        _browser.Go("/book/files");
        _browser.UntilText("No line has been written yet.");
        _browser.Click("link", "Day");
        _browser.UntilText("Begin with an empty day");
        _browser.Click("link", "Short of water");
        _browser.UntilText("Need not given: taken from one walker of 75 kg at this effort.");
        _browser.Click("link", "Practice");
        _browser.UntilText("not met yet");
        _browser.Go("/drills/play?seed=nine");
        _browser.UntilText("No such drill");
        _browser.Go("/kit/check");
        _browser.UntilText("Water in all is missing.");
        _browser.Go("/kit/choose");
        _browser.UntilText("No trip is planned yet.");
        _browser.Go("/kit/spare");
        _browser.UntilText("Say below how much water your own trip still asks for");
        _browser.Go("/winter");
        _browser.UntilText("No stove in the kit");
        _browser.Go("/handover");
        _browser.UntilText("Nothing of this is here to hand over.");
        _browser.Go("/now");
        _browser.Click("link", "Treat some water");
        _browser.UntilHeadline("1 min at a rolling boil");
        _browser.Everything();
        _browser.Of("combobox", "Container", e => e.Text).ShouldBe("Another container");
        _browser.Click("link", "Body");
        _browser.UntilText("Nobody is entered yet.");
        _browser.Click("link", "Trip");
        _browser.UntilText("Or type the legs");
        _browser.Click("button", "Make the route");
        _browser.UntilText("No containers given: taken as 3 L for each walker.");
        _browser.Click("tab", "Sources");
        _browser.UntilText("No water is entered on this route.");
    }
}
