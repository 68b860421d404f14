using JollyBrook.Core.Body;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Scarcity.Ways;

/// <summary>Water that is turned to vapour and caught (handbook room 90).</summary>
internal static class StillWays
{
    /// <summary>Share of the steam that a tube and a wet rag catch, at its least (pick).</summary>
    public const double LeastCaught = 0.7;

    /// <summary>The top of a ground still's range where sun or wet soil is missing, L a day (pick).</summary>
    private const double GroundHighOtherwiseL = 0.3;

    /// <summary>Sheet that covers a pot, m² (pick).</summary>
    private const double PotSheetM2 = 0.5;

    private static readonly Caution Volatile = new(
        "volatile",
        Severity.Danger,
        "Fuels and some toxins come over with the steam: never distil water tainted with fuel, chemicals or bloom."
    );

    public static WayPlan Ground(Place place, double? count)
    {
        var stills = count ?? 1;
        var best = place.Sun == SunLoad.Full && place.Has(PlaceFeature.WetSoil);
        return new WayPlan("ground-still", "Ground still", "stills")
        {
            WhyNot = place.SheetM2 < 1 ? "No sheet of a square metre." : Sunlit.WhyNot(place),
            Count = stills,
            LowL = 0.2 * stills,
            HighL = (best ? 0.5 : GroundHighOtherwiseL) * stills,
            LabourHours = 2 * stills,
            Work = Work.Dig,
            LabourRepeats = false,
            SheetM2 = stills,
            Formula = "0.2–0.5 L a day each, 1 m² over a pit 1 m across; the top only in full sun over wet soil, 0.3 otherwise (pick)",
            Inputs = [WorkingValue.Of("stills", stills)],
            Setup =
            [
                "Dig a pit a metre across and half as deep where the soil is damp and the sun stays.",
                "Cup in the middle, a tube from it to the rim; fresh, harmless plants round it.",
                "Sheet over it, weighted at the rim, a small stone in the middle over the cup. Drink by "
                    + "the tube: opening it costs half an hour.",
            ],
            Mistakes =
            [
                "One large still instead of several small ones.",
                "Sheet touching the cup or the wall.",
                "Digging in the heat of the day.",
            ],
            Cautions =
            [
                new("collapse", Severity.Warning, "Never deeper than your knee in loose sand: walls fall in."),
                new("plants", Severity.Danger, "No poisonous plants in the pit: what they breathe out is drunk."),
            ],
            After = "Dripped off a sheet over soil and plants: treat.",
        };
    }

    public static WayPlan PotWithGreens(Place place, double? count)
    {
        var pots = count ?? 1;
        return new WayPlan("pot-still", "Pot with greenery under a sheet", "pots")
        {
            WhyNot =
                place.Pot is null ? "No pot."
                : !place.Has(PlaceFeature.LeafyBranches) ? "No greenery known to be harmless."
                : place.SheetM2 < PotSheetM2 ? "No sheet of half a square metre."
                : Sunlit.WhyNot(place),
            Count = pots,
            LowL = 0.03 * pots,
            HighL = 0.1 * Sunlit.Share(place) * pots,
            LabourHours = 0.3 * pots,
            SheetM2 = PotSheetM2 * pots,
            Formula = "0.03–0.1 L a day each; at most three fifths of the top in part sun (pick)",
            Setup =
            [
                "Chop fresh, harmless greenery into a dark pot, a cup standing in the middle.",
                "Clear sheet over it, tied tight, a pebble over the cup.",
                "Full sun; fresh greenery each morning.",
            ],
            Mistakes = ["Wilted leaves.", "Sheet sagging into the greens."],
            Cautions = [new("plants", Severity.Danger, "Only plants you can name for sure.")],
            After = "From plants: treat.",
        };
    }

    public static WayPlan Tent(Place place, double? count)
    {
        // Part of a sheet gives part of the water; of a larger one whole metres are counted.
        var m2 = count ?? (place.SheetM2 < 1 ? place.SheetM2 : Math.Floor(place.SheetM2));
        return new WayPlan("tent-still", "Tent still over foul or salt water", "m² of clear sheet")
        {
            WhyNot =
                place.SheetM2 <= 0 ? "No clear sheet."
                : !place.HasFoulOrSalt ? "No salt or foul water here."
                : Sunlit.WhyNot(place),
            Count = m2,
            LowL = 0.2 * m2,
            HighL = 0.6 * Sunlit.Share(place) * m2,
            LabourHours = 0.5,
            LabourRepeats = false,
            SheetM2 = m2,
            Formula = "0.2–0.6 L per m² and day; at most three fifths of the top in part sun (pick)",
            Inputs = [WorkingValue.Of("sheet", m2, "m²")],
            Setup =
            [
                "Shallow dark tray or lined hollow with the water.",
                "Clear sheet over a ridge line, its lower edges folded up into gutters.",
                "Close both ends; empty the gutters in the evening, refill the tray.",
            ],
            Mistakes = ["Gutters that touch the salt water.", "Deep water: it never warms."],
            Cautions = [Volatile],
            Kind = SourceKind.Distilled,
            After = "Distilled: treat it by default; clean off a clean sheet it may be accepted untreated by your own choice.",
        };
    }

    public static WayPlan SteamInCloth(Place place, double? count)
    {
        var hours = count ?? place.Hours;
        var burner = place.Burner;
        var fuel = burner is null ? 0 : FuelG(burner, hours);
        var enough = place.FuelG is not { } left || left >= fuel;
        return new WayPlan("steam-cloth", "Steam caught in a cloth", "hours at it")
        {
            WhyNot =
                !place.HasFoulOrSalt ? "No salt or foul water here."
                : burner is null || place.Pot is null ? "No burner and pot."
                : enough ? null
                : "Not fuel enough for that long.",
            Count = hours,
            LowL = 0.05 * hours,
            HighL = 0.1 * hours,
            LabourHours = hours,
            FuelG = fuel,
            FuelGPerL = hours <= 0 ? null : fuel / (0.1 * hours),
            Formula = "0.05–0.1 L an hour, somebody at it all the time",
            Inputs = [WorkingValue.Of("hours", hours, "h"), WorkingValue.Of("fuel", fuel, "g")],
            Setup =
            [
                "Boil the water hard with a thick clean cloth over the pot, clear of the flame.",
                "Wring the cloth into the cup as it fills.",
            ],
            Mistakes = ["Cloth dipping into the salt water.", "Boiling dry: the salt burns on."],
            Cautions =
            [
                new("scald", Severity.Warning, "Steam scalds through a wet cloth: let it cool before wringing."),
                new("cloth-fire", Severity.Warning, "Keep the cloth away from the flame."),
                Volatile,
            ],
            Kind = SourceKind.Distilled,
            After = "Distilled, through a cloth that was handled: treat.",
        };
    }

    public static WayPlan PotAndTube(Place place, double? count)
    {
        var burner = place.Burner;
        var perL = burner is null ? 0 : FuelGPerL(place, burner);
        // Without an end to the fuel, time decides; with one, whichever ends first.
        var byTime = burner is null ? 0 : (count ?? place.Hours) * 3600 * burner.NetPowerW / HeatJPerKg(place);
        var high = place.FuelG is { } left && perL > 0 ? Math.Min(byTime, left / perL) : byTime;
        var hours = burner is null ? 0 : high * HeatJPerKg(place) / burner.NetPowerW / 3600;
        return new WayPlan("pot-tube", "Pot and cooled tube", "hours at it")
        {
            WhyNot =
                !place.HasFoulOrSalt ? "No salt or foul water here."
                : burner is null || place.Pot is null ? "No burner and pot."
                : high <= 0 ? "No fuel."
                : null,
            Count = count ?? place.Hours,
            LowL = LeastCaught * high,
            HighL = high,
            LabourHours = hours,
            FuelG = perL * high,
            FuelGPerL = perL,
            Formula = "(4186·ΔT + 2.257e6)/η·H of fuel per kg; 70 % of the steam caught at its least (pick)",
            Inputs =
            [
                WorkingValue.Of("ΔT", place.BoilC - place.WaterC, "K"),
                WorkingValue.Of("η", burner?.Efficiency ?? 0),
                WorkingValue.Of("H", burner?.HeatingValueMJPerKg ?? 0, "MJ/kg"),
                WorkingValue.Of("fuel for a litre", perL, "g"),
                WorkingValue.Of("power", burner?.NetPowerW ?? 0, "W"),
                WorkingValue.Of("hours", hours, "h"),
            ],
            Setup =
            [
                "Lid sealed with dough or clay, a tube from it that falls all the way.",
                "Cool the tube with wet rags, or lead it through cold water.",
                "Throw away the first mouthful; stop while a fifth is left in the pot.",
            ],
            Mistakes = ["A tube that sags: it fills and bursts the seal.", "Boiling over into the tube: salt again. Taste it."],
            Cautions =
            [
                new("pressure", Severity.Danger, "Never close the pot tight: the tube must stay open, or it bursts."),
                new("carbon-monoxide", Severity.Danger, "In the open, never in a closed tent: carbon monoxide."),
                Volatile,
            ],
            Kind = SourceKind.Distilled,
            After = "Distilled: salt and metals stay behind. Treat it by default; clean it may be accepted untreated by your own choice.",
        };
    }

    /// <summary>Heat to turn a kilogram of water at hand to steam, J: 4186·ΔT + 2.257e6.</summary>
    private static double HeatJPerKg(Place place) => (Heat.WaterSpecificHeat * (place.BoilC - place.WaterC)) + Heat.Vaporisation;

    /// <summary>g for each litre distilled.</summary>
    private static double FuelGPerL(Place place, Burner burner) =>
        Heat.FuelG(HeatJPerKg(place), burner.Efficiency, burner.HeatingValueMJPerKg);

    /// <summary>g burnt at full flame in so many hours.</summary>
    private static double FuelG(Burner burner, double hours) =>
        Heat.FuelG(burner.NetPowerW * hours * 3600, burner.Efficiency, burner.HeatingValueMJPerKg);
}
