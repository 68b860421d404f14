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
    /// <summary>Counts as fresh, which holds least water.</summary>
    Unknown,

    /// <summary>New, light snow.</summary>
    Fresh,

    /// <summary>A few days old.</summary>
    Settled,

    /// <summary>Pressed by wind; hard slabs.</summary>
    WindPacked,

    /// <summary>Old snow, grained and frozen.</summary>
    Firn,

    /// <summary>Solid ice.</summary>
    Ice,
}

/// <summary>Snow or ice to be melted.</summary>
/// <param name="Kind">What it is; unknown counts as fresh, which holds least.</param>
/// <param name="TemperatureC">Its temperature, −60 to 0 °C; −20 when not known.</param>
public sealed record SnowInput(SnowKind? Kind, double? TemperatureC)
{
    /// <summary>Snow as cold as the air has been; never above freezing, and not known where that is not.</summary>
    internal static SnowInput AsColdAs(double? airC, SnowKind kind) =>
        new(kind, airC is { } air ? Math.Clamp(air, SnowFields.Temperature.Min, SnowFields.Temperature.Max) : null);
}

/// <summary>The fields of snow to be melted.</summary>
public static class SnowFields
{
    /// <summary>Snow temperature, °C, −60 to 0.</summary>
    public static readonly NumberField Temperature = new(
        "snow.temperatureC",
        "Snow temperature",
        Quantity.Temperature,
        -60,
        0,
        "The air of the last night is a good guess."
    );

    /// <summary>Every field of snow.</summary>
    public static readonly IReadOnlyList<Field> All = [ChoiceField.Of<SnowKind>("snow.kind", "Kind of snow"), Temperature];
}

/// <summary>What melting comes to.</summary>
/// <param name="SnowL">Snow to gather, litres.</param>
/// <param name="Bags">Bags of ten litres, whole.</param>
/// <param name="Loads">Pot loads of snow.</param>
/// <param name="FuelG">Fuel, g.</param>
/// <param name="Minutes">Minutes at the stove.</param>
/// <param name="WaterFraction">Share of its volume that is water.</param>
/// <param name="MeltedC">How warm the melt is when it goes on, °C.</param>
/// <param name="StoveId">The stove of the kit it is melted on; null where the kit has none.</param>
public sealed record MeltAnswer(
    double SnowL,
    int Bags,
    int Loads,
    double FuelG,
    double Minutes,
    double WaterFraction,
    double MeltedC,
    string? StoveId = null
);

/// <summary>Melting with its steps and arithmetic.</summary>
public sealed record MeltResult(
    MeltAnswer Answer,
    FieldWater After,
    IReadOnlyList<TreatmentStep> Steps,
    IReadOnlyList<Assumption> Assumptions,
    Working Working
);
