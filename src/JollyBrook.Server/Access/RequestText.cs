using System.Globalization;
using System.Text;
using System.Text.Json;
using JollyBrook.Core.Contract;
using JollyBrook.Server.Accounts;

namespace JollyBrook.Server.Access;

/// <summary>Reads a request's body as text, so that a broken one is answered in words, and writes problems in the one shape.</summary>
internal static class RequestText
{
    /// <summary>Nothing but a backup needs more.</summary>
    public const int MostBytes = 1024 * 1024;

    public static async Task<string> ReadAsync(HttpRequest request)
    {
        using var reader = new StreamReader(request.Body, Encoding.UTF8);
        return await reader.ReadToEndAsync(request.HttpContext.RequestAborted);
    }

    /// <exception cref="BadInputException">It is no JSON of that shape.</exception>
    public static async Task<T> ReadAsync<T>(HttpRequest request)
    {
        try
        {
            return JsonSerializer.Deserialize<T>(await ReadAsync(request), JsonSerializerOptions.Web) ?? throw Unreadable();
        }
        catch (JsonException)
        {
            throw Unreadable();
        }
    }

    public static IResult Problem(Problem problem) =>
        Results.Text(CalculationOutcome.Of(problem).Json, "application/problem+json", Encoding.UTF8, problem.Status);

    /// <summary>Turns what an endpoint of the group refuses into a problem.</summary>
    public static RouteGroupBuilder SaysWhatIsWrong(this RouteGroupBuilder group) =>
        group.AddEndpointFilter(
            async (context, next) =>
            {
                try
                {
                    return await next(context);
                }
                catch (BadInputException bad)
                {
                    return Problem(Core.Contract.Problem.BadInput(bad.Errors));
                }
                catch (TooManyTriesException many)
                {
                    context.HttpContext.Response.Headers.RetryAfter = ((int)Math.Ceiling(many.Wait.TotalSeconds)).ToString(
                        CultureInfo.InvariantCulture
                    );
                    return Problem(many.Problem);
                }
            }
        );

    /// <summary>One field that can't be right.</summary>
    public static BadInputException Wrong(string field, string message, string? allowed = null) =>
        new([new FieldProblem(field, message, allowed)]);

    private static BadInputException Unreadable() =>
        Wrong("", "The request is cut short or is not the JSON expected here. Send it again, whole.");
}
