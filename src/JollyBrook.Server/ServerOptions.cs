namespace JollyBrook.Server;

/// <summary>How the server was started.</summary>
/// <param name="Demo">Whether an empty store is filled with the demo data.</param>
/// <param name="DataFolder">Where the store is kept.</param>
/// <param name="SiteFolder">The built page; null serves the API alone.</param>
public sealed record ServerOptions(bool Demo, string DataFolder, string? SiteFolder)
{
    public string DatabaseFile => Path.Combine(DataFolder, "jolly-brook.db");

    public static ServerOptions From(IConfiguration configuration) => new(
        configuration.GetValue("demo", false),
        Path.GetFullPath(configuration["data"] ?? ".data/own"),
        configuration["site"] is { } site ? Path.GetFullPath(site) : null);
}
