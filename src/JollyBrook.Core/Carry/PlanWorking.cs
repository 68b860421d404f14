using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Carry;

/// <summary>The arithmetic behind a plan, as data: the reserve, each fill, the whole.</summary>
internal static class PlanWorking
{
    private const int MostFills = 12;

    public static IReadOnlyList<WorkingStep> Steps(PlanSetup setup, PlannedWalk walk, double kgKm, double minutes)
    {
        var working = new Working();
        working.Add(
            "Reserve",
            setup.Route.ReserveL is null ? "0.25 L for each walker, at the median" : "as entered",
            "handbook: pick",
            WorkingValue.Of("reserve", setup.ReserveL, "L"),
            WorkingValue.Of("walkers", setup.Party.Count)
        );
        if (walk is PromisedWalk { Policy: var policy })
        {
            working.Add(
                "Promise",
                "least mean cost among policies short on at most 1 − certainty of the walks",
                "handbook room 70",
                WorkingValue.Of("short", policy.ShortChance),
                WorkingValue.Of("certainty", setup.Certainty),
                WorkingValue.Of("μ, price of running short", policy.ShortPrice, "kg·km"),
                WorkingValue.Of("may be owed", setup.DebtL, "L")
            );
        }

        foreach (var fill in walk.Fills.Take(MostFills))
        {
            working.Add(
                $"Leave {fill.At.Name}",
                "need to the next fill + in hand there − drunk on the spot",
                walk is PromisedWalk
                    ? "least expected cost over places and litres, exact on its grid"
                    : "shortest path over the stops, exact",
                WorkingValue.Of("carry", fill.LeaveL, "L"),
                WorkingValue.Of("need", fill.LeaveL + fill.DrinkL - fill.ArriveNextL, "L"),
                WorkingValue.Of("in hand there", fill.ArriveNextL, "L"),
                WorkingValue.Of("drunk", fill.DrinkL, "L"),
                WorkingValue.Of("to", fill.To.Name)
            );
        }

        working.Add(
            "Cost",
            "Σ litres × (km + ascent/100) + λ × minutes",
            "handbook: λ is a pick",
            WorkingValue.Of("cost", kgKm + (setup.KgKmPerMinute * minutes), "kg·km"),
            WorkingValue.Of("burden", kgKm, "kg·km"),
            WorkingValue.Of("stopped", minutes, "min"),
            WorkingValue.Of("λ", setup.KgKmPerMinute, "kg·km/min")
        );
        return working.Steps;
    }
}
