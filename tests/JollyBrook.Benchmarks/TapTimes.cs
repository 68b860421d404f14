using System.Globalization;
using JollyBrook.Journeys;
using OpenQA.Selenium;

namespace JollyBrook.Benchmarks;

/// <summary>
/// What a tap costs the page's own thread on a slow phone: scripting from the tap until the page is at rest again, on the demo data.
/// </summary>
internal static class TapTimes
{
    private const int SlowedBy = 4;
    private const int Runs = 3;

    /// <summary>A tap in a place.</summary>
    /// <param name="Place">Address of the place.</param>
    /// <param name="Shown">Text that says the place is there.</param>
    /// <param name="What">What is tapped, in words.</param>
    /// <param name="Find">The thing tapped.</param>
    private sealed record Tap(string Place, string Shown, string What, By Find);

    private static readonly Tap[] Taps =
    [
        new("/now", "to drink", "a drink written", By.XPath("//button[contains(., 'A cup from') or contains(., 'A mouthful from')]")),
        new("/now", "to drink", "to Water", By.XPath("//a[normalize-space(.)='Water']")),
        new("/treat", "Which way?", "no stop signs", By.XPath("//button[normalize-space(.)='None of these']")),
        new("/treat", "Which way?", "another way", By.XPath("(//*[@aria-label='Way to treat it']//label)[3]")),
        new("/treat", "Which way?", "everything counted", By.XPath("//button[contains(., 'Everything that is counted')]")),
        new("/route", "95 % sure", "a source opened", By.XPath("//button[contains(@aria-label, 'Fernhollow spring')]")),
        new("/book", "Book", "a day opened", By.XPath("(//main//button)[2]")),
        new("/kit", "Add to the kit", "a thing opened", By.XPath("(//main//li//button)[1]")),
        new("/scarce", "Water is short", "the first answer", By.XPath("(//main//button[@aria-pressed])[1]")),
    ];

    /// <summary>Prints the median of several runs for each tap, and what a quiet half minute costs.</summary>
    public static void Print()
    {
        using var server = new AppServer();
        using var phone = server.NewBrowser(390, 844);
        phone.Open("/now");
        phone.UntilText("to drink");
        phone.Driver.ExecuteCdpCommand("Performance.enable", []);
        phone.Driver.ExecuteCdpCommand("Emulation.setCPUThrottlingRate", new Dictionary<string, object?> { ["rate"] = SlowedBy });
        Console.WriteLine();
        Console.WriteLine($"A tap on a phone slowed {SlowedBy} times, median of {Runs}                limit: 60 ms of scripting");
        Console.WriteLine($"{"", -34}{"scripting", 12}{"whole thread", 15}");
        foreach (var tap in Taps)
        {
            List<(double Script, double Task)> costs = [];
            for (var run = 0; run < Runs; run++)
            {
                phone.Open(tap.Place);
                phone.UntilText(tap.Shown);
                AtRest(phone);
                var target = phone.Driver.FindElements(tap.Find).FirstOrDefault();
                if (target is null)
                {
                    break;
                }

                phone.Driver.ExecuteScript("arguments[0].scrollIntoView({ block: 'center' })", target);
                AtRest(phone);
                var before = Spent(phone);
                phone.Driver.ExecuteScript("arguments[0].click()", target);
                AtRest(phone);
                var after = Spent(phone);
                costs.Add((after.Script - before.Script, after.Task - before.Task));
            }

            Console.WriteLine(
                costs.Count == 0
                    ? $"{$"{tap.Place}: {tap.What}", -34}   not found"
                    : $"{$"{tap.Place}: {tap.What}", -34}{Statistics.Median([.. costs.Select(c => c.Script)]), 9:F0} ms{Statistics.Median([.. costs.Select(c => c.Task)]), 12:F0} ms"
            );
        }

        phone.Open("/now");
        phone.UntilText("to drink");
        AtRest(phone);
        var start = Spent(phone);
        Thread.Sleep(TimeSpan.FromSeconds(30));
        Console.WriteLine(
            $"{"/now: left alone, each second", -34}{(Spent(phone).Script - start.Script) / 30, 9:F1} ms{(Spent(phone).Task - start.Task) / 30, 12:F1} ms"
        );
    }

    /// <summary>Waits until the page has run little script for a second: a running clock draws its second; ten seconds at most.</summary>
    private static void AtRest(Browser phone)
    {
        var deadline = DateTime.UtcNow.AddSeconds(10);
        var quietSince = DateTime.UtcNow;
        var last = Spent(phone).Script;
        while (DateTime.UtcNow - quietSince < TimeSpan.FromSeconds(1) && DateTime.UtcNow < deadline)
        {
            Thread.Sleep(200);
            var now = Spent(phone).Script;
            if (now - last > 45)
            {
                quietSince = DateTime.UtcNow;
            }

            last = now;
        }
    }

    /// <summary>Milliseconds the page's thread has spent so far.</summary>
    private static (double Script, double Task) Spent(Browser phone)
    {
        var metrics = (IReadOnlyDictionary<string, object>)phone.Driver.ExecuteCdpCommand("Performance.getMetrics", [])!;
        double Of(string name) =>
            ((IEnumerable<object>)metrics["metrics"])
                .Cast<IReadOnlyDictionary<string, object>>()
                .Where(m => (string)m["name"] == name)
                .Select(m => Convert.ToDouble(m["value"], CultureInfo.InvariantCulture) * 1000)
                .Single();
        return (Of("ScriptDuration"), Of("TaskDuration"));
    }
}
