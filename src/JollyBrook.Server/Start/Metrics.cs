using System.Globalization;
using OpenTelemetry.Metrics;

namespace JollyBrook.Server.Start;

/// <summary>
/// Requests, times and memory by OpenTelemetry, to be fetched as Prometheus reads them: off unless a port is named, and on that port of
/// this machine alone.
/// </summary>
internal static class Metrics
{
    private const string Path = "/metrics";

    public static void AddMetrics(this WebApplicationBuilder builder, ServerOptions options)
    {
        if (options.MetricsPort is not { } port)
        {
            return;
        }

        var urls = builder.Configuration[WebHostDefaults.ServerUrlsKey] ?? "http://127.0.0.1:5000";
        builder.WebHost.UseUrls([.. urls.Split(';'), string.Create(CultureInfo.InvariantCulture, $"http://127.0.0.1:{port}")]);
        builder
            .Services.AddOpenTelemetry()
            .WithMetrics(metrics => metrics.AddAspNetCoreInstrumentation().AddRuntimeInstrumentation().AddPrometheusExporter());
    }

    /// <summary>The port of the metrics answers nothing else, and no other port answers them.</summary>
    public static void UseMetrics(this WebApplication app, ServerOptions options)
    {
        if (options.MetricsPort is not { } port)
        {
            return;
        }

        app.UseOpenTelemetryPrometheusScrapingEndpoint(http => http.Connection.LocalPort == port && http.Request.Path == Path);
        app.Use(
            (http, next) =>
            {
                if (http.Connection.LocalPort != port)
                {
                    return next(http);
                }

                http.Response.StatusCode = StatusCodes.Status404NotFound;
                return Task.CompletedTask;
            }
        );
    }
}
