namespace JollyBrook.Data.Store;

/// <summary>
/// The mark beside the store, in a file of its own. A database put in place by hand carries another mark, or an older one, so that an
/// older state is noticed however it came there.
/// </summary>
public sealed class StoreMark(string file)
{
    /// <summary>Its name in the data folder.</summary>
    public const string FileName = "store.mark";

    /// <summary>What it says; null where there is none, or it can't be read as one.</summary>
    public Guid? Read() => File.Exists(file) && Guid.TryParse(File.ReadAllText(file), out var mark) ? mark : null;

    /// <summary>Takes it away, so that the next start counts the store as another.</summary>
    public void Remove() => File.Delete(file);

    /// <summary>Writes it through to the disk, whole or not at all.</summary>
    public void Write(Guid mark)
    {
        var half = file + ".part";
        using (var stream = DataFolder.Open(half, FileMode.Create, FileShare.None))
        {
            stream.Write(System.Text.Encoding.ASCII.GetBytes(mark.ToString()));
            stream.Flush(flushToDisk: true);
        }

        File.Move(half, file, overwrite: true);
    }
}
