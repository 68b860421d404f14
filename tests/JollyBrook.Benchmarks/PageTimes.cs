using System.Globalization;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks;

/// <summary>What visits to Treat cost.</summary>
/// <param name="Times">Milliseconds from opening the address to the first answer, by kind of visit.</param>
/// <param name="AnsweredBytes">Bytes the server sent until the first answer of a first visit.</param>
/// <param name="HereBytes">Bytes it sent until the page has the core and every place, and no longer needs the server.</param>
/// <param name="KeptBytes">Bytes it sent in all, once everything is on the device for a day without a signal: map, readers of files and
/// every room among it.</param>
public sealed record VisitCosts(
    IReadOnlyDictionary<string, IReadOnlyList<double>> Times,
    long AnsweredBytes,
    long HereBytes,
    long KeptBytes
);

/// <summary>The same calculations in the page, and the visits themselves, in headless Chromium.</summary>
internal sealed class PageTimes : IDisposable
{
    private const int Visitors = 5;
    private const int RepeatsEach = 3;
    private readonly AppServer _server = new();

    public void Dispose() => _server.Dispose();

    /// <summary>Median milliseconds by request name, after warming up.</summary>
    public IReadOnlyDictionary<string, double> Calculations()
    {
        using var browser = _server.NewBrowser();
        browser.Open("/treat");
        browser.UntilHeadline("2 cycles of UV");
        return Requests.All.ToDictionary(r => r.Name, r => PageCore.Median(browser, r.Calculation, r.Json, warmUps: 100, times: 300));
    }

    /// <summary>First and repeat visits by several fresh visitors.</summary>
    public VisitCosts Visits()
    {
        List<double> first = [];
        List<double> repeat = [];
        List<double> alone = [];
        List<long> answered = [];
        List<long> here = [];
        List<long> kept = [];
        for (var visitor = 0; visitor < Visitors; visitor++)
        {
            using var meter = new ByteMeter(new Uri(_server.Address).Port);
            using var browser = new Browser(meter.Address);
            browser.Driver.ExecuteCdpCommand(
                "Page.addScriptToEvaluateOnNewDocument",
                new Dictionary<string, object?>
                {
                    ["source"] = """
                    new MutationObserver((_, observer) => {
                      if (!document.querySelector('[data-testid=headline]')) return;
                      window.firstAnswerAt = performance.now();
                      observer.disconnect();
                    }).observe(document, { childList: true, subtree: true });
                    """,
                }
            );
            first.Add(FirstAnswer(browser));
            answered.Add(meter.BytesSent);
            browser.UntilAllIsHere();
            here.Add(meter.BytesSent);
            browser.UntilOfflineReady();
            kept.Add(meter.BytesSent);
            for (var i = 0; i < RepeatsEach; i++)
            {
                // What is saved for the next visit is saved after the first paint.
                Thread.Sleep(1500);
                repeat.Add(FirstAnswer(browser));
            }

            // Without the server, as in the field.
            browser.Block("*/api/*");
            alone.Add(FirstAnswer(browser));
        }

        return new VisitCosts(
            new Dictionary<string, IReadOnlyList<double>>
            {
                ["first answer, first visit"] = first,
                ["first answer, repeat visit"] = repeat,
                ["the same by the page alone"] = alone,
            },
            answered.Min(),
            here.Min(),
            kept.Max()
        );
    }

    private static double FirstAnswer(Browser browser)
    {
        browser.Open("/treat");
        object? at = null;
        browser.Until(() => (at = browser.Driver.ExecuteScript("return window.firstAnswerAt ?? null")) is not null, "the first answer");
        return Convert.ToDouble(at, CultureInfo.InvariantCulture);
    }
}
