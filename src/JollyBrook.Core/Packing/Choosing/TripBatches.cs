using JollyBrook.Core.Carry;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Packing.Choosing;

/// <summary>Water that the trip draws and treats at one place.</summary>
/// <param name="At">Where.</param>
/// <param name="DoseL">To be drunk, L.</param>
/// <param name="BoilL">For the pot alone, L.</param>
/// <param name="Clarity">How clear it is.</param>
/// <param name="Prefer">What the traveller wants it treated with.</param>
/// <param name="Ask">Treat's question about so many litres of it with a kit.</param>
internal sealed record TripBatch(
    string At,
    double DoseL,
    double BoilL,
    Clarity? Clarity,
    string? Prefer,
    Func<double, IReadOnlyList<KitEntry>, TreatRequest> Ask
)
{
    /// <summary>
    /// The fills of the trip's plan, or of a trip that was only typed in, a day's water each day out of the worst. The plan is the one
    /// without a kit: what is drawn must not hang on what there is to choose from.
    /// </summary>
    public static IReadOnlyList<TripBatch> Of(PlanRun? plan, KitTrip trip, Func<double, IReadOnlyList<KitEntry>, TreatRequest> worst)
    {
        ArgumentNullException.ThrowIfNull(trip);
        if (plan is null)
        {
            return
            [
                .. Enumerable
                    .Range(1, trip.Days)
                    .Select(d => new TripBatch($"day {d}", trip.Litres!.Value / trip.Days, 0, trip.WorstClarity, null, worst)),
            ];
        }

        var (setup, walk, _) = plan;
        return
        [
            .. walk
                .Fills.Where(f => f.TakenL > 0 && f.Water.Source is { IsOutOfUse: false, NeedsNoTreatment: false })
                .Select(f =>
                {
                    var boil = TreatedWalk.BoilL(setup, f);
                    return new TripBatch(
                        f.Water.FullName,
                        FillTreatment.Measured(f.TakenL - boil),
                        FillTreatment.Measured(boil),
                        f.Water.Source!.Clarity,
                        f.Water.Source.TreatWith,
                        (litres, kit) => setup.Treatment.Ask(f.Water, litres, kit)
                    );
                }),
        ];
    }
}
