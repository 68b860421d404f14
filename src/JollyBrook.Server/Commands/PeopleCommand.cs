using System.Security.Cryptography;
using JollyBrook.Data.People;
using JollyBrook.Server.Accounts;
using Microsoft.AspNetCore.Identity;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.Options;

namespace JollyBrook.Server.Commands;

/// <summary>
/// <c>people --data FOLDER</c> lists who has an account; <c>--reset NAME</c> gives a new passphrase, <c>--unlock NAME</c> says what holds
/// them up, <c>--remove NAME</c> takes the account and its own book away. It works beside a running server.
/// </summary>
public static class PeopleCommand
{
    /// <summary>As written on the command line.</summary>
    public const string Name = "people";

    private const int Words = 5;
    private const int LettersOfAWord = 5;

    /// <summary>Letters that are not taken for one another on paper or by ear.</summary>
    private const string Letters = "abcdefhkmnprstuwxy";

    /// <returns>0 when it was done, 1 otherwise.</returns>
    public static int Run(IConfiguration configuration)
    {
        if (StoreFile.Of(configuration) is not { } file)
        {
            return 1;
        }

        try
        {
            using var store = StoreFile.Open(file, SqliteOpenMode.ReadWrite);
            StoreFile.Execute(store, "PRAGMA busy_timeout=5000; PRAGMA foreign_keys=ON");
            return configuration["reset"] is { } reset ? WithPerson(store, reset, Reset)
                : configuration["unlock"] is { } unlock ? WithPerson(store, unlock, Unlock)
                : configuration["remove"] is { } remove ? WithPerson(store, remove, Remove)
                : List(store);
        }
        catch (SqliteException failure)
        {
            return StoreFile.Fail($"It was not done: {failure.Message}");
        }
    }

    private static int List(SqliteConnection store)
    {
        foreach (
            var row in StoreFile.Rows(
                store,
                "SELECT UserName, IsOwner, (SELECT COUNT(*) FROM sessions s WHERE s.PersonId = p.Id), "
                    + "(SELECT COUNT(*) FROM trip_people t WHERE t.PersonId = p.Id) FROM people p ORDER BY CreatedAt"
            )
        )
        {
            Console.WriteLine($"{row[0]}{(row[1] is 1L ? " (owner)" : "")}: signed in on {row[2]} devices, in {row[3]} trips");
        }

        return 0;
    }

    private static int WithPerson(SqliteConnection store, string name, Func<SqliteConnection, string, string, int> run) =>
        StoreFile.Rows(store, "SELECT Id, UserName FROM people WHERE NormalizedUserName = $name", ("$name", PersonNames.Sameness(name)))
            is [var person]
            ? run(store, $"{person[0]}", $"{person[1]}")
            : StoreFile.Fail($"Nobody is called {name} here. Without --reset, --unlock or --remove the command lists everyone.");

    private static int Reset(SqliteConnection store, string id, string name)
    {
        var passphrase = string.Join(' ', Enumerable.Range(0, Words).Select(_ => RandomNumberGenerator.GetString(Letters, LettersOfAWord)));
        var hasher = new PasswordHasher<Person>(Options.Create(AccountServices.Hashing));
        var hash = hasher.HashPassword(new Person(), passphrase);
        using var transaction = store.BeginTransaction();
        StoreFile.Execute(
            store,
            "UPDATE people SET PasswordHash = $hash, SecurityStamp = $stamp WHERE Id = $id",
            ("$hash", hash),
            ("$stamp", Guid.NewGuid().ToString("N").ToUpperInvariant()),
            ("$id", id)
        );
        StoreFile.Execute(store, "DELETE FROM sessions WHERE PersonId = $id", ("$id", id));
        transaction.Commit();
        Console.WriteLine($"{name} is signed out everywhere. New passphrase: {passphrase}");
        return 0;
    }

    private static int Unlock(SqliteConnection store, string id, string name)
    {
        Console.WriteLine(
            $"Nothing locks {name} out: five wrong tries hold up only the place they came from, for "
                + "5 minutes. A recovery code works meanwhile; --reset gives a new passphrase."
        );
        return 0;
    }

    private static int Remove(SqliteConnection store, string id, string name)
    {
        if (
            StoreFile.Execute(
                store,
                "SELECT COUNT(*) FROM trip_people k WHERE k.PersonId = $id AND k.Role = 2 AND EXISTS (SELECT "
                    + "1 FROM trip_people o WHERE o.TripId = k.TripId AND o.PersonId <> k.PersonId)",
                ("$id", id)
            )
            is > 0L
        )
        {
            return StoreFile.Fail($"{name} keeps a trip that others are in. Someone else has to become its keeper first.");
        }

        using var transaction = store.BeginTransaction();
        foreach (
            var sql in new[]
            {
                "DELETE FROM records WHERE BookId = $id",
                "DELETE FROM book_sizes WHERE BookId = $id",
                "DELETE FROM shelved_records WHERE Lot IN (SELECT Lot FROM restore_points WHERE BookId = $id)",
                "DELETE FROM restore_points WHERE BookId = $id",
                "DELETE FROM sessions WHERE PersonId = $id",
                "DELETE FROM recovery_codes WHERE PersonId = $id",
                "DELETE FROM trip_people WHERE PersonId = $id",
                "DELETE FROM removed_people WHERE PersonId = $id",
                "DELETE FROM people WHERE Id = $id",
            }
        )
        {
            StoreFile.Execute(store, sql, ("$id", id));
        }

        transaction.Commit();
        Console.WriteLine($"{name}'s account and own book are gone. What they logged in trips stays with the trips.");
        return 0;
    }
}
