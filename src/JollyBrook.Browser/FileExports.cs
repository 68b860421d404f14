using System.Runtime.InteropServices.JavaScript;
using System.Runtime.Versioning;
using JollyBrook.Formats;

namespace JollyBrook.Browser;

/// <summary>What JavaScript can call once the readers of files are fetched: all that is done with files, by name.</summary>
[SupportedOSPlatform("browser")]
public static partial class FileExports
{
    /// <summary>Runs it. Returns <c>{"status":…,"body":…}</c>, as <see cref="CoreExports.Calculate"/> does.</summary>
    [JSExport]
    public static string Calculate(string name, string request)
    {
        var outcome = FileCalculations.Run(name, request);
        return $$"""{"status":{{outcome.Status}},"body":{{outcome.Json}}}""";
    }
}
