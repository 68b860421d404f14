using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Server.Access;
using JollyBrook.StandIns;

namespace JollyBrook.Server.Devices;

/// <summary><c>GET /api/weather</c>: the (simulated) weather service; <c>GET /api/scale</c>: the (simulated) body scale.</summary>
internal static class WeatherEndpoint
{
    private const int MostDays = 30;
    private const int LongestName = 80;

    public static void MapWeather(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet(
                "/api/weather",
                (IWeatherService weather, double latitude, double longitude, double elevation, DateOnly from, int days) =>
                    Wrong(latitude, longitude, elevation, days) is { } wrong
                        ? RequestText.Problem(Problem.BadInput([wrong]))
                        : Results.Ok(weather.Forecast(latitude, longitude, elevation, from, days))
            )
            .WithName("weather")
            .WithTags("devices")
            .WithSummary("The (simulated) weather of a place, hour by hour.")
            .Produces<IReadOnlyList<DayWeather>>()
            .Produces<Problem>(400, "application/problem+json")
            .For(Audience.SignedIn);
        routes
            .MapGet("/api/scale", (IBodyScale scale, string person, double lost = 0) =>
                person.Length is 0 or > LongestName || lost is not (>= 0 and <= 20)
                    ? RequestText.Problem(
                        Problem.BadInput([
                            new FieldProblem(
                                "person",
                                "The scale needs a name of 1 to 80 characters and 0 to 20 L lost. Name the walker first.",
                                "1 to 80 characters"
                            ),
                        ])
                    )
                    : Results.Ok(new ScaleReading(scale.Weigh(person, lost)))
            )
            .WithName("scale")
            .WithTags("devices")
            .WithSummary("What the (simulated) body scale shows.")
            .Produces<ScaleReading>()
            .Produces<Problem>(400, "application/problem+json")
            .For(Audience.SignedIn);
    }

    private static FieldProblem? Wrong(double latitude, double longitude, double elevation, int days) =>
        (latitude, longitude, elevation, days) switch
        {
            (not (>= -90 and <= 90), _, _, _) => new("latitude", "Latitude must be −90 to 90°. Check the route's place.", "−90 to 90"),
            (_, not (>= -180 and <= 180), _, _) => new(
                "longitude",
                "Longitude must be −180 to 180°. Check the route's place.",
                "−180 to 180"
            ),
            (_, _, not (>= -400 and <= 8000), _) => new(
                "elevation",
                "Elevation must be −400 to 8 000 m. Check the route's heights.",
                "−400 to 8 000"
            ),
            (_, _, _, < 1 or > MostDays) => new("days", $"Days must be 1 to {MostDays}. Ask for fewer.", $"1 to {MostDays}"),
            _ => null,
        };
}

/// <summary>What the scale shows.</summary>
/// <param name="Kg">kg.</param>
public sealed record ScaleReading(double Kg);
