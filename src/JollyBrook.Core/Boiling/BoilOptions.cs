using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Boiling;

/// <summary>The choices that go with boiling. Everything may be left out; what is missing counts as worse or is a marked default.</summary>
/// <param name="School">How long to hold the boil; 1 or 3 minutes when left out.</param>
/// <param name="LongMinutes">The long school's own minutes, 1 to 30.</param>
/// <param name="BurnerId">One of the catalogue's burners; the sheltered canister stove when left out.</param>
/// <param name="Pot">The pot; a large heavy one when left out.</param>
/// <param name="LidOn">Lid on and flame turned down while holding; an open pot when left out.</param>
/// <param name="Calibration">A weighing that replaces the burner's efficiency.</param>
/// <param name="Cooling">Where it cools; still air when left out.</param>
/// <param name="AirTemperatureC">Air temperature, −40 to 50 °C; 30 °C when left out.</param>
/// <param name="HeldC">Held below the boil at this, °C, 65 to 95; 70 when left out.</param>
/// <param name="Thermometer">Whether there is a thermometer to hold it by; not known counts as none.</param>
public sealed record BoilOptions(
    BoilSchool? School = null,
    double? LongMinutes = null,
    string? BurnerId = null,
    PotInput? Pot = null,
    bool? LidOn = null,
    BurnerWeighing? Calibration = null,
    CoolingPlace? Cooling = null,
    double? AirTemperatureC = null,
    double? HeldC = null,
    bool? Thermometer = null
);

/// <summary>A pot as told: capacity 0.2 to 30 L, mass 0.02 to 10 kg.</summary>
public sealed record PotInput(double? CapacityL, double? MassKg, PotMaterial? Material);

/// <summary>"This many grams boiled this much water from this temperature here": gives the burner's own efficiency.</summary>
/// <param name="FuelG">Fuel burnt, g.</param>
/// <param name="VolumeL">Water brought to the boil, litres.</param>
/// <param name="StartTemperatureC">Temperature it started from, °C.</param>
/// <param name="ElevationM">Where it was done, m.</param>
public sealed record BurnerWeighing(double? FuelG, double? VolumeL, double? StartTemperatureC, double? ElevationM);

/// <summary>The fields that say how water is boiled.</summary>
public static class BoilFields
{
    /// <summary>Minutes of a boil longer than handbook room 30 asks, 1 to 30.</summary>
    public static readonly NumberField LongMinutes = new(
        "boil.longMinutes",
        "Minutes of the long boil",
        Quantity.Duration,
        1,
        30,
        "More than 30 only burns fuel."
    );

    /// <summary>What the pot holds to the brim, L, 0.2 to 30.</summary>
    public static readonly NumberField PotCapacity = new(
        "boil.pot.capacityL",
        "Pot volume",
        Quantity.Volume,
        0.2,
        30,
        "Enter what the pot holds to the brim."
    );

    /// <summary>Mass of the pot with its lid, kg, 0.02 to 10.</summary>
    public static readonly NumberField PotMass = new(
        "boil.pot.massKg",
        "Pot mass",
        Quantity.KitMass,
        0.02,
        10,
        "Weigh the pot with its lid."
    );

    /// <summary>Air temperature at the stove, °C, −40 to 50.</summary>
    public static readonly NumberField AirTemperature = new(
        "boil.airTemperatureC",
        "Air temperature",
        Quantity.Temperature,
        -40,
        50,
        "Or say it is not known."
    );

    /// <summary>Temperature held instead of a boil, °C, up to 95; below the least nothing is taken away.</summary>
    public static readonly NumberField Held = new(
        "boil.heldC",
        "Temperature held",
        Quantity.Temperature,
        Pasteurising.LeastC,
        95,
        $"Below {Speaker.Both(Quantity.Temperature, Pasteurising.LeastC)} nothing is taken away: boil it."
    );

    /// <summary>Fuel burnt in a weighing, g, 0.5 to 5000.</summary>
    public static readonly NumberField WeighedFuel = new(
        "boil.calibration.fuelG",
        "Fuel burnt",
        Quantity.FuelMass,
        0.5,
        5000,
        "Weigh the canister before and after."
    );

    /// <summary>Water boiled in the weighing, L, 0.05 to 30.</summary>
    public static readonly NumberField WeighedVolume = new(
        "boil.calibration.volumeL",
        "Water boiled in the weighing",
        Quantity.Volume,
        0.05,
        30,
        "Enter what was in the pot."
    );

    /// <summary>Its starting temperature, °C, 0 to 40.</summary>
    public static readonly NumberField WeighedStart = new(
        "boil.calibration.startTemperatureC",
        "Starting temperature of the weighing",
        Quantity.Temperature,
        0,
        40,
        "Measure the water before lighting."
    );

    /// <summary>Where the weighing was made, m, −430 to 9000.</summary>
    public static readonly NumberField WeighedElevation = new(
        "boil.calibration.elevationM",
        "Elevation of the weighing",
        Quantity.Elevation,
        -430,
        9000,
        "Read it off the map."
    );

    /// <summary>Which of the listed burners.</summary>
    public static readonly ChoiceField BurnerId = new("boil.burnerId", "Burner", [.. Burners.All.Select(b => b.Id)]);

    /// <summary>Every field of boiling.</summary>
    public static readonly IReadOnlyList<Field> All =
    [
        ChoiceField.Of<BoilSchool>("boil.school", "Boiling school"),
        LongMinutes,
        BurnerId,
        PotCapacity,
        PotMass,
        Held,
        ChoiceField.Of<PotMaterial>("boil.pot.material", "Pot material"),
        AirTemperature,
        ChoiceField.Of<CoolingPlace>("boil.cooling", "Where it cools"),
        WeighedFuel,
        WeighedVolume,
        WeighedStart,
        WeighedElevation,
    ];
}
