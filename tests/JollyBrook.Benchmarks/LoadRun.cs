using System.Collections.Concurrent;
using System.Diagnostics;
using JollyBrook.Journeys;

namespace JollyBrook.Benchmarks;

/// <summary>What a steady load cost.</summary>
/// <param name="Requests">How many were sent.</param>
/// <param name="Errors">How many were not answered as they should be.</param>
/// <param name="Mixed">Milliseconds of each of the mixed requests, from the moment it was due.</param>
/// <param name="Empty">The same of the empty endpoint, in the same run.</param>
public sealed record LoadReport(int Requests, int Errors, IReadOnlyList<double> Mixed, IReadOnlyList<double> Empty);

/// <summary>Requests at a steady rate whether or not the ones before are answered, on loopback, for a bounded time.</summary>
internal static class LoadRun
{
    public const int PerSecond = 200;
    public const int EmptyPerSecond = 20;
    public static readonly TimeSpan Length = TimeSpan.FromSeconds(30);
    private const string Treat = """{"method":"nadcc-8.5","water":{"volumeL":1,"clarity":"clear","temperatureC":10}}""";

    public static async Task<LoadReport> RunAsync()
    {
        using var server = new AppServer(demo: false);
        var (client, book) = (server.Owner, server.Owner.PersonId);
        var known = Guid.CreateVersion7();
        (await client.PutRecordAsync(book, "kit-item", known, Bottle(0))).EnsureSuccessStatusCode();
        await WarmUpAsync(client, book, known);

        ConcurrentBag<double> mixed = [];
        ConcurrentBag<double> empty = [];
        var errors = 0;
        List<Task> under = [];
        var total = (int)(Length.TotalSeconds * (PerSecond + EmptyPerSecond));
        var clock = Stopwatch.StartNew();
        for (var n = 0; n < total; n++)
        {
            var due = Length * n / total;
            if (due - clock.Elapsed is { Ticks: > 0 } early)
            {
                await Task.Delay(early);
            }

            var isEmpty = n % ((PerSecond + EmptyPerSecond) / EmptyPerSecond) == 0;
            under.Add(SendAsync(n, due, isEmpty));
        }

        await Task.WhenAll(under);
        return new LoadReport(total, errors, [.. mixed], [.. empty]);

        async Task SendAsync(int n, TimeSpan due, bool isEmpty)
        {
            try
            {
                using var response = isEmpty ? await client.Http.GetAsync("/api/alive") : await OneAsync(client, book, known, n);
                await response.Content.ReadAsByteArrayAsync();
                if (!response.IsSuccessStatusCode)
                {
                    Interlocked.Increment(ref errors);
                }
            }
            catch (Exception failure) when (failure is HttpRequestException or TaskCanceledException)
            {
                Interlocked.Increment(ref errors);
            }

            (isEmpty ? empty : mixed).Add((clock.Elapsed - due).TotalMilliseconds);
        }
    }

    /// <summary>Of twenty: eight pulls, five taps, three changes of kit, two reads, one calculation, one visit.</summary>
    private static Task<HttpResponseMessage> OneAsync(ServerClient client, Guid book, Guid known, int n) =>
        (n % 20) switch
        {
            < 8 => client.Http.GetAsync($"/api/books/{book}/changes?since={n / 2}"),
            < 13 => client.PutRecordAsync(
                book,
                "batch-event",
                Guid.CreateVersion7(),
                $$"""{"batchId":"{{known}}","kind":"done","stepId":"dose","at":"2026-08-21T14:00:00Z"}"""
            ),
            < 16 => client.PutRecordAsync(book, "kit-item", Guid.CreateVersion7(), Bottle(n)),
            < 18 => client.Http.GetAsync($"/api/books/{book}/records/kit-item/{known}"),
            18 => client.PostAsync("/api/calc/treat", Treat),
            _ => client.Http.GetAsync("/api/about"),
        };

    private static async Task WarmUpAsync(ServerClient client, Guid book, Guid known)
    {
        for (var n = 0; n < 200; n++)
        {
            using var response = await OneAsync(client, book, known, n);
            using var alive = await client.Http.GetAsync("/api/alive");
        }
    }

    private static string Bottle(int n) => $$"""{"kind":"container","name":"Bottle {{n}}","volumeL":1}""";
}
