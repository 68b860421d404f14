namespace JollyBrook.Server.Access;

/// <summary>How this site's cookies are named and sent.</summary>
internal static class SiteCookies
{
    /// <summary>Behind TLS a cookie carries the prefix by which a browser keeps it to this host, this path and HTTPS.</summary>
    public static string Name(string name, bool behindTls) => behindTls ? $"__Host-{name}" : name;

    public static CookieSecurePolicy Secure(bool behindTls) => behindTls ? CookieSecurePolicy.Always : CookieSecurePolicy.SameAsRequest;
}
