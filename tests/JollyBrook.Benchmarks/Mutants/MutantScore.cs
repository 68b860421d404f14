using System.Collections.Concurrent;

namespace JollyBrook.Benchmarks.Mutants;

/// <summary>How many small faults of each room the tests of the core notice.</summary>
internal static class MutantScore
{
    private const int PerRoom = 60;
    private const int Seed = 20260821;
    private const double Wanted = 0.9;
    private const string Namespace = "JollyBrook.Core.Tests.";

    private static readonly string[] Rooms = ["Chemistry", "Filters", "Light", "Boiling", "Clearing", "Water", "Body", "Sources"];

    /// <summary>Tests that are quick and stand near: asked when a room's own let a fault live.</summary>
    private static readonly string[] Near = ["Kit", "Packing", "Illness", "Learning", "Units", "Contract", "Records", .. Rooms];

    /// <summary>Faults that a test is known to catch: if one of them lived, the score would mean nothing.</summary>
    private static readonly (string File, string Change)[] Known =
    [
        ("Light/BatteryCharge.cs", "battery == Battery.Lithium → battery != Battery.Lithium"),
        ("Boiling/BoilSchool.cs", "HighElevationM = 2000 → 2200.0"),
        ("Chemistry/CountedDose.cs", "Math.Ceiling((units / step) - Rounding) → Math.Floor((units / step) - Rounding)"),
    ];

    public static void Print(IReadOnlyCollection<string> named)
    {
        if (named.Except(Rooms).FirstOrDefault() is { } unknown)
        {
            Console.WriteLine($"No room is called '{unknown}'. Rooms: {string.Join(", ", Rooms)}.");
            return;
        }

        var rooms = Rooms.Where(r => named.Count == 0 || named.Contains(r)).ToArray();
        var shop = Workshop.Build(rooms, PerRoom, Seed, Known);
        Console.WriteLine();
        if (Workshop.Fails(-1, Filters(Near)))
        {
            Console.WriteLine("The tests fail without any fault; no score.");
            return;
        }

        var known = shop.Mutants.Where(m => Known.Contains((m.File, m.Change))).ToList();
        var caught = known.Count(m => Workshop.Fails(m.Id, Filters([m.Room])));
        Console.WriteLine($"Known faults caught: {caught} of {known.Count}");
        if (caught < known.Count)
        {
            Console.WriteLine("A fault that a test is known to catch was not switched on; no score.");
            return;
        }

        var alive = new ConcurrentBag<Mutant>();
        Parallel.ForEach(shop.Mutants, new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount }, mutant =>
        {
            if (!Workshop.Fails(mutant.Id, Filters([mutant.Room])) && !Workshop.Fails(mutant.Id, Filters(Near.Except([mutant.Room]))) && !Workshop.Fails(mutant.Id, Slow))
            {
                alive.Add(mutant);
            }
        });

        Console.WriteLine($"Small faults in the core, drawn with seed {Seed}                   limit: {Wanted:P0} noticed");
        Console.WriteLine($"{"",-28}{"faults",12}{"noticed",14}{"share",9}");
        foreach (var room in shop.Mutants.GroupBy(m => m.Room))
        {
            var (all, lived) = (room.Count(), alive.Count(m => m.Room == room.Key));
            Console.WriteLine($"{room.Key,-28}{all,12}{all - lived,14}{(double)(all - lived) / all,9:P0}");
        }

        Console.WriteLine();
        Console.WriteLine("Not noticed:");
        foreach (var mutant in alive.OrderBy(m => m.File, StringComparer.Ordinal).ThenBy(m => m.Line))
        {
            Console.WriteLine($"  {mutant}");
        }
    }

    private static string[] Slow =>
        ["-namespace", Namespace + "Treatment", "-namespace", Namespace + "Safe", "-class-", Namespace + "Treatment.ChainPropertiesTests"];

    private static string[] Filters(IEnumerable<string> rooms) => [.. rooms.SelectMany(r => new[] { "-namespace", Namespace + r })];
}
