using System.Globalization;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks;

/// <summary>The page's own core, asked beside the page.</summary>
internal static class PageCore
{
    private const string Script = """
        const [name, json, warmUps, count, done] = arguments;
        (async () => {
          if (!window.benchCore) {
            const { dotnet } = await import('/_framework/dotnet.js');
            const { getAssemblyExports, getConfig } = await dotnet.create();
            window.benchCore = (await getAssemblyExports(getConfig().mainAssemblyName)).JollyBrook.Browser.CoreExports;
          }
          const times = [];
          for (let i = 0; i < warmUps + count; i++) {
            const start = performance.now();
            window.benchCore.Calculate(name, json);
            if (i >= warmUps) times.push(performance.now() - start);
          }
          times.sort((a, b) => a - b);
          return String(times[Math.floor(times.length / 2)]);
        })().then(done, error => done(String(error)));
        """;

    /// <summary>
    /// The median of so many runs of a calculation after some that are not counted, ms. One calculation at a time: the driver gives up on a
    /// script that runs for two minutes.
    /// </summary>
    public static double Median(Browser browser, string calculation, string json, int warmUps, int times) =>
        double.Parse((string)browser.Driver.ExecuteAsyncScript(Script, calculation, json, warmUps, times)!, CultureInfo.InvariantCulture);
}
