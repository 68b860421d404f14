using System.Text.Json;

namespace JollyBrook.Journeys;

/// <summary>Every room in every theme, at both sizes, passes axe's WCAG 2.2 AA rules.</summary>
public sealed class AccessibilityTests : IDisposable
{
    private static readonly string Axe = File.ReadAllText(Path.Combine(Repository.Root, "src/web/node_modules/axe-core/axe.min.js"));
    private readonly AppServer _server = new();

    public void Dispose() => _server.Dispose();

    [Theory]
    [InlineData(1280, 800)]
    [InlineData(390, 844)]
    public void Rooms_are_clean_in_every_theme(int width, int height)
    {
        using var browser = new Browser(_server.Address, width, height);
        foreach (var theme in new[] { "Paper", "Dusk", "Glare" })
        {
            browser.Open("/settings");
            browser.Click("button", theme);
            foreach (var (path, sign) in new[] { ("/settings", "Viruses count"), ("/treat", "Drink at"), ("/now", "Camp bag"), ("/book", "Quart bottle"), ("/kit", "Flocculant drops"), ("/words", "Where practitioners disagree") })
            {
                browser.Open(path);
                browser.UntilText(sign);
                Check(browser, $"{path} {theme} {width}");
                if (path == "/treat")
                {
                    browser.Click("button", "Blue-green bloom, scum like paint, pea-soup");
                    browser.UntilHeadline("Do not use this water");
                    Check(browser, $"{path} stopped {theme} {width}");
                    browser.Click("button", "Blue-green bloom, scum like paint, pea-soup");
                    browser.Click("radio", "Canister stove");
                    browser.UntilText("three schools");
                    browser.Fill("Water in it", "400");
                    browser.UntilText("this says 400 L");
                    Check(browser, $"{path} with an error {theme} {width}");
                    browser.Fill("Water in it", "1");
                    browser.Click("radio", "UV lamp");
                    browser.UntilHeadline("2 cycles of UV");
                }
            }
        }
    }

    private static void Check(Browser browser, string where)
    {
        browser.Driver.ExecuteScript(Axe);
        var json = (string)browser.Driver.ExecuteAsyncScript("""
            const done = arguments[arguments.length - 1];
            axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] })
              .then(found => done(JSON.stringify(found.violations.map(v => v.id + ': ' + v.nodes.map(n => n.html.slice(0, 160)).join(' | ')))));
            """)!;
        JsonSerializer.Deserialize<string[]>(json)!.ShouldBeEmpty(where);
    }
}
