using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Carry;

/// <summary>The arithmetic behind a plan, as data: the reserve, each fill, the whole.</summary>
internal static class PlanWorking
{
    private const int MostFills = 12;

    public static IReadOnlyList<WorkingStep> Steps(PlanSetup setup, CarrySolution solution, double kgKm, double minutes)
    {
        var working = new Working();
        working.Add(
            "Reserve", setup.Route.ReserveL is null ? "max(0.5 L for each walker, most used in an hour)" : "as entered", "handbook: pick",
            WorkingValue.Of("reserve", setup.ReserveL, "L"), WorkingValue.Of("walkers", setup.Party.Count), WorkingValue.Of("hour", setup.Line.MostLPerH, "L"));
        foreach (var fill in solution.Fills.Take(MostFills))
        {
            var (from, to) = (setup.Counted[fill.From], setup.Counted[fill.To]);
            working.Add(
                $"Leave {from.Name}", "use to the next fill + in hand there − drunk on the spot", "shortest path over the stops, exact",
                WorkingValue.Of("carry", fill.LeaveL, "L"), WorkingValue.Of("use", fill.LeaveL + fill.DrinkL - fill.ArriveNextL, "L"),
                WorkingValue.Of("in hand there", fill.ArriveNextL, "L"), WorkingValue.Of("drunk", fill.DrinkL, "L"), WorkingValue.Of("to", to.Name));
        }

        working.Add(
            "Cost", "Σ litres × (km + ascent/100) + λ × minutes", "handbook: λ is a pick", WorkingValue.Of("cost", kgKm + (setup.KgKmPerMinute * minutes), "kg·km"),
            WorkingValue.Of("burden", kgKm, "kg·km"), WorkingValue.Of("stopped", minutes, "min"), WorkingValue.Of("λ", setup.KgKmPerMinute, "kg·km/min"));
        return working.Steps;
    }
}
