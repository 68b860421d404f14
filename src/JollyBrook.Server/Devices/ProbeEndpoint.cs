using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using JollyBrook.Server.Access;
using JollyBrook.Server.Accounts;
using JollyBrook.StandIns;

namespace JollyBrook.Server.Devices;

/// <summary><c>GET /api/probe?water=</c>: the water probe's readings as server-sent events, until either side hangs up.</summary>
internal static class ProbeEndpoint
{
    private const int LongestName = 80;

    public static void MapProbe(this IEndpointRouteBuilder routes) =>
        routes
            .MapGet(
                "/api/probe",
                (
                    HttpContext http,
                    IWaterProbe probe,
                    IHostApplicationLifetime life,
                    CancellationToken cancellation,
                    string water = "stream"
                ) =>
                    water.Length > LongestName
                        ? RequestText.Problem(
                            Core.Contract.Problem.BadInput([
                                new Core.Contract.FieldProblem(
                                    "water",
                                    "Water must be named in 80 characters or fewer. Give it a short name.",
                                    "1 to 80 characters"
                                ),
                            ])
                        )
                        : TypedResults.ServerSentEvents(Readings(http, probe, water, life, cancellation))
            )
            .WithName("probe")
            .WithTags("devices")
            .WithSummary("Readings of the (simulated) water probe, one a second.")
            .For(Audience.SignedIn);

    private static async Task<bool> SessionHoldsAsync(HttpContext http)
    {
        await using var scope = http.RequestServices.GetRequiredService<IServiceScopeFactory>().CreateAsyncScope();
        return await scope.ServiceProvider.GetRequiredService<Sessions>().HoldsAsync(Sessions.IdOf(http.User), http.RequestAborted);
    }

    private static async IAsyncEnumerable<SseItem<ProbeReading>> Readings(
        HttpContext http,
        IWaterProbe probe,
        string water,
        IHostApplicationLifetime life,
        [EnumeratorCancellation] CancellationToken cancellation
    )
    {
        // A stream that never ends must not keep the server from stopping.
        using var ends = CancellationTokenSource.CreateLinkedTokenSource(cancellation, life.ApplicationStopping);
        await foreach (var reading in probe.ReadAsync(water, ends.Token))
        {
            // Signed out here or everywhere ends what is open, too.
            if (!await SessionHoldsAsync(http))
            {
                yield break;
            }

            yield return new SseItem<ProbeReading>(reading, "reading");
        }
    }
}
