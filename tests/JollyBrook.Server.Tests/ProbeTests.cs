using System.Text.Json;
using JollyBrook.Core.Sources;
using JollyBrook.StandIns;

namespace JollyBrook.Server.Tests;

/// <summary>The simulated water probe, by itself and streamed.</summary>
public class ProbeTests : IDisposable
{
    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    [Fact]
    public async Task Readings_are_streamed_until_the_page_hangs_up()
    {
        using var hangUp = new CancellationTokenSource(TimeSpan.FromSeconds(30));
        using var response = await _server.Client.GetAsync("/api/probe?water=beck", HttpCompletionOption.ResponseHeadersRead, hangUp.Token);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("text/event-stream");
        using var reader = new StreamReader(await response.Content.ReadAsStreamAsync(hangUp.Token));
        List<string> readings = [];
        while (readings.Count < 2)
        {
            if (await reader.ReadLineAsync(hangUp.Token) is { } line && line.StartsWith("data: ", StringComparison.Ordinal))
            {
                readings.Add(line["data: ".Length..]);
            }
        }

        var second = JsonDocument.Parse(readings[1]).RootElement;
        var expected = SimulatedProbe.Reading("beck", 1, default);
        second.GetProperty("temperatureC").GetDouble().ShouldBe(expected.TemperatureC);
        second.GetProperty("turbidityNtu").GetDouble().ShouldBe(expected.TurbidityNtu);
        second.GetProperty("conductivityUsCm").GetDouble().ShouldBe(expected.ConductivityUsCm);
    }

    [Fact]
    public async Task A_name_too_long_is_said()
    {
        using var response = await _server.Client.GetAsync($"/api/probe?water={new string('w', 81)}");
        ((int)response.StatusCode).ShouldBe(400);
        (await response.Content.ReadAsStringAsync()).ShouldContain("80 characters or fewer");
    }

    [Fact]
    public void Waters_differ_and_each_keeps_its_own_figures()
    {
        var (beck, tarn) = (SimulatedProbe.Reading("beck", 0, default), SimulatedProbe.Reading("tarn", 0, default));
        beck.ShouldBe(SimulatedProbe.Reading("beck", 0, default));
        beck.ShouldNotBe(tarn);
        foreach (var n in Enumerable.Range(0, 50))
        {
            var reading = SimulatedProbe.Reading("beck", n, default);
            reading.TemperatureC.ShouldBe(beck.TemperatureC, 0.2);
            reading.TurbidityNtu.ShouldBeGreaterThan(0);
            reading.ConductivityUsCm.ShouldBeLessThan(SourceJudge.SaltFromUsCm);
        }
    }

    [Fact]
    public void Brackish_water_raises_the_salt_flag() =>
        SimulatedProbe.Reading(SimulatedProbe.Brackish, 0, default).ConductivityUsCm.ShouldBeGreaterThan(SourceJudge.SaltFromUsCm);
}
