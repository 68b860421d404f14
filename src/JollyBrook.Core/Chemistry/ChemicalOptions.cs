using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>Whether the product is still within its date.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<DateCheck>))]
public enum DateCheck
{
    /// <summary>Not told; said in the answer.</summary>
    Unknown,

    /// <summary>In date.</summary>
    InDate,

    /// <summary>Past its date.</summary>
    Past,
}

/// <summary>Where the bottle stands during contact. Sunlight through a clear wall destroys disinfectant.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<BottleLight>))]
public enum BottleLight
{
    /// <summary>Not told; counts as clear in the sun.</summary>
    Unknown,

    /// <summary>In the shade, or in an opaque container.</summary>
    ShadeOrOpaque,

    /// <summary>A clear container in the sun, which uses chlorine up.</summary>
    ClearInSun,
}

/// <summary>Drops counted into a measure, which gives the size of one.</summary>
/// <param name="Drops">How many drops, 5 to 250.</param>
/// <param name="Millilitres">Into how many mL, 1 to 5.</param>
public sealed record DropCount(double? Drops, double? Millilitres);

/// <summary>The choices that go with a chemical product. What is left out counts as worse.</summary>
/// <param name="Date">Whether it is in date; unknown counts as past. Not used for bleach.</param>
/// <param name="Light">Where the bottle stands; unknown counts as clear in the sun, which counts while the sun is up.</param>
/// <param name="PH">pH of the water, 4 to 9; 8 when left out. Used by free chlorine only.</param>
/// <param name="BleachStrengthPercent">Bleach strength on the label, 5 to 9 %; 5 when left out.</param>
/// <param name="BleachAgeMonths">Months since the pack date; not known counts as too old.</param>
/// <param name="DropCount">The traveller's own drop size; 20 drops a millilitre when left out.</param>
/// <param name="WithoutCryptosporidium">Whether the shorter wait is taken that leaves Cryptosporidium out.</param>
public sealed record ChemicalOptions(
    DateCheck? Date = null,
    BottleLight? Light = null,
    [property: JsonPropertyName("ph")] double? PH = null,
    double? BleachStrengthPercent = null,
    double? BleachAgeMonths = null,
    DropCount? DropCount = null,
    bool? WithoutCryptosporidium = null
);

/// <summary>The fields that say how a chemical is used.</summary>
public static class ChemicalFields
{
    /// <summary>What the date on the product says.</summary>
    public static readonly ChoiceField Date = ChoiceField.Of<DateCheck>("chemical.date", "Date on the product");

    /// <summary>Where the bottle stands while it waits.</summary>
    public static readonly ChoiceField Light = ChoiceField.Of<BottleLight>("chemical.light", "Where the bottle stands");

    /// <summary>pH of the water, 4 to 9.</summary>
    public static readonly NumberField PH = new(
        "chemical.ph",
        "pH",
        Quantity.Plain,
        4,
        9,
        "Above 9 chlorine is too weak to count: take another method."
    );

    /// <summary>Strength on the bottle, % of sodium hypochlorite.</summary>
    public static readonly NumberField BleachStrength = new(
        "chemical.bleachStrengthPercent",
        "Bleach strength",
        Quantity.Percent,
        Bleach.WeakestPercent,
        Bleach.StrongestPercent,
        "Read it on the bottle; weaker or stronger bleach is not for drinking water."
    );

    /// <summary>Months since the pack date, 0 to 120.</summary>
    public static readonly NumberField BleachAge = new(
        "chemical.bleachAgeMonths",
        "Months since the pack date",
        Quantity.Months,
        0,
        120,
        "Count from the date on the bottle."
    );

    /// <summary>Drops counted into the measure, 5 to 250.</summary>
    public static readonly NumberField CountedDrops = new(
        "chemical.dropCount.drops",
        "Drops counted",
        Quantity.Plain,
        5,
        250,
        "Count drops into 1 or 5 mL."
    );

    /// <summary>The measure they were counted into, mL, 1 to 5.</summary>
    public static readonly NumberField CountedMillilitres = new(
        "chemical.dropCount.millilitres",
        "Measure counted into",
        Quantity.SmallVolume,
        1,
        5,
        "Count drops into 1 or 5 mL."
    );

    /// <summary>Every field of chemicals.</summary>
    public static readonly IReadOnlyList<Field> All = [Date, Light, PH, BleachStrength, BleachAge, CountedDrops, CountedMillilitres];
}
