using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using JollyBrook.Core;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Records;
using JollyBrook.Data.Records;
using Microsoft.Extensions.DependencyInjection;

namespace JollyBrook.Server.Tests;

/// <summary>Every stored body says what schema it is in, and none of an older one is left once the store is open.</summary>
public sealed class RecordSchemaTests : IDisposable
{
    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    private Task<HttpResponseMessage> SendAsync(string schema) =>
        _server.Owner.PutJsonAsync(
            $"/api/books/{_server.Owner.PersonId}/records/settings/{Guid.CreateVersion7()}",
            $$$"""{"baseRevision":null,"body":{"theme":"dusk"}{{{schema}}}}"""
        );

    [Theory]
    [InlineData("")]
    [InlineData(""","schema":null""")]
    [InlineData(""","schema":1""")]
    public async Task A_body_without_a_number_is_of_the_first_schema(string schema)
    {
        (await SendAsync(schema)).EnsureSuccessStatusCode();
        (await _server.ChangesAsync()).GetProperty("records")[0].GetProperty("schema").GetInt32().ShouldBe(1);
    }

    [Theory]
    [InlineData(""","schema":2""")]
    [InlineData(""","schema":0""")]
    [InlineData(""","schema":1.5""")]
    [InlineData(""","schema":"1" """)]
    public async Task A_body_of_a_schema_this_server_does_not_know_is_not_kept(string schema)
    {
        var answer = await SendAsync(schema);
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        var problem = await answer.Content.ReadFromJsonAsync<JsonElement>();
        problem.GetProperty("errors")[0].GetProperty("field").GetString().ShouldBe("schema");
        (await _server.ChangesAsync()).GetProperty("records").GetArrayLength().ShouldBe(0);
    }

    [Fact]
    public async Task What_is_stored_is_brought_up_by_its_kinds_steps_under_the_same_revision()
    {
        var id = Guid.CreateVersion7();
        (await _server.PutAsync("settings", id, """{"theme":"dusk"}""")).EnsureSuccessStatusCode();
        var revision = (await _server.ChangesAsync()).GetProperty("revision").GetInt64();
        var moved = new RecordKind<PersonSettings>(
            "settings",
            "Settings",
            RecordPlace.Personal,
            4096,
            ContractJson.Default.PersonSettings,
            PersonSettings.Fields,
            PersonSettings.Check
        )
        {
            Schema = new RecordSchema(body => body["countViruses"] = true),
        };
        await using (var scope = _server.Factory.Services.CreateAsyncScope())
        {
            await scope.ServiceProvider.GetRequiredService<SchemaRise>().BringUpAsync([moved], CancellationToken.None);
        }

        var changes = await _server.ChangesAsync();
        var record = changes.GetProperty("records").EnumerateArray().ShouldHaveSingleItem();
        record.GetProperty("body").GetRawText().ShouldBe("""{"theme":"dusk","countViruses":true}""");
        record.GetProperty("schema").GetInt32().ShouldBe(2);
        changes.GetProperty("revision").GetInt64().ShouldBe(revision);
        changes.GetProperty("bytes").GetInt64().ShouldBe("""{"theme":"dusk","countViruses":true}""".Length);
    }

    [Fact]
    public async Task A_backup_says_the_schema_of_each_body()
    {
        async Task<HttpStatusCode> RestoreAsync(int schema) =>
            (
                await _server.Owner.PostAsync(
                    $"/api/books/{_server.Owner.PersonId}/restore",
                    $$$"""{"format":"jolly-brook-backup","version":1,"records":[{"kind":"settings","id":"{{{Guid.CreateVersion7()}}}","schema":{{{schema}}},"body":{"theme":"dusk"}}]}"""
                )
            ).StatusCode;
        (await RestoreAsync(2)).ShouldBe(HttpStatusCode.BadRequest);
        (await RestoreAsync(1)).ShouldBe(HttpStatusCode.OK);
    }
}
