using System.Net;
using System.Text.Json;

namespace JollyBrook.Server.Tests;

/// <summary>A backup taken in: whole or not at all, merged or in place, and taken back.</summary>
public sealed class BackupTests : IDisposable
{
    private static readonly Guid Bottle = Guid.Parse("01980000-0000-7000-8000-000000000001");
    private static readonly Guid Pot = Guid.Parse("01980000-0000-7000-8000-000000000002");
    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    private static string Item(string name, double volumeL = 1) => $$"""{"kind":"container","name":"{{name}}","volumeL":{{volumeL}}}""";

    private static string Entry(Guid id, string body, string kind = "kit-item") =>
        $$"""{"kind":"{{kind}}","id":"{{id}}","body":{{body}}}""";

    private static string File(params string[] records) =>
        $$"""{"format":"jolly-brook-backup","version":1,"madeAt":"2026-08-21T14:00:00Z","records":[{{string.Join(',', records)}}]}""";

    private string Path(string query = "") => $"/api/books/{_server.Owner.PersonId}/restore{query}";

    private async Task<Dictionary<Guid, string>> NamesAsync() =>
        (await _server.ChangesAsync())
            .GetProperty("records")
            .EnumerateArray()
            .Where(r => r.GetProperty("body").ValueKind == JsonValueKind.Object)
            .ToDictionary(r => r.GetProperty("id").GetGuid(), r => r.GetProperty("body").GetProperty("name").GetString()!);

    private static (int, int, int, int, int) Counts(JsonElement c) =>
        (
            c.GetProperty("added").GetInt32(),
            c.GetProperty("changed").GetInt32(),
            c.GetProperty("takenOut").GetInt32(),
            c.GetProperty("same").GetInt32(),
            c.GetProperty("leftAsIs").GetInt32()
        );

    [Fact]
    public async Task Merging_adds_what_is_missing_and_leaves_the_rest()
    {
        await _server.PutAsync("kit-item", Bottle, Item("Bottle as it is here"));
        var file = File(Entry(Bottle, Item("Bottle of the file")), Entry(Pot, Item("Pot")));

        Counts(await _server.Owner.PostForAsync(Path("?mode=merge&onlyCount=true"), file)).ShouldBe((1, 0, 0, 0, 1));
        (await NamesAsync()).Count.ShouldBe(1); // counting is not doing

        Counts(await _server.Owner.PostForAsync(Path("?mode=merge"), file)).ShouldBe((1, 0, 0, 0, 1));
        (await NamesAsync()).ShouldBe(new Dictionary<Guid, string> { [Bottle] = "Bottle as it is here", [Pot] = "Pot" }, ignoreOrder: true);
    }

    [Fact]
    public async Task Replacing_makes_the_book_what_the_file_says_and_every_device_hears_of_it()
    {
        var gone = Guid.CreateVersion7();
        await _server.PutAsync("kit-item", Bottle, Item("Bottle as it is here"));
        await _server.PutAsync("kit-item", gone, Item("Not in the file"));
        var before = (await _server.ChangesAsync()).GetProperty("revision").GetInt64();

        Counts(
                await _server.Owner.PostForAsync(
                    Path("?mode=replace"),
                    File(Entry(Bottle, Item("Bottle of the file")), Entry(Pot, Item("Pot")))
                )
            )
            .ShouldBe((1, 1, 1, 0, 0));

        (await NamesAsync()).ShouldBe(new Dictionary<Guid, string> { [Bottle] = "Bottle of the file", [Pot] = "Pot" }, ignoreOrder: true);
        var news = (await _server.ChangesAsync(before)).GetProperty("records").EnumerateArray().ToList();
        news.Single(r => r.GetProperty("id").GetGuid() == gone).GetProperty("body").ValueKind.ShouldBe(JsonValueKind.Null);
    }

    [Fact]
    public async Task Undo_brings_back_what_was_and_keeps_what_was_written_since()
    {
        var gone = Guid.CreateVersion7();
        await _server.PutAsync("kit-item", Bottle, Item("Bottle as it is here"));
        await _server.PutAsync("kit-item", gone, Item("Not in the file"));
        await _server.Owner.PostForAsync(Path("?mode=replace"), File(Entry(Bottle, Item("Bottle of the file")), Entry(Pot, Item("Pot"))));
        var since = Guid.CreateVersion7();
        await _server.PutAsync("kit-item", since, Item("Written since"));

        (await _server.Owner.Client.GetStringAsync(Path())).ShouldNotContain("null");
        await _server.Owner.PostForAsync(Path("/undo"), "{}");

        (await NamesAsync()).ShouldBe(
            new Dictionary<Guid, string>
            {
                [Bottle] = "Bottle as it is here",
                [gone] = "Not in the file",
                [since] = "Written since",
            },
            ignoreOrder: true
        );
        (await _server.Owner.PostAsync(Path("/undo"), "{}")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task Taken_in_again_it_changes_nothing()
    {
        var file = File(Entry(Bottle, Item("Bottle")), Entry(Pot, Item("Pot")));
        await _server.Owner.PostForAsync(Path("?mode=replace"), file);
        Counts(await _server.Owner.PostForAsync(Path("?mode=replace"), file)).ShouldBe((0, 0, 0, 2, 0));
    }

    [Theory]
    [InlineData("""{"format":"something-else","version":1,"records":[]}""", "not a Jolly Brook backup")]
    [InlineData("""{"format":"jolly-brook-backup","version":9,"records":[]}""", "version 9")]
    [InlineData("""{"format":"jolly-brook-backup","version":1}""", "list of records")]
    [InlineData("""{"format":"jolly-brook-backup","version":1,"records":[null]}""", "Entry 1 of")]
    [InlineData(
        """{"format":"jolly-brook-backup","version":1,"records":[{"kind":"potion","id":"01980000-0000-7000-8000-000000000001","body":{}}]}""",
        "no kind of record called 'potion'"
    )]
    [InlineData(
        """{"format":"jolly-brook-backup","version":1,"records":[{"kind":"kit-item","id":"11111111-1111-4111-8111-111111111111","body":{}}]}""",
        "version 7 UUID"
    )]
    [InlineData("""{"format":"jolly-brook-backup","version":1,"records":[{"kind":"kit-item","id":"not an id","body":{}}]}""", "records")]
    [InlineData(
        """{"format":"jolly-brook-backup","version":1,"records":[{"kind":"kit-item","id":"01980000-0000-7000-8000-000000000001"}]}""",
        "has no body"
    )]
    [InlineData("[1,2,3]", "JSON object")]
    [InlineData("""{"format":"jolly-brook-backup","version":1,"records":[{"kind":""", "cut short")]
    [InlineData("not json", "not JSON")]
    public async Task A_hostile_or_broken_file_is_refused_and_nothing_is_touched(string file, string words)
    {
        await _server.PutAsync("kit-item", Bottle, Item("Bottle"));
        foreach (var mode in new[] { "merge", "replace" })
        {
            var response = await _server.Owner.PostAsync(Path($"?mode={mode}"), file);
            response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
            JsonDocument
                .Parse(await response.Content.ReadAsStringAsync())
                .RootElement.GetProperty("detail")
                .GetString()!
                .ShouldContain(words);
        }

        (await _server.ChangesAsync()).GetProperty("revision").GetInt64().ShouldBe(1);
    }

    [Fact]
    public async Task One_bad_record_keeps_all_out_and_is_named_by_its_number()
    {
        var response = await _server.Owner.PostAsync(
            Path("?mode=replace"),
            File(Entry(Bottle, Item("Bottle")), Entry(Pot, Item("Pot", -1)), Entry(Bottle, Item("Twice")))
        );
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        var detail = await response.Content.ReadAsStringAsync();
        detail.ShouldContain("Record 2: Volume must be");
        detail.ShouldContain("Record 3");
        detail.ShouldContain("twice");
        (await _server.ChangesAsync()).GetProperty("records").GetArrayLength().ShouldBe(0);
    }

    [Fact]
    public async Task Deep_json_is_refused_wherever_it_is_sent()
    {
        var deep = string.Concat(Enumerable.Repeat("{\"a\":", 5000)) + "1" + new string('}', 5000);
        (await _server.Owner.PostAsync(Path("?mode=merge"), deep)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await _server.Owner.PostAsync(Path("?mode=merge"), File(Entry(Bottle, deep)))).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await _server.PutAsync("kit-item", Bottle, deep)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await _server.Owner.PostAsync("/api/account/sign-in", deep)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await _server.Owner.PostAsync("/api/calc/treat", deep)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await _server.ChangesAsync()).GetProperty("records").GetArrayLength().ShouldBe(0);
    }

    [Fact]
    public async Task A_trips_book_takes_no_backup()
    {
        var trip = await _server.Owner.MakeTripAsync();
        (await _server.Owner.PostAsync($"/api/books/{trip}/restore?mode=replace", File())).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }
}
