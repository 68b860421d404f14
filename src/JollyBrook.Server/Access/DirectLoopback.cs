using System.Net;
using JollyBrook.Server.Start;

namespace JollyBrook.Server.Access;

/// <summary>
/// Whether a request comes straight from a browser on the same machine: not through a proxy, not under another host's name.
/// </summary>
internal static class DirectLoopback
{
    private static readonly string[] Forwarded =
    [
        "Forwarded",
        "X-Forwarded-For",
        "X-Forwarded-Host",
        "X-Forwarded-Proto",
        "X-Real-IP",
        "Via",
    ];

    public static bool Is(HttpContext http)
    {
        var options = http.RequestServices.GetRequiredService<ServerOptions>();
        return options is { Local: true, BehindProxy: false }
            && http.Connection.RemoteIpAddress is { } from
            && IPAddress.IsLoopback(from)
            && !Forwarded.Any(http.Request.Headers.ContainsKey)
            // A name that someone else points at this machine is not this machine.
            && (
                http.Request.Host.Host == "localhost"
                || (IPAddress.TryParse(http.Request.Host.Host.Trim('[', ']'), out var host) && IPAddress.IsLoopback(host))
            );
    }
}
