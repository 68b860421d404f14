using System.Text.Json;
using System.Text.Json.Nodes;
using CsCheck;

namespace JollyBrook.Server.Tests;

/// <summary>Whatever a book holds comes back out of its backup as it was, into an empty book and in place of another.</summary>
public sealed class BackupRoundTripTests : IDisposable
{
    /// <summary>A record of every kind, as it is written today; taking back is only of a line that is there.</summary>
    private static readonly IReadOnlyList<(string Kind, string Body)> Samples =
    [
        .. typeof(BackupRoundTripTests)
            .Assembly.GetManifestResourceNames()
            .Where(n => n.StartsWith("sample/1/", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal)
            .Select(n => (n["sample/1/".Length..].Split('.')[0], Read(n))),
    ];

    /// <summary>What people write into a name: any sign there is, quotes and line ends among them.</summary>
    private static readonly Gen<string> AnyName = Gen.String[
            Gen.OneOf(Gen.Char['a', 'z'], Gen.OneOf('"', '\\', '\n', '<', '&', 'é', '水', ' ', '\u2028', '\'')),
            1,
            40
        ]
        .Where(n => !string.IsNullOrWhiteSpace(n));

    /// <summary>Some of the samples, and bottles of any name and size.</summary>
    private static readonly Gen<List<(string Kind, string Body)>> AnyBook =
        from samples in Gen.Shuffle(Enumerable.Range(0, Samples.Count).ToArray())
        from take in Gen.Int[0, Samples.Count]
        from bottles in Gen.Select(AnyName, Gen.Double[0.05, 200]).Array[0, 6]
        select samples
            .Take(take)
            .Select(i => Samples[i])
            .Concat(
                bottles.Select(b =>
                    (
                        "kit-item",
                        new JsonObject
                        {
                            ["kind"] = "container",
                            ["name"] = b.Item1,
                            ["volumeL"] = b.Item2,
                        }.ToJsonString()
                    )
                )
            )
            .ToList();

    private readonly RunningServer _from = new();
    private readonly RunningServer _into = new();

    public void Dispose()
    {
        _from.Dispose();
        _into.Dispose();
    }

    [Fact]
    public Task A_book_comes_back_as_it_was() =>
        Gen.Select(AnyBook, AnyBook)
            .SampleAsync(
                async (book, other) =>
                {
                    var written = await WriteAsync(_from, book);
                    await WriteAsync(_into, other);
                    var kept = await BodiesAsync(_from);
                    written.ShouldBeSubsetOf(kept);
                    var file = FileOf(kept);

                    await _into.Owner.PostForAsync($"/api/books/{_into.Owner.PersonId}/restore?mode=replace", file);

                    (await BodiesAsync(_into)).ShouldBe(kept, ignoreOrder: true);
                    var again = await _into.Owner.PostForAsync(
                        $"/api/books/{_into.Owner.PersonId}/restore?mode=merge&onlyCount=true",
                        file
                    );
                    (
                        again.GetProperty("same").GetInt32(),
                        again.GetProperty("added").GetInt32(),
                        again.GetProperty("changed").GetInt32()
                    ).ShouldBe((kept.Count, 0, 0));
                },
                iter: 12,
                threads: 1
            );

    /// <summary>Writes records one by one, as a device does. Returns them.</summary>
    private static async Task<List<(string Kind, Guid Id, string Body)>> WriteAsync(
        RunningServer server,
        IEnumerable<(string Kind, string Body)> records
    )
    {
        List<(string Kind, Guid Id, string Body)> written = [.. records.Select(r => (r.Kind, Guid.CreateVersion7(), Spelled(r.Body)))];
        foreach (var (kind, id, body) in written)
        {
            (await server.PutAsync(kind, id, body)).EnsureSuccessStatusCode();
        }

        return written;
    }

    private static string FileOf(IEnumerable<(string Kind, Guid Id, string Body)> records) =>
        $$"""{"format":"jolly-brook-backup","version":1,"madeAt":"2026-08-21T14:00:00Z","records":[{{string.Join(',', records.Select(r => $$"""{"kind":"{{r.Kind}}","id":"{{r.Id}}","body":{{r.Body}}}"""))}}]}""";

    /// <summary>What a book holds, each body in one spelling.</summary>
    private static async Task<List<(string Kind, Guid Id, string Body)>> BodiesAsync(RunningServer server) =>
        [
            .. (await server.ChangesAsync())
                .GetProperty("records")
                .EnumerateArray()
                .Where(r => r.GetProperty("body").ValueKind == JsonValueKind.Object)
                .Select(r =>
                    (r.GetProperty("kind").GetString()!, r.GetProperty("id").GetGuid(), Spelled(r.GetProperty("body").GetRawText()))
                )
                .OrderBy(r => r.Item2),
        ];

    /// <summary>A body in one spelling: nothing that says nothing, names in their order.</summary>
    private static string Spelled(string body)
    {
        static JsonNode? Plain(JsonNode? node) =>
            node switch
            {
                JsonObject all => new JsonObject(
                    all.Where(p => p.Value is not null)
                        .OrderBy(p => p.Key, StringComparer.Ordinal)
                        .Select(p => KeyValuePair.Create(p.Key, Plain(p.Value)))
                ),
                JsonArray list => new JsonArray([.. list.Select(Plain)]),
                _ => node?.DeepClone(),
            };

        return Plain(JsonNode.Parse(body))!.ToJsonString();
    }

    private static string Read(string name)
    {
        using var stream = typeof(BackupRoundTripTests).Assembly.GetManifestResourceStream(name)!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }
}
