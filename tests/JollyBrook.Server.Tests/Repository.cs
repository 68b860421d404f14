namespace JollyBrook.Server.Tests;

/// <summary>The checkout the tests were built in.</summary>
internal static class Repository
{
    public static string Root
    {
        get
        {
            var folder = new DirectoryInfo(AppContext.BaseDirectory);
            while (!File.Exists(Path.Combine(folder.FullName, "CONTRIBUTING.md")))
            {
                folder = folder.Parent ?? throw new DirectoryNotFoundException("The repository's root is not above the tests.");
            }

            return folder.FullName;
        }
    }
}
