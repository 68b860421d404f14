using System.Text.Json;
using CsCheck;
using JollyBrook.Core.Tests.Requests;

namespace JollyBrook.Journeys;

/// <summary>The server and the page run the same core: a few hundred requests, good and bad, get the same answers from both.</summary>
public sealed class TwoHostsTests : IDisposable
{
    private const int Requests = 500;
    private const double Tolerance = 1e-9;

    private readonly AppServer _server = ServerPool.Take(demo: false);
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

    /// <summary>Every awkward file of the readers' own tests, as a route and as places on one, and a trip written in each format.</summary>
    [Fact]
    public async Task Both_hosts_read_and_write_the_same_files()
    {
        const string Route =
            """{"name":"Ridge","startDate":"2026-08-21","lengthKm":4.448,"heights":"o}@SSS","latitudes":"_m~xG_yF","longitudes":"~|pmD?"}""";
        List<(string Name, string Json)> requests =
        [
            .. ((string[])["gpx", "geoJson", "csv"]).Select(format =>
                (
                    "write-trip",
                    $$$"""{"format":"{{{format}}}","route":{{{Route}}},"sources":[{"source":{"name":"=Moss & fern","class":"seep","alongKm":1.5,"doNotUse":true}}]}"""
                )
            ),
        ];
        foreach (var file in Directory.GetFiles(Path.Combine(Repository.Root, "tests/JollyBrook.Formats.Tests/awkward")).Order())
        {
            var bytes = Convert.ToBase64String(await File.ReadAllBytesAsync(file));
            requests.Add(("read-route", $$"""{"file":"{{bytes}}","today":"2026-11-27"}"""));
            requests.Add(("read-places", $$$"""{"file":"{{{bytes}}}","today":"2026-11-27","route":{{{Route}}}}"""));
        }

        _browser.Open("/treat");
        _browser.UntilHeadline("1 min at a rolling boil");
        var inPage = InPage([.. requests]);
        inPage.Count.ShouldBe(requests.Count, inPage[0]);
        var read = 0;
        for (var i = 0; i < requests.Count; i++)
        {
            var (name, json) = requests[i];
            using var page = JsonDocument.Parse(inPage[i]);
            using var server = JsonDocument.Parse(await _server.PostAsync($"/api/calc/{name}", json));
            Same(page.RootElement.GetProperty("body"), server.RootElement, "$", json);
            read += page.RootElement.GetProperty("status").GetInt32() == 200 ? 1 : 0;
        }

        read.ShouldBeInRange(3 + 25, requests.Count - 25);
    }

    private List<string> InPage((string Name, string Json)[] requests)
    {
        var answers =
            (IReadOnlyCollection<object>)
                _browser.Driver.ExecuteAsyncScript(
                    """
                    const done = arguments[arguments.length - 1];
                    const requests = [...arguments].slice(0, -1);
                    (async () => {
                      const { dotnet } = await import('/_framework/dotnet.js');
                      const { getAssemblyExports, getConfig, INTERNAL } = await dotnet.create();
                      const { CoreExports, FileExports } = (await getAssemblyExports(getConfig().mainAssemblyName)).JollyBrook.Browser;
                      const ofFiles = name => name.startsWith('read-') || name.startsWith('write-');
                      if (requests.some(([name]) => ofFiles(name)))
                        for (const { virtualPath } of getConfig().resources.lazyAssembly) await INTERNAL.loadLazyAssembly(virtualPath);
                      return requests.map(([name, json]) => (ofFiles(name) ? FileExports : CoreExports).Calculate(name, json));
                    })().then(done, error => done([String(error)]));
                    """,
                    requests.Select(r => (object)new object[] { r.Name, r.Json }).ToArray<object>()
                )!;
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
