using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Route;

/// <summary>Where a day's weather comes from.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<WeatherSource>))]
public enum WeatherSource
{
    /// <summary>Nobody told: a usual day is assumed.</summary>
    Default,

    /// <summary>Typed by a person.</summary>
    Typed,

    /// <summary>From a forecast.</summary>
    Service,

    /// <summary>From the table of climates.</summary>
    Table,
}

/// <summary>One hour of weather.</summary>
/// <param name="TemperatureC">°C.</param>
/// <param name="HumidityPercent">%.</param>
/// <param name="Cloud">Share of the sky, 0 to 1.</param>
/// <param name="WindMs">m/s.</param>
public sealed record HourWeather(double? TemperatureC, double? HumidityPercent, double? Cloud, double? WindMs = null);

/// <summary>The weather of one day, at the height it was given for.</summary>
/// <param name="LowC">Lowest, °C, towards sunrise.</param>
/// <param name="HighC">Highest, °C, in mid-afternoon.</param>
/// <param name="HumidityPercent">Relative humidity at the middle temperature, %.</param>
/// <param name="Cloud">Share of the sky under cloud, 0 to 1.</param>
/// <param name="WindMs">Wind, m/s; none where not known.</param>
/// <param name="Source">Where it comes from.</param>
/// <param name="Hours">Hour by hour from midnight, 24 of them, where known; low and high are then not used.</param>
public sealed record DayWeather(
    double? LowC,
    double? HighC,
    double? HumidityPercent,
    double? Cloud,
    double? WindMs = null,
    WeatherSource? Source = null,
    IReadOnlyList<HourWeather>? Hours = null
)
{
    /// <summary>A warm, sunny late-summer day (pick: on the thirsty side).</summary>
    public static readonly DayWeather Assumed = new(13, 25, 55, 0.1, 3, WeatherSource.Default);

    /// <summary>Air grows colder with height, °C for each km.</summary>
    public const double LapseCPerKm = 6.5;

    private const double ColdestHour = 5;
    private const double WarmestHour = 15;

    /// <summary>
    /// Temperature at an hour of the day, °C: its own where known, else a cosine from the low at 5 to the high at 15 o'clock.
    /// </summary>
    public double TemperatureAt(double hour)
    {
        if (Hours is { Count: > 0 })
        {
            var at = Math.Clamp(hour, 0, Hours.Count - 1);
            var i = Math.Min((int)at, Hours.Count - 1);
            var next = Math.Min(i + 1, Hours.Count - 1);
            var (a, b) = (Hours[i].TemperatureC ?? 0, Hours[next].TemperatureC ?? 0);
            return a + ((at - i) * (b - a));
        }

        var (low, high) = (LowC ?? Assumed.LowC!.Value, HighC ?? Assumed.HighC!.Value);
        return ((low + high) / 2) - ((high - low) / 2 * Math.Cos(Math.PI * Rise(hour)));
    }

    /// <summary>Relative humidity at an hour of the day, %; that of a usual day where it is not known.</summary>
    public double HumidityAt(double hour) =>
        Hours is { Count: > 0 }
            ? Hours[At(hour)].HumidityPercent ?? Assumed.HumidityPercent!.Value
            : HumidityPercent ?? Assumed.HumidityPercent!.Value;

    /// <summary>Share of the sky covered at an hour of the day, 0 to 1; that of a usual day where it is not known.</summary>
    public double CloudAt(double hour) =>
        Hours is { Count: > 0 } ? Hours[At(hour)].Cloud ?? Assumed.Cloud!.Value : Cloud ?? Assumed.Cloud!.Value;

    /// <summary>Wind, m/s; 0 where it is not known, which asks for the more water.</summary>
    public double WindAt(double hour) => (Hours is { Count: > 0 } ? Hours[At(hour)].WindMs : WindMs) ?? 0;

    private int At(double hour) => Math.Clamp((int)hour, 0, Hours!.Count - 1);

    /// <summary>0 at the coldest hour, 1 at the warmest, and back over the night.</summary>
    private static double Rise(double hour) =>
        hour switch
        {
            < ColdestHour => (ColdestHour - hour) / (24 - WarmestHour + ColdestHour),
            <= WarmestHour => (hour - ColdestHour) / (WarmestHour - ColdestHour),
            _ => 1 - ((hour - WarmestHour) / (24 - WarmestHour + ColdestHour)),
        };
}
