using JollyBrook.Core.Route;

namespace JollyBrook.StandIns;

/// <summary>Tells the weather of a place, hour by hour.</summary>
public interface IWeatherService
{
    /// <param name="latitudeDeg">−90 to 90.</param>
    /// <param name="longitudeDeg">−180 to 180.</param>
    /// <param name="elevationM">Height that the temperatures are wanted for, m.</param>
    /// <param name="from">First day.</param>
    /// <param name="days">How many.</param>
    IReadOnlyList<DayWeather> Forecast(double latitudeDeg, double longitudeDeg, double elevationM, DateOnly from, int days);
}
