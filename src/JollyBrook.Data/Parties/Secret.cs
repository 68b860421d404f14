using System.Buffers.Text;
using System.Security.Cryptography;
using System.Text;

namespace JollyBrook.Data.Parties;

/// <summary>Secrets that are shown once and kept as a hash.</summary>
public static class Secret
{
    private const int Bytes = 24;

    /// <summary>192 random bits, fit for an address.</summary>
    public static string New() => Base64Url.EncodeToString(RandomNumberGenerator.GetBytes(Bytes));

    /// <summary>SHA-256 in hex. The secret is random and long, so that no slower hash is needed.</summary>
    public static string Hash(string secret) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(secret)));
}
