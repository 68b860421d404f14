using System.Globalization;
using System.Text.Json;
using JollyBrook.Core;
using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks;

/// <summary>How long Now and Book take to open on a device that holds a book of some size.</summary>
internal static class BigBook
{
    private const int TapsEach = 6;
    private const int Openings = 7;
    private static readonly TimeSpan Patience = TimeSpan.FromMinutes(15);

    /// <returns>Milliseconds by room.</returns>
    public static IReadOnlyDictionary<string, IReadOnlyList<double>> Measure(int records)
    {
        using var server = new AppServer(demo: false);
        server.Stop();
        Fill(server.DataFolder, server.Owner.PersonId, records);
        server.Start();
        using var browser = server.NewBrowser();
        browser.Open("/settings/device");
        UntilAllIsHere(browser, records);
        var times = new Dictionary<string, IReadOnlyList<double>>();
        foreach (var (room, sign) in new[] { ("/now", "Batch running"), ("/book", "Batch running") })
        {
            times[room] = [.. Enumerable.Range(0, Openings).Select(_ => Open(browser, room, sign))];
        }

        return times;
    }

    /// <summary>Finished batches with their taps, and one that runs; straight into the file, as a restore would.</summary>
    private static void Fill(string folder, Guid book, int records)
    {
        var start = new DateTimeOffset(2026, 1, 1, 8, 0, 0, TimeSpan.Zero);
        var request = new TreatRequest(
            UnitSystem.Metric,
            new WaterInput(1, Clarity.Clear, WaterColour.None, 11, 340),
            TreatmentMethods.Boil
        );
        var answer = Treat.Compute(request with { StartAt = start });
        if (answer.Steps.Count == 0)
        {
            throw new InvalidOperationException("The batch of the measure has no steps.");
        }

        using var file = new RecordFile(folder, book);
        var taps = answer.Steps.Where(s => s.Done is not null).Select(s => s.Id).Take(TapsEach).ToList();
        // A last batch without room for its end would look as if it ran.
        for (var n = 0; file.Count < records - 2; n++)
        {
            var at = start.AddMinutes(n);
            var id = Guid.CreateVersion7(at);
            file.Insert(
                "batch",
                id,
                JsonSerializer.Serialize(new BatchRecord($"Bottle {n}", at, request, answer), ContractJson.Default.BatchRecord),
                at
            );
            // Every step tapped and then thrown away: over, whatever its clocks.
            var events = taps.Select(step => (Kind: BatchEventKind.Done, StepId: (string?)step)).Append((BatchEventKind.Discarded, null));
            foreach (var (kind, stepId) in events.TakeLast(Math.Min(TapsEach + 1, records - 1 - file.Count)))
            {
                var tapAt = at.AddSeconds(file.Count % 50);
                var tap = new BatchEventRecord(id, kind, stepId, tapAt);
                file.Insert(
                    "batch-event",
                    Guid.CreateVersion7(tapAt),
                    JsonSerializer.Serialize(tap, ContractJson.Default.BatchEventRecord),
                    tapAt
                );
            }
        }

        var now = DateTimeOffset.UtcNow;
        file.Insert(
            "batch",
            Guid.CreateVersion7(now),
            JsonSerializer.Serialize(new BatchRecord("Batch running", now, request, answer), ContractJson.Default.BatchRecord),
            now
        );
        file.Keep();
    }

    /// <summary>The device has pulled everything and knows which batches are over.</summary>
    public static void UntilAllIsHere(Browser browser, int records)
    {
        var deadline = DateTime.UtcNow + Patience;
        while (!IsAllHere(browser, records))
        {
            if (DateTime.UtcNow > deadline)
            {
                throw new TimeoutException($"The device did not take in {records} records: {browser.Text}");
            }

            Thread.Sleep(1000);
        }
    }

    private static bool IsAllHere(Browser browser, int records) =>
        (bool)
            browser.Driver.ExecuteAsyncScript(
                """
                const [records, done] = arguments;
                (async () => {
                  const name = (await indexedDB.databases()).find(d => d.name.startsWith('jolly-brook-'))?.name;
                  if (!name) return false;
                  const db = await new Promise((ok, no) => { const r = indexedDB.open(name); r.onsuccess = () => ok(r.result); r.onerror = no; });
                  const count = store => new Promise((ok, no) => { const r = db.transaction(store).objectStore(store).count(); r.onsuccess = () => ok(r.result); r.onerror = no; });
                  const [kept, open] = [await count('records'), await count('openBatches')];
                  db.close();
                  return kept >= records && open <= 1;
                })().then(done, () => done(false));
                """,
                records - TapsEach - 1
            )!; // the last batch may not have had room

    /// <summary>Milliseconds from opening a room until it shows the sign.</summary>
    public static double Open(Browser browser, string room, string sign)
    {
        browser.Driver.ExecuteCdpCommand(
            "Page.addScriptToEvaluateOnNewDocument",
            new Dictionary<string, object?>
            {
                ["source"] = $$"""
                new MutationObserver((_, observer) => {
                  if (!document.body?.textContent.includes('{{sign}}')) return;
                  window.shownAt ??= performance.now();
                  observer.disconnect();
                }).observe(document, { childList: true, subtree: true, characterData: true });
                """,
            }
        );
        browser.Open(room);
        object? at = null;
        browser.Until(() => (at = browser.Driver.ExecuteScript("return window.shownAt ?? null")) is not null, sign);
        Thread.Sleep(500);
        return Convert.ToDouble(at, CultureInfo.InvariantCulture);
    }
}
