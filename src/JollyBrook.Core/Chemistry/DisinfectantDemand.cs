using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>What the water itself uses up before any disinfectant is left to work.</summary>
public static class DisinfectantDemand
{
    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Pick: demand exerted at once, by clarity and colour";

    /// <summary>Demand in mg/L: clear 0.5, slightly cloudy 1.5, cloudy 3; 1 more for tea or green colour.</summary>
    /// <exception cref="ArgumentOutOfRangeException">Muddy water or slurry, in which no dose is credited.</exception>
    public static double MgPerL(Clarity clarity, WaterColour colour)
    {
        var byClarity = clarity switch
        {
            Clarity.Clear => 0.5,
            Clarity.SlightlyCloudy => 1.5,
            Clarity.Cloudy => 3.0,
            _ => throw new ArgumentOutOfRangeException(nameof(clarity), clarity, "No dose is credited in this water."),
        };
        return byClarity + (colour == WaterColour.None ? 0 : 1);
    }
}
