using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Water;

/// <summary>What the traveller sees and measures. A null or "unknown" is allowed and counts as worse.</summary>
/// <param name="VolumeL">Water actually in the container, litres, 0.05 to 200.</param>
/// <param name="Clarity">Clarity class.</param>
/// <param name="Colour">Colour of the water.</param>
/// <param name="TemperatureC">Water temperature, °C, 0 to 40.</param>
/// <param name="ElevationM">Height above sea level, m, −430 to 9 000.</param>
/// <param name="VanishingDepthCm">Depth at which a dark mark vanishes, cm, 0.5 to 300; stands in for the class.</param>
/// <param name="TurbidityNtu">A probe's reading, NTU, 0 to 10 000; stands in for class and depth.</param>
public sealed record WaterInput(
    double? VolumeL,
    Clarity? Clarity,
    WaterColour? Colour,
    double? TemperatureC,
    double? ElevationM,
    double? VanishingDepthCm = null,
    double? TurbidityNtu = null
);

/// <summary>The fields of <see cref="WaterInput"/> and their ranges.</summary>
public static class WaterFields
{
    /// <summary>Water in the container, L, 0.05 to 200.</summary>
    public static readonly NumberField Volume = new(
        "water.volumeL",
        "Water in the container",
        Quantity.Volume,
        0.05,
        200,
        "Enter how much water is really in it."
    );

    /// <summary>How cloudy it is.</summary>
    public static readonly ChoiceField Clarity = ChoiceField.Of<Clarity>("water.clarity", "Clarity");

    /// <summary>What colour it is.</summary>
    public static readonly ChoiceField Colour = ChoiceField.Of<WaterColour>("water.colour", "Colour");

    /// <summary>Of the water, °C, 0 to 40.</summary>
    public static readonly NumberField Temperature = new(
        "water.temperatureC",
        "Water temperature",
        Quantity.Temperature,
        0,
        40,
        "Measure the water itself, or say it is not known."
    );

    /// <summary>Of the place, m, −430 to 9000.</summary>
    public static readonly NumberField Elevation = new(
        "water.elevationM",
        "Elevation",
        Quantity.Elevation,
        -430,
        9000,
        "Read it off the map, or say it is not known."
    );

    /// <summary>Depth at which a dark mark is no longer seen from above, cm, 0.5 to 300.</summary>
    public static readonly NumberField VanishingDepth = new(
        "water.vanishingDepthCm",
        "Depth at which the mark vanishes",
        Quantity.Length,
        0.5,
        300,
        "Look straight down at a dark mark and measure the water over it."
    );

    /// <summary>A probe's reading, NTU, 0 to 10 000.</summary>
    public static readonly NumberField ProbeTurbidity = new(
        "water.turbidityNtu",
        "Turbidity",
        Quantity.Turbidity,
        0,
        10000,
        "Read the probe again, or judge by eye."
    );

    /// <summary>Every field of the water.</summary>
    public static readonly IReadOnlyList<Field> All = [Volume, Clarity, Colour, Temperature, Elevation, VanishingDepth, ProbeTurbidity];
}

/// <summary>Checked water with every unknown taken as the less favourable case.</summary>
/// <param name="VolumeL">Litres in the container.</param>
/// <param name="Clarity">Never <see cref="Clarity.Unknown"/>.</param>
/// <param name="Colour">Never <see cref="WaterColour.Unknown"/>.</param>
/// <param name="TemperatureC">The temperature computed with, °C.</param>
/// <param name="ElevationM">Null when not known: boiling then takes the longer time.</param>
/// <param name="Ntu">Turbidity counted with, NTU: measured, or the cloudiest of the class.</param>
/// <param name="Given">What was actually told.</param>
public sealed record FieldWater(
    double VolumeL,
    Clarity Clarity,
    WaterColour Colour,
    double TemperatureC,
    double? ElevationM,
    double Ntu,
    WaterInput Given
)
{
    /// <summary>What an unknown clarity counts as: the worst water that a dose is credited in.</summary>
    public const Clarity WorstDoseable = Clarity.Cloudy;

    /// <summary>What an unknown temperature counts as, °C: the coldest that water gets.</summary>
    public const double ColdestC = 0;

    /// <summary>Whether its temperature was told.</summary>
    public bool TemperatureKnown => Given.TemperatureC is not null;

    /// <summary>Whether its clarity was told, matched or measured.</summary>
    public bool ClarityKnown =>
        Given.Clarity is not (null or Clarity.Unknown) || Given.VanishingDepthCm is not null || Given.TurbidityNtu is not null;

    /// <summary>Whether its colour was told.</summary>
    public bool ColourKnown => Given.Colour is not (null or WaterColour.Unknown);

    /// <summary>The class counted with: what is not known is the worst that a dose is credited in.</summary>
    public static Clarity Counted(Clarity? told) => told is null or Clarity.Unknown ? WorstDoseable : told.Value;

    /// <summary>Colour as it is counted. Not known is tea: one unit of extra demand either way, and the commoner of the two.</summary>
    public static WaterColour Counted(WaterColour? told) => told is null or WaterColour.Unknown ? WaterColour.Tea : told.Value;

    /// <summary>The water as counted: what is not told counts as worse. What can't be right is written into the intake.</summary>
    public static FieldWater Check(WaterInput? input, Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        var given = input ?? new WaterInput(null, null, null, null, null);
        var depth = intake.Optional(WaterFields.VanishingDepth, given.VanishingDepthCm);
        var measured = intake.Optional(WaterFields.ProbeTurbidity, given.TurbidityNtu)
            ?? (depth is { } cm ? Turbidity.FromVanishingDepth(cm) : null);
        var clarity = measured is { } read ? Turbidity.ClassOf(read) : Counted(given.Clarity);
        return new FieldWater(
            VolumeL: intake.Required(WaterFields.Volume, given.VolumeL),
            Clarity: clarity,
            Colour: Counted(given.Colour),
            TemperatureC: intake.Optional(WaterFields.Temperature, given.TemperatureC) ?? ColdestC,
            ElevationM: intake.Optional(WaterFields.Elevation, given.ElevationM),
            Ntu: measured ?? Turbidity.WorstOf(clarity),
            Given: given
        );
    }

    /// <summary>The same water, cleared to a class: it then counts as the cloudiest of that class.</summary>
    public FieldWater ClearedTo(Clarity clarity) =>
        clarity >= Clarity
            ? this
            : this with
            {
                Clarity = clarity,
                Ntu = Turbidity.WorstOf(clarity),
                Given = Given with { Clarity = clarity, VanishingDepthCm = null, TurbidityNtu = null },
            };
}
