using System.Diagnostics;
using System.Globalization;
using System.Text.Json;
using JollyBrook.Core.Tests.Carry;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks;

/// <summary>
/// What the others wait while ten of the longest calculations that are allowed run, and what it costs to take in what a device had kept.
/// </summary>
internal static class WorstRuns
{
    private const int People = 5;
    private const int EachAsks = 2;
    private const int Lines = 10_000;
    private const int LinesAtOnce = 200;
    private static readonly TimeSpan Length = TimeSpan.FromSeconds(20);

    public static async Task PrintAsync()
    {
        using var server = new AppServer(demo: false);
        var people = new List<ServerClient>();
        for (var i = 0; i < People; i++)
        {
            people.Add(await JoinAsync(server, $"Guest {(char)('b' + (i * 3))}"));
        }

        var request = $$"""{"plan":{{LongRoute.Json(LongRoute.Of(300, 500))}},"runs":100000}""";
        using var ends = new CancellationTokenSource();
        var runs = people.SelectMany(p => Enumerable.Range(0, EachAsks).Select(_ => RunAsync(p, request, ends.Token))).ToList();
        List<double> about = [];
        var (clock, most) = (Stopwatch.StartNew(), 0L);
        while (clock.Elapsed < Length && !runs.TrueForAll(r => r.IsCompleted))
        {
            var asked = clock.Elapsed;
            using var answer = await server.Owner.Http.GetAsync("/api/about");
            about.Add((clock.Elapsed - asked).TotalMilliseconds);
            most = Math.Max(most, server.MemoryBytes);
            await Task.Delay(50);
        }

        await ends.CancelAsync();
        await Task.WhenAll(runs);
        Console.WriteLine();
        Console.WriteLine("Ten of the longest runs allowed, by five people                limits: /api/about p95 100 ms, memory 600 MB");
        Console.WriteLine(
            $"{"/api/about meanwhile", -28}{Statistics.Median(about), 9:F1} ms{Statistics.Percentile(about, 95), 11:F1} ms p95{about.Count, 9}"
        );
        Console.WriteLine($"{"memory at most", -28}{most / 1e6, 9:F0} MB");
        clock.Restart();
        await SendLinesAsync(server.Owner);
        Console.WriteLine($"{Lines} lines, {LinesAtOnce} at once{"", -4}{clock.Elapsed.TotalSeconds, 9:F1} s            limit: 60 s");
        people.ForEach(p => p.Dispose());
    }

    private static async Task RunAsync(ServerClient person, string request, CancellationToken ends)
    {
        try
        {
            using var content = new StringContent(request, System.Text.Encoding.UTF8, "application/json");
            using var answer = await person.Http.PostAsync("/api/calc/how-sure", content, ends);
        }
        catch (OperationCanceledException)
        {
            // Time is up, or nobody waits any more.
        }
    }

    private static async Task SendLinesAsync(ServerClient client)
    {
        for (var sent = 0; sent < Lines; sent += LinesAtOnce)
        {
            var records = Enumerable
                .Range(sent, LinesAtOnce)
                .Select(n =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $$"""{"kind":"batch-event","id":"{{Guid.CreateVersion7()}}","body":{"batchId":"{{Guid.CreateVersion7()}}","kind":"done","stepId":"s{{n}}","at":"2026-08-21T14:00:00Z"} }"""
                    )
                );
            using var answer = await client.PostAsync(
                $"/api/books/{client.PersonId}/records",
                $$"""{"records":[{{string.Join(",", records)}}]}"""
            );
            answer.EnsureSuccessStatusCode();
        }
    }

    private static async Task<ServerClient> JoinAsync(AppServer server, string name)
    {
        var trip = Guid.CreateVersion7();
        using var made = await server.Owner.Http.PutAsync(
            $"/api/trips/{trip}",
            new StringContent("""{"name":"Door"}""", System.Text.Encoding.UTF8, "application/json")
        );
        using var invited = await server.Owner.PostAsync($"/api/trips/{trip}/invitations", """{"role":"member"}""");
        var secret = JsonDocument.Parse(await invited.Content.ReadAsStringAsync()).RootElement.GetProperty("secret").GetString();
        var guest = new ServerClient(server.Address);
        await guest.AskAboutAsync();
        using var joined = await guest.PostAsync(
            "/api/account/join",
            JsonSerializer.Serialize(
                new
                {
                    secret,
                    name,
                    passphrase = ServerClient.Passphrase,
                }
            )
        );
        joined.EnsureSuccessStatusCode();
        await guest.AskAboutAsync();
        return guest;
    }
}
