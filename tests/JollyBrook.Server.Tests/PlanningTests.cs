using System.Net;
using System.Text.Json;

namespace JollyBrook.Server.Tests;

/// <summary>Files, weather and routes over HTTP against a real store.</summary>
public sealed class PlanningTests : IDisposable
{
    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    private async Task<(HttpStatusCode Status, JsonElement Body)> ReadAsync(string name, string text)
    {
        var response = await _server.Client.PostAsync(
            $"/api/calc/{name}",
            RunningServer.Json($$"""{"file":"{{Convert.ToBase64String(System.Text.Encoding.UTF8.GetBytes(text))}}"}""")
        );
        return (response.StatusCode, JsonDocument.Parse(await response.Content.ReadAsStringAsync()).RootElement);
    }

    [Fact]
    public async Task A_track_is_read_kept_as_a_route_and_planned()
    {
        var (status, read) = await ReadAsync(
            "read-route",
            File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "read-with-waypoint.gpx"))
        );
        status.ShouldBe(HttpStatusCode.OK);
        var route =
            $$"""{"name":"Over","startDate":"2026-08-21","lengthKm":{{read.GetProperty("lengthKm").GetRawText()}},"heights":{{read.GetProperty("heights").GetRawText()}}}""";
        (await _server.PutAsync("route", Guid.CreateVersion7(), route)).StatusCode.ShouldBe(HttpStatusCode.OK);
        var response = await _server.Client.PostAsync("/api/calc/plan", RunningServer.Json($$"""{"route":{{route}}}"""));
        var plan = JsonDocument.Parse(await response.Content.ReadAsStringAsync()).RootElement;
        plan.GetProperty("headline").GetString()!.ShouldStartWith("Leave with");
        plan.GetProperty("assumptions")
            .EnumerateArray()
            .Select(a => a.GetProperty("field").GetString())
            .ShouldBe(["walkers", "walkers.worn", "route.weather", "route.containers", "kit"], ignoreOrder: true);
    }

    [Fact]
    public async Task A_file_that_is_none_is_refused_in_words()
    {
        var (status, problem) = await ReadAsync("read-route", "hello");
        status.ShouldBe(HttpStatusCode.BadRequest);
        problem.GetProperty("errors")[0].GetProperty("field").GetString().ShouldBe("file");
        (await ReadAsync("read-weather", "date;hour\n")).Status.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task A_route_that_cannot_be_right_is_not_kept()
    {
        var response = await _server.PutAsync(
            "route",
            Guid.CreateVersion7(),
            """{"name":"","startDate":null,"lengthKm":9000,"heights":"é"}"""
        );
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        JsonDocument
            .Parse(await response.Content.ReadAsStringAsync())
            .RootElement.GetProperty("errors")
            .EnumerateArray()
            .Select(e => e.GetProperty("field").GetString())
            .ShouldBe(["name", "lengthKm", "heights"]);
        (await _server.PutAsync("walker", Guid.CreateVersion7(), """{"name":"A","massKg":5,"heightCm":170}""")).StatusCode.ShouldBe(
            HttpStatusCode.BadRequest
        );
        (await _server.PutAsync("sweat-test", Guid.CreateVersion7(), """{"hours":2}""")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task The_simulated_weather_is_the_same_for_the_same_place_and_date()
    {
        const string Asked = "/api/weather?latitude=46.2&longitude=-28.6&elevation=300&from=2026-08-21&days=3";
        var (first, second) = (await _server.Client.GetStringAsync(Asked), await _server.Client.GetStringAsync(Asked));
        first.ShouldBe(second);
        var days = JsonDocument.Parse(first).RootElement;
        days.GetArrayLength().ShouldBe(3);
        days[0].GetProperty("hours").GetArrayLength().ShouldBe(24);
        days[0].GetProperty("source").GetString().ShouldBe("service");
        // 1 000 m higher is 6.5 °C colder.
        var higher = JsonDocument.Parse(await _server.Client.GetStringAsync(Asked.Replace("elevation=300", "elevation=1300"))).RootElement;
        (days[0].GetProperty("highC").GetDouble() - higher[0].GetProperty("highC").GetDouble()).ShouldBe(6.5, 0.11);
        (await _server.Client.GetAsync(Asked.Replace("days=3", "days=99"))).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task The_simulated_scale_weighs()
    {
        double Kg(string json) => JsonDocument.Parse(json).RootElement.GetProperty("kg").GetDouble();
        var before = Kg(await _server.Client.GetStringAsync("/api/scale?person=Ilva"));
        Kg(await _server.Client.GetStringAsync("/api/scale?person=Ilva&lost=0.7")).ShouldBe(before - 0.7, 0.011);
        (await _server.Client.GetAsync("/api/scale?person=")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }
}
