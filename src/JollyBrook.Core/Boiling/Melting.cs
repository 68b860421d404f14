using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Boiling;

/// <summary>
/// Snow or ice to water (handbook room 30). Melt ends ice-cold; what was measured warmer has been heated further, which is counted.
/// Loads take hands: feeding, stirring, pouring off.
/// </summary>
public static class Melting
{
    /// <summary>How warm the water is when the last snow is gone, °C, unless it was measured.</summary>
    public const double MeltedC = 0;

    /// <summary>Melt measured up to this is melt; warmer has been heated further, °C.</summary>
    public const double WarmestMeltC = 1;

    /// <summary>What is melted at once out of a bag of snow, L.</summary>
    public const double BagL = 10;

    /// <summary>What a temperature not known counts as, °C.</summary>
    public const double AssumedC = -20;

    /// <summary>Energy E, J, to melt m kg of snow of Ts and heat it to T, °C; shown with the working.</summary>
    public const string Formula = "E = m·(2090·(0 − Ts) + 333550 + 4186·T) + m_pot·c_pot·(T − Ts)";

    /// <summary>Feeding and stirring a load on a stove, min (pick).</summary>
    public const double StoveMinutesPerLoad = 1.5;

    /// <summary>The same on a fire, which has to be tended besides, min (pick).</summary>
    public const double FireMinutesPerLoad = 4;

    /// <summary>Without a stove one like the usual is reckoned with.</summary>
    internal static readonly Assumption NoStove = new(
        "kit.stove",
        $"No stove in the kit: reckoned with a {Sentence.Lower(Burners.Default.Name)}. Without fire there is no melting."
    );

    /// <summary>Share of the pot that stays full of water, or the snow scorches.</summary>
    private const double KeptShare = 0.1;

    private const double IceSpecificHeat = 2090;
    private const double Fusion = 333550;

    /// <summary>Share of the volume that is water: fresh 0.10, settled 0.25, wind-packed 0.40, firn 0.55, ice 0.92.</summary>
    public static double WaterFraction(SnowKind kind) =>
        kind switch
        {
            SnowKind.Settled => 0.25,
            SnowKind.WindPacked => 0.40,
            SnowKind.Firn => 0.55,
            SnowKind.Ice => 0.92,
            _ => 0.10,
        };

    /// <summary>
    /// Heat in J for <paramref name="waterKg"/> from snow at <paramref name="snowC"/> to water at <paramref name="toC"/>, with the pot.
    /// </summary>
    public static double HeatJ(double waterKg, Pot pot, double snowC, double toC = MeltedC)
    {
        ArgumentNullException.ThrowIfNull(pot);
        return (waterKg * ((IceSpecificHeat * -snowC) + Fusion + (Heat.WaterSpecificHeat * toC)))
            + (pot.MassKg * pot.SpecificHeat * (toC - snowC));
    }

    /// <summary>Pot loads for so many litres of snow: snow/(0.9·pot − 10 % of the pot kept full of water), at least one.</summary>
    public static int Loads(Pot pot, double snowL)
    {
        ArgumentNullException.ThrowIfNull(pot);
        return Math.Max(1, (int)Math.Ceiling((snowL / (pot.CapacityL * (Pot.FillShare - KeptShare))) - 1e-9));
    }

    /// <summary>Minutes at the stove: heat over power, and the hands that each load takes.</summary>
    public static double Minutes(double heatJ, Burner burner, int loads)
    {
        ArgumentNullException.ThrowIfNull(burner);
        return (heatJ / burner.NetPowerW / 60) + (loads * (burner.Id == Burners.OpenFireId ? FireMinutesPerLoad : StoveMinutesPerLoad));
    }

    /// <summary>Plans melting for the litres wanted.</summary>
    public static MeltResult For(FieldWater water, SnowInput snow, BurnerSpec? burner, BarrierSetting setting)
    {
        ArgumentNullException.ThrowIfNull(water);
        ArgumentNullException.ThrowIfNull(snow);
        ArgumentNullException.ThrowIfNull(setting);
        var assumptions = new List<Assumption>();
        var options = setting.Choice<BoilOptions>() ?? new BoilOptions();
        var setup = BoilSetup.Check(burner is null ? options : options with { BurnerId = burner.BurnerId }, setting.Intake, []);
        if (burner is null)
        {
            assumptions.Add(NoStove);
        }

        var snowC = setting.Intake.Optional(SnowFields.Temperature, snow.TemperatureC) ?? AssumedC;
        Assume(water, snow, assumptions, setting.Say);
        var kind = snow.Kind ?? SnowKind.Unknown;
        var fraction = WaterFraction(kind);
        var snowL = water.VolumeL / fraction;
        var loads = Loads(setup.Pot, snowL);
        var toC = water.TemperatureKnown ? water.TemperatureC : MeltedC;
        // The pot stays on: it is warmed through once, and its water is poured off load by load.
        var heat = HeatJ(water.VolumeL, setup.Pot, snowC, toC);
        var fuel = Heat.FuelG(heat, setup.Efficiency, setup.Burner.HeatingValueMJPerKg);
        var minutes = Minutes(heat, setup.Burner, loads);
        var working = new Working();
        working.Add(
            "Snow to gather",
            "V/fraction",
            "Water by volume: fresh 0.10, settled 0.25, wind-packed 0.40, firn 0.55, ice 0.92",
            WorkingValue.Of("snow", snowL, "L"),
            WorkingValue.Of("V", water.VolumeL, "L"),
            WorkingValue.Of("fraction", fraction)
        );
        working.Add(
            "Pot loads of snow",
            "n = ⌈snow/(0.9·pot − 0.1·pot kept full of water)⌉",
            "Pick: a pot is filled to nine tenths, and never melts dry",
            WorkingValue.Of("n", loads),
            WorkingValue.Of("pot", setup.Pot.CapacityL, "L")
        );
        working.Add(
            "Heat to melt it",
            Formula,
            "Sensible heat of ice 2090 J/kgK, heat of fusion 333 550 J/kg",
            WorkingValue.Of("E", heat / 1000, "kJ"),
            WorkingValue.Of("m", water.VolumeL, "kg"),
            WorkingValue.Of("Ts", snowC, "°C"),
            WorkingValue.Of("T", toC, "°C"),
            WorkingValue.Of("m_pot", setup.Pot.MassKg, "kg"),
            WorkingValue.Of("c_pot", setup.Pot.SpecificHeat, "J/kgK")
        );
        working.Add(
            "Fuel to melt it",
            "E/(η·H)",
            setup.Burner.Source,
            WorkingValue.Of("fuel", fuel, "g"),
            WorkingValue.Of("η", setup.Efficiency),
            WorkingValue.Of("H", setup.Burner.HeatingValueMJPerKg, "MJ/kg")
        );
        working.Add(
            "Minutes to melt it",
            "E/P + n·(1.5 min, on a fire 4)",
            $"{setup.Burner.Source}; feeding and stirring a load: pick",
            WorkingValue.Of("t", minutes, "min"),
            WorkingValue.Of("P", setup.Burner.NetPowerW, "W"),
            WorkingValue.Of("n", loads)
        );
        var answer = new MeltAnswer(
            SnowL: snowL,
            Bags: (int)Math.Ceiling((snowL / BagL) - 1e-9),
            Loads: loads,
            FuelG: fuel,
            Minutes: minutes,
            WaterFraction: fraction,
            MeltedC: toC
        );
        return new MeltResult(
            answer,
            water with
            {
                TemperatureC = toC,
                Given = water.Given with { TemperatureC = toC },
            },
            Steps(answer, kind, setting.Say),
            assumptions,
            working
        );
    }

    private static void Assume(FieldWater water, SnowInput snow, List<Assumption> assumptions, Speaker say)
    {
        if (snow.TemperatureC is null)
        {
            assumptions.Add(
                new(SnowFields.Temperature.Path, $"Snow temperature not known: taken as {say.Of(Quantity.Temperature, AssumedC)}.")
            );
        }

        if (snow.Kind is null or SnowKind.Unknown)
        {
            assumptions.Add(new("snow.kind", "Kind of snow not known: taken as fresh, which holds least water."));
        }

        if (!water.TemperatureKnown)
        {
            assumptions.Add(
                new(
                    WaterFields.Temperature.Path,
                    $"Melt not measured: counted as {say.Of(Quantity.Temperature, MeltedC)} when the last snow is gone."
                )
            );
        }
        else if (water.TemperatureC > WarmestMeltC)
        {
            string Warmth(double celsius) => say.Of(Quantity.Temperature, celsius);
            assumptions.Add(
                new(
                    WaterFields.Temperature.Path,
                    $"Melt ends at {Warmth(0)} to {Warmth(WarmestMeltC)}: {Warmth(water.TemperatureC)} means heated further, and the fuel "
                        + "for it is counted."
                )
            );
        }
    }

    private static List<TreatmentStep> Steps(MeltAnswer melt, SnowKind kind, Speaker say) =>
        [
            new(
                "gather",
                StepKind.Prepare,
                $"Gather {say.Of(Quantity.Bulk, melt.SnowL)} of {(kind == SnowKind.Ice ? "ice" : "snow")}",
                $"{melt.Bags} {(melt.Bags == 1 ? "bag" : "bags")} of {say.Of(Quantity.Bulk, BagL)}. White, "
                    + "from below the top; never coloured snow.",
                "Gathered"
            ),
            new(
                Id: "melt",
                Kind: StepKind.Melt,
                Title: $"Melt it, {melt.Loads} pot {(melt.Loads == 1 ? "load" : "loads")}",
                Detail: "A little water in the pot first, or it scorches. Add snow as it sinks. Never eat it instead: it cools the body.",
                Done: "All melted",
                Clock: StepClock.Guide,
                Minutes: Math.Ceiling(melt.Minutes - 1e-9)
            ),
        ];
}
