using System.Net;
using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

namespace JollyBrook.Server.Tests;

/// <summary>The real server over a real SQLite file in a folder of its own, which outlives a restart. Its owner is signed in.</summary>
public sealed class RunningServer : IDisposable
{
    /// <summary>A request carrying this header comes from that address; without it, from this machine.</summary>
    public const string From = "X-Test-From";

    private readonly bool _demo;
    private readonly Dictionary<string, string> _settings;
    private readonly Action<IServiceCollection> _services;

    public RunningServer(
        bool demo = false,
        bool makeOwner = true,
        Dictionary<string, string>? settings = null,
        string? store = null,
        Action<IServiceCollection>? services = null,
        TimeSpan ahead = default
    )
    {
        Time.Advance(ahead);
        _demo = demo;
        _settings = settings ?? [];
        _services = services ?? (_ => { });
        Folder = Directory.CreateTempSubdirectory("jolly-brook-test-").FullName;
        if (store is not null)
        {
            File.Copy(store, DatabaseFile);
        }

        Factory = Build();
        Owner = NewVisitor();
        Owner.AskAboutAsync().GetAwaiter().GetResult();
        if (makeOwner && !demo)
        {
            Owner
                .PostForAsync("/api/account/owner", JsonSerializer.Serialize(new { name = "Ilva", passphrase = Visitor.Passphrase }))
                .GetAwaiter()
                .GetResult();
        }
    }

    public string Folder { get; }

    public string DatabaseFile => Path.Combine(Folder, "jolly-brook.db");

    public WebApplicationFactory<Program> Factory { get; private set; }

    /// <summary>What the server's clock shows.</summary>
    public ShiftedTime Time { get; } = new();

    public Visitor Owner { get; private set; }

    public HttpClient Client => Owner.Client;

    public Visitor NewVisitor() => new(Factory.CreateClient(new WebApplicationFactoryClientOptions { AllowAutoRedirect = false }));

    public void Restart()
    {
        Factory.Dispose();
        Factory = Build();
        Owner = NewVisitor();
        Owner.AskAboutAsync().GetAwaiter().GetResult();
        if (!_demo)
        {
            Owner.SignInAsync("Ilva").GetAwaiter().GetResult().EnsureSuccessStatusCode();
        }
    }

    /// <summary>Runs a statement on the store beside the server.</summary>
    /// <returns>The first value of the first row, or null.</returns>
    public object? Execute(string sql)
    {
        using var connection = new SqliteConnection($"Data Source={DatabaseFile};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return command.ExecuteScalar();
    }

    public Task<HttpResponseMessage> PutAsync(string kind, Guid id, string body, long? baseRevision = null) =>
        Owner.PutRecordAsync(Owner.PersonId, kind, id, body, baseRevision);

    public Task<JsonElement> ChangesAsync(long since = 0) => Owner.ChangesAsync(Owner.PersonId, since);

    public static StringContent Json(string text) => new(text, Encoding.UTF8, "application/json");

    public void Dispose()
    {
        Factory.Dispose();
        SqliteConnection.ClearAllPools();
        Directory.Delete(Folder, recursive: true);
    }

    private WebApplicationFactory<Program> Build() =>
        new WebApplicationFactory<Program>().WithWebHostBuilder(web =>
        {
            web.UseSetting("data", Folder);
            web.UseSetting("demo", _demo ? "true" : "false");
            web.UseSetting("local", "true");
            web.UseSetting("secretTriesPerMinute", "10000");
            foreach (var (name, value) in _settings)
            {
                web.UseSetting(name, value);
            }

            web.ConfigureServices(services =>
            {
                services.AddTransient<IStartupFilter, FromAddress>();
                services.AddSingleton<TimeProvider>(Time);
                // Every test makes accounts; the real cost of a hash would be most of their time.
                services.PostConfigure<PasswordHasherOptions>(hasher => hasher.IterationCount = 1000);
                _services(services);
            });
        });

    /// <summary>The test host has no connections, so no addresses either.</summary>
    private sealed class FromAddress : IStartupFilter
    {
        public Action<IApplicationBuilder> Configure(Action<IApplicationBuilder> next) =>
            app =>
            {
                app.Use(
                    (http, rest) =>
                    {
                        http.Connection.RemoteIpAddress = http.Request.Headers.TryGetValue(From, out var from)
                            ? IPAddress.Parse(from!)
                            : IPAddress.Loopback;
                        return rest(http);
                    }
                );
                next(app);
            };
    }
}
