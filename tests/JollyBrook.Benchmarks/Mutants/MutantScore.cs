using System.Collections.Concurrent;
using System.Globalization;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks.Mutants;

/// <summary>How many small faults of each room the tests of the core notice.</summary>
internal static class MutantScore
{
    private const int UsualSeed = 20260821;
    private const string Namespace = "JollyBrook.Core.Tests.";
    private const string Since = "since:",
        OtherSeed = "seed:";

    /// <summary>Faults drawn from a room that treats water or looks after the body, and from any other.</summary>
    private const int PerBarrier = 60,
        PerRoom = 30;

    /// <summary>Shares of the faults that tests must notice.</summary>
    private const double WantedOfBarriers = 0.9,
        Wanted = 0.85;

    private static readonly string[] Barriers = ["Chemistry", "Filters", "Light", "Boiling", "Clearing", "Barriers", "Body"];

    private static readonly string[] Rooms =
    [
        .. Barriers,
        "Water",
        "Sources",
        "Units",
        "Sky",
        "Clocks",
        "Route",
        "Kit",
        "Treatment",
        "Book",
        "Carry",
        "Illness",
        "InHand",
        "Learning",
        "Packing",
        "Scarcity",
        "Schedule",
        "Catalogue",
        "Winter",
        "Drills",
        "Matters",
        "Records",
    ];

    /// <summary>Tests that are quick and stand near: asked when a room's own let a fault live.</summary>
    private static readonly string[] Near =
    [
        "Kit",
        "Packing",
        "Illness",
        "Learning",
        "Units",
        "Contract",
        "Records",
        "Water",
        "Sources",
        .. Barriers,
    ];

    /// <summary>Faults that a test is known to catch: if one of them lived, the score would mean nothing.</summary>
    private static readonly (string File, string Change)[] Known =
    [
        ("Light/BatteryCharge.cs", "battery == Battery.Lithium → battery != Battery.Lithium"),
        ("Boiling/BoilSchool.cs", "HighElevationM = 2000 → 2200.0"),
        ("Chemistry/CountedDose.cs", "Math.Ceiling((units / step) - Rounding) → Math.Floor((units / step) - Rounding)"),
    ];

    /// <param name="asked">Rooms; all of them when none is named. <c>since:COMMIT</c> leaves out lines that have not changed since;
    /// <c>seed:NUMBER</c> draws other faults, so that tests are not written for the same few.</param>
    public static void Print(IReadOnlyCollection<string> asked)
    {
        string? Told(string what) => asked.FirstOrDefault(a => a.StartsWith(what, StringComparison.Ordinal))?[what.Length..];
        var since = Told(Since);
        var named = asked.Where(a => !a.Contains(':')).ToList();
        if (!int.TryParse(Told(OtherSeed) ?? $"{UsualSeed}", CultureInfo.InvariantCulture, out var seed))
        {
            Console.WriteLine($"'{Told(OtherSeed)}' is no number to draw faults with. Give a whole one, as in {OtherSeed}1.");
            return;
        }

        if (named.Except(Rooms).FirstOrDefault() is { } unknown)
        {
            Console.WriteLine($"No room is called '{unknown}'. Rooms: {string.Join(", ", Rooms)}.");
            return;
        }

        var changed = since is null ? null : ChangedLines.Since(since);
        if (since is not null && changed is null)
        {
            Console.WriteLine($"There is no commit '{since}' to compare with. Name one that `git log` shows.");
            return;
        }

        var rooms = Rooms.Where(r => named.Count == 0 || named.Contains(r)).ToArray();
        var shop = Workshop.Build([.. rooms.Select(r => (r, Barriers.Contains(r) ? PerBarrier : PerRoom))], seed, Known, changed);
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
            if (!FailsAny(mutant.Id, Filters(HasTests(mutant.Room) ? [mutant.Room] : []), Filters(Near.Except([mutant.Room])), Slow))
            {
                alive.Add(mutant);
                Console.WriteLine($"  lives: {mutant}");
            }
        });

        Console.WriteLine(
            $"Small faults in the core, drawn with seed {seed}                   limits: {WantedOfBarriers:P0} noticed in barriers and body, {Wanted:P0} in all"
        );
        Console.WriteLine($"{"", -28}{"faults", 12}{"noticed", 14}{"share", 9}");
        foreach (var room in shop.Mutants.GroupBy(m => m.Room))
        {
            Line(room.Key, room.Count(), alive.Count(m => m.Room == room.Key));
        }

        Line("all of them", shop.Mutants.Count, alive.Count);
    }

    private static void Line(string what, int all, int lived) =>
        Console.WriteLine($"{what, -28}{all, 12}{all - lived, 14}{(double)(all - lived) / all, 9:P0}");

    /// <summary>Without a filter every test would run, and nothing to run is no failure.</summary>
    private static bool FailsAny(int mutant, params IEnumerable<string[]> filters) =>
        filters.Where(f => f.Length > 0).Any(f => Workshop.Fails(mutant, f));

    private static bool HasTests(string room) => Directory.Exists(Path.Combine(Repository.Root, "tests/JollyBrook.Core.Tests", room));

    private static string[] Slow =>
        ["-namespace", Namespace + "Treatment", "-namespace", Namespace + "Safe", "-class-", Namespace + "Treatment.ChainPropertiesTests"];

    private static string[] Filters(IEnumerable<string> rooms) =>
        [.. rooms.SelectMany(r => new[] { "-namespace", Namespace + r, "-namespace", $"{Namespace}{r}.*" })];
}
