using JollyBrook.Server.Start;
using Microsoft.Data.Sqlite;

namespace JollyBrook.Server.Commands;

/// <summary>
/// <c>backup --data FOLDER --to FILE</c>: copies the store into one file while the server runs, checks the copy, and only then gives it
/// its name. SQLite's <c>VACUUM INTO</c> sees one moment of the store, whatever is written meanwhile.
/// </summary>
public static class BackupCommand
{
    public const string Name = "backup";

    /// <returns>0 when the copy is there and sound, 1 otherwise.</returns>
    public static int Run(IConfiguration configuration)
    {
        var source = ServerOptions.From(configuration).DatabaseFile;
        if (configuration["to"] is not { Length: > 0 } to)
        {
            return Fail("Say where to: backup --data FOLDER --to FILE");
        }

        if (!File.Exists(source))
        {
            return Fail($"There is no store at {source}. Give the server's own --data folder.");
        }

        if (File.Exists(to))
        {
            return Fail($"{to} is there already. Take another name; a backup is never written over.");
        }

        if (!Directory.Exists(Path.GetDirectoryName(Path.GetFullPath(to))))
        {
            return Fail($"There is no folder for {to}. Make it first.");
        }

        var half = to + ".part";
        try
        {
            File.Delete(half);
            using (var store = Open(source, SqliteOpenMode.ReadWrite))
            {
                Execute(store, "VACUUM INTO $to", half);
            }

            using (var copy = Open(half, SqliteOpenMode.ReadOnly))
            {
                if (Execute(copy, "PRAGMA integrity_check") as string != "ok")
                {
                    return Fail("The copy is not sound; it was thrown away.");
                }

                Console.WriteLine($"{to}: {Execute(copy, "SELECT COUNT(*) FROM records")} records, {Execute(copy, "SELECT COUNT(*) FROM people")} people, checked.");
            }

            File.Move(half, to);
            return 0;
        }
        catch (Exception failure) when (failure is SqliteException or IOException or UnauthorizedAccessException)
        {
            return Fail($"The backup was not made: {failure.Message}");
        }
        finally
        {
            SqliteConnection.ClearAllPools();
            File.Delete(half);
        }
    }

    private static SqliteConnection Open(string file, SqliteOpenMode mode)
    {
        var connection = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = file, Mode = mode, Pooling = false }.ToString());
        connection.Open();
        return connection;
    }

    private static object? Execute(SqliteConnection connection, string sql, string? to = null)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        if (to is not null)
        {
            command.Parameters.AddWithValue("$to", to);
        }

        return command.ExecuteScalar();
    }

    private static int Fail(string message)
    {
        Console.Error.WriteLine(message);
        return 1;
    }
}
