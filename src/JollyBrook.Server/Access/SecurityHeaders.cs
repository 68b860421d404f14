using System.Security.Cryptography;

namespace JollyBrook.Server.Access;

/// <summary>
/// What the browser may do with what this server sends: scripts, styles, pictures and connections of its own alone, no inline script,
/// WebAssembly allowed. Styles made while the page runs carry a nonce, new with every page sent.
/// </summary>
internal static class SecurityHeaders
{
    private const string NonceItem = "style-nonce";
    private const int NonceBytes = 18;

    public static string StyleNonce(this HttpContext http) =>
        (string)(http.Items[NonceItem] ??= Convert.ToBase64String(RandomNumberGenerator.GetBytes(NonceBytes)));

    public static void UseSecurityHeaders(this IApplicationBuilder app) =>
        app.Use(
            (http, next) =>
            {
                var headers = http.Response.Headers;
                headers.ContentSecurityPolicy =
                    "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; worker-src 'self'; connect-src 'self'; manifest-src 'self'; "
                    + $"style-src 'self' 'nonce-{http.StyleNonce()}'; font-src 'self'; img-src 'self' data: blob:; "
                    + "form-action 'self'; base-uri 'none'; object-src 'none'; frame-ancestors 'none'";
                headers.XContentTypeOptions = "nosniff";
                headers["Referrer-Policy"] = "no-referrer";
                headers["Cross-Origin-Opener-Policy"] = "same-origin";
                headers["Cross-Origin-Resource-Policy"] = "same-origin";
                headers["Permissions-Policy"] = "camera=(), microphone=(), payment=(), usb=(), geolocation=(self), screen-wake-lock=(self)";
                if (http.Request.Path.StartsWithSegments("/api"))
                {
                    headers.CacheControl = "no-store";
                }

                return next(http);
            }
        );
}
