using JollyBrook.Core.Route;

namespace JollyBrook.StandIns;

/// <summary>
/// Made-up weather: a climate by latitude and season, colder with height, each day with its own cloud, warmth and wind drawn from
/// place and date. The same place and date give the same weather every time.
/// </summary>
public sealed class SimulatedWeather : IWeatherService
{
    private const double WarmestDay = 205;

    /// <inheritdoc/>
    public IReadOnlyList<DayWeather> Forecast(double latitudeDeg, double longitudeDeg, double elevationM, DateOnly from, int days) =>
        [.. Enumerable.Range(0, days).Select(d => Day(latitudeDeg, longitudeDeg, elevationM, from.AddDays(d)))];

    private static DayWeather Day(double latitude, double longitude, double elevationM, DateOnly date)
    {
        var draws = new Random(Seed(latitude, longitude, date));
        var season = Math.Cos(2 * Math.PI * (date.DayOfYear - WarmestDay) / 365.25) * Math.Sign(latitude);
        var mean =
            27
            - (0.0065 * Math.Abs(latitude) * Math.Abs(latitude))
            + (season * Math.Abs(latitude) * 0.14)
            + (5 * (draws.NextDouble() - 0.5))
            - (elevationM / 1000 * DayWeather.LapseCPerKm);
        var cloud = Math.Round(Math.Pow(draws.NextDouble(), 1.5), 2);
        var wind = Math.Round(1 + (8 * draws.NextDouble()), 1);
        var humidity = 50 + (30 * cloud) + (10 * draws.NextDouble());
        var swing = 11 - (6 * cloud);
        var plain = new DayWeather(mean - (swing / 2), mean + (swing / 2), humidity, cloud);
        HourWeather[] hours =
        [
            .. Enumerable
                .Range(0, 24)
                .Select(h =>
                {
                    var temperature = plain.TemperatureAt(h);
                    return new HourWeather(
                        Math.Round(temperature, 1),
                        Math.Round(Math.Clamp(humidity - (2.2 * (temperature - mean)), 15, 100)),
                        cloud,
                        Math.Round(wind * (0.7 + (0.05 * Math.Min(h, 24 - h))), 1)
                    );
                }),
        ];
        return new DayWeather(
            LowC: Math.Round(mean - (swing / 2), 1),
            HighC: Math.Round(mean + (swing / 2), 1),
            HumidityPercent: Math.Round(humidity),
            Cloud: cloud,
            WindMs: wind,
            Source: WeatherSource.Service,
            Hours: hours
        );
    }

    /// <summary>Places within about 10 km share their weather.</summary>
    private static int Seed(double latitude, double longitude, DateOnly date) =>
        unchecked((((((int)Math.Round(latitude * 10)) * 7919) + (int)Math.Round(longitude * 10)) * 7919) + date.DayNumber);
}
