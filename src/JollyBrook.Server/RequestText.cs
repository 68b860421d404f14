using System.Text;
using JollyBrook.Core.Contract;

namespace JollyBrook.Server;

/// <summary>Reads a request's body as text, so that the core can answer a broken one in its own words.</summary>
internal static class RequestText
{
    /// <summary>Nothing sent here needs more.</summary>
    public const int MostBytes = 1024 * 1024;

    public static async Task<string> ReadAsync(HttpRequest request)
    {
        using var reader = new StreamReader(request.Body, Encoding.UTF8);
        return await reader.ReadToEndAsync(request.HttpContext.RequestAborted);
    }

    public static IResult Problem(Problem problem) =>
        Results.Text(CalculationOutcome.Of(problem).Json, "application/problem+json", Encoding.UTF8, problem.Status);
}
