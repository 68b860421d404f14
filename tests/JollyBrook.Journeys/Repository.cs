namespace JollyBrook.Journeys;

/// <summary>Finds what the build has put into the repository.</summary>
internal static class Repository
{
    public static readonly string Root = FindRoot();

    public static string Artifact(string name) => Path.Combine(Root, "artifacts", name);

    private static string FindRoot()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (folder is not null && !File.Exists(Path.Combine(folder.FullName, "JollyBrook.slnx")))
        {
            folder = folder.Parent;
        }

        return folder?.FullName ?? throw new InvalidOperationException("The tests do not run inside the repository.");
    }
}
