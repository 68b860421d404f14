using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using System.Text.Json;

namespace JollyBrook.Journeys;

/// <summary>The built server as a process of its own, on a port and a data folder of its own, which it keeps through a restart.</summary>
public sealed class AppServer : IDisposable
{
    private static readonly HttpClient Http = new() { Timeout = TimeSpan.FromSeconds(10) };
    private readonly bool _demo;
    private readonly string _folder = Directory.CreateTempSubdirectory("jolly-brook-journey-").FullName;
    private Process? _process;

    public AppServer(bool demo = true)
    {
        _demo = demo;
        Address = $"http://127.0.0.1:{FreePort()}";
        Start();
    }

    public string Address { get; }

    public void Start()
    {
        var dll = Path.Combine(Repository.Artifact("server"), "JollyBrook.Server.dll");
        File.Exists(dll).ShouldBeTrue("Build first: ./run --build");
        _process = Process.Start(new ProcessStartInfo(
            "dotnet",
            [
                dll, "--urls", Address, "--demo", _demo ? "true" : "false", "--data", _folder, "--site", Repository.Artifact("web"),
                "--Logging:LogLevel:Default=Warning",
            ])
        {
            WorkingDirectory = Repository.Root,
        })!;
        WaitUntilUp();
    }

    /// <summary>Ends the process at once, as a crash would.</summary>
    public void Stop()
    {
        _process!.Kill(entireProcessTree: true);
        _process.WaitForExit();
        _process.Dispose();
        _process = null;
    }

    public async Task<string> PostAsync(string path, string json)
    {
        using var response = await Http.PostAsync(Address + path, new StringContent(json, System.Text.Encoding.UTF8, "application/json"));
        return await response.Content.ReadAsStringAsync();
    }

    public IReadOnlyList<JsonElement> Records(string kind) =>
        [.. JsonDocument.Parse(Http.GetStringAsync($"{Address}/api/changes?since=0").GetAwaiter().GetResult())
            .RootElement.GetProperty("records").EnumerateArray().Where(r => r.GetProperty("kind").GetString() == kind)];

    public void Dispose()
    {
        if (_process is not null)
        {
            Stop();
        }

        Directory.Delete(_folder, recursive: true);
    }

    private void WaitUntilUp()
    {
        var deadline = DateTime.UtcNow.AddSeconds(60);
        while (true)
        {
            try
            {
                Http.GetStringAsync($"{Address}/api/about").GetAwaiter().GetResult();
                return;
            }
            catch (HttpRequestException) when (DateTime.UtcNow < deadline && !_process!.HasExited)
            {
                Thread.Sleep(100);
            }
        }
    }

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }
}
