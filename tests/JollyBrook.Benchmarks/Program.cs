using JollyBrook.Benchmarks;
using JollyBrook.Benchmarks.Mutants;
using JollyBrook.Journeys;

// Prints one table a question; nothing here decides what is good enough, the limits stand beside the figures.
// Without arguments every table, otherwise those named.
bool Wants(string table) => args.Length == 0 || args.Contains(table);

if (Wants("calculations"))
{
    using var page = new PageTimes();
    var (native, inPage) = (NativeTimes.Measure(), page.Calculations());
    Console.WriteLine();
    Console.WriteLine(
        "Each calculation, JSON in to JSON out, median              limits: 0.2 ms native, 5 ms in the page; chains 20 ms in the page"
    );
    Console.WriteLine($"{"", -28}{"native", 12}{"in the page", 14}{"ratio", 9}");
    foreach (var request in Requests.All)
    {
        var (n, p) = (native[request.Name], inPage[request.Name]);
        Console.WriteLine($"{request.Name, -28}{n, 9:F3} ms{p, 11:F2} ms{p / n, 8:F0}×");
    }
}

if (Wants("plan"))
{
    PlanTimes.Print();
}

if (Wants("kit"))
{
    KitTimes.Print();
}

if (Wants("climb"))
{
    ClimbErrors.Print();
}

if (Wants("fuzz"))
{
    var fuzz = FileFuzz.Run(Path.Combine(Repository.Root, "tests/JollyBrook.Formats.Tests/awkward"));
    Console.WriteLine();
    Console.WriteLine(
        $"{FileFuzz.Inputs} mutated files: {fuzz.Read} read, {fuzz.Refused} refused with a reason, {fuzz.Unhandled} unhandled        limit: 0 unhandled"
    );
    Console.WriteLine(
        $"slowest {fuzz.SlowestMs:0} ms, most allocated by one {fuzz.MostBytes / 1e6:0} MB                limits: 2 s, 200 MB"
    );
    if (fuzz.First is not null)
    {
        Console.WriteLine(fuzz.First);
    }
}

if (Wants("visits"))
{
    using var page = new PageTimes();
    var visits = page.Visits();
    Console.WriteLine();
    Console.WriteLine("Visits to Treat                                            limits: 2.5 MB, 2.5 s first, 1 s repeat");
    Console.WriteLine($"{"", -28}{"median", 12}{"fastest", 14}{"slowest", 12}");
    foreach (var (name, times) in visits.Times)
    {
        Console.WriteLine($"{name, -28}{Statistics.Median(times), 9:F0} ms{times.Min(), 11:F0} ms{times.Max(), 9:F0} ms");
    }

    Console.WriteLine($"{"first visit, to the answer", -28}{visits.AnsweredBytes / 1e6, 9:F2} MB");
    Console.WriteLine($"{"core and every place here", -28}{visits.HereBytes / 1e6, 9:F2} MB");
    Console.WriteLine($"{"and all kept for later", -28}{visits.KeptBytes / 1e6, 9:F2} MB");
}

if (Wants("page"))
{
    TapTimes.Print();
}

if (Wants("desk"))
{
    DeskTimes.Print();
}

if (Wants("load"))
{
    var load = await LoadRun.RunAsync();
    Console.WriteLine();
    Console.WriteLine(
        $"{LoadRun.PerSecond} mixed requests/s for {LoadRun.Length.TotalSeconds} s, an empty endpoint in the same run        limit: no errors"
    );
    Console.WriteLine($"{"", -28}{"median", 12}{"p99", 14}{"requests", 12}");
    foreach (var (name, times) in new[] { ("mixed", load.Mixed), ("empty endpoint", load.Empty) })
    {
        Console.WriteLine($"{name, -28}{Statistics.Median(times), 9:F2} ms{Statistics.Percentile(times, 99), 11:F2} ms{times.Count, 12}");
    }

    Console.WriteLine($"{"errors", -28}{load.Errors, 9}");
    await WorstRuns.PrintAsync();
}

if (Wants("crash"))
{
    Console.WriteLine();
    Console.WriteLine($"Crash drill: {await CrashDrill.RunAsync(rounds: 100, seed: 20260821)}");
}

if (Wants("safe"))
{
    SafeTable.Print();
}

if (args.Contains("mutants"))
{
    MutantScore.Print([.. args.Except(["mutants"])]);
}

if (Wants("in-hand"))
{
    InHandTimes.Run(Console.Out);
}

if (Wants("camp"))
{
    CampTimes.Print();
}

if (Wants("drills"))
{
    DrillTimes.Print();
}

if (Wants("books"))
{
    var (small, big) = (BigBook.Measure(1_000), BigBook.Measure(100_000));
    Console.WriteLine();
    Console.WriteLine("Opening a room on a device that holds so many records       limit: 100 000 at most 2× of 1 000");
    Console.WriteLine($"{"", -28}{"1 000", 12}{"100 000", 14}{"ratio", 9}");
    foreach (var room in small.Keys)
    {
        var (s, b) = (Statistics.Median(small[room]), Statistics.Median(big[room]));
        Console.WriteLine($"{room, -28}{s, 9:F0} ms{b, 11:F0} ms{b / s, 8:F2}×");
    }
}
