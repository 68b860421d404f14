using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Filters;

/// <summary>A filter as a barrier, in any of the five styles.</summary>
internal sealed class FilterBarrier(string id, string name, FilterSpec filter, FilterState been) : IBarrier
{
    /// <summary>The caution that a filter does not hold viruses.</summary>
    public const string NoViruses = "no-viruses";

    private const double MostDiscardL = 0.5;
    private const double PumpLPerMin = 1;
    private const double SetUpMinutes = 3;

    public string Id => id;

    public string Name => name;

    public BarrierStage Stage => BarrierStage.Filter;

    public bool CanBeFollowed => filter.Style != FilterStyle.DrinkThrough;

    /// <summary>Carbon, unless its label claims more than taste.</summary>
    public bool IsForTaste => filter.Element == FilterElement.Carbon && !Held.Anything;

    private HeldBack Held => HeldBack.By(filter);

    /// <summary>Litres of its rated life left; null when either is not known.</summary>
    private double? LifeLeftL => filter.RatedLifeL - been.UsedL;

    /// <summary>Muddy water and slurry are cleared first, or it clogs.</summary>
    public Clarity ClearTo(FieldWater water) => Clarity.Cloudy;

    public BarrierResult Apply(FieldWater water, BarrierSetting setting, ChainSoFar before)
    {
        var info = FilterElements.Of(filter.Element!.Value);
        var assumptions = new List<Assumption>();
        var reason = FilterCredit.Frozen(filter, been, assumptions)
            ?? FilterCredit.Dropped(filter, been, assumptions)
            ?? FilterCredit.PastLife(filter, been, water.VolumeL, assumptions);
        var working = new Working();
        var flow = Flow(info, water, reason, assumptions, working);
        var cautions = Cautions(flow, water);
        if (reason is not null)
        {
            return BarrierResult.Refused(
                name,
                water,
                new Refusal(RefusalCode.FilterNotCounted, reason, ["Replace the element.", "Boil it, or use another method."]),
                assumptions,
                cautions,
                working,
                flow
            );
        }

        working.Add(
            "What the element holds back",
            "the table's row, or the label's claims",
            FilterElements.Source,
            WorkingValue.Of("element", info.Name)
        );
        var say = setting.Say;
        var passive = filter.Style == FilterStyle.Gravity;
        return new BarrierResult(
            Credits: Held.Credits(name, filter.Claims is null ? info.Name : "as its label claims"),
            Refusal: null,
            Headline: $"{Minutes(flow.Minutes)} through the filter",
            HandsOnMinutes: passive ? SetUpMinutes : SetUpMinutes + flow.Minutes,
            MinutesToSip: Math.Ceiling(flow.Minutes - 1e-9),
            Supplies:
            [
                new Supply(
                    $"{say.Of(Quantity.Volume, water.VolumeL)} of filter life",
                    0.2 * water.VolumeL,
                    water.VolumeL,
                    LifeLeftL is { } left ? Math.Max(0, left) : null
                ),
            ],
            Taste: Taste.AsItIs,
            Risks: Risks(info, flow, water),
            After: After(info, water),
            Steps: () => Steps(info, flow, water, say),
            FlavourAdvice: "Tastes as it came. Flavour goes into the clean container only, never through the filter.",
            Storage: IsForTaste
                ? ["Carbon takes the residual out with the taste: cap it clean, drink it within 24 hours."]
                :
                [
                    "Clean side to clean container: the dirty pouch never touches it.",
                    "Above freezing at night: against the body, in the sleeping bag.",
                ],
            DrinkWithinHours: IsForTaste ? 24 : null,
            MinutesToTarget: BarrierResult.Untimed,
            Assumptions: assumptions,
            Cautions: cautions,
            Working: working,
            Detail: flow
        );
    }

    private static FieldWater After(FilterElementInfo info, FieldWater water) =>
        info.TakesOutParticles ? water.ClearedTo(Clarity.Clear) : water;

    private FilterAnswer Flow(FilterElementInfo info, FieldWater water, string? reason, List<Assumption> assumptions, Working working)
    {
        if (been.ClogLoadLNtu is null && been.CountsAsWetted)
        {
            assumptions.Add(new("filter.clogLoadLNtu", "Clogging since the last service not known: counted as half clogged."));
        }

        var rated = filter.RatedFlowLPerMin!.Value;
        var wear = been.Wear(info);
        var now = FilterFlow.LPerMin(rated, wear, water.TemperatureC);
        var minutes = FilterFlow.Minutes(water, rated, wear);
        if (filter.Style == FilterStyle.Pump)
        {
            minutes = Math.Max(minutes, water.VolumeL / PumpLPerMin);
        }

        working.Add(
            "Flow now",
            FilterFlow.Formula,
            FilterFlow.Source,
            WorkingValue.Of("Q", now, "L/min"),
            WorkingValue.Of("Q0", rated, "L/min"),
            WorkingValue.Of("lost", wear.LostShare),
            WorkingValue.Of("load", wear.LoadLNtu, "L·NTU"),
            WorkingValue.Of("K", wear.ClogLNtu, "L·NTU"),
            WorkingValue.Of("μ(20)/μ(T)", Viscosity.FlowShare(water.TemperatureC)),
            WorkingValue.Of("T", water.TemperatureC, "°C")
        );
        working.Add(
            "Minutes for this volume",
            FilterFlow.TimeFormula,
            FilterFlow.Source,
            WorkingValue.Of("t", minutes, "min"),
            WorkingValue.Of("V", water.VolumeL, "L"),
            WorkingValue.Of("NTU", water.Ntu)
        );
        return new FilterAnswer(
            Style: filter.Style!.Value,
            Element: info.Name,
            FlowLPerMin: now,
            Minutes: minutes,
            FlowShare: wear.FlowShare,
            ColdShare: Viscosity.FlowShare(water.TemperatureC),
            ServiceAdvice: !wear.NeedsService ? null
                : wear.IsPastService ? FilterFlow.PastService
                : info.BackFlushes ? "Back-flush it now, with clean water only."
                : info.Care,
            FlowAfterServiceLPerMin: wear is { NeedsService: true, IsPastService: false }
                ? FilterFlow.LPerMin(rated, wear.AfterService, water.TemperatureC)
                : null,
            DiscardL: been.NewOrStored == true || !been.CountsAsWetted ? MostDiscardL : 0,
            LifeLeftL: LifeLeftL is { } left ? Math.Max(0, left - water.VolumeL) : null,
            IntegrityCheck: info.Element is FilterElement.HollowFibre
                ? "Wet it, then blow gently from the clean side: air that passes easily means it is broken. "
                    + "A pass does not clear a filter that may have frozen."
                : null,
            Suspicion: reason
        );
    }

    private List<Caution> Cautions(FilterAnswer flow, FieldWater water)
    {
        var cautions = new List<Caution>();
        if (Held.Viruses < 1)
        {
            cautions.Add(
                new(NoViruses, Severity.Warning, "Does not hold viruses: half an hour of a chemical, a UV lamp or boiling after it does.")
            );
        }

        if (IsForTaste)
        {
            cautions.Add(new("carbon", Severity.Danger, "Carbon alone takes no organism away: a barrier must follow."));
        }

        if (filter.RatedLifeL is { } life && been.UsedL is { } used && used + water.VolumeL >= FilterCredit.WarnAtLifeShare * life)
        {
            cautions.Add(new("life", Severity.Warning, "Over nine tenths of its rated life are used: carry another element."));
        }

        if (flow.ServiceAdvice is not null)
        {
            cautions.Add(
                new("slow", Severity.Note, $"Runs at {Speaker.Number(flow.FlowShare * 100, 0)} % of its new flow. {flow.ServiceAdvice}")
            );
        }

        if (filter.Style == FilterStyle.DrinkThrough)
        {
            cautions.Add(new("no-cooking", Severity.Note, "Drunk through the filter: gives no water for cooking or for a bottle."));
        }

        if (filter.Style is FilterStyle.Squeeze)
        {
            cautions.Add(new("pouch", Severity.Note, "Squeeze evenly: pouches burst, and they are dirty inside and out."));
        }

        return cautions;
    }

    private static List<string> Risks(FilterElementInfo info, FilterAnswer flow, FieldWater water)
    {
        List<string> risks = [];
        if (water.Clarity >= Clarity.Cloudy || flow.FlowShare < FilterWear.ServiceBelow)
        {
            risks.Add("clogging");
        }

        if (water.TemperatureC < 1)
        {
            risks.Add("freezing");
        }

        if (info.Element == FilterElement.Ceramic)
        {
            risks.Add("breaking when dropped");
        }

        return risks;
    }

    private List<TreatmentStep> Steps(FilterElementInfo info, FilterAnswer flow, FieldWater water, Speaker say)
    {
        List<TreatmentStep> steps = [];
        if (flow is { ServiceAdvice: { } advice, FlowAfterServiceLPerMin: { } after })
        {
            steps.Add(
                new(
                    "service",
                    StepKind.Prepare,
                    info.BackFlushes ? "Back-flush the filter" : "Clean the element",
                    $"{advice} It then runs about {say.Of(Quantity.Flow, after)}.",
                    "Done",
                    Optional: true
                )
            );
        }

        if (flow.IntegrityCheck is { } check)
        {
            steps.Add(new("integrity", StepKind.Check, "Check the wet element", check, "Air hardly passes", Optional: true));
        }

        if (flow.DiscardL > 0)
        {
            steps.Add(
                new(
                    "discard",
                    StepKind.Filter,
                    $"Run {say.Of(Quantity.Volume, flow.DiscardL)} through and throw it away",
                    "The first water out of a new or stored element.",
                    "Thrown away"
                )
            );
        }

        steps.Add(
            new(
                Id: "filter",
                Kind: StepKind.Filter,
                Title: Title(say, water.VolumeL),
                Detail: How(),
                Done: "All through",
                Clock: StepClock.Guide,
                Minutes: Math.Ceiling(flow.Minutes - 1e-9),
                DrinkAfter: Held is { Bacteria: > 0 } or { Giardia: > 0 }
            )
        );
        return steps;
    }

    private string Title(Speaker say, double volumeL)
    {
        var litres = say.Of(Quantity.Volume, volumeL);
        return filter.Style switch
        {
            FilterStyle.Squeeze => $"Squeeze {litres} through",
            FilterStyle.Gravity => $"Hang it up and let {litres} run through",
            FilterStyle.Pump => $"Pump {litres} through",
            FilterStyle.Press => $"Press {litres} through",
            _ => $"Drink {litres} through it",
        };
    }

    private string How() =>
        filter.Style switch
        {
            FilterStyle.Squeeze => "Dirty pouch above, clean container below. Evenly, not hard.",
            FilterStyle.Gravity => "Dirty bag half a metre to a metre and a half above the clean one. It runs by itself.",
            FilterStyle.Pump => "Intake off the bottom; the clean hose never touches the dirty one.",
            FilterStyle.Press => "Press down with your weight on a flat place; the outer cup is dirty.",
            _ => "Only the mouthpiece is clean. Give none of it to a pot or bottle.",
        };

    private static string Minutes(double minutes) => Speaker.Minutes(Math.Max(1, minutes));
}
