using JollyBrook.Core.Water;

namespace JollyBrook.Core.Light;

/// <summary>The rule by which light loses its credit in cloudy water: organisms sit in the shade of particles.</summary>
public static class LightClarity
{
    /// <summary>Null when light counts: below 30 NTU.</summary>
    public static string? TooCloudy(FieldWater water)
    {
        ArgumentNullException.ThrowIfNull(water);
        return water.Clarity <= Clarity.SlightlyCloudy
            ? null
            : $"Light does not count in {Turbidity.Spoken(water.Clarity)} water: organisms sit in the shade of particles. Clear it first.";
    }
}
