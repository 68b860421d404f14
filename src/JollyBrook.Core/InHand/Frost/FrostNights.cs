using JollyBrook.Core.Route;

namespace JollyBrook.Core.InHand;

/// <summary>The nights of trips that freeze, or may (handbook room 50, frost guard).</summary>
internal static class FrostNights
{
    private const double FreezesC = 0;

    /// <param name="trips">Trips; one that can't be right has no nights.</param>
    /// <param name="from">Nights over by then are left out.</param>
    /// <param name="until">Nights whose evening has not begun by then are left out.</param>
    public static List<FrostNight> Of(IReadOnlyList<DatedTrip> trips, DateTimeOffset from, DateTimeOffset until)
    {
        List<FrostNight> nights = [];
        foreach (var trip in trips)
        {
            // Dates first: a trip of another year costs nothing.
            if (
                trip.Route is { StartDate: { } first, Retired: not true } route
                && first.AddDays(-2) <= DateOnly.FromDateTime(until.UtcDateTime)
                && (from == DateTimeOffset.MinValue || first.AddDays(route.EachDay.Count + 2) >= DateOnly.FromDateTime(from.UtcDateTime))
                && route.IsSound()
            )
            {
                nights.AddRange(Of(route, trip).Where(n => n.To > from && n.Evening <= until));
            }
        }

        return nights;
    }

    private static IEnumerable<FrostNight> Of(TripRoute route, DatedTrip clock)
    {
        var ground = route.Ground();
        var latitude = EncodedNumbers.Decode(route.Latitudes ?? "") is [var start, ..] ? start / 1e5 : (double?)null;
        for (var day = 0; day < route.EachDay.Count - 1; day++)
        {
            var elevationM = ground.ElevationAt(route.EachDay[day].EndKm!.Value);
            var low = LowC(route, day + 1, elevationM);
            if (low <= FreezesC || (low is null && FrostSeason.MayFreeze(route.StartDate!.Value.AddDays(day), latitude, elevationM)))
            {
                yield return new FrostNight(clock.At(day, FrostNight.FromHour), clock.At(day + 1, FrostNight.ToHour), low);
            }
        }
    }

    /// <summary>The lowest towards a day's sunrise at a height, °C; null where no forecast tells.</summary>
    private static double? LowC(TripRoute route, int day, double elevationM)
    {
        var weather = route.WeatherOn(day);
        var low = weather.Hours is { Count: > 0 } hours ? hours.Take(8).Min(h => h.TemperatureC) : weather.LowC;
        return weather.Source == WeatherSource.Default ? null : low - route.ColderC(elevationM);
    }
}
