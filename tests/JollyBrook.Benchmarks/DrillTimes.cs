using System.Diagnostics;
using JollyBrook.Core.Drills;
using JollyBrook.Core.Tests.Drills;

namespace JollyBrook.Benchmarks;

/// <summary>Ten thousand drills held against Treat, and what making and marking one costs.</summary>
internal static class DrillTimes
{
    private const int Count = 10_000;

    public static void Print()
    {
        List<string> faults = [];
        var (refusing, clock) = (0, Stopwatch.StartNew());
        for (var i = 0; i < Count; i++)
        {
            var (level, focus) = ((i % DrillLevels.Most) + 1, i % 3 == 0 ? Skills.Steps[i % Skills.Steps.Count] : (Skill?)null);
            if (DrillAudit.Fault(i, level, focus) is { } fault)
            {
                faults.Add($"seed {i}, level {level}, {focus}: {fault}");
            }

            refusing += SceneMaker.Make(i, level, focus).Reference.Refuses ? 1 : 0;
        }

        Console.WriteLine();
        Console.WriteLine(
            $"{Count} drills: {Count - faults.Count} solvable and of one mind with Treat, {refusing} of them by going on; {clock.Elapsed.TotalMilliseconds / Count:F1} ms each, audit and all        limit: 0 faults"
        );
        foreach (var fault in faults.Take(10))
        {
            Console.WriteLine(fault);
        }

        const string json = """{"seed":20260821,"level":4}""";
        Console.WriteLine($"{"", -44}{"native", 12}{"in the page", 14}        limits: 20 ms native, 200 ms in the page");
        SideBySide.Line("a drill made", SideBySide.Native("drill", json, 200), SideBySide.InPage([("drill", json, 20)])[0]);
    }
}
