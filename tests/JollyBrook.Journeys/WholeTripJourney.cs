using System.Globalization;
using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>
/// A kit copied from labels, checked and mended; an evening laid out and two batches run at once; the day written down; a sweat factor
/// taken over; an illness looked back on. Once with a thumb on a phone, once by keys alone.
/// </summary>
public sealed class WholeTripJourney : IDisposable
{
    private static readonly string[] Lamps = ["Drinking in Litre bottle, wide mouth", "Drinking in Single-wall steel bottle"];
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly DateTime _yesterday = DateTime.Today.AddDays(-1);
    private Browser _browser = null!;

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void With_a_thumb_on_a_phone()
    {
        _browser = _server.NewBrowser(390, 844);
        Kit(what =>
        {
            _browser.Click("link", "Add to the kit");
            _browser.Click("button", what);
        });
        _browser.Go("/kit/check");
        _browser.Fill("Water in all", "8");
        _browser.Click("button", "Clear");
        _browser.Click("button", "No colour");
        // 20 tablets are 20 L, a quarter of the lamp's 40 cycles in unknown cold 10 L: enough, but all of it is in bags nobody named.
        _browser.UntilText("3 · Supplies for a quarter more than planned: Holds");
        _browser.UntilText("One bag lost (the bag not named): no chain is left.");
        PutInBag("Chlorine dioxide tablets", "Left pocket");
        PutInBag("UV lamp, 1 L a cycle", "Right pocket");
        PutInBag("Canister stove", "Pack");
        PutInBag("Aluminium pot with lid", "Pack");
        _browser.Go("/kit/check");
        _browser.Fill("Water in all", "8");
        _browser.Click("button", "Clear");
        _browser.Click("button", "No colour");
        _browser.UntilText("2 · A second chain that shares no failure: Holds");

        Evening();
        foreach (var _ in Lamps)
        {
            _browser.Click("button", "Begin it now");
            _browser.UntilText("Begun: its steps");
            _browser.Until(() => _browser.Driver.FindElements(By.LinkText("Begun: its steps")).Count > 0, "a batch begun");
        }

        RunBoth(step => _browser.Click("button", step), id => _browser.Go($"/now/{id}"));

        _browser.Go("/now");
        _browser.Click("button", "Write into the book");
        _browser.Click("button", "Drank 0.5 L");
        _browser.UntilText("Written: Drank 0.5 L");
        _browser.Click("button", "Write into the book");
        _browser.Click("button", "4, yellow");
        _browser.UntilText("Written: Urine yellow");
        _browser.Click("button", "Take it back");
        Walker();
        Write("bodyMass", () => _browser.Fill("Body mass", "70"), 9);
        Write(
            "drank",
            () =>
            {
                _browser.Fill("Drunk", "1");
                _browser.Click("switch", "It was not treated");
            },
            10
        );
        Write("bodyMass", () => _browser.Fill("Body mass", "69.4"), 12);

        _browser.Go("/book/learn");
        // 70 − 69.4 + 1 = 1.6 L in 3 h.
        _browser.UntilText("70 kg before, 69.4 kg after, 1 L drunk, 0 L passed in 3 h");
        _browser.Click("button", "Take it over");
        Taken();
        LookedBack();
    }

    [Fact]
    public void By_keys_alone()
    {
        _browser = _server.NewBrowser();
        Kit(
            what =>
            {
                _browser.TabTo("Add to the kit");
                _browser.Press(Keys.Enter);
                _browser.UntilText("What comes into the kit?");
                _browser.TabTo(what);
                _browser.Press(Keys.Enter);
            },
            keys: true
        );
        OpenCheckByKeys();
        _browser.UntilText("Water in all is missing.");
        _browser.TabTo("Clear");
        _browser.Press(Keys.Enter);
        _browser.TabTo("Water in all");
        _browser.Press("4");
        _browser.UntilText("3 · Supplies for a quarter more than planned: Holds");
        _browser.UntilText("One bag lost (the bag not named): no chain is left.");
        // From the finding to the piece, and back.
        Focus("main");
        _browser.TabTo("Chlorine dioxide tablets");
        _browser.Press(Keys.Enter);
        _browser.UntilText("In which pack or pouch");
        Focus("main");
        Type("In which pack or pouch", "Left pocket", keys: true);
        Push("Keep it", keys: true);
        _browser.UntilText("Kept.");
        // What was told of the outing is not asked again.
        OpenCheckByKeys();
        _browser.UntilText("3 · Supplies for a quarter more than planned: Holds");
        _browser.UntilText("): 1 chain is left.");

        _browser.TabTo("Last day: Day");
        _browser.Driver.ExecuteScript("document.activeElement.blur()");
        _browser.Press("a");
        _browser.UntilText("Begin with an empty day");
        _browser.TabTo("Begin with an empty day");
        _browser.Press(Keys.Enter);
        _browser.UntilText("Wanted by when");
        _browser.TabTo("Clear");
        _browser.Press(Keys.Enter);
        _browser.UntilText("All ready in time: 2 batches");
        Focus("main");
        foreach (var _ in Lamps)
        {
            _browser.TabTo("Begin it now");
            _browser.Press(Keys.Enter);
            _browser.UntilText("Begun: its steps");
            Focus("main");
        }

        RunBoth(_ => _browser.Press("d"), id => _browser.Go($"/now/{id}"));
        _browser.Press("e");
        _browser.UntilText("Something else");
        _browser.TabTo("Drank 0.5 L");
        _browser.Press(Keys.Enter);
        _browser.UntilText("Written: Drank 0.5 L");
        _browser.Press(Keys.Escape);

        Walker();
        WriteByKeys("bodyMass", "Body mass", "70", 9);
        WriteByKeys("drank", "Drunk", "1", 10, untreated: true);
        WriteByKeys("bodyMass", "Body mass", "69.4", 12);
        _browser.Press("b");
        _browser.UntilText("What it taught");
        _browser.TabTo("What it taught");
        _browser.Press(Keys.Enter);
        _browser.UntilText("70 kg before, 69.4 kg after, 1 L drunk, 0 L passed in 3 h");
        _browser.TabTo("Take it over");
        _browser.Press(Keys.Enter);
        Taken();
        _browser.Press("b");
        _browser.UntilText("Look back on an illness");
        _browser.TabTo("Look back on an illness");
        _browser.Press(Keys.Enter);
        _browser.UntilText("could fit");
    }

    private void OpenCheckByKeys()
    {
        _browser.Press("k");
        _browser.UntilText("Add to the kit");
        Focus("main");
        _browser.TabTo("Is it enough?");
        _browser.Press(Keys.Enter);
    }

    private void Kit(Action<string> add, bool keys = false)
    {
        _browser.Open("/kit");
        _browser.UntilText("Nothing is in the kit yet.");
        Piece("Chlorine dioxide tablets", () =>
        {
            if (keys)
            {
                _browser.TabTo("Good to: Day");
                _browser.Press(DateTime.Today.AddYears(1).ToString("ddMMyyyy", CultureInfo.InvariantCulture));
            }
            else
            {
                _browser.FillDate("Good to", DateTime.Today.AddYears(1));
            }

            Type("Tablets left", "20", keys);
            Push("Copy the label", keys);

            _browser.UntilText("label: 1 tablet per 1 L; bacteria, viruses and Giardia 30 min; Cryptosporidium 240 min");
            // Less than half of what such a product asks is asked about.
            Type("Wait for Cryptosporidium", "60", keys);
            _browser.UntilText("Copied right?");
            Focus("main");
            Type("Wait for Cryptosporidium", "240", keys);
            _browser.Until(() => !_browser.Text.Contains("Copied right?"), "the question to go");
        });
        Piece("UV lamp, 1 L a cycle", () => Type("Cycles left, when warm", "40", keys));
        Piece("Litre bottle, wide mouth", () => { });
        Piece("Single-wall steel bottle", () => { });
        if (!keys)
        {
            Piece("Canister stove", () =>
            {
                _browser.Fill("Empty canister or bottle", "130");
                _browser.Fill("Weighed now, as it is", "360");
                _browser.Click("button", "230 g left: take it over");
            });
            Piece("Aluminium pot with lid", () => { });
        }

        _browser.Until(() => _server.Records("kit-item").Count == (keys ? 4 : 6), "the kit to reach the server");

        void Piece(string what, Action fill)
        {
            _browser.Go("/kit");
            _browser.UntilText("Add to the kit");
            Focus("main");
            add(what);
            _browser.UntilText("New: ");
            Focus("main");
            fill();
            Push("Keep it", keys);

            _browser.UntilText("Kept.");
        }
    }

    private void Push(string button, bool keys)
    {
        if (!keys)
        {
            _browser.Click("button", button);
            return;
        }

        _browser.TabTo(button);
        _browser.Press(Keys.Enter);
    }

    private void Type(string label, string text, bool keys)
    {
        if (!keys)
        {
            _browser.Fill(label, text);
            return;
        }

        _browser.TabTo(label);
        _browser.SelectAll();
        _browser.Press(text);
    }

    private void PutInBag(string item, string bag)
    {
        _browser.Go("/kit");
        _browser.UntilText(item);
        _browser.Driver.ExecuteScript(
            "[...document.querySelectorAll('main button')].find(b => b.innerText.startsWith(arguments[0])).click()",
            item
        );
        _browser.Fill("In which pack or pouch", bag);
        _browser.Click("button", "Keep it");
        _browser.UntilText("Kept.");
    }

    private void Evening()
    {
        _browser.Go("/day");
        _browser.Click("button", "Begin with an empty day");
        _browser.UntilText("Wanted by when");
        _browser.Click("button", "Clear");
        _browser.UntilText("All ready in time: 2 batches");
        // Colour not known counts as coloured: one more cycle.
        _browser.UntilText("UV lamp, 1 L a cycle, 2 cycles of UV");
    }

    /// <summary>Two bottles under one lamp, one after the other, each with its own clock.</summary>
    private void RunBoth(Action<string> tap, Action<string> open)
    {
        _browser.Until(() => _server.Records("batch").Count == 2, "both batches to reach the server");
        var ids = _server.Records("batch").Select(r => r.GetProperty("id").GetString()!).ToList();
        foreach (var id in ids)
        {
            open(id);
            // The list beside it says "your turn" too, before this batch is open.
            _browser.Until(() => Current().Contains("Strain"), "the straining");
            tap("Strained");
            _browser.Until(() => Current().Contains("Fill 1 L"), "the filling");
            tap("Filled");
            // The other batch waits as well: this one's own step tells.
            _browser.Until(() => !Current().Contains("Fill 1 L"), "the lamp's cycles");
            _browser.UntilText("Do not drink yet: waiting");
        }

        _browser.LetTimePass(TimeSpan.FromMinutes(5));
        _browser.Reload();
        foreach (var id in ids)
        {
            open(id);
            _browser.Until(() => Current().Contains("Wipe"), "the wiping");
            tap("Wiped");
            _browser.UntilText("Drinkable");
            if (_browser.Has("button", "Put by"))
            {
                _browser.Click("button", "Put by");
            }

            _browser.UntilText("Finished");
        }
    }

    private string Current() => _browser.Each(By.CssSelector("li[aria-current=step]"), e => e.Text).SingleOrDefault() ?? "";

    private void Walker()
    {
        _browser.Go("/body");
        _browser.Click("button", "Add a walker");
        _browser.UntilText("Who it is");
    }

    private void Write(string kind, Action fill, int hour)
    {
        _browser.Go($"/book/new-{kind}");
        _browser.UntilText("Write it down");
        fill();
        _browser.FillInstant("When", _yesterday.AddHours(hour));
        _browser.Click("button", "Write it down");
        _browser.UntilText("Correct it");
    }

    private void WriteByKeys(string kind, string field, string text, int hour, bool untreated = false)
    {
        _browser.Go($"/book/new-{kind}");
        _browser.UntilText("Write it down");
        Focus("main");
        Type(field, text, keys: true);
        if (untreated)
        {
            _browser.TabTo("It was not treated");
            _browser.Press(Keys.Space);
        }

        _browser.TabTo("Note");
        _browser.FillInstant("When", _yesterday.AddHours(hour));
        _browser.TabTo("Write it down");
        _browser.Press(Keys.Enter);
        _browser.UntilText("Correct it");
    }

    private void Taken()
    {
        _browser.Until(() => _server.Records("sweat-test").Count == 1, "the sweat test to reach the server");
        _browser.Until(() => !_browser.Text.Contains("70 kg before"), "the proposal to be gone");
    }

    private void LookedBack()
    {
        _browser.Go("/book/look-back");
        _browser.UntilText("could fit");
        _browser.UntilText("1 L untreated");
        _browser.Click("switch", "Blood");
        _browser.UntilText("Blood: see a clinician now.");
        _browser.Click("button", "Save as text");
        _browser.SavedFile(".txt").ShouldContain("Not a diagnosis");
    }

    /// <summary>As a person goes to the top of the room again.</summary>
    private void Focus(string selector) => _browser.Driver.ExecuteScript("document.querySelector(arguments[0]).focus()", selector);
}
