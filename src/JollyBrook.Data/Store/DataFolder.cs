namespace JollyBrook.Data.Store;

/// <summary>The folder is in use, or what lies in it can't be served. The message says what to do.</summary>
public sealed class StoreRefusedException(string message, Exception? cause = null) : Exception(message, cause);

/// <summary>
/// The folder a store lies in, held by one process at a time through a lock of the operating system, which ends with the process however
/// it ends. Folder and files are for their owner alone.
/// </summary>
public sealed class DataFolder : IDisposable
{
    /// <summary>The database's name in the folder.</summary>
    public const string DatabaseName = "jolly-brook.db";

    /// <summary>The keys' folder in the folder: what cookies are sealed with.</summary>
    public const string KeysName = "keys";

    private const string LockName = "store.lock";
    private const UnixFileMode OwnersFolder = UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute;
    private const UnixFileMode OwnersFile = UnixFileMode.UserRead | UnixFileMode.UserWrite;

    private static readonly string[] Own = [DatabaseName, "store."];

    private readonly FileStream _held;

    private DataFolder(string path, FileStream held) => (Path, _held) = (path, held);

    /// <summary>The folder.</summary>
    public string Path { get; }

    /// <summary>The database in it.</summary>
    public string DatabaseFile => System.IO.Path.Combine(Path, DatabaseName);

    /// <summary>The file beside it that says which store this is.</summary>
    public StoreMark Mark => new(System.IO.Path.Combine(Path, StoreMark.FileName));

    /// <summary>Takes the folder for this process, making it where there is none.</summary>
    /// <exception cref="StoreRefusedException">Another process has it, or it can't be written.</exception>
    public static DataFolder Take(string path)
    {
        try
        {
            MakePrivate(path);
            var held = Open(System.IO.Path.Combine(path, LockName), FileMode.OpenOrCreate, FileShare.None);
            return new DataFolder(path, held);
        }
        catch (UnauthorizedAccessException failure)
        {
            throw new StoreRefusedException($"The folder {path} can't be written. Give it to the user the server runs as.", failure);
        }
        catch (IOException failure)
        {
            throw new StoreRefusedException(
                $"Another server has the folder {path}, or it can't be locked. End that one first, or give "
                    + "this one a folder of its own with --data.",
                failure
            );
        }
    }

    /// <summary>Looks at what lies in the folder before it is served, and makes an empty database where nothing was yet.</summary>
    /// <exception cref="StoreRefusedException">The database is damaged, or gone from a folder that had one.</exception>
    public void Check()
    {
        if (File.Exists(DatabaseFile))
        {
            if (StoreCheck.Fault(DatabaseFile) is { } fault)
            {
                throw new StoreRefusedException(
                    $"{DatabaseFile} is damaged: {fault} Nothing was changed. Move it aside and put a backup "
                        + "in place with the command restore."
                );
            }

            CheckedAt = TimeProvider.System.GetUtcNow();
            MakeFolder(System.IO.Path.Combine(Path, KeysName));
            return;
        }

        // Who finds an empty store could claim it.
        if (Mark.Read() is not null || Directory.Exists(System.IO.Path.Combine(Path, KeysName)))
        {
            throw new StoreRefusedException(
                $"{DatabaseFile} is gone, but {Path} has held a store before. Put a backup in place with "
                    + "the command restore; to begin anew, give an empty folder."
            );
        }

        Open(DatabaseFile, FileMode.CreateNew, FileShare.ReadWrite).Dispose();
        MakeFolder(System.IO.Path.Combine(Path, KeysName));
    }

    /// <summary>When the database was last looked through; null before.</summary>
    public DateTimeOffset? CheckedAt { get; private set; }

    /// <summary>Writes a little into the folder and takes it away again.</summary>
    /// <exception cref="IOException">It can't be written.</exception>
    public async Task TryWriteAsync(CancellationToken cancellation)
    {
        var file = System.IO.Path.Combine(Path, $"store.try-{Guid.NewGuid():N}");
        try
        {
            await using var stream = Create(file);
            await stream.WriteAsync(new byte[4096], cancellation);
            stream.Flush(flushToDisk: true);
        }
        finally
        {
            File.Delete(file);
        }
    }

    /// <summary>A new file that its owner alone may read.</summary>
    public static FileStream Create(string file) => Open(file, FileMode.CreateNew, FileShare.ReadWrite);

    /// <inheritdoc/>
    public void Dispose() => _held.Dispose();

    /// <summary>A file that its owner alone may read, where it is made anew.</summary>
    internal static FileStream Open(string file, FileMode mode, FileShare share) => new(file, Options(mode, share));

    private static FileStreamOptions Options(FileMode mode, FileShare share)
    {
        var options = new FileStreamOptions
        {
            Mode = mode,
            Access = FileAccess.ReadWrite,
            Share = share,
        };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = OwnersFile;
        }

        return options;
    }

    private static void MakeFolder(string path)
    {
        if (OperatingSystem.IsWindows())
        {
            Directory.CreateDirectory(path);
            return;
        }

        Directory.CreateDirectory(path, OwnersFolder);
        File.SetUnixFileMode(path, OwnersFolder);
    }

    private static void MakePrivate(string path)
    {
        MakeFolder(path);
        if (OperatingSystem.IsWindows())
        {
            return;
        }

        var keys = System.IO.Path.Combine(path, KeysName);
        // Only what is the store's own: the folder may have been a shared one before.
        foreach (
            var file in Directory
                .EnumerateFiles(path)
                .Where(f => Own.Any(name => System.IO.Path.GetFileName(f).StartsWith(name, StringComparison.Ordinal)))
                .Concat(Directory.Exists(keys) ? Directory.EnumerateFiles(keys) : [])
        )
        {
            File.SetUnixFileMode(file, OwnersFile);
        }
    }
}
