using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Scarcity.Ways;

/// <summary>Snow and ice (handbook room 30).</summary>
internal static class SnowWays
{
    /// <summary>What wind leaves of a sheltered flame's efficiency: 0.30 of 0.50.</summary>
    private const double WindShare = 0.6;

    private const double SnowBottleL = 0.5;

    public static WayPlan Melt(Place place, double? count)
    {
        var (burner, pot) = (place.Burner, place.Pot);
        var kind = place.Given.Snow?.Kind ?? SnowKind.Unknown;
        var snowC = place.Given.Snow?.TemperatureC ?? Melting.AssumedC;
        var (perL, minutesPerL) = burner is null || pot is null ? (0, 0) : PerLitre(burner, pot, snowC);
        var byTime = minutesPerL <= 0 ? 0 : (count ?? place.Hours) * 60 / minutesPerL;
        var high = place.FuelG is { } left && perL > 0 ? Math.Min(byTime, left / perL) : byTime;
        return new WayPlan("snow", "Snow or ice melted on the stove", "hours at it")
        {
            WhyNot =
                !place.Has(PlaceFeature.Snow) ? "No snow or ice."
                : burner is null || pot is null ? "No burner and pot."
                : high <= 0 ? "No fuel."
                : null,
            Count = count ?? place.Hours,
            LowL = WindShare * high,
            HighL = high,
            LabourHours = high * minutesPerL / 60,
            FuelG = perL * high,
            FuelGPerL = perL,
            Formula = $"{Melting.Formula}; fuel E/(η·H); in wind three fifths of it",
            Inputs =
            [
                WorkingValue.Of("fuel for a litre", perL, "g"),
                WorkingValue.Of("minutes for a litre", minutesPerL, "min"),
                WorkingValue.Of("snow", snowC, "°C"),
                WorkingValue.Of("snow for a litre", 1 / Melting.WaterFraction(kind), "L"),
            ],
            Setup =
            [
                "White snow from below the top, a bag full beside the stove.",
                "A little water in the pot first, or it scorches; add snow as it sinks.",
                "Prefer open water under ice: half the fuel.",
            ],
            Mistakes = ["Eating snow: it cools the body and gives little.", "Coloured snow; snow beside the tents."],
            Cautions = [new("carbon-monoxide", Severity.Danger, "Never in a closed tent: carbon monoxide.")],
            Kind = SourceKind.Snow,
            Snow = kind,
            After = "Snow: treat by default; fresh and clean it may be accepted untreated by your own choice.",
        };
    }

    public static WayPlan BodyHeat(Place place, double? count)
    {
        var loads = count ?? 2;
        return new WayPlan("body-heat", "Snow in a bottle under the coat", "loads")
        {
            WhyNot = place.Has(PlaceFeature.Snow) ? null : "No snow or ice.",
            Count = loads,
            LowL = 0.1 * loads,
            HighL = 0.15 * loads,
            LabourHours = 0,
            Formula = $"0.1–0.15 L from each {SnowBottleL} L of snow",
            Inputs = [WorkingValue.Of("loads", loads)],
            Setup =
            [
                "Some water left in the bottle, packed snow on top, between layers, not on skin.",
                "Shake now and then; only while you move.",
            ],
            Mistakes = ["Filling it with powder: it holds a tenth.", "Doing it at rest."],
            Cautions = [new("chill", Severity.Danger, "Only while moving and warm, never asleep or chilled: it takes the body’s heat.")],
            Kind = SourceKind.Snow,
            Snow = place.Given.Snow?.Kind ?? SnowKind.Unknown,
            After = "Melted snow: treat by default.",
        };
    }

    private static (double FuelG, double Minutes) PerLitre(Burner burner, Pot pot, double snowC)
    {
        // The pot is warmed once however much is melted; for one litre alone it counts whole.
        var heat = Melting.HeatJ(1, pot, snowC);
        return (Heat.FuelG(heat, burner.Efficiency, burner.HeatingValueMJPerKg), heat / burner.NetPowerW / 60);
    }
}
