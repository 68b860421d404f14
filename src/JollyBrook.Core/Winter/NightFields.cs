using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Winter;

/// <summary>The fields of a winter night and their checks.</summary>
internal static class NightFields
{
    public static readonly NumberField Day = new("day", "Evening of the trip", Quantity.Plain, 0, 60, "Choose one of its camps.");
    private static readonly NumberField People = new("night.people", "People", Quantity.Plain, 1, 12, "Count who drinks.");
    private static readonly NumberField Low = new(
        "night.lowC",
        "Coldest of the night",
        Quantity.Temperature,
        -60,
        10,
        "Take it from the forecast."
    );
    private static readonly NumberField Elevation = new(
        "night.elevationM",
        "Height of the camp",
        Quantity.Elevation,
        -430,
        9000,
        "Read it off the map."
    );
    private static readonly NumberField Boil = new(
        "night.boilL",
        "Meals and hot drinks",
        Quantity.Volume,
        0,
        60,
        $"About {Speaker.Both(Quantity.Volume, 1.6)} a person, evening and morning."
    );
    private static readonly NumberField Drink = new(
        "night.drinkL",
        "To drink and carry away",
        Quantity.Volume,
        0,
        60,
        $"About {Speaker.Both(Quantity.Volume, 2.5)} a person."
    );
    private static readonly NumberField FlaskL = new("night.flaskL", "Into flasks", Quantity.Volume, 0, 10, "What they hold together.");
    private static readonly NumberField Filled = new(
        "night.filledC",
        "Bottles are filled at",
        Quantity.Temperature,
        0,
        60,
        $"Hot to the hand is about {Speaker.Both(Quantity.Temperature, 45)}."
    );
    private static readonly InstantField From = new("night.from", "Work begins");
    private static readonly InstantField Bed = new("night.bedAt", "Everybody lies");
    private static readonly InstantField Leave = new("night.leaveAt", "The party leaves");

    public static readonly IReadOnlyList<Field> All =
    [
        ChoiceField.Of<UnitSystem>("units", "Units"),
        Day,
        People,
        Low,
        Elevation,
        Boil,
        Drink,
        FlaskL,
        Filled,
        From,
        Bed,
        Leave,
        ChoiceField.Of<WinterWater>("night.water", "Water"),
        .. SnowFields.All,
    ];

    public static void Check(WinterNight night, Intake intake)
    {
        intake.Optional(People, night.People);
        intake.Optional(Low, night.LowC);
        intake.Optional(Elevation, night.ElevationM);
        intake.Optional(Boil, night.BoilL);
        intake.Optional(Drink, night.DrinkL);
        intake.Optional(FlaskL, night.FlaskL);
        intake.Optional(Filled, night.FilledC);
        intake.Optional(SnowFields.Temperature, night.Snow?.TemperatureC);
    }

    /// <summary>Once nothing is left out: the hours come one after another, within two days.</summary>
    public static void CheckHours(WinterNight night, Intake intake)
    {
        if (night.BedAt <= night.From)
        {
            intake.Refuse(Bed, "Everybody lies before the work begins. Check both hours.");
        }

        if (night.LeaveAt <= night.BedAt || night.LeaveAt - night.From > TimeSpan.FromHours(48))
        {
            intake.Refuse(Leave, "The party leaves after the night, within two days of when the work begins. Check the hours.");
        }
    }
}
