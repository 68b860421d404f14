using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Packing;

/// <summary>Fills a trip up from its plan, and says what neither could tell.</summary>
internal static class TripNeeds
{
    /// <summary>Open water is never colder than this while it flows, °C (pick).</summary>
    private const double ColdestFlowingC = 1;

    /// <param name="trip">What was told.</param>
    /// <param name="sources">
    /// The trip's sources: the worst of the waters that are to be treated counts, and what is not known of one is not known.
    /// </param>
    /// <param name="plan">The worked plan; null without a route.</param>
    /// <param name="today">The day it is.</param>
    /// <param name="assumptions">Takes what was not known.</param>
    public static KitTrip Fill(
        KitTrip trip,
        IReadOnlyList<TripSourceEntry>? sources,
        PlanResponse? plan,
        DateOnly? today,
        List<Assumption> assumptions
    )
    {
        var waters = (sources ?? []).Select(s => s.Source).Where(IsToBeTreated).ToList();
        var nights = plan?.Days.Min(d => d.LowC);
        var air = trip.ColdestAirC ?? nights;
        var first = trip.FirstDay ?? plan?.Days[0].Date ?? today;
        var filled = trip with
        {
            Litres = trip.Litres ?? plan?.NeedL,
            FirstDay = first,
            // A plan without dates has its days all the same.
            LastDay = trip.LastDay ?? first?.AddDays((plan?.Days.Count ?? 1) - 1),
            ColdestAirC = air,
            // What runs takes its cold from the nights.
            ColdestWaterC = trip.ColdestWaterC ?? Coldest(waters) ?? (nights is { } low ? Math.Clamp(low, ColdestFlowingC, 40) : null),
            WorstClarity = trip.WorstClarity
                ?? (
                    waters.Count > 0 && waters.TrueForAll(w => w.Clarity is not (null or Clarity.Unknown))
                        ? waters.Max(w => w.Clarity!.Value)
                        : Clarity.Unknown
                ),
            Colour = trip.Colour ?? Colour(waters),
            HighestM = trip.HighestM ?? plan?.Stops.Max(s => s.ElevationM),
            MostCarriedL = trip.MostCarriedL ?? plan?.MostCarriedL,
            CampL = trip.CampL ?? plan?.Days.Max(d => d.CampL),
            SnowL = trip.SnowL ?? plan?.SnowL,
        };
        if (filled.WorstClarity is Clarity.Unknown)
        {
            assumptions.Add(new("trip.worstClarity", "How cloudy the worst water is, is not known: counted as cloudy."));
        }

        if (filled.Colour is WaterColour.Unknown)
        {
            assumptions.Add(new("trip.colour", "Colour of the worst water not known: counted as tea-coloured."));
        }

        if (filled.ColdestWaterC is null)
        {
            assumptions.Add(
                new("trip.coldestWaterC", $"Coldest water not known: counted as {Speaker.Both(Quantity.Temperature, FieldWater.ColdestC)}.")
            );
        }

        if (filled.HighestM is null)
        {
            assumptions.Add(new("trip.highestM", "Highest place not known: counted as high up."));
        }

        if (filled.LastDay is null)
        {
            assumptions.Add(new("trip.lastDay", "The last day is not known: no date can be counted on."));
        }

        return filled;
    }

    /// <summary>A tap that nobody looked through makes no brook cloudy.</summary>
    private static bool IsToBeTreated(TripSource source) =>
        source is { Retired: not true, IsOutOfUse: false, OnlyIfNeeded: not true, NeedsNoTreatment: false };

    private static double? Coldest(List<TripSource> waters) =>
        waters.Count > 0 && waters.TrueForAll(w => w.TemperatureC is not null) ? waters.Min(w => w.TemperatureC) : null;

    private static WaterColour Colour(List<TripSource> waters) =>
        waters.Count == 0 || waters.Exists(w => w.Colour is null or WaterColour.Unknown)
            ? WaterColour.Unknown
            : waters.Max(w => w.Colour!.Value);
}
