using JollyBrook.Data.Store;
using Microsoft.Data.Sqlite;

namespace JollyBrook.Server.Commands;

/// <summary>
/// <c>backup --data FOLDER --to FILE [--keep N]</c>: copies the store into one file while the server runs, checks the copy, and only then
/// gives it its name. SQLite's <c>VACUUM INTO</c> sees one moment of the store, whatever is written meanwhile.
/// </summary>
public static class BackupCommand
{
    /// <summary>As written on the command line.</summary>
    public const string Name = "backup";

    private const string DateMark = "{date}";

    /// <returns>0 when the copy is there and sound, 1 otherwise.</returns>
    public static int Run(IConfiguration configuration)
    {
        if (configuration["to"] is not { Length: > 0 } named)
        {
            return StoreFile.Fail("Say where to: backup --data FOLDER --to FILE");
        }

        if (StoreFile.Of(configuration) is not { } source)
        {
            return 1;
        }

        var to = Path.GetFullPath(
            named.Replace(
                DateMark,
                TimeProvider.System.GetUtcNow().ToString("yyyy-MM-dd-HHmmss", System.Globalization.CultureInfo.InvariantCulture),
                StringComparison.Ordinal
            )
        );
        if (File.Exists(to))
        {
            return StoreFile.Fail($"{to} is there already. Take another name; a backup is never written over.");
        }

        if (!Directory.Exists(Path.GetDirectoryName(to)))
        {
            return StoreFile.Fail($"There is no folder for {to}. Make it first.");
        }

        var half = to + ".part";
        try
        {
            File.Delete(half);
            DataFolder.Create(half).Dispose();
            using (var store = StoreFile.Open(source, SqliteOpenMode.ReadWrite))
            {
                StoreFile.Execute(store, "VACUUM INTO $to", ("$to", half));
            }

            using (var copy = StoreFile.Open(half, SqliteOpenMode.ReadWrite))
            {
                // Put in place of the store, even by hand, it is known for what it is: an older state.
                StoreFile.Execute(copy, "UPDATE store SET Mark = $mark", ("$mark", Guid.CreateVersion7().ToString().ToUpperInvariant()));
                if (StoreFile.Execute(copy, "PRAGMA integrity_check") as string != "ok")
                {
                    return StoreFile.Fail("The copy is not sound; it was thrown away.");
                }

                Console.WriteLine($"{to}: {StoreFile.Contents(copy)}, checked.");
            }

            File.Move(half, to);
            Rotate(to, named, configuration.GetValue("keep", 0));
            return 0;
        }
        catch (Exception failure) when (failure is SqliteException or IOException or UnauthorizedAccessException)
        {
            return StoreFile.Fail($"The backup was not made: {failure.Message}");
        }
        finally
        {
            SqliteConnection.ClearAllPools();
            File.Delete(half);
        }
    }

    /// <summary>Keeps so many backups of the same dated name, the newest.</summary>
    private static void Rotate(string made, string named, int keep)
    {
        if (keep <= 0 || !named.Contains(DateMark, StringComparison.Ordinal))
        {
            return;
        }

        var pattern = Path.GetFileName(named).Replace(DateMark, "????-??-??-??????", StringComparison.Ordinal);
        foreach (var old in Directory.GetFiles(Path.GetDirectoryName(made)!, pattern).OrderDescending(StringComparer.Ordinal).Skip(keep))
        {
            File.Delete(old);
        }
    }
}
