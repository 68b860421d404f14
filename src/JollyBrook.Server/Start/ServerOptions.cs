namespace JollyBrook.Server.Start;

/// <summary>How the server was started.</summary>
/// <param name="Demo">Whether an empty store is filled with the demo data, which signs in by itself on this machine.</param>
/// <param name="DataFolder">Where the store is kept.</param>
/// <param name="SiteFolder">The built page; null serves the API alone.</param>
/// <param name="BehindProxy">Whether a reverse proxy on this machine stands in front and says who is calling.</param>
/// <param name="Local">
/// Whether whoever reaches the server on loopback sits at this machine. Not by itself: a proxy in front that says nothing of itself looks
/// the same.
/// </param>
/// <param name="MetricsPort">The port of this machine on which metrics can be fetched; none unless named.</param>
/// <param name="JsonLogs">Whether the log is written as JSON, a line for each entry.</param>
/// <param name="SecretTriesPerMinute">Tries at a passphrase, code or link a minute from one address.</param>
public sealed record ServerOptions(
    bool Demo,
    string DataFolder,
    string? SiteFolder,
    bool BehindProxy = false,
    int SecretTriesPerMinute = 20,
    bool Local = false,
    int? MetricsPort = null,
    bool JsonLogs = false
)
{
    /// <summary>The database in the data folder.</summary>
    public string DatabaseFile => Path.Combine(DataFolder, Data.Store.DataFolder.DatabaseName);

    /// <summary>The keys that cookies are sealed with; without them everyone signs in anew.</summary>
    public string KeyFolder => Path.Combine(DataFolder, Data.Store.DataFolder.KeysName);

    /// <summary>The options of the command line and the environment. Throws where one can't be right.</summary>
    public static ServerOptions From(IConfiguration configuration) =>
        new(
            Demo: configuration.GetValue("demo", false),
            DataFolder: Path.GetFullPath(configuration["data"] ?? ".data/own"),
            SiteFolder: configuration["site"] is { } site ? Path.GetFullPath(site) : null,
            BehindProxy: configuration.GetValue("proxy", false),
            SecretTriesPerMinute: configuration.GetValue("secretTriesPerMinute", 20),
            Local: configuration.GetValue("local", false),
            MetricsPort: configuration.GetValue<int?>("metrics"),
            JsonLogs: configuration["logs"] == "json"
        );
}
