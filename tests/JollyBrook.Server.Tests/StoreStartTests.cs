using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using JollyBrook.Data.Store;
using Microsoft.Data.Sqlite;

namespace JollyBrook.Server.Tests;

/// <summary>
/// How a store is opened, and when it is not: one server at a time, nothing damaged served, nothing left that keeps the next start waiting.
/// </summary>
[System.Runtime.Versioning.UnsupportedOSPlatform("windows")]
public sealed class StoreStartTests : IDisposable
{
    private readonly string _folder = Path.Combine(Directory.CreateTempSubdirectory("jolly-brook-start-").FullName, "data");

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(Path.GetDirectoryName(_folder)!, recursive: true);
    }

    /// <summary>The program itself, as it is started by hand.</summary>
    private Process Start(params string[] args)
    {
        var start = new ProcessStartInfo(
            "dotnet",
            [typeof(Program).Assembly.Location, "--urls", "http://127.0.0.1:0", "--data", _folder, .. args]
        )
        {
            RedirectStandardError = true,
            RedirectStandardOutput = true,
        };
        return Process.Start(start)!;
    }

    /// <returns>The first address it listens on.</returns>
    private static async Task<Uri?> UntilUpAsync(Process server)
    {
        Uri? address = null;
        using var patience = new CancellationTokenSource(TimeSpan.FromSeconds(60));
        while (await server.StandardOutput.ReadLineAsync(patience.Token) is { } line)
        {
            if (line.Split("Now listening on: ") is [_, var at])
            {
                address ??= new Uri(at);
            }
            else if (line.Contains("Application started", StringComparison.Ordinal))
            {
                return address;
            }
        }

        throw new InvalidOperationException(await server.StandardError.ReadToEndAsync());
    }

    private async Task<(int Code, string Words)> RefusedAsync()
    {
        using var second = Start();
        var words = await second.StandardError.ReadToEndAsync().WaitAsync(TimeSpan.FromSeconds(60));
        await second.WaitForExitAsync();
        return (second.ExitCode, words);
    }

    private void Execute(string sql)
    {
        using var connection = new SqliteConnection($"Data Source={Path.Combine(_folder, DataFolder.DatabaseName)};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }

    [Fact]
    public async Task A_second_server_says_that_the_folder_is_taken_and_stops()
    {
        using var first = Start();
        await UntilUpAsync(first);
        var (code, words) = await RefusedAsync();
        code.ShouldBe(1);
        words.ShouldContain("Another server has the folder");
        first.Kill();
        await first.WaitForExitAsync();
        // However it ended, the folder is free again.
        using var next = Start();
        await UntilUpAsync(next);
        next.Kill();
        await next.WaitForExitAsync();
    }

    /// <summary>What a server killed while migrating leaves behind: the next one waited for ever for it.</summary>
    [Fact]
    public async Task A_stale_migrations_lock_does_not_keep_the_store_from_starting()
    {
        using (var first = Start())
        {
            await UntilUpAsync(first);
            first.Kill();
            await first.WaitForExitAsync();
        }

        Execute(
            """CREATE TABLE IF NOT EXISTS "__EFMigrationsLock" ("Id" INTEGER NOT NULL PRIMARY KEY, "Timestamp" TEXT NOT NULL); INSERT OR REPLACE INTO "__EFMigrationsLock" VALUES (1, '2026-01-01 00:00:00');"""
        );
        using var next = Start();
        await UntilUpAsync(next).WaitAsync(TimeSpan.FromSeconds(30));
        next.Kill();
        await next.WaitForExitAsync();
    }

    [Fact]
    public async Task A_store_that_is_gone_or_damaged_is_refused_in_words_and_left_alone()
    {
        using (var first = Start())
        {
            await UntilUpAsync(first);
            first.Kill();
            await first.WaitForExitAsync();
        }

        var database = Path.Combine(_folder, DataFolder.DatabaseName);
        Execute("PRAGMA wal_checkpoint(TRUNCATE)");
        var kept = await File.ReadAllBytesAsync(database);
        foreach (var part in new[] { "-wal", "-shm" })
        {
            File.Delete(database + part);
        }

        // Gone, with keys and mark beside it: whoever came first could claim what starts empty.
        File.Delete(database);
        var (code, words) = await RefusedAsync();
        code.ShouldBe(1);
        words.ShouldContain("is gone");
        File.Exists(database).ShouldBeFalse();

        var damaged = kept.ToArray();
        Array.Fill(damaged, (byte)0x5a, 4096, Math.Max(0, Math.Min(8192, damaged.Length - 4096)));
        await File.WriteAllBytesAsync(database, damaged);
        (code, words) = await RefusedAsync();
        code.ShouldBe(1);
        words.ShouldContain("damaged");
        (await File.ReadAllBytesAsync(database)).ShouldBe(damaged);
    }

    /// <summary>An older program would misread what a newer one wrote.</summary>
    [Fact]
    public async Task A_store_a_newer_version_has_written_to_is_refused_in_words()
    {
        using (var first = Start("--demo", "true"))
        {
            await UntilUpAsync(first);
            first.Kill();
            await first.WaitForExitAsync();
        }

        Execute("UPDATE records SET Schema = 99 WHERE Kind = 'walker'");
        var (code, words) = await RefusedAsync();
        code.ShouldBe(1);
        words.ShouldContain("newer version");
    }

    /// <summary>A stop that comes while the store is being opened is heeded: no store that never starts again is left.</summary>
    [Fact]
    public async Task A_stop_while_starting_leaves_a_store_that_starts()
    {
        for (var wait = 0; wait < 1200; wait += 150)
        {
            using var stopped = Start("--demo", "true");
            await Task.WhenAny(stopped.WaitForExitAsync(), Task.Delay(wait));
            using (Process.Start("kill", ["-TERM", stopped.Id.ToString(System.Globalization.CultureInfo.InvariantCulture)]))
            {
                await stopped.WaitForExitAsync().WaitAsync(TimeSpan.FromSeconds(30));
            }
        }

        using var next = Start("--demo", "true");
        await UntilUpAsync(next).WaitAsync(TimeSpan.FromSeconds(30));
        next.Kill();
        await next.WaitForExitAsync();
    }

    [Fact]
    public async Task The_folder_and_all_in_it_are_their_owners_alone()
    {
        Directory.CreateDirectory(
            _folder,
            UnixFileMode.UserRead
                | UnixFileMode.UserWrite
                | UnixFileMode.UserExecute
                | UnixFileMode.GroupRead
                | UnixFileMode.GroupExecute
                | UnixFileMode.OtherRead
                | UnixFileMode.OtherExecute
        );
        using (var server = Start("--demo", "true"))
        {
            await UntilUpAsync(server);
            const UnixFileMode others =
                UnixFileMode.GroupRead
                | UnixFileMode.GroupWrite
                | UnixFileMode.GroupExecute
                | UnixFileMode.OtherRead
                | UnixFileMode.OtherWrite
                | UnixFileMode.OtherExecute;
            foreach (var entry in Directory.EnumerateFileSystemEntries(_folder, "*", SearchOption.AllDirectories).Append(_folder))
            {
                (File.GetUnixFileMode(entry) & others).ShouldBe(UnixFileMode.None, entry);
            }

            server.Kill();
            await server.WaitForExitAsync();
        }
    }

    /// <summary>An older copy is known for what it is, whether the command put it in place or a hand did; a plain restart is not.</summary>
    [Fact]
    public async Task An_older_copy_begins_a_new_epoch_and_a_restart_does_not()
    {
        using var server = new RunningServer();
        var epoch = Epoch(server.Owner.About);
        server.Restart();
        Epoch(await server.Owner.AskAboutAsync()).ShouldBe(epoch);

        var copy = Path.Combine(Path.GetDirectoryName(_folder)!, "copy.db");
        SqliteConnection.ClearAllPools();
        using (var connection = new SqliteConnection($"Data Source={server.DatabaseFile};Pooling=False"))
        {
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "VACUUM INTO $to";
            command.Parameters.AddWithValue("$to", copy);
            command.ExecuteNonQuery();
        }

        // Once more started in between, so that the copy is older than the store's mark.
        server.Restart();
        server.Factory.Dispose();
        SqliteConnection.ClearAllPools();
        File.Copy(copy, server.DatabaseFile, overwrite: true);
        File.Delete(server.DatabaseFile + "-wal");
        File.Delete(server.DatabaseFile + "-shm");
        server.Restart();
        Epoch(await server.Owner.AskAboutAsync()).ShouldNotBe(epoch);
    }

    [Fact]
    public async Task Metrics_are_on_their_own_port_and_nothing_else_is()
    {
        var port = FreePort();
        using var server = Start("--metrics", port.ToString(System.Globalization.CultureInfo.InvariantCulture));
        var site = (await UntilUpAsync(server))!;
        using var http = new HttpClient();
        (await http.GetAsync(new Uri(site, "/api/about"))).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await http.GetStringAsync(new Uri($"http://127.0.0.1:{port}/metrics"))).ShouldContain("http_server_request_duration_seconds");
        (await http.GetAsync(new Uri($"http://127.0.0.1:{port}/api/about"))).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await http.GetAsync(new Uri(site, "/metrics"))).IsSuccessStatusCode.ShouldBeFalse();
        server.Kill();
        await server.WaitForExitAsync();
    }

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }

    private static string Epoch(System.Text.Json.JsonElement about) => about.GetProperty("epoch").GetString()!;
}
