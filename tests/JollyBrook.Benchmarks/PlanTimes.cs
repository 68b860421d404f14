using System.Diagnostics;
using System.Globalization;
using JollyBrook.Core;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;
using JollyBrook.Core.Tests.Carry;
using JollyBrook.Formats;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks;

/// <summary>What planning costs: the plan, its simulation, the general solver, and reading a long track.</summary>
internal static class PlanTimes
{
    public static void Print()
    {
        Console.WriteLine();
        Console.WriteLine("Planning                                                   limits: plan 3 ms native, 30 ms in the page; 10 000 walks 150 ms, 2 000 ms");
        Console.WriteLine($"{"",-44}{"native",12}{"in the page",14}");
        (int Sources, double Km)[] sizes = [(75, 125), (150, 250), (300, 500)];
        var json = sizes.Select(s => LongRoute.Json(LongRoute.Of(s.Sources, s.Km))).ToList();
        var walks = new[] { 1_000, 3_000, 10_000 }.Select(runs => (runs, $$"""{"plan":{{json[^1]}},"runs":{{runs}},"compare":false}""")).ToList();
        var page = InPage([.. json.Select(j => ("plan", j, 30)), .. walks.Select(w => ("how-sure", w.Item2, 3))]);
        for (var i = 0; i < sizes.Length; i++)
        {
            Line($"plan, {sizes[i].Sources} sources over {sizes[i].Km} km", Native("plan", json[i], 200), page[i]);
        }

        for (var i = 0; i < walks.Count; i++)
        {
            Line($"{walks[i].runs} walks of it", Native("how-sure", walks[i].Item2, 5), page[sizes.Length + i]);
        }

        var request = LongRoute.Of(300, 500);
        var setup = new PlanSetup(request);
        Line("  of the plan: the shortest path alone", Median(200, () => CarrySolver.Solve(setup.Problem)), null);
        var route = SimulatedRoute.Of(setup, CarrySolver.Solve(setup.Problem));
        var spread = setup.Party.Spread();
        var simulation = new CarrySimulation(route, () => new WalkDraws(spread, setup.Line.Timeline.Days.Count, route.Chance), setup.CleanL, 1);
        Line("  10 000 walks by the plan alone", Median(5, () => simulation.Run(Policy.Plan, 10_000, 1)), null);
        var small = new PlanSetup(LongRoute.Of(30, 100)).Problem;
        Line("plan of 30 sources by a general solver", Median(3, () => MixedIntegerPlan.LeastCost(small)), null);
        Line("  the same by the shortest path", Median(200, () => CarrySolver.Solve(small)), null);
        var gpx = LongRoute.Gpx(50_000);
        Line("50 000-point GPX read, smoothed, timed (300)", Median(5, () => RouteFile.Read(gpx)), null);
    }

    private static void Line(string name, double native, double? page) =>
        Console.WriteLine($"{name,-44}{native,9:F2} ms{(page is { } p ? $"{p,11:F1} ms" : "")}");

    private static double Native(string name, string json, int times) => Median(times, () => Calculations.Run(name, json).Status == 200 ? 0 : throw new InvalidOperationException(name));

    private static double Median<T>(int times, Func<T> run)
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

    private static List<double> InPage(IReadOnlyList<(string Name, string Json, int Times)> requests)
    {
        using var server = new AppServer();
        using var browser = server.NewBrowser();
        browser.Driver.Manage().Timeouts().AsynchronousJavaScript = TimeSpan.FromMinutes(5);
        browser.Open("/treat");
        browser.UntilHeadline("2 cycles of UV");
        var medians = (IReadOnlyCollection<object>)browser.Driver.ExecuteAsyncScript(
            """
            const done = arguments[arguments.length - 1];
            const requests = [...arguments].slice(0, -1);
            (async () => {
              const { dotnet } = await import('/_framework/dotnet.js');
              const { getAssemblyExports, getConfig } = await dotnet.create();
              const core = (await getAssemblyExports(getConfig().mainAssemblyName)).JollyBrook.Browser.CoreExports;
              return requests.map(([name, json, count]) => {
                const times = [];
                for (let i = 0; i < 2 + count; i++) {
                  const start = performance.now();
                  core.Calculate(name, json);
                  if (i >= 2) times.push(performance.now() - start);
                }
                times.sort((a, b) => a - b);
                return String(times[Math.floor(times.length / 2)]);
              });
            })().then(done, error => done([String(error)]));
            """,
            [.. requests.Select(r => (object)new object[] { r.Name, r.Json, r.Times })])!;
        return [.. medians.Select(m => double.Parse((string)m, CultureInfo.InvariantCulture))];
    }
}
