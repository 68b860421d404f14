using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Scarcity.Ways;

/// <summary>Water that falls, settles or is in plants (handbook room 90).</summary>
internal static class CaughtWays
{
    /// <summary>The way of bags about leaves.</summary>
    public const string LeafBagId = "leaf-bag";

    /// <summary>Of each mm on each m², L: the rest splashes, wets and blows away.</summary>
    public const double LPerM2Mm = 0.8;

    /// <summary>Rain that rinses the sheet and is let go, mm (pick: at its least).</summary>
    public const double RinseMm = 1;

    private static readonly Caution Poison = new(
        "plants",
        Severity.Danger,
        "Only plants you can name for sure. Poisonous ones give poisonous water; never milky, bitter or coloured sap."
    );

    public static WayPlan Rain(Place place, double? count)
    {
        var m2 = count ?? place.SheetM2;
        return new WayPlan("rain", "Rain on a sheet", "m² of sheet")
        {
            WhyNot =
                place.SheetM2 <= 0 ? "No clean sheet to catch it on."
                : place.RainMm <= 0 ? "No rain to come today."
                : null,
            Count = m2,
            LowL = LPerM2Mm * m2 * Math.Max(0, place.RainMm - RinseMm),
            HighL = LPerM2Mm * m2 * place.RainMm,
            LabourHours = 0.3,
            SheetM2 = m2,
            Formula = "0.8 L per m² per mm; at its least the first mm rinses the sheet",
            Inputs = [WorkingValue.Of("sheet", m2, "m²"), WorkingValue.Of("rain", place.RainMm, "mm")],
            Setup =
            [
                "Hang the sheet so that it sags to one low point over a clean pot or bag.",
                "Let the first minutes run away: they rinse it.",
                "Empty before the container runs over.",
            ],
            Mistakes =
            [
                "A sheet that has lain on the ground, dirty side up.",
                "Water off a roof with droppings.",
                "A stone in the middle that lets it run through a seam.",
            ],
            Kind = SourceKind.Rain,
            After = "Rain: treat it by default; clean off a clean sheet it may be accepted untreated by your own choice.",
        };
    }

    public static WayPlan DewByCloth(Place place, double? count)
    {
        var people = count ?? 1;
        return new WayPlan("dew-cloth", "Dew wiped up with a cloth", "people wiping")
        {
            WhyNot = place.Has(PlaceFeature.Dew) ? null : "No dew on the grass.",
            Count = people,
            LowL = 0.1 * people,
            HighL = 0.5 * people,
            LabourHours = 1 * people,
            Formula = "0.1–0.5 L in the hour before sunrise, each",
            Setup =
            [
                "In the hour before sunrise, drag a clean cloth through the grass, or tie it round your shins and walk.",
                "Wring it into the dirty bottle, again and again, until the sun is on it.",
            ],
            Mistakes = ["Starting after sunrise.", "A cloth that was washed with soap."],
            Cautions = [new("sprayed", Severity.Warning, "Never from sprayed, roadside or poisonous plants.")],
            Clarity = Clarity.SlightlyCloudy,
            After = "Off the grass it carries what the grass carries: strain and treat.",
        };
    }

    public static WayPlan DewPit(Place place, double? count)
    {
        var pits = count ?? 1;
        return new WayPlan("dew-pit", "Dew pit with stones", "pits")
        {
            WhyNot =
                !place.Has(PlaceFeature.Dew) ? "No clear, still night for dew."
                : place.SheetM2 < 1 ? "No sheet to line it with."
                : null,
            Count = pits,
            LowL = 0.03 * pits,
            HighL = 0.1 * pits,
            LabourHours = 0.4 * pits,
            Work = Work.Dig,
            LabourRepeats = false,
            SheetM2 = pits,
            Formula = "0.03–0.1 L a night, each",
            Setup =
            [
                "Scrape a pit 0.3 m deep, line it with the sheet.",
                "Fill it with clean, smooth stones: they cool and the dew runs down them.",
                "Empty it before sunrise, or it dries up again.",
            ],
            Mistakes = ["Dirty stones.", "Sleeping past sunrise."],
            Clarity = Clarity.SlightlyCloudy,
            After = "Off stones: strain and treat.",
        };
    }

    public static WayPlan LeafBag(Place place, double? count)
    {
        var bags = count ?? Math.Max(1, place.Bags);
        var shade = Sunlit.WhyNot(place);
        return new WayPlan(LeafBagId, "Leafy branch in a clear bag", "bags")
        {
            WhyNot =
                place.Bags <= 0 ? "No clear bag."
                : !place.Has(PlaceFeature.LeafyBranches) ? "No leafy branch of a plant known to be harmless."
                : place.Given.Season == Season.Winter ? "Leaves hardly breathe in winter."
                : shade,
            Count = bags,
            LowL = 0.1 * bags,
            HighL = 0.4 * Sunlit.Share(place) * bags,
            LabourHours = 0.2 * bags,
            Formula = "0.1–0.4 L a bag and day; at most three fifths of the top in part sun (pick)",
            Inputs = [WorkingValue.Of("bags", bags)],
            Setup =
            [
                "Shake insects and dust off a leafy branch on the sunny side.",
                "Slip the bag over it, one corner lowest, tie it shut round the stem.",
                "In the evening drain the low corner; take another branch tomorrow.",
            ],
            Mistakes = ["The same branch day after day: it gives less and dies.", "Holes; a bag in the shade by noon."],
            Cautions = [Poison],
            After = "Breathed out by leaves, with what sat on them: treat.",
        };
    }

    public static WayPlan Sap(Place place, double? count)
    {
        var stems = count ?? 2;
        return new WayPlan("sap", "Sap, bamboo, vines, roots", "stems")
        {
            WhyNot = place.Has(PlaceFeature.NamedPlants) ? null : "No plant here that you can name for sure.",
            Count = stems,
            LowL = 0.1 * stems,
            HighL = stems,
            LabourHours = 0.3 * stems,
            Formula = "0.1–1 L each",
            Inputs = [WorkingValue.Of("stems", stems)],
            Setup =
            [
                "Tree sap in early spring: a small cut or tap on the sunny side, a cup below.",
                "Bamboo: shake the old segments, cut a notch above the knot where it sloshes.",
                "Vines: cut high first, then low, and let it drip; roots: dig shallow, cut short, stand on end.",
            ],
            Mistakes = ["Cutting low first: the water draws up.", "Letting it stand: sap ferments within a day."],
            Cautions = [Poison],
            Clarity = Clarity.SlightlyCloudy,
            After = "From plants: strain and treat, drink it the same day.",
        };
    }
}
