using JollyBrook.Core.Route;

namespace JollyBrook.Core.Carry.Here;

/// <summary>A point of a trip's line where the party stands: a way out put there makes one.</summary>
internal static class HerePoint
{
    private const string Name = "here";

    /// <summary>The trip with that point.</summary>
    /// <param name="trip">Checked.</param>
    /// <param name="km">Where the party stands, km along; past the finish is at it.</param>
    public static PlanRequest Mark(PlanRequest trip, double km) =>
        trip with
        {
            Route = trip.Route! with
            {
                BailOuts = [.. trip.Route.BailOuts ?? [], new BailOut(Name, Math.Min(km, trip.Route.LengthKm!.Value))],
            },
        };

    /// <summary>The point, on the line of a trip that was marked.</summary>
    public static int On(CarryLine line) => line.Places.Last(p => p.Kind == StopKind.BailOut && p.Name == Name).Point;
}
