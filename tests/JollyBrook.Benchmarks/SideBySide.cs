using System.Diagnostics;
using System.Globalization;
using JollyBrook.Core;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks;

/// <summary>The same calculation natively and in the page, in one run.</summary>
internal static class SideBySide
{
    /// <summary>The median of so many runs after two that are not counted, ms.</summary>
    private const string Script = """
        const [name, json, count, done] = arguments;
        (async () => {
          if (!window.benchCore) {
            const { dotnet } = await import('/_framework/dotnet.js');
            const { getAssemblyExports, getConfig } = await dotnet.create();
            window.benchCore = (await getAssemblyExports(getConfig().mainAssemblyName)).JollyBrook.Browser.CoreExports;
          }
          const times = [];
          for (let i = 0; i < 2 + count; i++) {
            const start = performance.now();
            window.benchCore.Calculate(name, json);
            if (i >= 2) times.push(performance.now() - start);
          }
          times.sort((a, b) => a - b);
          return String(times[Math.floor(times.length / 2)]);
        })().then(done, error => done(String(error)));
        """;

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
        // One request at a time: the driver gives up on a script that runs for two minutes.
        return
        [
            .. requests.Select(r =>
                double.Parse((string)browser.Driver.ExecuteAsyncScript(Script, r.Name, r.Json, r.Times)!, CultureInfo.InvariantCulture)
            ),
        ];
    }
}
