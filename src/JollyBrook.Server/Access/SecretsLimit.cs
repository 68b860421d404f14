using System.Globalization;
using System.Threading.RateLimiting;
using JollyBrook.Core.Contract;
using JollyBrook.Server.Start;

namespace JollyBrook.Server.Access;

/// <summary>So many tries at a secret a minute from one address, whatever the name.</summary>
internal static class SecretsLimit
{
    private const string Policy = "secrets";

    public static void AddSecretsLimit(this IServiceCollection services, ServerOptions options) => services.AddRateLimiter(limiter =>
    {
        limiter.AddPolicy(Policy, http => RateLimitPartition.GetFixedWindowLimiter(
            http.Connection.RemoteIpAddress?.ToString() ?? "unknown",
            _ => new FixedWindowRateLimiterOptions { PermitLimit = options.SecretTriesPerMinute, Window = TimeSpan.FromMinutes(1) }));
        limiter.OnRejected = async (context, _) =>
        {
            var wait = context.Lease.TryGetMetadata(MetadataName.RetryAfter, out var after) ? after : TimeSpan.FromMinutes(1);
            var seconds = ((int)Math.Ceiling(wait.TotalSeconds)).ToString(CultureInfo.InvariantCulture);
            context.HttpContext.Response.Headers.RetryAfter = seconds;
            await RequestText.Problem(new Problem(
                "/problems/too-many-tries", "Too many tries.", 429, $"Too many tries from here. Wait {seconds} s and try again.", []))
                .ExecuteAsync(context.HttpContext);
        };
    });

    public static TBuilder LimitsTries<TBuilder>(this TBuilder endpoint)
        where TBuilder : IEndpointConventionBuilder => endpoint.RequireRateLimiting(Policy);
}
