using System.Collections.Concurrent;
using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using System.Text.Json;

namespace JollyBrook.Journeys;

/// <summary>
/// The built server as a process of its own, on a port and a data folder of its own, which it keeps through a restart. Its owner is signed
/// in.
/// </summary>
public sealed class AppServer : IDisposable
{
    private readonly bool _demo;
    private readonly string _site;
    private readonly ConcurrentDictionary<(int Width, int Height), ConcurrentBag<Browser>> _idle = [];
    private Process? _process;
    private ServerClient? _owner;

    /// <param name="demo">Whether it holds the demo data.</param>
    /// <param name="makeOwner">Whether the owner's account of own data is made at once.</param>
    /// <param name="site">The folder of the built page; the repository's when left out.</param>
    public AppServer(bool demo = true, bool makeOwner = true, string? site = null)
    {
        _demo = demo;
        _site = site ?? Repository.Artifact("web");
        Address = $"http://127.0.0.1:{FreePort()}";
        Start();
        if (demo || makeOwner)
        {
            Owner.SignInAsync().GetAwaiter().GetResult();
        }
    }

    public string Address { get; }

    public string DataFolder { get; } = Directory.CreateTempSubdirectory("jolly-brook-journey-").FullName;

    /// <summary>The owner, signed in or about to be.</summary>
    public ServerClient Owner => _owner ??= new ServerClient(Address);

    /// <summary>What is done with it instead of ending it; null where it is its maker's own.</summary>
    public Action? GiveBack { get; set; }

    /// <summary>Whether it was ever ended on the way.</summary>
    public bool WasStopped { get; private set; }

    /// <summary>How long the last start took until the first answer.</summary>
    public TimeSpan StartTook { get; private set; }

    public void Start()
    {
        var clock = Stopwatch.StartNew();
        Begin();
        WaitUntilUp();
        StartTook = clock.Elapsed;
    }

    /// <summary>Memory the process holds, bytes.</summary>
    public long MemoryBytes
    {
        get
        {
            _process!.Refresh();
            return _process.WorkingSet64;
        }
    }

    /// <summary>Starts it and kills it while it is starting.</summary>
    /// <param name="after">How long after.</param>
    public void KillWhileStarting(TimeSpan after)
    {
        Begin();
        _process!.WaitForExit(after);
        Stop();
    }

    /// <summary>Copies the store into a file, whether the server runs or not.</summary>
    public void Backup(string file) => Command("backup", "--to", file);

    /// <summary>Puts a backup in place of the store; the server is stopped.</summary>
    public void Restore(string file) => Command("restore", "--from", file);

    private void Command(string name, params string[] args)
    {
        using var command = Process.Start(
            new ProcessStartInfo("dotnet", [Program, name, "--data", DataFolder, .. args]) { RedirectStandardOutput = true }
        )!;
        command.StandardOutput.ReadToEnd();
        command.WaitForExit();
        command.ExitCode.ShouldBe(0, name);
    }

    private static string Program => Path.Combine(Repository.Artifact("server"), "JollyBrook.Server.dll");

    private void Begin()
    {
        File.Exists(Program).ShouldBeTrue("Build first: ./run --build");
        _process = Process.Start(
            new ProcessStartInfo(
                "dotnet",
                [
                    Program,
                    "--urls",
                    Address,
                    "--demo",
                    _demo ? "true" : "false",
                    "--data",
                    DataFolder,
                    "--site",
                    _site,
                    "--local",
                    "true",
                    "--Logging:LogLevel:Default=Warning",
                    "--secretTriesPerMinute",
                    "1000",
                ]
            )
            {
                WorkingDirectory = Repository.Root,
            }
        )!;
    }

    /// <summary>Ends the process at once, as a crash would.</summary>
    public void Stop()
    {
        WasStopped = true;
        _process!.Kill(entireProcessTree: true);
        _process.WaitForExit();
        _process.Dispose();
        _process = null;
    }

    /// <summary>A fresh browser in which the owner is signed in.</summary>
    /// <param name="width">Width of the window.</param>
    /// <param name="height">Height of the window.</param>
    /// <param name="profile">A folder that outlives the browser.</param>
    /// <param name="keepsProgram">Whether the program is put on the device for later, which takes a while.</param>
    public Browser NewBrowser(int width = 1280, int height = 800, string? profile = null, bool keepsProgram = false)
    {
        var browser =
            profile is null && !keepsProgram && GiveBack is not null ? Lend(width, height) : new Browser(Address, width, height, profile);
        if (!keepsProgram)
        {
            browser.Block("*/sw.js");
        }

        foreach (var cookie in Owner.Cookies)
        {
            browser.Driver.ExecuteCdpCommand(
                "Network.setCookie",
                new Dictionary<string, object?>
                {
                    ["name"] = cookie.Name,
                    ["value"] = cookie.Value,
                    ["url"] = Address,
                    ["httpOnly"] = true,
                    ["sameSite"] = "Strict",
                    ["expires"] = DateTimeOffset.UtcNow.AddDays(30).ToUnixTimeSeconds(),
                }
            );
        }

        return browser;
    }

    /// <summary>One that an earlier journey was done with and that has forgotten everything, or a new one.</summary>
    private Browser Lend(int width, int height)
    {
        var idle = _idle.GetOrAdd((width, height), _ => []);
        if (idle.TryTake(out var browser))
        {
            return browser;
        }

        var made = new Browser(Address, width, height);
        made.GiveBack = () => idle.Add(made);
        return made;
    }

    public async Task<string> PostAsync(string path, string json)
    {
        using var response = await Owner.PostAsync(path, json);
        return await response.Content.ReadAsStringAsync();
    }

    /// <summary>Records of a kind in every book of the owner's.</summary>
    public IReadOnlyList<JsonElement> Records(string kind) =>
        [
            .. Owner
                .Books.SelectMany(book => Owner.RecordsAsync(book).GetAwaiter().GetResult())
                .Where(r => r.GetProperty("kind").GetString() == kind),
        ];

    public void Dispose()
    {
        if (GiveBack is null)
        {
            End();
        }
        else
        {
            GiveBack();
        }
    }

    /// <summary>Ends it for good, with its browsers.</summary>
    public void End()
    {
        foreach (var browser in _idle.Values.SelectMany(bag => bag))
        {
            browser.End();
        }

        _owner?.Dispose();
        if (_process is not null)
        {
            Stop();
        }

        Directory.Delete(DataFolder, recursive: true);
    }

    private void WaitUntilUp()
    {
        using var http = new HttpClient { Timeout = TimeSpan.FromSeconds(10) };
        var deadline = DateTime.UtcNow.AddSeconds(90);
        while (true)
        {
            try
            {
                http.GetAsync($"{Address}/api/alive").GetAwaiter().GetResult().EnsureSuccessStatusCode();
                return;
            }
            catch (Exception e)
                when (e is HttpRequestException or TaskCanceledException && DateTime.UtcNow < deadline && !_process!.HasExited)
            {
                // Not listening yet, or too busy to answer in time: ask again.
                Thread.Sleep(50);
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
