using JollyBrook.Data.Store;
using Microsoft.Data.Sqlite;

namespace JollyBrook.Server.Commands;

/// <summary>
/// <c>restore --data FOLDER --from FILE</c>: puts a backup in place of the store while no server has the folder. The backup is checked
/// first, what was there is kept beside it, and the next start begins a new epoch, by which devices know to send again what the backup
/// lacks.
/// </summary>
public static class RestoreCommand
{
    /// <summary>As written on the command line.</summary>
    public const string Name = "restore";

    private static readonly string[] Parts = ["", "-wal", "-shm"];

    /// <returns>0 when the backup is in place, 1 when nothing was changed.</returns>
    public static int Run(IConfiguration configuration)
    {
        if (configuration["from"] is not { Length: > 0 } from || !File.Exists(from))
        {
            return StoreFile.Fail("Say what from: restore --data FOLDER --from FILE, a file that backup made.");
        }

        if (Fault(from) is { } fault)
        {
            return StoreFile.Fail($"{from} can't be put in place: {fault} Nothing was changed.");
        }

        try
        {
            using var folder = DataFolder.Take(Path.GetFullPath(configuration["data"] ?? ".data/own"));
            var half = folder.DatabaseFile + ".part";
            File.Delete(half);
            Copy(from, half);
            var aside = $"{folder.DatabaseFile}.before-{TimeProvider.System.GetUtcNow():yyyyMMdd-HHmmss}";
            foreach (var part in Parts.Where(p => File.Exists(folder.DatabaseFile + p)))
            {
                File.Move(folder.DatabaseFile + part, aside + part);
            }

            // Without its mark the store counts as another at the next start.
            folder.Mark.Remove();
            File.Move(half, folder.DatabaseFile);
            using var store = StoreFile.Open(folder.DatabaseFile, SqliteOpenMode.ReadWrite);
            Console.WriteLine(
                $"In place: {StoreFile.Contents(store)}.{(File.Exists(aside) ? $" What was there lies in {aside}." : "")} Start the server."
            );
            return 0;
        }
        catch (Exception failure) when (failure is StoreRefusedException or SqliteException or IOException or UnauthorizedAccessException)
        {
            return StoreFile.Fail(failure.Message);
        }
    }

    private static string? Fault(string file)
    {
        if (StoreCheck.Fault(file, thorough: true) is { } fault)
        {
            return fault;
        }

        using var connection = StoreFile.Open(file, SqliteOpenMode.ReadOnly);
        return StoreFile.IsStore(connection) ? null : "it is no store of this program.";
    }

    private static void Copy(string from, string to)
    {
        using var source = File.OpenRead(from);
        using var target = DataFolder.Create(to);
        source.CopyTo(target);
        target.Flush(flushToDisk: true);
    }
}
