using System.Diagnostics;
using JollyBrook.Core;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks;

/// <summary>The same calculation natively and in the page, in one run.</summary>
internal static class SideBySide
{
    public static void Line(string name, double native, double? page) =>
        Console.WriteLine($"{name, -44}{native, 9:F2} ms{(page is { } p ? $"{p, 11:F1} ms" : "")}");

    public static double Native(string name, string json, int times) =>
        Median(times, () => Calculations.Run(name, json).Status == 200 ? 0 : throw new InvalidOperationException(name));

    public static double Median<T>(int times, Func<T> run)
    {
        run();
        run();
        List<double> all = [];
        for (var i = 0; i < times; i++)
        {
            var watch = Stopwatch.StartNew();
            run();
            all.Add(watch.Elapsed.TotalMilliseconds);
        }

        return Statistics.Median(all);
    }

    public static List<double> InPage(IReadOnlyList<(string Name, string Json, int Times)> requests)
    {
        using var server = new AppServer();
        using var browser = server.NewBrowser();
        browser.Driver.Manage().Timeouts().AsynchronousJavaScript = TimeSpan.FromMinutes(5);
        browser.Open("/treat");
        browser.UntilHeadline("2 cycles of UV");
        return [.. requests.Select(r => PageCore.Median(browser, r.Name, r.Json, warmUps: 2, r.Times))];
    }
}
