using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>Fields that several kinds of line have, written once.</summary>
internal static class LineFields
{
    public static readonly NumberField Litres = new(
        "litres",
        "Litres",
        Quantity.Volume,
        0,
        200,
        "Give what it was; the bottle’s marks will do."
    );
    public static readonly NumberField Fill = new("fillL", "Filled", Quantity.Volume, 0.05, 50, "Give what the bottle holds.");
    public static readonly NumberField Seconds = new(
        "fillSeconds",
        "Seconds to fill it",
        Quantity.Seconds,
        1,
        7200,
        "Time it by the clock."
    );
    public static readonly NumberField Cold = new(
        "temperatureC",
        "Water temperature",
        Quantity.Temperature,
        0,
        40,
        "Measure the water itself."
    );
    public static readonly ChoiceField Container = new("containerId", "Container", ["a container of the kit"]);
    public static readonly ChoiceField Item = new("itemId", "Piece of kit", ["a piece of the kit"]);
    public static readonly ChoiceField Source = new("sourceId", "Source", ["a source of the trip"]);

    /// <summary>So many litres, or all that there is.</summary>
    public static void CheckAmount(Intake intake, double? litres, bool? all)
    {
        if (all == true && litres is null)
        {
            return;
        }

        intake.Required(Litres, litres);
    }

    public static string Amount(double? litres, bool? all, Speaker say) =>
        litres is { } told ? say.Of(Quantity.Volume, told)
        : all == true ? "all of it"
        : "some";

    /// <summary>Litres a minute by timing a fill.</summary>
    public static double? Flow(double? fillL, double? seconds) => fillL is { } litres && seconds is > 0 and { } s ? litres / s * 60 : null;
}
