using System.Globalization;
using System.Net;
using System.Threading.RateLimiting;
using JollyBrook.Core.Contract;
using JollyBrook.Server.Start;

namespace JollyBrook.Server.Access;

/// <summary>So many tries at a secret a minute from one address, whatever the name.</summary>
internal static class SecretsLimit
{
    private const string Policy = "secrets";

    /// <summary>People who may come from one address that is the proxy's (pick).</summary>
    private const int SharedBy = 50;

    public static void AddSecretsLimit(this IServiceCollection services, ServerOptions options) =>
        services.AddRateLimiter(limiter =>
        {
            limiter.AddPolicy(Policy, http =>
                RateLimitPartition.GetFixedWindowLimiter(ClientAddress.Of(http), _ => new FixedWindowRateLimiterOptions
                {
                    PermitLimit = Most(http, options),
                    Window = TimeSpan.FromMinutes(1),
                })
            );
            limiter.OnRejected = async (context, _) =>
            {
                var wait = context.Lease.TryGetMetadata(MetadataName.RetryAfter, out var after) ? after : TimeSpan.FromMinutes(1);
                var seconds = ((int)Math.Ceiling(wait.TotalSeconds)).ToString(CultureInfo.InvariantCulture);
                context.HttpContext.Response.Headers.RetryAfter = seconds;
                await RequestText
                    .Problem(
                        new Problem(
                            "/problems/too-many-tries",
                            "Too many tries.",
                            429,
                            $"Too many tries from here. Wait {seconds} s and try again.",
                            []
                        )
                    )
                    .ExecuteAsync(context.HttpContext);
            };
        });

    /// <summary>
    /// Without <c>--proxy</c> everyone behind a proxy comes from this machine, and one of them must not use up what is everyone's; tries at
    /// one name are counted apart, and no link or code can be guessed.
    /// </summary>
    private static int Most(HttpContext http, ServerOptions options) =>
        !options.BehindProxy && http.Connection.RemoteIpAddress is { } from && IPAddress.IsLoopback(from)
            ? options.SecretTriesPerMinute * SharedBy
            : options.SecretTriesPerMinute;

    public static TBuilder LimitsTries<TBuilder>(this TBuilder endpoint)
        where TBuilder : IEndpointConventionBuilder => endpoint.RequireRateLimiting(Policy);
}
