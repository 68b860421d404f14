using System.Net;
using System.Text.Json;

namespace JollyBrook.Server.Tests;

public class CalculationEndpointTests : IDisposable
{
    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    [Fact]
    public async Task Every_calculation_of_the_core_has_its_address()
    {
        foreach (var calculation in Core.Calculations.All)
        {
            var response = await _server.Client.PostAsync($"/api/calc/{calculation.Name}", RunningServer.Json("[]"));
            var problem = JsonDocument.Parse(await response.Content.ReadAsStringAsync()).RootElement;
            problem.GetProperty("type").GetString().ShouldBe("/problems/unreadable", calculation.Name);
        }
    }

    [Fact]
    public async Task Answers_word_for_word_what_the_core_answers()
    {
        const string request =
            """{"method":"nadcc-8.5","water":{"volumeL":1,"clarity":"clear","temperatureC":10},"chemical":{"date":"inDate","light":"shadeOrOpaque"}}""";
        var response = await _server.Client.PostAsync("/api/calc/treat", RunningServer.Json(request));
        response.StatusCode.ShouldBe(HttpStatusCode.OK);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("application/json");
        (await response.Content.ReadAsStringAsync()).ShouldBe(Core.Calculations.Run("treat", request).Json);
    }

    [Theory]
    [InlineData("""{"method":"boil","water":{"volumeL":400}}""", 400, "must be 0.05 to 200 L")]
    [InlineData("""{"method":"boil","water":{"volumeL":""", 400, "cut short")]
    [InlineData("not json at all", 400, "not JSON")]
    public async Task Bad_input_comes_back_as_problem_details(string request, int status, string words)
    {
        var response = await _server.Client.PostAsync("/api/calc/treat", RunningServer.Json(request));
        ((int)response.StatusCode).ShouldBe(status);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
        (await response.Content.ReadAsStringAsync()).ShouldContain(words);
    }

    [Fact]
    public async Task An_unknown_calculation_is_not_found()
    {
        var response = await _server.Client.PostAsync("/api/calc/divine", RunningServer.Json("{}"));
        response.StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task The_api_document_names_every_calculation_and_record()
    {
        var document = await _server.Client.GetStringAsync("/openapi/v1.json");
        foreach (var calculation in Core.Calculations.All.Concat(Formats.FileCalculations.All))
        {
            document.ShouldContain($"/api/calc/{calculation.Name}");
        }

        foreach (var kind in Core.Records.RecordKinds.All)
        {
            document.ShouldContain($"/api/books/{{book}}/records/{kind.Name}/{{id}}");
        }

        document.ShouldContain("slightlyCloudy");
    }
}
