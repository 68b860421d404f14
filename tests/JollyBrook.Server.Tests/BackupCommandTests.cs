using System.Net;
using JollyBrook.Server.Commands;
using Microsoft.Extensions.Configuration;

namespace JollyBrook.Server.Tests;

/// <summary>The restore drill: a copy taken while the server runs, put in place of a lost store.</summary>
public sealed class BackupCommandTests : IDisposable
{
    private readonly RunningServer _server = new();
    private readonly string _copies = Directory.CreateTempSubdirectory("jolly-brook-copies-").FullName;

    public void Dispose()
    {
        _server.Dispose();
        Directory.Delete(_copies, recursive: true);
    }

    private int Backup(string file, string? data = null) =>
        BackupCommand.Run(
            new ConfigurationBuilder()
                .AddInMemoryCollection(new Dictionary<string, string?> { ["data"] = data ?? _server.Folder, ["to"] = file })
                .Build()
        );

    private Task<HttpResponseMessage> WriteAsync(int n) =>
        _server.PutAsync("kit-item", Guid.CreateVersion7(), $$"""{"kind":"container","name":"Bottle {{n}}","volumeL":1}""");

    [Fact]
    public async Task A_copy_made_under_writes_is_whole_and_starts_a_server_of_its_own()
    {
        for (var n = 0; n < 20; n++)
        {
            (await WriteAsync(n)).StatusCode.ShouldBe(HttpStatusCode.OK);
        }

        var writing = Task.Run(async () =>
        {
            for (var n = 20; n < 60; n++)
            {
                await WriteAsync(n);
            }
        });
        var copy = Path.Combine(_copies, "copy.db");
        Backup(copy).ShouldBe(0);
        await writing;

        // The drill of docs/hosting.md: an empty folder, the copy under the store's name, start.
        using var restored = new RunningServer(makeOwner: false, store: copy);
        (await restored.Owner.SignInAsync("Ilva")).StatusCode.ShouldBe(HttpStatusCode.OK);
        var records = (await restored.ChangesAsync()).GetProperty("records").EnumerateArray().ToList();
        records.Count.ShouldBeInRange(20, 60);
        records.Select(r => r.GetProperty("revision").GetInt64()).ShouldBe(Enumerable.Range(1, records.Count).Select(n => (long)n));
    }

    [Fact]
    public void Nothing_is_written_over_and_nothing_half_made_is_left()
    {
        var copy = Path.Combine(_copies, "copy.db");
        Backup(copy).ShouldBe(0);
        var before = File.GetLastWriteTimeUtc(copy);
        Backup(copy).ShouldBe(1);
        File.GetLastWriteTimeUtc(copy).ShouldBe(before);
        Backup(Path.Combine(_copies, "no-such-folder", "copy.db")).ShouldBe(1);
        Backup(Path.Combine(_copies, "other.db"), data: _copies).ShouldBe(1); // no store there
        Directory.GetFiles(_copies).ShouldBe([copy]);
    }
}
