using System.Net;
using System.Net.Sockets;

namespace JollyBrook.Server.Access;

/// <summary>Where a request comes from, as far as limits go.</summary>
internal static class ClientAddress
{
    private const int NetworkBytes = 8;

    /// <summary>The address; of IPv6 the network of /64, all of which one subscriber may hold.</summary>
    public static string Of(HttpContext http)
    {
        if (http.Connection.RemoteIpAddress is not { } address)
        {
            return "unknown";
        }

        if (address.IsIPv4MappedToIPv6)
        {
            address = address.MapToIPv4();
        }

        return address.AddressFamily == AddressFamily.InterNetworkV6 && !IPAddress.IsLoopback(address)
            ? $"{new IPAddress([.. address.GetAddressBytes().Take(NetworkBytes), .. new byte[16 - NetworkBytes]])}/64"
            : address.ToString();
    }
}
