using Microsoft.Data.Sqlite;

namespace JollyBrook.Server.Commands;

/// <summary><c>trips --data FOLDER</c>: the trips, who keeps them, how many are in them and what their books hold.</summary>
public static class TripsCommand
{
    /// <summary>As written on the command line.</summary>
    public const string Name = "trips";

    private const string Listed = """
        SELECT t.Name,
          (SELECT p.UserName FROM trip_people k JOIN people p ON p.Id = k.PersonId WHERE k.TripId = t.Id AND k.Role = 2),
          (SELECT COUNT(*) FROM trip_people k WHERE k.TripId = t.Id),
          (SELECT COUNT(*) FROM records r WHERE r.BookId = t.Id),
          COALESCE((SELECT s.Bytes FROM book_sizes s WHERE s.BookId = t.Id), 0)
        FROM trips t ORDER BY t.CreatedAt
        """;

    /// <returns>0 when it was done, 1 otherwise.</returns>
    public static int Run(IConfiguration configuration)
    {
        if (StoreFile.Of(configuration) is not { } file)
        {
            return 1;
        }

        using var store = StoreFile.Open(file, SqliteOpenMode.ReadWrite);
        foreach (var row in StoreFile.Rows(store, Listed))
        {
            Console.WriteLine(
                $"{row[0]}: kept by {(row[1] is string keeper ? keeper : "nobody")}, {row[2]} people, {row[3]} "
                    + $"records, {(long)row[4]! / 1024} KB"
            );
        }

        return 0;
    }
}
