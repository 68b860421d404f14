using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Formats;
using JollyBrook.Formats.Tables;
using JollyBrook.Server.Access;
using JollyBrook.Server.Calculations;
using Microsoft.AspNetCore.Mvc;

namespace JollyBrook.Server.Files;

/// <summary>Files the page hands over to be read: <c>POST /api/files/route</c> and <c>/api/files/weather</c>. They are read and not kept.</summary>
internal static class FileEndpoints
{
    private const int MostBytes = 26 * 1024 * 1024;

    /// <summary>How long a file may keep a core busy.</summary>
    private static readonly TimeSpan Longest = TimeSpan.FromSeconds(20);

    public static void MapFiles(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/files").WithTags("files").WantsFormToken();
        group.MapPost("route", (HttpRequest request, LongRuns runs, TimeProvider clock) => ReadAsync(
                request, runs, "file", (text, cancellation) => RouteFile.Read(text, new RouteFileOptions(DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime)), cancellation)))
            .WithName("read-route").WithSummary("A route out of GPX or GeoJSON: ground, line, places.")
            .Accepts<string>("text/plain", "application/json").Produces<ReadRoute>().Produces<Problem>(400, "application/problem+json")
            .WithMetadata(new RequestSizeLimitAttribute(MostBytes)).For(Audience.SignedIn);
        group.MapPost("weather", (HttpRequest request, LongRuns runs) => ReadAsync(request, runs, "file", (text, _) => WeatherTable.Read(text)))
            .WithName("read-weather").WithSummary("Weather by the hour out of a CSV table.")
            .Accepts<string>("text/plain", "application/json").Produces<IReadOnlyList<DayWeather>>().Produces<Problem>(400, "application/problem+json")
            .For(Audience.SignedIn);
    }

    private static async Task<IResult> ReadAsync<T>(HttpRequest request, LongRuns runs, string field, Func<string, CancellationToken, T> read)
    {
        var text = await RequestText.ReadAsync(request);
        var http = request.HttpContext;
        using var ends = CancellationTokenSource.CreateLinkedTokenSource(http.RequestAborted);
        ends.CancelAfter(Longest);
        try
        {
            return Results.Ok(await runs.RunAsync(http.User.PersonId(), cancellation => read(text, cancellation), ends.Token));
        }
        catch (UnreadableFileException wrong)
        {
            return Wrong(field, wrong.Message);
        }
        catch (OperationCanceledException) when (!http.RequestAborted.IsCancellationRequested)
        {
            return Wrong(field, "The file takes too long to read. Thin the track out, or split it, and try again.");
        }
        catch (LineTooLongException)
        {
            return RequestText.Problem(LineTooLongException.Problem);
        }
    }

    private static IResult Wrong(string field, string message) => RequestText.Problem(Problem.BadInput([new FieldProblem(field, message, null)]));
}
