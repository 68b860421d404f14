using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Light;

/// <summary>A UV lamp as a barrier.</summary>
/// <param name="id">The kit item's id.</param>
/// <param name="name">What a person calls it.</param>
/// <param name="lamp">Its label.</param>
/// <param name="cyclesLeft">Cycles left at 20 °C; null when not known, which counts as none.</param>
internal sealed class LampBarrier(string id, string name, LampSpec lamp, double? cyclesLeft) : IBarrier
{
    private const string Source =
        "Nominal 40 mJ/cm² in clear water: bacteria 6, viruses 4, Giardia 3, Cryptosporidium 3 "
        + "log (US EPA LT2: Cryptosporidium 12, Giardia 11 mJ/cm² for 3 log)";

    private const double SetUpMinutes = 1;
    private const double FillMinutes = 1;

    /// <summary>What an unknown air temperature counts as for a battery, °C: the coldest the handbook's lines reach (pick).</summary>
    private const double UnknownAirC = -10;

    public string Id => id;

    public string Name => name;

    public BarrierStage Stage => BarrierStage.Light;

    /// <summary>Slight cloud costs a cycle; anything worse is cleared right through.</summary>
    public Clarity ClearTo(FieldWater water) => Clarity.SlightlyCloudy;

    public BarrierResult Apply(FieldWater water, BarrierSetting setting, ChainSoFar before)
    {
        var assumptions = new List<Assumption>();
        var air = setting.Sky.AirTemperatureC;
        if (air is null)
        {
            assumptions.Add(
                new(
                    SettingFields.Air.Path,
                    $"Air temperature not known: battery counted at {setting.Say.Of(Quantity.Temperature, UnknownAirC)}."
                )
            );
        }

        if (lamp.Battery is null or Battery.Unknown)
        {
            assumptions.Add(new("lamp.battery", "Battery not known: counted as alkaline, the weaker in the cold."));
        }

        if (cyclesLeft is null)
        {
            assumptions.Add(new("left", "Cycles left not known: counted as none."));
        }

        if (!water.ClarityKnown)
        {
            assumptions.Add(new(WaterFields.Clarity.Path, "Clarity not known: counted as cloudy, in which light does not count."));
        }

        var plan = Plan(water, air ?? UnknownAirC);
        var working = Explain(plan, water, air ?? UnknownAirC);
        var cautions = Cautions();
        if (RefusalOf(plan, water) is { } refusal)
        {
            return BarrierResult.Refused(name, water, refusal, assumptions, cautions, working, plan);
        }

        var minutes = (plan.Fills * ((plan.SecondsPerFill / 60) + FillMinutes)) + SetUpMinutes;
        return new BarrierResult(
            Credits: BarrierResult.Of(name, $"{plan.CyclesPerFill} {(plan.CyclesPerFill == 1 ? "cycle" : "cycles")} each fill", 6, 4, 3, 3),
            Refusal: null,
            Headline: plan.Cycles == 1 ? "1 cycle of UV" : $"{plan.Cycles} cycles of UV",
            HandsOnMinutes: minutes,
            MinutesToSip: Math.Ceiling(minutes - 1e-9),
            Supplies:
            [
                new Supply(
                    $"{plan.Cycles} of {plan.CyclesNow} cycles",
                    0.5 * plan.Cycles,
                    plan.Cycles,
                    cyclesLeft is null ? null : plan.CyclesNow
                ),
            ],
            Taste: Taste.AsItIs,
            Risks: Risks(plan, air),
            After: water,
            Steps: () => Steps(plan, setting.Say, water),
            FlavourAdvice: "Tastes as it came.",
            Storage: ["Wipe rim and threads dry: the light does not reach them.", "No residual: cap it clean, drink it within 24 hours."],
            DrinkWithinHours: 24,
            MinutesToTarget: BarrierResult.Untimed,
            Assumptions: assumptions,
            Cautions: cautions,
            Working: working,
            Detail: plan
        );
    }

    /// <summary>Null where its light counts and its charge is enough.</summary>
    private Refusal? RefusalOf(LampAnswer plan, FieldWater water) =>
        LightClarity.TooCloudy(water) is { } cloudy
            ? new(RefusalCode.TooCloudyForLight, cloudy, ["Settle, flocculate or filter it, then judge the clarity again."])
        : cyclesLeft is null
            ? new(
                RefusalCode.BatteryFlat,
                "How many cycles the battery has left is not known: counted as none.",
                ["Say in the kit how many cycles it has left, or use another method."]
            )
        : BatteryCharge.TooFlat(plan.Cycles, plan.CyclesNow) is { } flat
            ? new(RefusalCode.BatteryFlat, flat, ["Warm the lamp against the body.", "Charge it, or use another method."])
        : null;

    private LampAnswer Plan(FieldWater water, double airC)
    {
        var each = lamp.VolumePerCycleL!.Value;
        var fills = Math.Max(1, (int)Math.Ceiling((water.VolumeL / each) - 1e-9));
        var perFill = 1 + (water.Clarity == Clarity.Clear ? 0 : 1) + (water.Colour == WaterColour.None ? 0 : 1);
        var battery = lamp.Battery ?? Battery.Unknown;
        return new LampAnswer(
            fills,
            perFill,
            fills * perFill,
            BatteryCharge.CyclesNow(cyclesLeft ?? 0, battery, airC),
            BatteryCharge.Share(battery, airC),
            perFill * lamp.SecondsPerCycle!.Value
        );
    }

    private Working Explain(LampAnswer plan, FieldWater water, double airC)
    {
        var working = new Working();
        working.Add(
            "Cycles",
            "fills·(1 + slight cloud + colour)",
            "Handbook room 50: one extra cycle at 5 to 30 NTU, one for tea or green",
            WorkingValue.Of("cycles", plan.Cycles),
            WorkingValue.Of("fills", plan.Fills),
            WorkingValue.Of("clarity", Turbidity.Spoken(water.Clarity)),
            WorkingValue.Of("colour", water.Colour.ToString().ToLowerInvariant())
        );
        working.Add(
            "Cycles the battery gives now",
            "⌊left·share⌋",
            BatteryCharge.Source,
            WorkingValue.Of("cycles", plan.CyclesNow),
            WorkingValue.Of("left", cyclesLeft ?? 0),
            WorkingValue.Of("share", plan.ColdShare),
            WorkingValue.Of("T air", airC, "°C")
        );
        working.Add(
            "What UV takes away",
            "40 mJ/cm², full credit below 30 NTU",
            Source,
            WorkingValue.Of("bacteria, viruses, cysts", "6, 4, 3 log")
        );
        return working;
    }

    private static List<Caution> Cautions() =>
        [
            new(
                "adenovirus",
                Severity.Note,
                "Adenovirus, the hardest to light, loses about 1 log; the purifier protocol's test viruses 4."
            ),
            new("uv-eyes", Severity.Warning, "Never look at the lamp or light it outside the water."),
        ];

    private static List<string> Risks(LampAnswer plan, double? airC)
    {
        List<string> risks = ["battery"];
        if (airC is null or < 0)
        {
            risks.Add("cold battery");
        }

        if (plan.CyclesPerFill > 1)
        {
            risks.Add("cloud or colour");
        }

        return risks;
    }

    private List<TreatmentStep> Steps(LampAnswer plan, Speaker say, FieldWater water)
    {
        List<TreatmentStep> steps = [];
        var each = water.VolumeL / plan.Fills;
        for (var fill = 1; fill <= plan.Fills; fill++)
        {
            var which = plan.Fills > 1 ? $", bottle {fill} of {plan.Fills}" : "";
            steps.Add(
                new(
                    $"fill-{fill}",
                    StepKind.Prepare,
                    $"Fill {say.Of(Quantity.Volume, each)} into a wide mouth{which}",
                    $"No more than {say.Of(Quantity.Volume, lamp.VolumePerCycleL!.Value)} at a time.",
                    "Filled"
                )
            );
            steps.Add(
                new(
                    Id: $"light-{fill}",
                    Kind: StepKind.Light,
                    Title: $"{(plan.CyclesPerFill == 1 ? "1 cycle" : $"{plan.CyclesPerFill} cycles")}, stirring all the time{which}",
                    Detail: "Stir or swirl until the last cycle has run; a cycle cut short does not count.",
                    Done: null,
                    Clock: StepClock.Gate,
                    Minutes: plan.SecondsPerFill / 60,
                    DrinkAfter: true
                )
            );
        }

        steps.Add(new("wipe", StepKind.Threads, "Wipe rim and threads dry", "The light does not reach them.", "Wiped", DrinkAfter: true));
        return steps;
    }
}
