using System.Text;
using JollyBrook.Core.Contract;
using JollyBrook.Formats;
using JollyBrook.Server.Access;
using JollyBrook.Server.Site;
using Microsoft.AspNetCore.Mvc;
using OfCore = JollyBrook.Core.Calculations;

namespace JollyBrook.Server.Calculations;

/// <summary>
/// <c>POST /api/calc/{name}</c> for every calculation of the core, and for what is done with files. They change nothing, so want no form
/// token.
/// </summary>
internal static class CalculationEndpoints
{
    /// <summary>A log of 50 000 lines, bytes.</summary>
    private const int MostLogBytes = 16 * 1024 * 1024;

    /// <summary>The largest file, its bytes four thirds as long in JSON.</summary>
    private const int MostFileBytes = 36 * 1024 * 1024;

    /// <summary>How long a file may keep a core busy.</summary>
    private static readonly TimeSpan LongestFile = TimeSpan.FromSeconds(20);

    /// <param name="build">The build this server belongs to; null where it is not known.</param>
    public static void MapCalculations(this IEndpointRouteBuilder routes, string? build)
    {
        var group = routes.MapGroup("/api/calc").WithTags("calculations").ForBuild(build);
        foreach (var calculation in OfCore.All.Concat(FileCalculations.All))
        {
            var route = group
                .MapPost(calculation.Name, (HttpRequest request, LongRuns runs) =>
                    RunAsync(
                        calculation.Run,
                        calculation.IsLong,
                        calculation.TakesFile ? LongestFile : Timeout.InfiniteTimeSpan,
                        request,
                        runs
                    )
                )
                .WithName(calculation.Name)
                .WithSummary(calculation.Summary)
                .Accepts(calculation.RequestType, "application/json")
                .Produces(200, calculation.ResponseType)
                .Produces<Problem>(400, "application/problem+json")
                .For(Audience.SignedIn);
            if (calculation.TakesLog || calculation.TakesFile)
            {
                route.WithMetadata(new RequestSizeLimitAttribute(calculation.TakesFile ? MostFileBytes : MostLogBytes));
            }
        }

        // An unknown name, or a body sent under another content type: the core answers both.
        group
            .MapPost("{name}", (string name, HttpRequest request, LongRuns runs) =>
                RunAsync(
                    (text, cancellation) => OfCore.Run(name, text, cancellation),
                    isLong: true,
                    Timeout.InfiniteTimeSpan,
                    request,
                    runs
                )
            )
            .ExcludeFromDescription()
            .For(Audience.SignedIn);
    }

    private static async Task<IResult> RunAsync(
        Func<string, CancellationToken, CalculationOutcome> run,
        bool isLong,
        TimeSpan longest,
        HttpRequest request,
        LongRuns runs
    )
    {
        var text = await RequestText.ReadAsync(request);
        if (!isLong)
        {
            return Answer(run(text, CancellationToken.None));
        }

        var http = request.HttpContext;
        using var ends = CancellationTokenSource.CreateLinkedTokenSource(http.RequestAborted);
        ends.CancelAfter(longest);
        try
        {
            return Answer(await runs.RunAsync(http.User.PersonId(), cancellation => run(text, cancellation), ends.Token));
        }
        catch (OperationCanceledException) when (!http.RequestAborted.IsCancellationRequested)
        {
            return RequestText.Problem(
                Problem.BadInput([
                    new FieldProblem("file", "The file takes too long to read. Thin the track out, or split it, and try again.", null),
                ])
            );
        }
        catch (LineTooLongException)
        {
            return RequestText.Problem(LineTooLongException.Problem);
        }
    }

    private static IResult Answer(CalculationOutcome outcome) =>
        Results.Text(outcome.Json, outcome.Status == 200 ? "application/json" : "application/problem+json", Encoding.UTF8, outcome.Status);
}
