using System.Collections.Concurrent;
using System.Text.Json;

namespace JollyBrook.Journeys;

/// <summary>What a crash drill found.</summary>
/// <param name="Rounds">How often the server was killed and started again.</param>
/// <param name="Acknowledged">Writes the server had said it kept.</param>
/// <param name="Missing">Those that were not there afterwards.</param>
/// <param name="Torn">Records that were not what was sent.</param>
/// <param name="Twice">Records or revisions that were there twice.</param>
/// <param name="Restores">How often a backup was put in place, after which the clients sent again what it lacked.</param>
/// <param name="StartsCut">How often the server was killed while it was starting.</param>
/// <param name="SlowestStart">The longest start after any of it.</param>
public sealed record CrashReport(
    int Rounds,
    int Acknowledged,
    int Missing,
    int Torn,
    int Twice,
    int Restores,
    int StartsCut,
    TimeSpan SlowestStart
)
{
    public bool Clean => Missing == 0 && Torn == 0 && Twice == 0;

    public override string ToString() =>
        $"{Rounds} rounds of SIGKILL under writes from {CrashDrill.Clients} clients, {StartsCut} kills while starting, {Restores} restores: "
        + $"{Acknowledged} writes acknowledged, {Missing} missing, {Torn} torn, {Twice} twice; slowest start {SlowestStart.TotalSeconds:0.0} s";
}

/// <summary>
/// Kills the server at random moments while clients write and while it starts, puts backups in place, starts it again, and looks at what it
/// has kept. After a restore the clients send again what the backup lacks, as devices do.
/// </summary>
public static class CrashDrill
{
    public const int Clients = 8;
    private const int MostKeptARound = 80;
    private const int RestoreOneIn = 4;
    private const int SentAtOnce = 200;

    /// <param name="rounds">How often the server is killed.</param>
    /// <param name="seed">Settles the moments.</param>
    public static async Task<CrashReport> RunAsync(int rounds, int seed)
    {
        var random = new Random(seed);
        using var server = new AppServer(demo: false);
        var sent = new ConcurrentDictionary<Guid, string>();
        var acknowledged = new ConcurrentDictionary<Guid, long>();
        var (restores, cut, slowest) = (0, 0, TimeSpan.Zero);
        string? backup = null;
        for (var round = 0; round < rounds; round++)
        {
            using var over = new CancellationTokenSource();
            var clients = Enumerable.Range(0, Clients).Select(c => WriteAsync(server, round, c, sent, acknowledged, over.Token)).ToList();
            await UntilKeptAsync(acknowledged, acknowledged.Count + random.Next(1, MostKeptARound));
            await Task.Delay(random.Next(0, 40));
            server.Stop();
            await over.CancelAsync();
            await Task.WhenAll(clients);
            var isRestored = backup is not null && random.Next(RestoreOneIn) == 0;
            if (isRestored)
            {
                server.Restore(backup!);
                restores++;
            }

            for (; random.Next(2) == 0; cut++)
            {
                server.KillWhileStarting(TimeSpan.FromMilliseconds(random.Next(0, 900)));
            }

            server.Start();
            slowest = server.StartTook > slowest ? server.StartTook : slowest;
            if (isRestored)
            {
                await SendAgainAsync(server, sent, acknowledged);
            }
            else if (random.Next(RestoreOneIn) == 0)
            {
                backup = Path.Combine(server.DataFolder, $"backup-{round}.db");
                server.Backup(backup);
            }
        }

        var report = Compare(rounds, sent, acknowledged, await server.Owner.RecordsAsync(server.Owner.PersonId));
        return report with { Restores = restores, StartsCut = cut, SlowestStart = slowest };
    }

    /// <summary>What the backup lacks goes up again, and gets other revisions.</summary>
    private static async Task SendAgainAsync(
        AppServer server,
        ConcurrentDictionary<Guid, string> sent,
        ConcurrentDictionary<Guid, long> acknowledged
    )
    {
        foreach (var ids in acknowledged.Keys.Order().Chunk(SentAtOnce))
        {
            var records = string.Join(',', ids.Select(id => $$"""{"kind":"kit-item","id":"{{id}}","body":{{sent[id]}}}"""));
            using var response = await server.Owner.PostAsync(
                $"/api/books/{server.Owner.PersonId}/records",
                $$"""{"records":[{{records}}]}"""
            );
            response.EnsureSuccessStatusCode();
            using var answer = JsonDocument.Parse(await response.Content.ReadAsStringAsync());
            foreach (var (id, kept) in ids.Zip(answer.RootElement.GetProperty("records").EnumerateArray()))
            {
                acknowledged[id] = kept.GetProperty("revision").GetInt64();
            }
        }
    }

    /// <summary>Waits until so many writes are acknowledged: moments of work, however slow the machine starts up.</summary>
    private static async Task UntilKeptAsync(ConcurrentDictionary<Guid, long> acknowledged, int count)
    {
        for (var patience = 2000; acknowledged.Count < count && patience > 0; patience--)
        {
            await Task.Delay(5);
        }
    }

    private static async Task WriteAsync(
        AppServer server,
        int round,
        int client,
        ConcurrentDictionary<Guid, string> sent,
        ConcurrentDictionary<Guid, long> acknowledged,
        CancellationToken over
    )
    {
        for (var n = 0; !over.IsCancellationRequested; n++)
        {
            var id = Guid.CreateVersion7();
            var body =
                $$"""{"kind":"container","name":"Round {{round}}, client {{client}}, write {{n}} {{new string('x', n % 50)}}","volumeL":{{1 + (n % 9)}}}""";
            sent[id] = body;
            try
            {
                using var response = await server.Owner.PutRecordAsync(server.Owner.PersonId, "kit-item", id, body, cancellation: over);
                if (response.IsSuccessStatusCode)
                {
                    using var kept = JsonDocument.Parse(await response.Content.ReadAsStringAsync(CancellationToken.None));
                    acknowledged[id] = kept.RootElement.GetProperty("revision").GetInt64();
                }
            }
            catch (Exception cut) when (cut is HttpRequestException or OperationCanceledException or JsonException or IOException)
            {
                // Killed before the answer was whole: not acknowledged.
            }
        }
    }

    private static CrashReport Compare(
        int rounds,
        ConcurrentDictionary<Guid, string> sent,
        ConcurrentDictionary<Guid, long> acknowledged,
        IReadOnlyList<JsonElement> kept
    )
    {
        var byId = kept.ToLookup(r => r.GetProperty("id").GetGuid());
        var revisions = kept.Select(r => r.GetProperty("revision").GetInt64()).ToList();
        return new CrashReport(
            rounds,
            acknowledged.Count,
            acknowledged.Count(a => !byId[a.Key].Any(r => r.GetProperty("revision").GetInt64() == a.Value)),
            // One that was never acknowledged may be there, but whole.
            kept.Count(r =>
                !sent.TryGetValue(r.GetProperty("id").GetGuid(), out var body)
                || !JsonElement.DeepEquals(r.GetProperty("body"), JsonDocument.Parse(body).RootElement)
            ),
            byId.Count(g => g.Count() > 1) + (revisions.Count - revisions.Distinct().Count()),
            0,
            0,
            TimeSpan.Zero
        );
    }
}
