using System.Text.Json;
using CsCheck;

namespace JollyBrook.Journeys;

/// <summary>The server and the page run the same core: a few hundred requests, good and bad, get the same answers from both.</summary>
public sealed class TwoHostsTests : IDisposable
{
    private const int Requests = 500;
    private const double Tolerance = 1e-9;

    private readonly AppServer _server = new(demo: false);
    private readonly Browser _browser;

    public TwoHostsTests() => _browser = _server.NewBrowser();

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public async Task Both_hosts_give_the_same_answers()
    {
        var requests = RequestGen.Any.Array[Requests].Single();
        _browser.Open("/treat");
        _browser.UntilHeadline("1 min at a rolling boil");
        var inPage = InPage(requests);
        inPage.Count.ShouldBe(Requests, inPage[0]);
        var refused = 0;
        for (var i = 0; i < Requests; i++)
        {
            var (name, json) = requests[i];
            using var page = JsonDocument.Parse(inPage[i]);
            using var server = JsonDocument.Parse(await _server.PostAsync($"/api/calc/{name}", json));
            Same(page.RootElement.GetProperty("body"), server.RootElement, "$", json);
            refused += page.RootElement.GetProperty("status").GetInt32() == 200 ? 0 : 1;
        }

        refused.ShouldBeInRange(1, Requests - 1); // both kinds were among them
    }

    private List<string> InPage((string Name, string Json)[] requests)
    {
        var answers = (IReadOnlyCollection<object>)_browser.Driver.ExecuteAsyncScript(
            """
            const done = arguments[arguments.length - 1];
            const requests = [...arguments].slice(0, -1);
            (async () => {
              const { dotnet } = await import('/_framework/dotnet.js');
              const { getAssemblyExports, getConfig } = await dotnet.create();
              const core = (await getAssemblyExports(getConfig().mainAssemblyName)).JollyBrook.Browser.CoreExports;
              return requests.map(([name, json]) => core.Calculate(name, json));
            })().then(done, error => done([String(error)]));
            """,
            requests.Select(r => (object)new object[] { r.Name, r.Json }).ToArray<object>())!;
        return [.. answers.Cast<string>()];
    }

    private static void Same(JsonElement page, JsonElement server, string path, string request)
    {
        page.ValueKind.ShouldBe(server.ValueKind, $"{path} for {request}");
        switch (page.ValueKind)
        {
            case JsonValueKind.Object:
                page.EnumerateObject().Select(p => p.Name).ShouldBe(server.EnumerateObject().Select(p => p.Name), $"{path} for {request}");
                foreach (var property in page.EnumerateObject())
                {
                    Same(property.Value, server.GetProperty(property.Name), $"{path}.{property.Name}", request);
                }

                break;
            case JsonValueKind.Array:
                page.GetArrayLength().ShouldBe(server.GetArrayLength(), $"{path} for {request}");
                for (var i = 0; i < page.GetArrayLength(); i++)
                {
                    Same(page[i], server[i], $"{path}[{i}]", request);
                }

                break;
            case JsonValueKind.Number:
                var (a, b) = (page.GetDouble(), server.GetDouble());
                Math.Abs(a - b).ShouldBeLessThanOrEqualTo(Tolerance * Math.Max(1, Math.Abs(b)), $"{path} for {request}");
                break;
            default:
                page.ToString().ShouldBe(server.ToString(), $"{path} for {request}");
                break;
        }
    }
}
