using System.Diagnostics;
using System.Globalization;
using System.Text;
using System.Text.Json;
using JollyBrook.Core;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Book;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;
using JollyBrook.Journeys;
using OpenQA.Selenium;

namespace JollyBrook.Benchmarks;

/// <summary>What a day in camp and a long book cost: the clock line, opening the book, taking a table in.</summary>
internal static class CampTimes
{
    private const int Lines = 20_000;
    private const int Openings = 5;

    public static void Print()
    {
        Console.WriteLine();
        Console.WriteLine(
            "Camp and book                       limits: schedule of 40 batches 20 ms native, 200 ms in the page; book of 20 000 lines 1 s; table of 20 000 lines 3 s"
        );
        Console.WriteLine($"{"", -44}{"native", 12}{"in the page", 14}");
        int[] wants = [5, 10, 20];
        var json = wants.Select(Day).ToList();
        var page = SideBySide.InPage([.. json.Select(j => ("schedule", j, 20))]);
        for (var i = 0; i < wants.Length; i++)
        {
            SideBySide.Line($"schedule of {wants[i] * 2} batches", SideBySide.Native("schedule", json[i], 200), page[i]);
        }

        var (opened, looked, taken) = Book();
        Console.WriteLine($"{$"book of {Lines} lines opened", -44}{"", 12}{opened, 11:F0} ms");
        Console.WriteLine($"{$"table of {Lines} lines looked at", -44}{"", 12}{looked, 11:F0} ms");
        Console.WriteLine($"{"  and taken in", -44}{"", 12}{taken, 11:F0} ms");
    }

    /// <summary>So many wants of two bottles each, tight enough that orders have to be tried.</summary>
    private static string Day(int wants)
    {
        var from = new DateTimeOffset(2026, 8, 21, 8, 0, 0, TimeSpan.Zero);
        List<KitEntry> kit =
        [
            new("pot", new CookingPot(2, PotMaterial.Aluminium) { Name = "Pot", MassKg = 0.25 }),
            new("stove", new Stove(new BurnerSpec("canister-sheltered")) { Name = "Stove" }, 900),
            new("lamp", new UvLamp(new LampSpec(1, 90, Battery.Lithium)) { Name = "Lamp" }, 200),
            new(
                "filter",
                new WaterFilter(new FilterSpec(FilterElement.HollowFibre, FilterStyle.Gravity, 1.5, 4000)) { Name = "Filter" },
                Filter: new FilterState(10, 0, 0, Happened.Yes, Happened.No, Happened.No, false)
            ),
            new("clo2", new ChemicalProduct(new ProductSpec("clo2-tablet", new DateOnly(2028, 1, 1))) { Name = "Tablets" }, 90),
            .. Enumerable
                .Range(1, 8)
                .Select(b => new KitEntry($"b{b}", new Container(b % 2 == 0 ? 2 : 1, Opaque: true) { Name = $"Bottle {b}" })),
        ];
        var request = new ScheduleRequest(
            UnitSystem.Metric,
            kit,
            new WaterInput(null, Clarity.SlightlyCloudy, WaterColour.None, 8, 900),
            new SkyInput(10),
            [.. Enumerable.Range(1, wants).Select(w => new WantedWater($"w{w}", $"Want {w}", 3, from.AddMinutes(12 * w)))],
            3,
            from
        );
        return JsonSerializer.Serialize(request, ContractJson.Default.ScheduleRequest);
    }

    private static (double Opened, double Looked, double Taken) Book()
    {
        using var server = new AppServer(demo: false);
        server.Stop();
        var start = new DateTimeOffset(2026, 1, 1, 6, 0, 0, TimeSpan.Zero);
        using (var file = new RecordFile(server.DataFolder, server.Owner.PersonId))
        {
            for (var i = 0; i < Lines; i++)
            {
                var at = start.AddMinutes(17 * i);
                var line = new Drank(0.25 + (i % 4 * 0.25)) { At = at, Note = i == Lines - 1 ? "The newest of all" : null };
                file.Insert("book-line", Guid.CreateVersion7(at), JsonSerializer.Serialize(line, ContractJson.Default.BookLine), at);
            }

            file.Keep();
        }

        server.Start();
        using var browser = server.NewBrowser();
        browser.Open("/settings/device");
        BigBook.UntilAllIsHere(browser, Lines);
        var opened = Statistics.Median([.. Enumerable.Range(0, Openings).Select(_ => BigBook.Open(browser, "/book", "The newest of all"))]);
        var (looked, taken) = TakeIn(browser, start);
        return (opened, looked, taken);
    }

    private static (double Looked, double Taken) TakeIn(Browser browser, DateTimeOffset start)
    {
        var csv = new StringBuilder("at;walker;litres;note\r\n");
        for (var i = 0; i < Lines; i++)
        {
            csv.Append(CultureInfo.InvariantCulture, $"{start.AddMinutes(i):yyyy-MM-dd HH:mm};;0,{1 + (i % 9)};line {i}\r\n");
        }

        var path = Path.Combine(Path.GetTempPath(), $"jolly-brook-{Guid.NewGuid():N}.csv");
        File.WriteAllText(path, csv.ToString());
        try
        {
            browser.Open("/book/files");
            browser.UntilText("Choose a CSV file");
            var watch = Stopwatch.StartNew();
            browser.GiveFile("CSV file", path);
            browser.UntilText($"{Lines} new lines");
            var looked = watch.Elapsed.TotalMilliseconds;
            watch.Restart();
            browser.Click("button", "Take all of them in");
            browser.UntilText($"{Lines} lines are in the book.");
            return (looked, watch.Elapsed.TotalMilliseconds);
        }
        finally
        {
            File.Delete(path);
        }
    }
}
