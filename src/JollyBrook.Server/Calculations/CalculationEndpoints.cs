using System.Text;
using JollyBrook.Core.Contract;
using JollyBrook.Server.Access;
using Microsoft.AspNetCore.Mvc;
using All = JollyBrook.Core.Calculations;

namespace JollyBrook.Server.Calculations;

/// <summary><c>POST /api/calc/{name}</c> for every calculation of the core. They change nothing, so want no form token.</summary>
internal static class CalculationEndpoints
{
    /// <summary>A log of 50 000 lines, bytes.</summary>
    private const int MostLogBytes = 16 * 1024 * 1024;

    public static void MapCalculations(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/calc").WithTags("calculations");
        foreach (var calculation in All.All)
        {
            var route = group.MapPost(calculation.Name, (HttpRequest request, LongRuns runs) => RunAsync(calculation.Name, calculation.IsLong, request, runs))
                .WithName(calculation.Name)
                .WithSummary(calculation.Summary)
                .Accepts(calculation.RequestType, "application/json")
                .Produces(200, calculation.ResponseType)
                .Produces<Problem>(400, "application/problem+json")
                .For(Audience.SignedIn);
            if (calculation.TakesLog)
            {
                route.WithMetadata(new RequestSizeLimitAttribute(MostLogBytes));
            }
        }

        // An unknown name, or a body sent under another content type: the core answers both.
        group.MapPost("{name}", (string name, HttpRequest request, LongRuns runs) => RunAsync(name, isLong: true, request, runs))
            .ExcludeFromDescription().For(Audience.SignedIn);
    }

    private static async Task<IResult> RunAsync(string name, bool isLong, HttpRequest request, LongRuns runs)
    {
        var text = await RequestText.ReadAsync(request);
        if (!isLong)
        {
            return Answer(All.Run(name, text));
        }

        var http = request.HttpContext;
        try
        {
            return Answer(await runs.RunAsync(http.User.PersonId(), cancellation => All.Run(name, text, cancellation), http.RequestAborted));
        }
        catch (LineTooLongException)
        {
            return RequestText.Problem(LineTooLongException.Problem);
        }
    }

    private static IResult Answer(CalculationOutcome outcome) => Results.Text(
        outcome.Json,
        outcome.Status == 200 ? "application/json" : "application/problem+json",
        Encoding.UTF8,
        outcome.Status);
}
