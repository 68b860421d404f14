using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;
using JollyBrook.Core;
using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks;

/// <summary>What the same log costs in the page: the fold alone, opening Now on a device that holds it, and a tap.</summary>
internal static class InHandPage
{
    private const int Taps = 5;

    /// <summary>As the page sends a log: without the fields that say nothing.</summary>
    private static readonly JsonSerializerOptions AsSent = new(ContractJson.Default.Options)
    {
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    };

    /// <summary>Milliseconds for the fold from nothing and for one more line, medians of 5, in the page's own core.</summary>
    public static (double Whole, double More) Fold(InHandRequest whole, InHandRequest more)
    {
        using var server = new AppServer(demo: false);
        using var browser = server.NewBrowser();
        browser.Open("/treat");
        browser.UntilHeadline("1 min at a rolling boil");
        double Median(InHandRequest request) =>
            PageCore.Median(browser, "in-hand", JsonSerializer.Serialize(request, AsSent), warmUps: 2, times: 5);
        return (Median(whole), Median(more));
    }

    /// <summary>Milliseconds until Now shows what is in hand, and until a drink told by a tap is on the screen.</summary>
    public static (double Opens, double Tap) Now(InHandRequest log)
    {
        using var server = new AppServer(demo: false);
        server.Stop();
        using (var file = new RecordFile(server.DataFolder, server.Owner.PersonId))
        {
            foreach (var piece in log.Kit!)
            {
                file.Insert(
                    "kit-item",
                    Guid.Parse(piece.Id!),
                    JsonSerializer.Serialize(piece.Item!, ContractJson.Default.KitItem),
                    log.Now!.Value
                );
            }

            foreach (var (id, line) in log.Lines!.Select(l => (l.Id!.Value, l.Line!)))
            {
                file.Insert("book-line", id, JsonSerializer.Serialize(line, ContractJson.Default.BookLine), line.At!.Value);
            }

            file.Keep();
        }

        server.Start();
        using var browser = server.NewBrowser(390, 844);
        browser.Open("/settings/device");
        BigBook.UntilAllIsHere(browser, log.Lines!.Count);
        var opens = Enumerable.Range(0, Taps).Select(_ => BigBook.Open(browser, "/now", "to drink")).Order().ToList()[Taps / 2];
        List<double> taps = [];
        for (var i = 0; i < Taps; i++)
        {
            // A card says what is in it in more words and in fewer, by the room there is: it is found by how they begin.
            browser.Click(OpenQA.Selenium.By.XPath("//button[starts-with(normalize-space(.), 'Bottle 0')]"));
            browser.See("button", "Drank a mouthful");
            taps.Add(
                Convert.ToDouble(
                    browser.Driver.ExecuteAsyncScript(
                        """
                        const done = arguments[0];
                        const shown = () => [...document.querySelectorAll('button')].find(b => b.innerText.startsWith('Bottle 0'))?.innerText;
                        const before = shown();
                        const button = [...document.querySelectorAll('button')].find(b => b.innerText === 'Drank a mouthful' || b.getAttribute('aria-label') === 'Drank a mouthful');
                        const start = performance.now();
                        new MutationObserver((_, o) => { const now = shown(); if (now && now !== before) { o.disconnect(); done(performance.now() - start); } })
                          .observe(document, { childList: true, subtree: true, characterData: true });
                        button.click();
                        """
                    ),
                    CultureInfo.InvariantCulture
                )
            );
        }

        return (opens, taps.Order().ToList()[Taps / 2]);
    }
}
