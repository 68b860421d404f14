using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Packing;

/// <summary>What a trip asks of a kit. What is left out comes from the plan; what the plan cannot tell counts as worse.</summary>
/// <param name="Litres">Water to be treated in all, L, whole party.</param>
/// <param name="FirstDay">The first day.</param>
/// <param name="LastDay">The last day.</param>
/// <param name="ColdestWaterC">The coldest water to be treated, °C.</param>
/// <param name="WorstClarity">The cloudiest.</param>
/// <param name="Colour">Its colour.</param>
/// <param name="HighestM">The highest place where water is treated, m.</param>
/// <param name="ColdestAirC">The coldest night, °C.</param>
/// <param name="MostCarriedL">The most carried at once, L.</param>
/// <param name="CampL">The most used at a camp, L.</param>
/// <param name="SnowL">Of the water in all what is melted from snow, L.</param>
public sealed record KitTrip(
    double? Litres = null,
    DateOnly? FirstDay = null,
    DateOnly? LastDay = null,
    double? ColdestWaterC = null,
    Clarity? WorstClarity = null,
    WaterColour? Colour = null,
    double? HighestM = null,
    double? ColdestAirC = null,
    double? MostCarriedL = null,
    double? CampL = null,
    double? SnowL = null
)
{
    internal static readonly NumberField LitresField = new(
        "trip.litres",
        "Water in all",
        Quantity.Volume,
        0.5,
        5000,
        $"About {Speaker.Both(Quantity.Volume, 3)} to {Speaker.Both(Quantity.Volume, 5)} a person and day."
    );
    private static readonly NumberField Water = new(
        "trip.coldestWaterC",
        "Coldest water",
        Quantity.Temperature,
        0,
        40,
        $"Snow-fed streams are near {Speaker.Both(Quantity.Temperature, 1)}."
    );
    private static readonly NumberField Height = new(
        "trip.highestM",
        "Highest place",
        Quantity.Elevation,
        -430,
        9000,
        "Read it off the map."
    );
    private static readonly NumberField Air = new(
        "trip.coldestAirC",
        "Coldest night",
        Quantity.Temperature,
        -40,
        50,
        "Take it from the forecast."
    );
    private static readonly NumberField Carried = new(
        "trip.mostCarriedL",
        "Most carried at once",
        Quantity.Volume,
        0,
        200,
        "Take it from the plan."
    );
    private static readonly NumberField Camp = new("trip.campL", "Most used at a camp", Quantity.Volume, 0, 200, "Take it from the plan.");

    private static readonly NumberField Snow = new(
        "trip.snowL",
        "Melted from snow",
        Quantity.Volume,
        0,
        5000,
        "Give what has no open water."
    );

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        LitresField,
        Water,
        Height,
        Air,
        Carried,
        Camp,
        Snow,
        ChoiceField.Of<Clarity>("trip.worstClarity", "Cloudiest water"),
        ChoiceField.Of<WaterColour>("trip.colour", "Colour"),
        LastDayField,
    ];

    internal static ChoiceField LastDayField => new("trip.lastDay", "Last day", ["a date not before the first day"]);

    /// <summary>Days of the trip, at least 1.</summary>
    public int Days => FirstDay is { } first && LastDay is { } last ? Math.Max(1, last.DayNumber - first.DayNumber + 1) : 1;

    /// <summary>Notes what can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Optional(LitresField, Litres);
        intake.Optional(Water, ColdestWaterC);
        intake.Optional(Height, HighestM);
        intake.Optional(Air, ColdestAirC);
        intake.Optional(Carried, MostCarriedL);
        intake.Optional(Camp, CampL);
        intake.Optional(Snow, SnowL);
        if (SnowL > Litres)
        {
            intake.Refuse(Snow, "More is melted from snow than there is water in all. Check both.");
        }

        if (LastDay < FirstDay)
        {
            intake.Refuse(LastDayField, "The last day is before the first. Check both dates.");
        }
    }
}
