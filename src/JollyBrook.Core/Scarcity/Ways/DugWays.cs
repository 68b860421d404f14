using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Scarcity.Ways;

/// <summary>Water that is dug for, or cleared through the ground (handbook room 90).</summary>
internal static class DugWays
{
    /// <summary>Digging down to a metre in a dry bed, h (pick).</summary>
    private const double DryBedHours = 1;

    /// <summary>A wick drips overnight, h (pick).</summary>
    private const double WickHours = 10;

    private static readonly Caution Collapse = new(
        "collapse",
        Severity.Warning,
        "Never deeper than a metre, and never with your head in the hole: loose walls fall in."
    );

    public static WayPlan Seep(Place place, double? count)
    {
        var hours = count ?? place.Hours;
        return new WayPlan("seep", "Seep hole beside water", "hours drawing")
        {
            WhyNot = place.Has(PlaceFeature.BesideWater) ? null : "No water to dig beside.",
            Count = hours,
            LowL = 1 * hours,
            HighL = 10 * hours,
            LabourHours = 0.5,
            Work = Work.Dig,
            LabourRepeats = false,
            Formula = "1–10 L an hour",
            Inputs = [WorkingValue.Of("hours", hours, "h"), WorkingValue.Of("from the water", Distance(place.Given.Soil))],
            Setup =
            [
                $"Dig {Distance(place.Given.Soil)} from the edge: 0.3–0.45 m wide, 0.3 m deep below the water's level.",
                "Bail it out 2 to 4 times until it comes in clear.",
                "Line it with stones, cover it, and scoop with a clean cup into the dirty bottle.",
            ],
            Mistakes = ["Too near the edge: the ground strains nothing.", "Using it after rain, or after animals have been at it."],
            Cautions =
            [
                Collapse,
                new("tainted", Severity.Danger, "Ground strains mud, not fuel, salt, chemicals or bloom: never beside such water."),
            ],
            Kind = SourceKind.Seep,
            Flow = SourceFlow.Slow,
            Clarity = Clarity.SlightlyCloudy,
            After = "Looks clean and is still unsafe: a seep counts as clearing only. Treat.",
        };
    }

    private static string Distance(Soil? soil) =>
        soil switch
        {
            Soil.Clay => "1 to 1.5 m",
            Soil.Loam => "2 m",
            _ => "2.5 to 3 m",
        };

    public static WayPlan DryBed(Place place, double? count)
    {
        var hours = count ?? place.Hours;
        return new WayPlan("dry-bed", "Digging in a dry bed", "hours drawing")
        {
            WhyNot = place.Has(PlaceFeature.DryBed) ? null : "No dry bed, green spot or sand-filled basin.",
            Count = hours,
            LowL = 0,
            HighL = 5 * hours,
            LabourHours = DryBedHours,
            Work = Work.Dig,
            LabourRepeats = false,
            Formula = "0–5 L an hour; an hour's digging to a metre (pick)",
            Inputs = [WorkingValue.Of("hours", hours, "h")],
            Setup =
            [
                "At the foot of the outside bend, under a line of green, or in a rock basin filled with sand.",
                "Dig at most a metre; stop at once if it is not getting damp.",
                "Let it fill and settle; a plug of grass strains it.",
            ],
            Mistakes = ["Digging on because so much has been dug.", "Digging in the midday sun."],
            Cautions = [Collapse, new("flood", Severity.Warning, "Never in a narrow bed with thunder upstream.")],
            Kind = SourceKind.Seep,
            Flow = SourceFlow.Slow,
            Clarity = Clarity.Cloudy,
            After = "Ground water from a bed that stock walks: settle and treat.",
        };
    }

    public static WayPlan Beach(Place place, double? count)
    {
        var hours = count ?? place.Hours;
        return new WayPlan("beach", "Behind the beach crest", "hours drawing")
        {
            WhyNot = place.Has(PlaceFeature.Beach) ? null : "No beach.",
            Count = hours,
            LowL = 0,
            HighL = 3 * hours,
            LabourHours = 0.5,
            Work = Work.Dig,
            LabourRepeats = false,
            Formula = "0–3 L an hour",
            Inputs = [WorkingValue.Of("hours", hours, "h")],
            Setup =
            [
                "Behind the first dune crest, in the hollow, at low tide.",
                "Dig until the first water comes and stop: fresh floats on salt.",
                "Taste a drop: salty, then don't.",
            ],
            Mistakes = ["Digging deeper for more: that is the salt.", "Drinking it because it is only a little salty."],
            Cautions = [Collapse, new("salt", Severity.Danger, "Salty to the taste: do not drink it.")],
            Kind = SourceKind.Seep,
            Flow = SourceFlow.Slow,
            Clarity = Clarity.SlightlyCloudy,
            After = "Rain that has sunk into sand: taste it for salt, then treat.",
        };
    }

    public static WayPlan Wick(Place place, double? count)
    {
        var cans = count ?? 1;
        return new WayPlan("wick", "Cloth wick from muddy can to clean can", "wicks")
        {
            WhyNot = place.Has(PlaceFeature.MuddyWater) ? null : "No muddy water to clear.",
            Count = cans,
            LowL = 0.1 * WickHours * cans,
            HighL = 0.3 * WickHours * cans,
            LabourHours = 0.1 * cans,
            Formula = "0.1–0.3 L an hour through a night of ten (pick)",
            Inputs = [WorkingValue.Of("hours", WickHours, "h")],
            Setup =
            [
                "Muddy can high, clean can low, a twisted clean cloth from one to the other.",
                "Wet it first; leave it overnight, covered.",
            ],
            Mistakes = ["The lower end touching the water: it stops.", "A cloth washed with soap."],
            Kind = SourceKind.Pond,
            Clarity = Clarity.SlightlyCloudy,
            After = "It clears, and takes no germ out: judge the pond it came from, then treat.",
        };
    }
}
