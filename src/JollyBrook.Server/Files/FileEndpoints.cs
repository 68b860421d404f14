using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Formats;
using JollyBrook.Server.Access;
using Microsoft.AspNetCore.Mvc;

namespace JollyBrook.Server.Files;

/// <summary>Files the page hands over to be read: <c>POST /api/files/route</c> and <c>/api/files/weather</c>. They are read and not kept.</summary>
internal static class FileEndpoints
{
    private const int MostBytes = 26 * 1024 * 1024;

    public static void MapFiles(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/files").WithTags("files").WantsFormToken();
        group.MapPost("route", (HttpRequest request) => ReadAsync(request, "file", text => RouteFile.Read(text)))
            .WithName("read-route").WithSummary("A route out of GPX or GeoJSON: ground, line, places.")
            .Accepts<string>("text/plain", "application/json").Produces<ReadRoute>().Produces<Problem>(400, "application/problem+json")
            .WithMetadata(new RequestSizeLimitAttribute(MostBytes)).For(Audience.SignedIn);
        group.MapPost("weather", (HttpRequest request) => ReadAsync(request, "file", text => WeatherTable.Read(text)))
            .WithName("read-weather").WithSummary("Weather by the hour out of a CSV table.")
            .Accepts<string>("text/plain", "application/json").Produces<IReadOnlyList<DayWeather>>().Produces<Problem>(400, "application/problem+json")
            .For(Audience.SignedIn);
    }

    private static async Task<IResult> ReadAsync<T>(HttpRequest request, string field, Func<string, T> read)
    {
        var text = await RequestText.ReadAsync(request);
        try
        {
            // Reading a long track keeps a core busy for a while; not the one that serves.
            return Results.Ok(await Task.Run(() => read(text)));
        }
        catch (UnreadableFileException wrong)
        {
            return RequestText.Problem(Problem.BadInput([new FieldProblem(field, wrong.Message, null)]));
        }
    }
}
