using System.Globalization;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks;

/// <summary>At the desk, on the demo trip: from a key that moves something until the whole plan has followed and is drawn.</summary>
internal static class DeskTimes
{
    private const int Runs = 9;

    /// <summary>What is moved, in words, and how its slider's name begins.</summary>
    private static readonly (string What, string Slider)[] Moved = [("a camp moved", "Camp "), ("a day started later", "Start of day 2")];

    /// <summary>What the slider shows comes from the plan: another value is the plan's answer.</summary>
    private const string Follow = """
        const [name, key, done] = arguments;
        const find = () => [...document.querySelectorAll('[role=slider]')].find(s => s.ariaLabel?.startsWith(name));
        const before = find().ariaValueNow;
        const from = performance.now();
        const observer = new MutationObserver(() => {
          if ((find()?.ariaValueNow ?? before) === before) return;
          observer.disconnect();
          requestAnimationFrame(() => done(performance.now() - from));
        });
        observer.observe(document.body, { subtree: true, childList: true, attributes: true });
        find().dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
        """;

    /// <summary>
    /// A camp dragged for half a second and held: how long until the plan stands where the hand rests, and how long from letting go until
    /// it changes no more.
    /// </summary>
    private const string Drag = """
        const [by, done] = arguments;
        const find = () => [...document.querySelectorAll('[role=slider]')].find(s => s.ariaLabel?.startsWith('Camp '));
        const drawn = () => [...document.querySelectorAll('section[aria-label=Strip] polyline')].at(-1).getAttribute('points');
        const frame = () => new Promise(requestAnimationFrame);
        const { x, width } = find().getBoundingClientRect();
        const hand = (type, to) => {
          const mark = find();
          mark.setPointerCapture = () => undefined;
          mark.dispatchEvent(new PointerEvent(type, { bubbles: true, clientX: x + width / 2 + to }));
        };
        const followed = async (since, forMs) => {
          let [before, last] = [drawn(), 0];
          while (performance.now() - since < forMs) {
            await frame();
            if (drawn() !== before) [before, last] = [drawn(), performance.now() - since];
          }
          return last;
        };
        (async () => {
          hand('pointerdown', 0);
          for (let i = 1; i <= 30; i++) {
            hand('pointermove', by * i);
            await frame();
          }
          const resting = await followed(performance.now(), 1000);
          const letGo = performance.now();
          hand('pointerup', 30 * by);
          done(`${resting} ${await followed(letGo, 1500)}`);
        })();
        """;

    /// <summary>Prints medians with a signal and without one.</summary>
    public static void Print()
    {
        Console.WriteLine();
        Console.WriteLine("The desk at 1280 x 800, until the plan has followed                     limit: 100 ms");
        Console.WriteLine($"{"", -34}{"with a signal", 15}{"without", 12}");
        using var server = new AppServer();
        using var desk = server.NewBrowser();
        desk.Open("/route");
        desk.UntilText("At each place");
        desk.UntilText("95 % sure");
        desk.UntilOfflineReady();
        var with = Moved.Select(m => Median(desk, m.Slider)).ToList();
        var (resting, letGo) = Dragged(desk);
        server.Stop();
        var without = Moved.Select(m => Median(desk, m.Slider)).ToList();
        for (var i = 0; i < Moved.Length; i++)
        {
            Console.WriteLine($"{Moved[i].What, -34}{with[i], 12:F0} ms{without[i], 9:F0} ms");
        }

        Console.WriteLine($"{"a camp held, from the hand's rest", -34}{resting, 12:F0} ms");
        Console.WriteLine($"{"and from letting go", -34}{letGo, 12:F0} ms");
    }

    private static (double RestingMs, double LetGoMs) Dragged(Browser desk)
    {
        List<double> resting = [],
            letGo = [];
        for (var run = 0; run < Runs; run++)
        {
            Thread.Sleep(TimeSpan.FromSeconds(2));
            var took = ((string)desk.Driver.ExecuteAsyncScript(Drag, run % 2 == 0 ? 0.8 : -0.8)!).Split(' ');
            resting.Add(double.Parse(took[0], CultureInfo.InvariantCulture));
            letGo.Add(double.Parse(took[1], CultureInfo.InvariantCulture));
        }

        return (Statistics.Median(resting), Statistics.Median(letGo));
    }

    /// <summary>On and on: each is a plan that was not made before.</summary>
    private static double Median(Browser desk, string slider)
    {
        List<double> times = [];
        // The first is not counted: code runs for the first time.
        for (var run = -1; run < Runs; run++)
        {
            // A hand looks before it moves the next: what follows the plan is done by then.
            Thread.Sleep(TimeSpan.FromSeconds(2));
            var took = Convert.ToDouble(desk.Driver.ExecuteAsyncScript(Follow, slider, "ArrowRight"), CultureInfo.InvariantCulture);
            if (run >= 0)
            {
                times.Add(took);
            }
        }

        return Statistics.Median(times);
    }
}
