using System.Net;
using System.Text.Json;
using JollyBrook.Core.Records;

namespace JollyBrook.Server.Tests;

/// <summary>What a record and a book may hold, many at once, and how a book is read in pages.</summary>
public sealed class RecordLimitsTests : IDisposable
{
    private const string Bottle = """{"kind":"container","name":"Bottle","volumeL":1}""";
    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    private Guid Book => _server.Owner.PersonId;

    private static async Task<JsonElement> ProblemAsync(HttpResponseMessage response) =>
        JsonDocument.Parse(await response.Content.ReadAsStringAsync()).RootElement;

    /// <summary>A megabyte of blanks is the record it says, and no more.</summary>
    [Fact]
    public async Task Blanks_are_not_kept()
    {
        var id = Guid.CreateVersion7();
        (await _server.PutAsync("kit-item", id, Bottle.Replace(":", ":" + new string(' ', 100_000)))).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        _server.Execute("SELECT Body FROM records").ShouldBe(Bottle);
        // Sent again without blanks it is the same: nothing is written.
        (await _server.PutAsync("kit-item", id, Bottle)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await _server.ChangesAsync()).GetProperty("revision").GetInt64().ShouldBe(1);
    }

    [Theory]
    [InlineData("""{"kind":"container","kind":"container","name":"Bottle","volumeL":1}""")]
    [InlineData("""{"kind":"container","name":"Bottle","volumeL":1,"volumeL":2}""")]
    public async Task A_property_that_stands_twice_is_refused(string body) =>
        (await _server.PutAsync("kit-item", Guid.CreateVersion7(), body)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);

    /// <summary>Each kind has its own most.</summary>
    [Fact]
    public async Task A_record_larger_than_its_kind_may_be_is_refused_in_words()
    {
        var problem = await ProblemAsync(
            await _server.PutAsync(
                "batch-event",
                Guid.CreateVersion7(),
                $$"""{"kind":"toppedUp","at":"2026-08-21T14:00:00Z","words":"{{new string('x', 30_000)}}"}"""
            )
        );
        problem.GetProperty("status").GetInt32().ShouldBe(400);
        RecordKinds.All.ShouldAllBe(k => k.MostBytes > 0 && k.MostBytes <= 1024 * 1024);
    }

    [Fact]
    public async Task Null_in_a_list_is_named()
    {
        using var response = await _server.Owner.PostAsync("/api/calc/kit-check", """{"kit":[null]}""");
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await ProblemAsync(response)).GetProperty("errors")[0].GetProperty("field").GetString().ShouldBe("kit[0]");
    }

    [Fact]
    public async Task A_list_that_is_too_long_is_named_with_its_limit()
    {
        var items = string.Join(",", Enumerable.Repeat($$"""{"id":"a","item":{{Bottle}}}""", 101));
        using var response = await _server.Owner.PostAsync("/api/calc/chains", $$"""{"kit":[{{items}}]}""");
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        var error = (await ProblemAsync(response)).GetProperty("errors")[0];
        error.GetProperty("field").GetString().ShouldBe("kit");
        error.GetProperty("allowed").GetString().ShouldBe("up to 100 entries");
        (await _server.Client.GetStringAsync("/openapi/v1.json")).ShouldContain("\"maxItems\": 100");
    }

    /// <summary>Several at once are each kept or refused by themselves, and answered in the order they were sent.</summary>
    [Fact]
    public async Task Of_many_at_once_the_bad_ones_are_set_aside()
    {
        var (first, second) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await _server.PutAsync("kit-item", second, Bottle);
        var answer = await SendAsync(
            $$"""{"kind":"kit-item","id":"{{first}}","body":{{Bottle}}}""",
            $$"""{"kind":"nonsense","id":"{{Guid.CreateVersion7()}}","body":{} }""",
            $$"""{"kind":"kit-item","id":"not one","body":{{Bottle}}}""",
            $$"""{"kind":"kit-item","id":"{{second}}","baseRevision":7,"body":{"kind":"container","name":"Other","volumeL":2} }""",
            $$"""{"kind":"kit-item","id":"{{Guid.CreateVersion7()}}","body":{"kind":"container","name":"","volumeL":-1} }""",
            "7",
            $$"""{"kind":"kit-item","id":"{{second}}","body":{{Bottle}}}"""
        );
        answer
            .Select(a => a.GetProperty("revision").ValueKind)
            .ShouldBe([
                JsonValueKind.Number,
                JsonValueKind.Null,
                JsonValueKind.Null,
                JsonValueKind.Null,
                JsonValueKind.Null,
                JsonValueKind.Null,
                JsonValueKind.Number,
            ]);
        answer
            .Skip(1)
            .Take(5)
            .Select(a => a.GetProperty("problem").GetProperty("type").GetString())
            .ShouldBe([
                "/problems/unknown-kind",
                "/problems/bad-input",
                "/problems/moved-on",
                "/problems/bad-input",
                "/problems/unreadable",
            ]);
        (await _server.ChangesAsync()).GetProperty("records").GetArrayLength().ShouldBe(2);
    }

    [Theory]
    [InlineData("[]")]
    [InlineData("{}")]
    [InlineData("""{"records":null}""")]
    [InlineData("""{"records":{}}""")]
    [InlineData("{\"records\":[")]
    public async Task What_is_no_list_of_records_is_refused(string json) =>
        (await _server.Owner.PostAsync($"/api/books/{Book}/records", json)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);

    [Fact]
    public async Task A_full_book_takes_nothing_more_and_says_what_to_do()
    {
        await _server.PutAsync("kit-item", Guid.CreateVersion7(), Bottle);
        _server.Execute("UPDATE book_sizes SET Bytes = 64 * 1024 * 1024 - 60");
        var problem = await ProblemAsync(
            await _server.PutAsync(
                "kit-item",
                Guid.CreateVersion7(),
                """{"kind":"container","name":"A bottle with a rather long name","volumeL":1}"""
            )
        );
        problem.GetProperty("type").GetString().ShouldBe("/problems/book-full");
        problem.GetProperty("detail").GetString()!.ShouldContain("Take a backup");
        // What is there can be read, made shorter, and told how full it is.
        var changes = await _server.ChangesAsync();
        changes.GetProperty("records").GetArrayLength().ShouldBe(1);
        changes.GetProperty("nearlyFull").GetBoolean().ShouldBeTrue();
        changes.GetProperty("bytes").GetInt64().ShouldBeGreaterThan(changes.GetProperty("mostBytes").GetInt64() * 9 / 10);
    }

    /// <summary>A page ends by its bytes, and the pages together are the book.</summary>
    [Fact]
    public async Task A_book_is_read_in_pages_by_bytes()
    {
        for (var load = 0; load < 5; load++)
        {
            await SendAsync([
                .. Enumerable.Range(0, 300).Select(_ => $$"""{"kind":"kit-item","id":"{{Guid.CreateVersion7()}}","body":{{Bottle}}}"""),
            ]);
        }

        var (since, pages, records) = (0L, 0, 0);
        for (var more = true; more; pages++)
        {
            var page = await _server.ChangesAsync(since);
            records += page.GetProperty("records").GetArrayLength();
            page.GetProperty("records").GetArrayLength().ShouldBeLessThanOrEqualTo(1000);
            (since, more) = (page.GetProperty("revision").GetInt64(), page.GetProperty("more").GetBoolean());
        }

        (pages, records, since).ShouldBe((2, 1500, 1500));
        var last = await _server.ChangesAsync(9_999);
        (last.GetProperty("latest").GetInt64(), last.GetProperty("records").GetArrayLength()).ShouldBe((1500, 0)); // below what was asked from: the store has gone back in time
    }

    private async Task<List<JsonElement>> SendAsync(params string[] records) =>
        [
            .. (await _server.Owner.PostForAsync($"/api/books/{Book}/records", $$"""{"records":[{{string.Join(",", records)}}]}"""))
                .GetProperty("records")
                .EnumerateArray(),
        ];
}
