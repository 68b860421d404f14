using System.Net;
using JollyBrook.Data.Store;
using JollyBrook.Server.Commands;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.Configuration;

namespace JollyBrook.Server.Tests;

/// <summary>What whoever runs the server does by hand: restore, verify, people, trips.</summary>
[System.Runtime.Versioning.UnsupportedOSPlatform("windows")]
public sealed class CommandTests : IDisposable
{
    private readonly RunningServer _server = new();
    private readonly string _copies = Directory.CreateTempSubdirectory("jolly-brook-copies-").FullName;

    public void Dispose()
    {
        _server.Dispose();
        Directory.Delete(_copies, recursive: true);
    }

    private int Run(Func<IConfiguration, int> command, params (string Name, string Value)[] with) =>
        command(
            new ConfigurationBuilder()
                .AddInMemoryCollection(with.Append(("data", _server.Folder)).ToDictionary(w => w.Item1, w => (string?)w.Item2))
                .Build()
        );

    private Task<HttpResponseMessage> WriteAsync(string name) =>
        _server.PutAsync("kit-item", Guid.CreateVersion7(), $$"""{"kind":"container","name":"{{name}}","volumeL":1}""");

    [Fact]
    public async Task A_backup_is_put_in_place_what_was_there_is_kept_and_the_epoch_is_new()
    {
        await WriteAsync("Kept");
        var copy = Path.Combine(_copies, "copy.db");
        Run(BackupCommand.Run, ("to", copy)).ShouldBe(0);
        (File.GetUnixFileMode(copy) & (UnixFileMode.GroupRead | UnixFileMode.OtherRead)).ShouldBe(UnixFileMode.None);
        await WriteAsync("Newer");
        var epoch = _server.Owner.About.GetProperty("epoch").GetString();

        // Not while a server has the folder.
        Run(RestoreCommand.Run, ("from", copy)).ShouldBe(1);
        (await _server.ChangesAsync()).GetProperty("records").GetArrayLength().ShouldBe(2);

        _server.Factory.Dispose();
        SqliteConnection.ClearAllPools();
        Run(RestoreCommand.Run, ("from", copy)).ShouldBe(0);
        Directory.GetFiles(_server.Folder, "*.before-*").ShouldNotBeEmpty();
        _server.Restart();
        (await _server.ChangesAsync()).GetProperty("records").GetArrayLength().ShouldBe(1);
        _server.Owner.About.GetProperty("epoch").GetString().ShouldNotBe(epoch);
    }

    [Theory]
    [InlineData("no such file")]
    [InlineData("text.db")]
    [InlineData("other.db")]
    public async Task What_is_no_backup_is_not_put_in_place(string name)
    {
        await WriteAsync("Kept");
        await File.WriteAllTextAsync(
            Path.Combine(_copies, "text.db"),
            "not a database at all, but long enough to be read as one, or so it may seem to someone tired"
        );
        using (var other = new SqliteConnection($"Data Source={Path.Combine(_copies, "other.db")};Pooling=False"))
        {
            other.Open();
            using var command = other.CreateCommand();
            command.CommandText = "CREATE TABLE t (x)";
            command.ExecuteNonQuery();
        }

        _server.Factory.Dispose();
        SqliteConnection.ClearAllPools();
        Run(RestoreCommand.Run, ("from", Path.Combine(_copies, name))).ShouldBe(1);
        _server.Restart();
        (await _server.ChangesAsync()).GetProperty("records").GetArrayLength().ShouldBe(1);
    }

    [Fact]
    public async Task Verify_finds_what_is_wrong_and_changes_nothing()
    {
        await WriteAsync("Kept");
        Run(VerifyCommand.Run).ShouldBe(0);
        _server.Execute("UPDATE records SET Body = '{'");
        Run(VerifyCommand.Run).ShouldBe(1);
        _server.Execute("UPDATE records SET Body = '{}'");
        Run(VerifyCommand.Run).ShouldBe(1); // the size is not that of the records
        _server.Execute("SELECT Body FROM records").ShouldBe("{}");
    }

    [Fact]
    public void Only_so_many_dated_backups_are_kept()
    {
        foreach (var day in new[] { "2026-01-01-000000", "2026-01-02-000000", "2026-01-03-000000" })
        {
            File.WriteAllText(Path.Combine(_copies, $"jb-{day}.db"), "");
        }

        File.WriteAllText(Path.Combine(_copies, "jb-mine.db"), "");
        Run(BackupCommand.Run, ("to", Path.Combine(_copies, "jb-{date}.db")), ("keep", "2")).ShouldBe(0);
        Directory.GetFiles(_copies).Select(Path.GetFileName).Count(f => f!.StartsWith("jb-2026-01", StringComparison.Ordinal)).ShouldBe(1);
        File.Exists(Path.Combine(_copies, "jb-mine.db")).ShouldBeTrue();
    }

    [Fact]
    public async Task A_reset_signs_out_everywhere_and_the_old_passphrase_no_longer_holds()
    {
        Run(PeopleCommand.Run, ("reset", "ilva")).ShouldBe(0);
        (await _server.Owner.AskAboutAsync()).GetProperty("state").GetString().ShouldBe("signedOut");
        (await _server.Owner.SignInAsync("Ilva")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        Run(PeopleCommand.Run, ("reset", "nobody")).ShouldBe(1);
        Run(PeopleCommand.Run, ("unlock", "Ilva")).ShouldBe(0);
        Run(PeopleCommand.Run).ShouldBe(0);
    }

    [Fact]
    public async Task Removing_a_person_takes_their_own_book_and_no_trip_that_others_are_in()
    {
        using var cast = await Cast.MakeAsync(_server);
        var member = cast.Member.PersonId;
        await cast.Member.PutRecordAsync(member, "kit-item", Guid.CreateVersion7(), """{"kind":"container","name":"Bottle","volumeL":1}""");
        Run(PeopleCommand.Run, ("remove", "Ilva")).ShouldBe(1); // keeps a trip others are in
        Run(PeopleCommand.Run, ("remove", "Torren")).ShouldBe(0);
        _server.Execute("SELECT COUNT(*) FROM records").ShouldBe(0L);
        (await cast.Member.AskAboutAsync()).GetProperty("state").GetString().ShouldBe("signedOut");
        Run(TripsCommand.Run).ShouldBe(0);
        Run(VerifyCommand.Run).ShouldBe(0);
    }

    [Theory]
    [InlineData("frobnicate")]
    public void An_unknown_command_is_said_and_no_server_started(string name) => AllCommands.Run([name]).ShouldBe(1);
}
