using System.Text.Json.Serialization;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Boiling;

/// <summary>Snow by how much water it holds.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<SnowKind>))]
public enum SnowKind
{
    Unknown,
    Fresh,
    Settled,
    WindPacked,
    Firn,
    Ice,
}

/// <summary>Snow or ice to be melted.</summary>
/// <param name="Kind">What it is; unknown counts as fresh, which holds least.</param>
/// <param name="TemperatureC">Its temperature, −60 to 0 °C; −20 when not known.</param>
public sealed record SnowInput(SnowKind? Kind, double? TemperatureC);

public static class SnowFields
{
    public static readonly NumberField Temperature = new(
        "snow.temperatureC", "Snow temperature", Quantity.Temperature, -60, 0, "The air of the last night is a good guess.");

    public static readonly IReadOnlyList<Field> All = [ChoiceField.Of<SnowKind>("snow.kind", "Kind of snow"), Temperature];
}

/// <summary>What melting comes to.</summary>
/// <param name="SnowL">Snow to gather, litres.</param>
/// <param name="Bags">Bags of ten litres, whole.</param>
/// <param name="Loads">Pot loads of snow.</param>
/// <param name="FuelG">Fuel, g.</param>
/// <param name="Minutes">Minutes at the stove.</param>
/// <param name="WaterFraction">Share of its volume that is water.</param>
public sealed record MeltAnswer(double SnowL, int Bags, int Loads, double FuelG, double Minutes, double WaterFraction);

/// <summary>Melting with its steps and arithmetic.</summary>
public sealed record MeltResult(
    MeltAnswer Answer, FieldWater After, IReadOnlyList<TreatmentStep> Steps, IReadOnlyList<Assumption> Assumptions, Working Working);

/// <summary>Snow or ice to water of 5 °C (pick: taken off, or boiled on, when the last of it is gone). Handbook room 30.</summary>
public static class Melting
{
    /// <summary>How warm the water is when the last snow is gone, °C (pick).</summary>
    public const double MeltedC = 5;

    public const double BagL = 10;

    /// <summary>What a temperature not known counts as, °C.</summary>
    public const double AssumedC = -20;

    public const string Formula = "E = m·(2090·(0 − Ts) + 333550 + 4186·5) + m_pot·c_pot·(5 − Ts)";

    private const double IceSpecificHeat = 2090;
    private const double Fusion = 333550;

    /// <summary>Share of the volume that is water: fresh 0.10, settled 0.25, wind-packed 0.40, firn 0.55, ice 0.92.</summary>
    public static double WaterFraction(SnowKind kind) => kind switch
    {
        SnowKind.Settled => 0.25,
        SnowKind.WindPacked => 0.40,
        SnowKind.Firn => 0.55,
        SnowKind.Ice => 0.92,
        _ => 0.10,
    };

    /// <summary>Heat in J for <paramref name="waterKg"/> from snow at <paramref name="snowC"/> to water of 5 °C, with the pot.</summary>
    public static double HeatJ(double waterKg, Pot pot, double snowC)
    {
        ArgumentNullException.ThrowIfNull(pot);
        return (waterKg * ((IceSpecificHeat * -snowC) + Fusion + (Heat.WaterSpecificHeat * MeltedC)))
            + (pot.MassKg * pot.SpecificHeat * (MeltedC - snowC));
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
        var snowC = setting.Intake.Optional(SnowFields.Temperature, snow.TemperatureC) ?? AssumedC;
        if (snow.TemperatureC is null)
        {
            assumptions.Add(new(SnowFields.Temperature.Path, $"Snow temperature not known: taken as {setting.Say.Of(Quantity.Temperature, AssumedC)}."));
        }

        if (snow.Kind is null or SnowKind.Unknown)
        {
            assumptions.Add(new("snow.kind", "Kind of snow not known: taken as fresh, which holds least water."));
        }

        var kind = snow.Kind ?? SnowKind.Unknown;
        var fraction = WaterFraction(kind);
        var snowL = water.VolumeL / fraction;
        var loads = setup.Pot.Loads(snowL);
        // The pot stays on: it is warmed through once, and its water is poured off load by load.
        var heat = HeatJ(water.VolumeL, setup.Pot, snowC);
        var fuel = Heat.FuelG(heat, setup.Efficiency, setup.Burner.HeatingValueMJPerKg);
        var minutes = heat / setup.Burner.NetPowerW / 60;
        var working = new Working();
        working.Add("Snow to gather", "V/fraction", "Water by volume: fresh 0.10, settled 0.25, wind-packed 0.40, firn 0.55, ice 0.92",
            WorkingValue.Of("snow", snowL, "L"), WorkingValue.Of("V", water.VolumeL, "L"), WorkingValue.Of("fraction", fraction));
        working.Add("Pot loads of snow", "n = ⌈snow/(0.9·pot)⌉", "Pick: a pot is filled to nine tenths",
            WorkingValue.Of("n", loads), WorkingValue.Of("pot", setup.Pot.CapacityL, "L"));
        working.Add("Heat to melt it", Formula, "Sensible heat of ice 2090 J/kgK, heat of fusion 333 550 J/kg",
            WorkingValue.Of("E", heat / 1000, "kJ"), WorkingValue.Of("m", water.VolumeL, "kg"), WorkingValue.Of("Ts", snowC, "°C"),
            WorkingValue.Of("m_pot", setup.Pot.MassKg, "kg"), WorkingValue.Of("c_pot", setup.Pot.SpecificHeat, "J/kgK"));
        working.Add("Fuel to melt it", "E/(η·H)", setup.Burner.Source, WorkingValue.Of("fuel", fuel, "g"),
            WorkingValue.Of("η", setup.Efficiency), WorkingValue.Of("H", setup.Burner.HeatingValueMJPerKg, "MJ/kg"));
        working.Add("Minutes to melt it", "E/P", setup.Burner.Source, WorkingValue.Of("t", minutes, "min"),
            WorkingValue.Of("P", setup.Burner.NetPowerW, "W"));
        var answer = new MeltAnswer(snowL, (int)Math.Ceiling((snowL / BagL) - 1e-9), loads, fuel, minutes, fraction);
        return new MeltResult(
            answer, water with { TemperatureC = MeltedC, Given = water.Given with { TemperatureC = MeltedC } }, Steps(answer, kind, setting.Say),
            assumptions, working);
    }

    private static List<TreatmentStep> Steps(MeltAnswer melt, SnowKind kind, Speaker say) =>
    [
        new("gather", StepKind.Melt, $"Gather {say.Of(Quantity.Bulk, melt.SnowL)} of {(kind == SnowKind.Ice ? "ice" : "snow")}",
            $"{melt.Bags} {(melt.Bags == 1 ? "bag" : "bags")} of {say.Of(Quantity.Bulk, BagL)}. White, from below the top; never coloured snow.", "Gathered"),
        new("melt", StepKind.Melt, $"Melt it, {melt.Loads} pot {(melt.Loads == 1 ? "load" : "loads")}",
            "A little water in the pot first, or it scorches. Add snow as it sinks. Never eat it instead: it cools the body.",
            "All melted", StepClock.Guide, Math.Ceiling(melt.Minutes - 1e-9)),
    ];
}
