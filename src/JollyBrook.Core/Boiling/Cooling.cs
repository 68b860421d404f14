using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Boiling;

/// <summary>Where the hot water stands to cool.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<CoolingPlace>))]
public enum CoolingPlace
{
    /// <summary>Stands in still air.</summary>
    StillAir,

    /// <summary>Stands in a stream or in snow.</summary>
    Stream,
}

/// <summary>Newton cooling of a pot to a temperature the mouth can take.</summary>
public static class Cooling
{
    /// <summary>Cool enough to drink, °C.</summary>
    public const double DrinkableC = 40;

    /// <summary>Minutes t from Tb down to 40 °C in surroundings of Ta, °C; volume V in L; shown with the working.</summary>
    public const string Formula = "t = τ·ln((Tb − Ta)/(40 − Ta)), τ = τ1·V^(1/3)";

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Newton cooling; pick: τ1 = 55 min for an open litre pot in still air, 10 min set in a stream";

    /// <summary>Time constant in minutes for <paramref name="volumeL"/> litres.</summary>
    public static double TimeConstantMin(CoolingPlace place, double volumeL) =>
        (place == CoolingPlace.Stream ? 10 : 55) * Math.Cbrt(volumeL);

    /// <summary>Minutes from <paramref name="fromC"/> to 40 °C, or null when the surroundings are too warm for that.</summary>
    public static double? MinutesToDrinkable(double fromC, double aroundC, double timeConstantMin) =>
        aroundC >= DrinkableC ? null : Math.Max(0, timeConstantMin * Math.Log((fromC - aroundC) / (DrinkableC - aroundC)));
}
