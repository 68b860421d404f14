using Microsoft.Data.Sqlite;

namespace JollyBrook.Data.Store;

/// <summary>Looks at a store's file before anything relies on it.</summary>
public static class StoreCheck
{
    /// <summary>Null when the file is a whole SQLite database; otherwise what is wrong, in a line.</summary>
    /// <param name="file">The database.</param>
    /// <param name="thorough">Also compares indexes with tables, which takes as long as reading it all.</param>
    public static string? Fault(string file, bool thorough = false)
    {
        try
        {
            using var connection = new SqliteConnection(
                new SqliteConnectionStringBuilder
                {
                    DataSource = file,
                    Mode = SqliteOpenMode.ReadWrite,
                    Pooling = false,
                }.ToString()
            );
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = thorough ? "PRAGMA integrity_check" : "PRAGMA quick_check";
            var said = command.ExecuteScalar() as string;
            return said == "ok" ? null : said ?? "the check said nothing";
        }
        catch (SqliteException failure)
        {
            return failure.Message;
        }
    }
}
