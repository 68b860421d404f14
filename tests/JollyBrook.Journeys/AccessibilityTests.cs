using System.Text.Json;
using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>Every room in every theme, and at both sizes, passes axe's WCAG 2.2 AA rules.</summary>
public sealed class AccessibilityTests : IDisposable
{
    private static readonly string Axe = File.ReadAllText(Path.Combine(Repository.Root, "src/web/node_modules/axe-core/axe.min.js"));
    private readonly AppServer _server = ServerPool.Take();

    public void Dispose() => _server.Dispose();

    [Theory]
    [InlineData(1280, 800, "Paper", "Dusk", "Glare")]
    [InlineData(390, 844, "Dusk")] // colours do not go by size
    public void Rooms_are_clean_in_every_theme(int width, int height, params string[] themes)
    {
        using var browser = _server.NewBrowser(width, height);
        browser.Open("/settings/choices");
        foreach (var theme in themes)
        {
            browser.Go("/settings/choices");
            browser.Click("button", theme);
            foreach (
                var (path, sign) in new[]
                {
                    ("/treat", "Drink at"),
                    ("/now", "Camp bag"),
                    ("/book", "Write a line"),
                    ("/kit", "Flocculant drops"),
                    ("/words", "Where practitioners disagree"),
                    ("/settings/choices", "Viruses count"),
                }
            )
            {
                if (path == "/treat")
                {
                    browser.Open(path); // loaded anew, no colour is on its way from one theme to the next
                }
                else
                {
                    browser.Go(path);
                }

                browser.UntilText(sign);
                // What is no colour is the same in every theme, and looked at once.
                var coloursAlone = theme != themes[0];
                Check(browser, $"{path} {theme} {width}", coloursAlone);
                if (path == "/treat")
                {
                    browser.Everything();
                    browser.Click("button", "Blue-green bloom, scum like paint, pea-soup");
                    browser.UntilHeadline("Do not use this water");
                    Check(browser, $"{path} stopped {theme} {width}", coloursAlone);
                    browser.Click("button", "Blue-green bloom, scum like paint, pea-soup");
                    browser.Way("Canister stove");
                    browser.UntilText("three schools");
                    browser.Fill("Water in it", "400");
                    browser.UntilText("this says 400 L");
                    Check(browser, $"{path} with an error {theme} {width}", coloursAlone);
                    browser.Fill("Water in it", "1");
                    browser.Way("UV lamp");
                    browser.UntilHeadline("2 cycles of UV");
                }
            }
        }
    }

    [Theory]
    [InlineData(1280, 800)]
    [InlineData(390, 844)]
    public async Task Settings_and_the_door_are_clean(int width, int height)
    {
        using var browser = _server.NewBrowser(width, height);
        browser.Open("/settings");
        foreach (
            var (path, sign) in new[]
            {
                ("/settings", "Signed in as"),
                ("/settings/device", "Kept on this device"),
                ("/settings/party", "Torren"),
                ("/settings/account", "Sign out here"),
                ("/settings/backup", "Save the backup"),
                ("/choose", "Nothing to choose"),
                ("/route", "At each place"),
                ("/route/new", "Or type the legs"),
                ("/body", "Add a walker"),
                ("/day", "Drinking until morning"),
                ("/winter", "Which pot, which water"),
                ("/kit/check", "Two must be left"),
                ("/kit/choose", "Best by what matters"),
                ("/kit/spare", "What they need"),
                ("/handover", "On the other phone"),
                ("/handover/take", "Read with the camera"),
                ("/book/new", "Something else"),
                ("/book/new-urine", "like water"),
                ("/book/new-sourceSeen", "Time the filling"),
                ("/book/learn", "Take it over"),
                ("/book/look-back", "could fit"),
                ("/book/files", "Choose a CSV file"),
                ("/scarce", "On, back or stay"),
                ("/scarce/make", "Nothing can be made"),
                ("/scarce/call", "Read it out"),
                ("/drills", "How the skills stand"),
                ("/drills/play?seed=20260829&level=5", "Where do you draw water?"),
                ("/drills/quiz", "That is it"),
                ("/join#nothing", "no longer holds"),
            }
        )
        {
            browser.UntilText("Demo data.");
            browser.Go(path);
            browser.UntilText(sign);
            if (path == "/route")
            {
                // The map is fetched after the answer.
                browser.See(By.CssSelector(".place-mark[title='Chapel well']"));
            }

            Check(browser, $"{path} {width}");
        }

        browser.Go("/route");
        browser.Click("button", "Fernhollow spring, 1.2 km");
        browser.UntilText("Detour, one way");
        Check(browser, $"route, a source opened {width}");
        foreach (
            var (tab, sign) in new[]
            {
                ("Sources", "Add a source"),
                ("Days", "Ground underfoot"),
                ("How sure", "Against other ways"),
                ("Take it along", "Without a phone"),
                ("Ground", "Or replace it by legs"),
            }
        )
        {
            browser.Click("tab", tab);
            browser.UntilText(sign);
            Check(browser, $"route, {tab} {width}");
        }

        using var own = new AppServer(demo: false, makeOwner: false);
        using var visitor = new Browser(own.Address, width, height);
        visitor.Open("/");
        visitor.UntilText("Make this yours");
        Check(visitor, $"first start {width}");
        await own.Owner.SignInAsync();
        visitor.Reload();
        visitor.UntilText("I have lost my passphrase");
        Check(visitor, $"sign in {width}");
    }

    /// <summary>A number of which only the beginning is seen is another number.</summary>
    private static void NumbersAreWhole(Browser browser, string where) =>
        browser
            .Each(By.CssSelector("input[inputmode=decimal]"), e => (e.GetAttribute("value"), Hidden: Wider(browser, e)))
            .Where(field => field.Hidden > 1)
            .ShouldBeEmpty(where);

    /// <summary>How much wider what stands in a field is than the field, px.</summary>
    private static long Wider(Browser browser, IWebElement field) =>
        (long)browser.Driver.ExecuteScript("return arguments[0].scrollWidth - arguments[0].clientWidth", field)!;

    private static void Check(Browser browser, string where, bool coloursAlone = false)
    {
        if (!coloursAlone)
        {
            NumbersAreWhole(browser, where);
        }

        // Half a megabyte: once for as long as the page stays.
        if (browser.Driver.ExecuteScript("return !window.axe") is true)
        {
            browser.Driver.ExecuteScript(Axe);
        }

        var json = (string)
            browser.Driver.ExecuteAsyncScript(
                """
                const [coloursAlone, done] = arguments;
                const rules = coloursAlone ? { type: 'rule', values: ['color-contrast'] } : ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
                // A colour on its way to another is not looked at, nor an answer dimmed while a newer one is worked out;
                // one movement may start the next, so two quiet frames are awaited.
                const frame = () => new Promise(requestAnimationFrame);
                const moving = () => document.getAnimations().filter(a => a.effect?.getComputedTiming().endTime !== Infinity);
                const settled = async () => {
                  for (let quiet = 0; quiet < 2; quiet++) {
                    await frame();
                    const now = moving();
                    if (now.length > 0 || document.querySelector('[aria-busy="true"]')) quiet = -1;
                    await Promise.allSettled(now.map(a => a.finished));
                  }
                };
                settled().then(() => axe.run(document, { runOnly: rules, resultTypes: ['violations'], preload: false }))
                  .then(found => done(JSON.stringify(found.violations.map(v => v.id + ': ' + v.nodes.map(n => n.html.slice(0, 160)).join(' | ')))));
                """,
                coloursAlone
            )!;
        JsonSerializer.Deserialize<string[]>(json)!.ShouldBeEmpty(where);
    }
}
