using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Light;

/// <summary>What drives the lamp. Unknown counts as alkaline, the worse in the cold.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Battery>))]
public enum Battery
{
    /// <summary>Counts as alkaline, which cold weakens most.</summary>
    Unknown,

    /// <summary>Lithium cells, single-use or charged.</summary>
    Lithium,

    /// <summary>Alkaline cells.</summary>
    Alkaline,
}

/// <summary>A UV lamp as its label says.</summary>
/// <param name="VolumePerCycleL">Litres a cycle is for, 0.1 to 10.</param>
/// <param name="SecondsPerCycle">Seconds a cycle lasts, 5 to 600.</param>
/// <param name="Battery">What drives it.</param>
public sealed record LampSpec(double? VolumePerCycleL, double? SecondsPerCycle, Battery? Battery = null)
{
    private static readonly NumberField Volume = new(
        "lamp.volumePerCycleL",
        "Volume per cycle",
        Quantity.Volume,
        0.1,
        10,
        "Copy it from the label."
    );

    private static readonly NumberField Length = new(
        "lamp.secondsPerCycle",
        "Seconds per cycle",
        Quantity.Seconds,
        5,
        600,
        "Copy it from the label."
    );

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Required(Volume, VolumePerCycleL);
        intake.Required(Length, SecondsPerCycle);
    }
}
