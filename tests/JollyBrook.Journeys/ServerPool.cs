using System.Collections.Concurrent;
using Microsoft.Data.Sqlite;

[assembly: AssemblyFixture(typeof(JollyBrook.Journeys.ServerPool))]

namespace JollyBrook.Journeys;

/// <summary>
/// Servers that are lent to one journey after another: what a journey left in the store is put back to how it was after the first start,
/// which takes milliseconds where a start takes seconds. One that was stopped on the way, or whose demo data has aged, is not lent again.
/// </summary>
public sealed class ServerPool : IDisposable
{
    /// <summary>Demo data is dated from its making: bottles under way are drinkable a while after.</summary>
    private static readonly TimeSpan DemoKeeps = TimeSpan.FromMinutes(4);

    private static readonly ConcurrentDictionary<bool, ConcurrentBag<Lent>> Idle = new() { [true] = [], [false] = [] };

    /// <summary>No server started from here lives long enough for compiling its code a second time to pay.</summary>
    public ServerPool() => Environment.SetEnvironmentVariable("DOTNET_TC_CallCountingDelayMs", "0x100000");

    /// <summary>A server with nothing in it but the demo data, or the owner's account; its <c>Dispose</c> gives it back.</summary>
    public static AppServer Take(bool demo = true)
    {
        while (Idle[demo].TryTake(out var lent))
        {
            if (!demo || DateTime.UtcNow - lent.MadeAt < DemoKeeps)
            {
                return lent.Server;
            }

            lent.Server.End();
        }

        var server = new AppServer(demo);
        var made = new Lent(server, Path.Combine(server.DataFolder, "as-made.db"), DateTime.UtcNow);
        Copy(Database(server), made.AsMade);
        server.GiveBack = () => Return(demo, made);
        return server;
    }

    public void Dispose()
    {
        foreach (var lent in Idle.Values.SelectMany(bag => bag))
        {
            lent.Server.End();
        }
    }

    private sealed record Lent(AppServer Server, string AsMade, DateTime MadeAt);

    private static string Database(AppServer server) => Path.Combine(server.DataFolder, "jolly-brook.db");

    private static void Return(bool demo, Lent lent)
    {
        if (lent.Server.WasStopped)
        {
            lent.Server.End();
            return;
        }

        PutBack(lent);
        Idle[demo].Add(lent);
    }

    private static SqliteConnection Open(string file)
    {
        var connection = new SqliteConnection($"Data Source={file};Pooling=False;Default Timeout=30;Foreign Keys=False");
        connection.Open();
        return connection;
    }

    private static void Copy(string from, string to)
    {
        using var source = Open(from);
        using var target = Open(to);
        source.BackupDatabase(target);
    }

    /// <summary>Every table as it was, in one write.</summary>
    private static void PutBack(Lent lent)
    {
        using var store = Open(Database(lent.Server));
        Run(store, $"ATTACH '{lent.AsMade}' AS made");
        var tables = Run(
            store,
            "SELECT name FROM main.sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' OR name = 'sqlite_sequence'"
        );
        Run(
            store,
            "BEGIN IMMEDIATE; "
                + string.Concat(tables.Select(t => $"DELETE FROM main.\"{t}\"; INSERT INTO main.\"{t}\" SELECT * FROM made.\"{t}\"; "))
                + "COMMIT"
        );
    }

    private static List<string> Run(SqliteConnection store, string sql)
    {
        using var command = store.CreateCommand();
        command.CommandText = sql;
        using var reader = command.ExecuteReader();
        List<string> found = [];
        while (reader.Read())
        {
            found.Add(reader.GetString(0));
        }

        return found;
    }
}
