using JollyBrook.Core.Contract;
using JollyBrook.Server.Start;
using Microsoft.AspNetCore.Antiforgery;

namespace JollyBrook.Server.Access;

/// <summary>Takes nothing that changes something without the token the page got here: another site can't have it.</summary>
internal static class FormTokens
{
    public const string Header = "X-Form-Token";

    public static void AddFormTokens(this IServiceCollection services, bool behindTls) =>
        services.AddAntiforgery(options =>
        {
            options.HeaderName = Header;
            options.Cookie.Name = SiteCookies.Name("jolly-brook-form", behindTls);
            options.Cookie.Path = "/";
            options.Cookie.HttpOnly = true;
            options.Cookie.SameSite = SameSiteMode.Strict;
            options.Cookie.SecurePolicy = SiteCookies.Secure(behindTls);
            // Framing is forbidden by the content security policy.
            options.SuppressXFrameOptionsHeader = true;
        });

    /// <summary>The page's token; empty where the cookie that goes with it may not be sent, since the request came without TLS.</summary>
    public static string For(HttpContext http) =>
        http.RequestServices.GetRequiredService<ServerOptions>().BehindProxy && !http.Request.IsHttps
            ? ""
            : http.RequestServices.GetRequiredService<IAntiforgery>().GetAndStoreTokens(http).RequestToken!;

    /// <summary>Guards every endpoint of a group that changes something.</summary>
    public static TBuilder WantsFormToken<TBuilder>(this TBuilder endpoint)
        where TBuilder : IEndpointConventionBuilder =>
        endpoint.AddEndpointFilter(
            async (context, next) =>
            {
                var http = context.HttpContext;
                var reads = HttpMethods.IsGet(http.Request.Method) || HttpMethods.IsHead(http.Request.Method);
                return reads || await http.RequestServices.GetRequiredService<IAntiforgery>().IsRequestValidAsync(http)
                    ? await next(context)
                    : RequestText.Problem(Stale);
            }
        );

    private static Problem Stale =>
        new(
            "/problems/form-token",
            "The page's token is missing or out of date.",
            400,
            "Ask /api/about for a new one and send it again.",
            []
        );
}
