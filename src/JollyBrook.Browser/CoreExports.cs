using System.Runtime.InteropServices.JavaScript;
using System.Runtime.Versioning;
using JollyBrook.Core;

namespace JollyBrook.Browser;

/// <summary>What JavaScript can call: every calculation of the core, by name.</summary>
[SupportedOSPlatform("browser")]
public static partial class CoreExports
{
    /// <summary>Runs a calculation. Returns <c>{"status":…,"body":…}</c>; the body is the response or a problem.</summary>
    [JSExport]
    public static string Calculate(string name, string request)
    {
        var outcome = Calculations.Run(name, request);
        return $$"""{"status":{{outcome.Status}},"body":{{outcome.Json}}}""";
    }
}
