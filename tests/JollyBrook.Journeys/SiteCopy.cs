namespace JollyBrook.Journeys;

/// <summary>A copy of the built page whose files can be changed, removed and put back.</summary>
internal sealed class SiteCopy : IDisposable
{
    private static readonly string Built = Repository.Artifact("web");

    public SiteCopy()
    {
        foreach (var file in Directory.GetFiles(Built, "*", SearchOption.AllDirectories))
        {
            PutBack(Path.GetRelativePath(Built, file));
        }
    }

    public string Folder { get; } = Directory.CreateTempSubdirectory("jolly-brook-site-").FullName;

    public void Dispose() => Directory.Delete(Folder, recursive: true);

    /// <summary>Writes other words into a file; it is served as it is, not packed.</summary>
    public void Change(string name, string from, string to)
    {
        var path = Path.Combine(Folder, name);
        var text = File.ReadAllText(path);
        text.ShouldContain(from);
        File.WriteAllText(path, text.Replace(from, to, StringComparison.Ordinal));
        File.Delete(path + ".br");
    }

    /// <summary>Takes away the files of that pattern in a folder; which they were.</summary>
    public IReadOnlyList<string> Remove(string folder, string pattern)
    {
        var names = Directory.GetFiles(Path.Combine(Folder, folder), pattern).Select(f => Path.GetRelativePath(Folder, f)).ToList();
        names.ShouldNotBeEmpty();
        names.ForEach(name => File.Delete(Path.Combine(Folder, name)));
        return names;
    }

    public void PutBack(string name)
    {
        var to = Path.Combine(Folder, name);
        Directory.CreateDirectory(Path.GetDirectoryName(to)!);
        File.Copy(Path.Combine(Built, name), to);
    }
}
