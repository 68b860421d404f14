using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;

namespace JollyBrook.Server.Tests;

/// <summary>The real server over a real SQLite file in a folder of its own, which outlives a restart.</summary>
public sealed class RunningServer : IDisposable
{
    private readonly bool _demo;
    private WebApplicationFactory<Program> _factory;

    public RunningServer(bool demo = false)
    {
        _demo = demo;
        Folder = Directory.CreateTempSubdirectory("jolly-brook-test-").FullName;
        _factory = Build();
        Client = _factory.CreateClient();
    }

    public string Folder { get; }

    public HttpClient Client { get; private set; }

    public void Restart()
    {
        _factory.Dispose();
        _factory = Build();
        Client = _factory.CreateClient();
    }

    public Task<HttpResponseMessage> PutAsync(string kind, Guid id, string body, long? baseRevision = null) =>
        Client.PutAsync($"/api/records/{kind}/{id}", Json($$"""{"baseRevision":{{baseRevision?.ToString() ?? "null"}},"body":{{body}}}"""));

    public async Task<JsonElement> ChangesAsync(long since = 0) =>
        await Client.GetFromJsonAsync<JsonElement>($"/api/changes?since={since}");

    public static StringContent Json(string text) => new(text, Encoding.UTF8, "application/json");

    public void Dispose()
    {
        _factory.Dispose();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(Folder, recursive: true);
    }

    private WebApplicationFactory<Program> Build() => new WebApplicationFactory<Program>().WithWebHostBuilder(web =>
    {
        web.UseSetting("data", Folder);
        web.UseSetting("demo", _demo ? "true" : "false");
    });
}
