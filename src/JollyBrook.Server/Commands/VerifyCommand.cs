using System.Text.Json;
using JollyBrook.Core.Records;
using Microsoft.Data.Sqlite;

namespace JollyBrook.Server.Commands;

/// <summary><c>verify --data FOLDER</c>: looks at everything that is kept, also while the server runs, and changes nothing.</summary>
public static class VerifyCommand
{
    /// <summary>As written on the command line.</summary>
    public const string Name = "verify";

    private const int MostTold = 20;

    /// <returns>0 when everything is as it should be, 1 otherwise.</returns>
    public static int Run(IConfiguration configuration)
    {
        if (StoreFile.Of(configuration) is not { } file)
        {
            return 1;
        }

        try
        {
            using var store = StoreFile.Open(file, SqliteOpenMode.ReadWrite);
            // One moment of the store, whatever is written meanwhile.
            StoreFile.Execute(store, "BEGIN");
            var faults = Faults(store).Take(MostTold).ToList();
            Console.WriteLine($"{file}: {StoreFile.Contents(store)}; {(faults.Count == 0 ? "all sound." : "not sound:")}");
            faults.ForEach(f => Console.WriteLine($"  {f}"));
            return faults.Count == 0 ? 0 : 1;
        }
        catch (SqliteException failure)
        {
            return StoreFile.Fail($"{file} is damaged: {failure.Message}");
        }
    }

    private static IEnumerable<string> Faults(SqliteConnection store)
    {
        foreach (var row in StoreFile.Rows(store, "PRAGMA integrity_check").Where(r => r[0] as string != "ok"))
        {
            yield return $"{row[0]}";
        }

        foreach (var row in StoreFile.Rows(store, "PRAGMA foreign_key_check"))
        {
            yield return $"a row of {row[0]} points to nothing in {row[2]}";
        }

        foreach (
            var row in StoreFile.Rows(
                store,
                "SELECT r.BookId FROM records r WHERE NOT EXISTS (SELECT 1 FROM people p WHERE p.Id = "
                    + "r.BookId) AND NOT EXISTS (SELECT 1 FROM trips t WHERE t.Id = r.BookId) GROUP BY r.BookId"
            )
        )
        {
            yield return $"the book {row[0]} is nobody's";
        }

        foreach (
            var row in StoreFile.Rows(
                store,
                "SELECT s.BookId FROM book_sizes s WHERE s.Bytes <> (SELECT COALESCE(SUM(LENGTH(CAST(r.Body "
                    + "AS BLOB))), 0) FROM records r WHERE r.BookId = s.BookId)"
            )
        )
        {
            yield return $"the size of the book {row[0]} is not that of its records";
        }

        foreach (var row in StoreFile.Rows(store, "SELECT Kind, Id, Body FROM records WHERE TakenOut = 0"))
        {
            if (RecordKinds.Find($"{row[0]}") is not { } kind)
            {
                yield return $"the record {row[1]} is of an unknown kind, '{row[0]}'";
            }
            else if (!IsJson($"{row[2]}"))
            {
                yield return $"the {kind.Name} {row[1]} can't be read";
            }
        }
    }

    private static bool IsJson(string body)
    {
        try
        {
            using var read = JsonDocument.Parse(body);
            return read.RootElement.ValueKind == JsonValueKind.Object;
        }
        catch (JsonException)
        {
            return false;
        }
    }
}
