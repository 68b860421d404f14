using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using Microsoft.Data.Sqlite;

namespace JollyBrook.Server.Tests;

public class RecordEndpointTests : IDisposable
{
    private const string Bottle = """{"kind":"container","name":"Bottle","volumeL":1}""";
    private const string BiggerBottle = """{"kind":"container","name":"Bottle","volumeL":1.5}""";

    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    private static string Tap(Guid batch, string step) =>
        $$"""{"batchId":"{{batch}}","kind":"done","stepId":"{{step}}","at":"2026-08-21T14:00:00Z"}""";

    private static async Task<long> RevisionOf(HttpResponseMessage response) =>
        (await response.Content.ReadFromJsonAsync<JsonElement>()).GetProperty("revision").GetInt64();

    [Fact]
    public async Task A_record_sent_twice_is_there_once()
    {
        var id = Guid.CreateVersion7();
        var first = await RevisionOf(await _server.PutAsync("kit-item", id, Bottle));
        var second = await RevisionOf(await _server.PutAsync("kit-item", id, """{ "name":"Bottle", "volumeL":1, "kind":"container" }"""));
        second.ShouldBe(first);
        (await _server.ChangesAsync()).GetProperty("records").GetArrayLength().ShouldBe(1);
    }

    [Fact]
    public async Task A_change_needs_the_revision_it_was_made_from()
    {
        var id = Guid.CreateVersion7();
        var revision = await RevisionOf(await _server.PutAsync("kit-item", id, Bottle));

        var blind = await _server.PutAsync("kit-item", id, BiggerBottle);
        blind.StatusCode.ShouldBe(HttpStatusCode.Conflict);
        blind.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");

        (await RevisionOf(await _server.PutAsync("kit-item", id, BiggerBottle, revision))).ShouldBeGreaterThan(revision);
        var now = await _server.Client.GetFromJsonAsync<JsonElement>($"/api/books/{_server.Owner.PersonId}/records/kit-item/{id}");
        now.GetProperty("body").GetProperty("volumeL").GetDouble().ShouldBe(1.5);
    }

    [Fact]
    public async Task The_log_is_never_changed()
    {
        var id = Guid.CreateVersion7();
        var batch = Guid.CreateVersion7();
        var revision = await RevisionOf(await _server.PutAsync("batch-event", id, Tap(batch, "dose")));
        (await _server.PutAsync("batch-event", id, Tap(batch, "drink"), revision)).StatusCode.ShouldBe(HttpStatusCode.Conflict);
        (await _server.ChangesAsync()).GetProperty("records")[0].GetProperty("body").GetProperty("stepId").GetString().ShouldBe("dose");
    }

    [Theory]
    [InlineData("kit-item", """{"kind":"container","name":"Bottle","volumeL":-1}""", "volumeL")]
    [InlineData("kit-item", """{"kind":"barrel","name":"Bottle","volumeL":1}""", "kind")]
    [InlineData(
        "drill-result",
        """{"kind":"drill","seed":-4,"level":2,"focus":null,"at":"2026-08-21T14:00:00Z","skills":[{"skill":"wait","passed":true}]}""",
        "seed"
    )]
    [InlineData(
        "drill-result",
        """{"kind":"drill","seed":4,"level":2,"focus":null,"at":"2026-08-21T14:00:00Z","skills":[{"skill":"wait"}]}""",
        "skills"
    )]
    [InlineData("batch", """{"container":"Bottle"}""", "startedAt")]
    public async Task A_bad_body_keeps_nothing(string kind, string body, string field)
    {
        var response = await _server.PutAsync(kind, Guid.CreateVersion7(), body);
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await response.Content.ReadFromJsonAsync<JsonElement>())
            .GetProperty("errors")
            .EnumerateArray()
            .ShouldContain(e => e.GetProperty("field").GetString() == field);
        (await _server.ChangesAsync()).GetProperty("records").GetArrayLength().ShouldBe(0);
    }

    [Fact]
    public async Task Unknown_kinds_bad_ids_and_cut_off_bodies_are_refused()
    {
        (await _server.PutAsync("potion", Guid.CreateVersion7(), "{}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await _server.PutAsync("kit-item", Guid.NewGuid(), Bottle)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        var cut = await _server.Client.PutAsync(
            $"/api/books/{_server.Owner.PersonId}/records/kit-item/{Guid.CreateVersion7()}",
            RunningServer.Json("{\"body\":{")
        );
        cut.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task Changes_come_oldest_first_from_where_they_were_left()
    {
        for (var i = 0; i < 3; i++)
        {
            await _server.PutAsync("kit-item", Guid.CreateVersion7(), Bottle);
        }

        var all = await _server.ChangesAsync();
        all.GetProperty("records").EnumerateArray().Select(r => r.GetProperty("revision").GetInt64()).ShouldBe([1, 2, 3]);
        (await _server.ChangesAsync(2)).GetProperty("records").GetArrayLength().ShouldBe(1);
        (await _server.ChangesAsync(3)).GetProperty("revision").GetInt64().ShouldBe(3);
    }

    [Fact]
    public async Task Writes_at_once_get_revisions_of_their_own()
    {
        var writes = await Task.WhenAll(Enumerable.Range(0, 24).Select(_ => _server.PutAsync("kit-item", Guid.CreateVersion7(), Bottle)));
        var revisions = await Task.WhenAll(writes.Select(RevisionOf));
        revisions.Order().ShouldBe(Enumerable.Range(1, 24).Select(i => (long)i));
    }

    [Fact]
    public async Task A_restart_loses_nothing_and_the_store_stays_the_same()
    {
        var id = Guid.CreateVersion7();
        await _server.PutAsync("kit-item", id, Bottle);
        var before = _server.Owner.About;

        _server.Restart();

        _server.Owner.About.GetProperty("storeId").GetGuid().ShouldBe(before.GetProperty("storeId").GetGuid());
        _server.Owner.PersonId.ShouldBe(before.GetProperty("person").GetProperty("id").GetGuid());
        (await _server.ChangesAsync()).GetProperty("records")[0].GetProperty("id").GetGuid().ShouldBe(id);
    }

    [Fact]
    public async Task The_file_is_in_write_ahead_mode()
    {
        await _server.PutAsync("kit-item", Guid.CreateVersion7(), Bottle);
        using var connection = new SqliteConnection($"Data Source={Path.Combine(_server.Folder, "jolly-brook.db")}");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA journal_mode";
        command.ExecuteScalar().ShouldBe("wal");
    }
}
