using JollyBrook.Data.Store;
using Microsoft.Data.Sqlite;

namespace JollyBrook.Server.Commands;

/// <summary>A store's database as the commands see it: with plain SQL, whatever version made it.</summary>
internal static class StoreFile
{
    public static SqliteConnection Open(string file, SqliteOpenMode mode)
    {
        var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = file,
                Mode = mode,
                Pooling = false,
            }.ToString()
        );
        connection.Open();
        return connection;
    }

    public static object? Execute(SqliteConnection connection, string sql, params (string Name, object Value)[] with)
    {
        using var command = Command(connection, sql, with);
        return command.ExecuteScalar();
    }

    public static IReadOnlyList<object?[]> Rows(SqliteConnection connection, string sql, params (string Name, object Value)[] with)
    {
        using var command = Command(connection, sql, with);
        using var reader = command.ExecuteReader();
        List<object?[]> rows = [];
        while (reader.Read())
        {
            var row = new object?[reader.FieldCount];
            reader.GetValues(row!);
            rows.Add(row);
        }

        return rows;
    }

    /// <summary>"34 records, 3 people".</summary>
    public static string Contents(SqliteConnection connection) =>
        $"{Execute(connection, "SELECT COUNT(*) FROM records")} records, {Execute(connection, "SELECT COUNT(*) FROM people")} people";

    /// <summary>Whether it is a store of this program.</summary>
    public static bool IsStore(SqliteConnection connection) =>
        Execute(connection, "SELECT COUNT(*) FROM sqlite_master WHERE type = 'table' AND name IN ('store', 'records', 'people')") is 3L;

    /// <summary>The database of a data folder; null, with words on the console, when there is none.</summary>
    public static string? Of(IConfiguration configuration)
    {
        var file = Path.Combine(Path.GetFullPath(configuration["data"] ?? ".data/own"), DataFolder.DatabaseName);
        if (File.Exists(file))
        {
            return file;
        }

        Fail($"There is no store at {file}. Give the server's own --data folder.");
        return null;
    }

    public static int Fail(string message)
    {
        Console.Error.WriteLine(message);
        return 1;
    }

    private static SqliteCommand Command(SqliteConnection connection, string sql, (string Name, object Value)[] with)
    {
        var command = connection.CreateCommand();
        command.CommandText = sql;
        foreach (var (name, value) in with)
        {
            command.Parameters.AddWithValue(name, value);
        }

        return command;
    }
}
