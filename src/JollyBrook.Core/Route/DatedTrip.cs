namespace JollyBrook.Core.Route;

/// <summary>A trip for its nights.</summary>
/// <param name="Route">The route; one without a first day has no nights that could be told.</param>
/// <param name="OffsetsMinutes">The clock's offset from UTC on each of its days, min; UTC where none is given.</param>
public sealed record DatedTrip(TripRoute? Route, IReadOnlyList<double>? OffsetsMinutes = null)
{
    /// <summary>A clock hour of one of its days as an instant; only with a first day.</summary>
    internal DateTimeOffset At(int day, double hour) =>
        TripClock.At(Route!.StartDate!.Value, day, hour, d => TripClock.OffsetOn(OffsetsMinutes, d) ?? TimeSpan.Zero);
}
