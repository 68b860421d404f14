using JollyBrook.Core.Tests.Safe;

namespace JollyBrook.Benchmarks;

/// <summary>The rules that must never break, over more cases than a test may take.</summary>
internal static class SafeTable
{
    private const int Cases = 120_000;

    public static void Print()
    {
        Console.WriteLine();
        Console.WriteLine("Rules over generated products, waters, containers, light, chains and states       limit: 0 violations");
        Console.WriteLine($"{"", -58}{"cases", 10}{"violations", 14}");
        var (cases, violations) = (0, 0);
        foreach (var rule in SafeSweep.Run(Cases))
        {
            Console.WriteLine($"{rule.Name, -58}{rule.Cases, 10}{rule.Violations, 14}");
            if (rule.First is { } first)
            {
                Console.WriteLine($"  {first}");
            }

            (cases, violations) = (cases + rule.Cases, violations + rule.Violations);
        }

        Console.WriteLine($"{"all", -58}{cases, 10}{violations, 14}");
    }
}
