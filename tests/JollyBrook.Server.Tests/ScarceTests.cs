using System.Net;
using System.Net.Http.Json;
using System.Text.Json;

namespace JollyBrook.Server.Tests;

/// <summary>Scarce water and drills over HTTP.</summary>
public class ScarceTests : IDisposable
{
    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    private async Task<JsonElement> AskAsync(string name, string json)
    {
        var response = await _server.Client.PostAsync(
            $"/api/calc/{name}",
            new StringContent(json, System.Text.Encoding.UTF8, "application/json")
        );
        response.StatusCode.ShouldBe(HttpStatusCode.OK, await response.Content.ReadAsStringAsync());
        return await response.Content.ReadFromJsonAsync<JsonElement>();
    }

    [Fact]
    public async Task Three_numbers_give_a_stage_and_an_action()
    {
        var at = await AskAsync("water-short", """{"inHandL":0.2,"needLPerH":0.5,"people":1,"sources":[{"distanceKm":6}]}""");
        at.GetProperty("stage").GetInt32().ShouldBe(3);
        at.GetProperty("action").GetString().ShouldBe("Call for help now, rest in shade, and collect what pays.");
        at.GetProperty("stages").GetArrayLength().ShouldBe(6);
    }

    [Fact]
    public async Task A_trips_sources_lie_ahead_and_behind_of_where_the_party_is()
    {
        // 10 km along on level ground, 5.0367 km/h without breaks: the brook 4 km behind, the spring 6 km ahead with a detour of 12 min.
        var route = await AskAsync("legs", """{"startM":0,"legs":[{"name":"","distanceKm":20}]}""");
        var at = await AskAsync(
            "water-short",
            $$$"""
            {"inHandL":1,"needLPerH":0.5,"people":1,"alongKm":10,"walk":{
              "route":{"name":"Level","lengthKm":20,"heights":{{{route.GetProperty("heights").GetRawText()}}},"breakShare":0},
              "sources":[
                {"id":"a","source":{"name":"Brook","class":"perennial","alongKm":6}},
                {"id":"b","source":{"name":"Tarn","class":"lake","alongKm":12,"doNotUse":true}},
                {"id":"c","source":{"name":"Spring","class":"perennial","alongKm":16,"detourMinutes":12}}]}}
            """
        );
        var ways = at.GetProperty("choices").EnumerateArray().ToDictionary(c => c.GetProperty("kind").GetString()!);
        ways["on"].GetProperty("sources").EnumerateArray().Single().GetProperty("name").GetString().ShouldBe("Spring");
        ways["on"].GetProperty("hours").GetDouble().ShouldBe((6 / 5.0367) + 0.2, 0.001);
        // Half a litre for an hour of the way on; the way back's hours are a little warmer.
        ways["back"].GetProperty("needL").GetDouble().ShouldBe(4 / 5.0367 * 0.5, 0.02);
        at.GetProperty("best").GetString().ShouldBe("back");
    }

    [Fact]
    public async Task A_drill_done_is_kept_and_may_not_be_changed_into_nonsense()
    {
        var id = Guid.CreateVersion7();
        const string done =
            """{"kind":"drill","seed":5,"level":1,"focus":null,"at":"2026-08-21T14:00:00Z","skills":[{"skill":"dose","passed":false}]}""";
        (await _server.PutAsync("drill-result", id, done)).StatusCode.ShouldBe(HttpStatusCode.OK);
        var kept = (await _server.ChangesAsync()).GetProperty("records")[0];
        kept.GetProperty("kind").GetString().ShouldBe("drill-result");
        kept.GetProperty("body").GetProperty("skills")[0].GetProperty("passed").GetBoolean().ShouldBeFalse();

        var progress = await AskAsync("drill-progress", $$"""{"results":[{{done}}],"now":"2026-08-22T08:00:00Z"}""");
        progress.GetProperty("next").GetProperty("seed").GetDouble().ShouldBe(5);
    }

    [Fact]
    public async Task An_emergency_contact_is_kept_with_the_settings_and_has_an_end()
    {
        (
            await _server.PutAsync(
                "settings",
                _server.Owner.PersonId,
                """{"units":"metric","theme":"paper","countViruses":true,"shortcuts":true,"emergencyContact":"Ama, 555 0100"}"""
            )
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
        var tooLong = new string('a', 201);
        var refused = await _server.PutAsync(
            "settings",
            Guid.CreateVersion7(),
            $$"""{"units":"metric","theme":"paper","countViruses":true,"shortcuts":true,"emergencyContact":"{{tooLong}}"}"""
        );
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await refused.Content.ReadAsStringAsync()).ShouldContain("emergencyContact");
    }

    [Theory]
    [InlineData("water-short", """{"inHandL":-1}""", "inHandL")]
    [InlineData("make-water", """{"rainMm":-3}""", "rainMm")]
    [InlineData("drill", """{"seed":1,"level":7}""", "level")]
    [InlineData("quiz", """{"seed":1,"trap":"carry"}""", "trap")]
    [InlineData("call-for-help", """{"latitudeDeg":91}""", "latitudeDeg")]
    [InlineData(
        "drill-progress",
        """{"results":[{"kind":"drill","seed":1,"at":"2026-08-21T14:00:00Z","skills":[]}],"now":"2026-08-22T08:00:00Z"}""",
        "skills"
    )]
    public async Task Bad_input_names_its_field(string name, string json, string field)
    {
        var response = await _server.Client.PostAsync(
            $"/api/calc/{name}",
            new StringContent(json, System.Text.Encoding.UTF8, "application/json")
        );
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        var problem = await response.Content.ReadFromJsonAsync<JsonElement>();
        problem.GetProperty("errors").EnumerateArray().Select(e => e.GetProperty("field").GetString()).ShouldContain(field);
    }
}
