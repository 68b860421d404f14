using System.Net;
using System.Text.Json;

namespace JollyBrook.Server.Tests;

/// <summary>What the page sends and keeps at the water's edge, over HTTP against a real store.</summary>
public class AtTheSourceTests : IDisposable
{
    private const string Filter =
        """{"kind":"filter","name":"Squeeze filter","filter":{"element":"hollowFibre","style":"squeeze","ratedFlowLPerMin":1.7,"ratedLifeL":4000}}""";

    private const string Sound = """{"usedL":60,"wetted":"yes","frozen":"no"}""";

    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    private async Task<(HttpStatusCode Status, JsonElement Body)> CalculateAsync(string name, string request)
    {
        var response = await _server.Client.PostAsync($"/api/calc/{name}", RunningServer.Json(request));
        return (response.StatusCode, JsonDocument.Parse(await response.Content.ReadAsStringAsync()).RootElement);
    }

    [Fact]
    public async Task Every_chain_of_a_kit_is_compared()
    {
        var (status, list) = await CalculateAsync(
            "chains",
            $$$$"""{"water":{"volumeL":1,"clarity":"clear","colour":"none","temperatureC":10},"kit":[{"id":"f","item":{{{{Filter}}}},"filter":{{{{Sound}}}}},{"id":"t","item":{"kind":"product","name":"Tablets","product":{"profileId":"nadcc-8.5","bestBefore":"2027-01-31"}}}],"sky":{"date":"2026-08-10"},"chemical":{"light":"shadeOrOpaque"}}"""
        );
        status.ShouldBe(HttpStatusCode.OK);
        list.GetProperty("best").GetString().ShouldBe("f+t");
        list.GetProperty("chains")
            .EnumerateArray()
            .Select(c => c.GetProperty("id").GetString())
            .ShouldBe(["f+t", "t", "f", "sunlight"], ignoreOrder: true);
    }

    [Theory]
    [InlineData("{\"source\":{\"kind\":\"puddle\"}}", "source.kind", "must be one of: unknown, spring")]
    [InlineData("{\"source\":{\"conductivityUsCm\":-1}}", "source.conductivityUsCm", "must be 0 to 100")]
    [InlineData("{\"water\":{\"turbidityNtu\":20000}}", "water.turbidityNtu", "must be 0 to 10")]
    [InlineData("{\"water\":{\"vanishingDepthCm\":0}}", "water.vanishingDepthCm", "must be 1 to 300 cm")]
    public async Task What_cannot_be_right_of_a_source_names_its_field(string request, string field, string words)
    {
        var (status, problem) = await CalculateAsync("judge", request);
        status.ShouldBe(HttpStatusCode.BadRequest);
        var error = problem.GetProperty("errors").EnumerateArray().ShouldHaveSingleItem();
        error.GetProperty("field").GetString().ShouldBe(field);
        error.GetProperty("message").GetString()!.ShouldContain(words);
    }

    [Theory]
    [InlineData("{\"sky\":{\"latitudeDeg\":200}}", "sky.latitudeDeg")]
    [InlineData("{\"sky\":{\"cloudCover\":1.5}}", "sky.cloudCover")]
    [InlineData("{\"container\":{\"depthCm\":500}}", "container.depthCm")]
    [InlineData("{\"snow\":{\"kind\":\"fresh\",\"temperatureC\":5}}", "snow.temperatureC")]
    [InlineData("{\"clearing\":{\"grit\":\"porridge\"}}", "clearing.grit")]
    public async Task What_cannot_be_right_around_the_water_names_its_field(string around, string field)
    {
        var request = around.Insert(1, "\"method\":\"boil\",\"water\":{\"volumeL\":1,\"clarity\":\"clear\"},");
        var (status, problem) = await CalculateAsync("treat", request);
        status.ShouldBe(HttpStatusCode.BadRequest);
        problem.GetProperty("errors").EnumerateArray().ShouldHaveSingleItem().GetProperty("field").GetString().ShouldBe(field);
    }

    [Fact]
    public async Task A_piece_of_kit_is_kept_whole_or_not_at_all()
    {
        var id = Guid.CreateVersion7();
        (await _server.PutAsync("kit-item", id, Filter)).StatusCode.ShouldBe(HttpStatusCode.OK);
        var broken = Filter.Replace("1.7", "50", StringComparison.Ordinal);
        var refused = await _server.PutAsync("kit-item", id, broken, 1);
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await refused.Content.ReadAsStringAsync()).ShouldContain("filter.ratedFlowLPerMin");

        var kept = (await _server.ChangesAsync()).GetProperty("records").EnumerateArray().ShouldHaveSingleItem().GetProperty("body");
        kept.GetProperty("filter").GetProperty("ratedFlowLPerMin").GetDouble().ShouldBe(1.7);
    }

    [Fact]
    public async Task A_trips_source_is_kept_and_a_nameless_one_is_not()
    {
        (
            await _server.PutAsync("trip-source", Guid.CreateVersion7(), """{"name":"Ledge spring","class":"perennial","alongKm":8.4}""")
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
        var refused = await _server.PutAsync("trip-source", Guid.CreateVersion7(), """{"name":"","class":null,"alongKm":-1}""");
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        var problem = JsonDocument.Parse(await refused.Content.ReadAsStringAsync()).RootElement;
        problem
            .GetProperty("errors")
            .EnumerateArray()
            .Select(e => e.GetProperty("field").GetString())
            .ShouldBe(["name", "class", "alongKm"]);
    }

    [Fact]
    public async Task A_batch_of_a_chain_is_kept_as_it_was_answered()
    {
        var (_, answer) = await CalculateAsync(
            "treat",
            $$"""{"method":"f","water":{"volumeL":1,"clarity":"clear"},"kit":[{"id":"f","item":{{Filter}},"filter":{{Sound}} }],"startAt":"2026-08-21T14:05:00Z"}"""
        );
        var body =
            $$$$"""{"container":"Bottle","startedAt":"2026-08-21T14:05:00Z","request":{"method":"f","water":{"volumeL":1}},"answer":{{{{answer.GetRawText()}}}}}""";
        var put = await _server.PutAsync("batch", Guid.CreateVersion7(), body);
        put.StatusCode.ShouldBe(HttpStatusCode.OK, await put.Content.ReadAsStringAsync());
        var kept = (await _server.ChangesAsync())
            .GetProperty("records")
            .EnumerateArray()
            .ShouldHaveSingleItem()
            .GetProperty("body")
            .GetProperty("answer");
        kept.GetProperty("filter")
            .GetProperty("minutes")
            .GetDouble()
            .ShouldBe(answer.GetProperty("filter").GetProperty("minutes").GetDouble());
        JsonElement.DeepEquals(kept.GetProperty("ledger"), answer.GetProperty("ledger")).ShouldBeTrue();
    }
}
