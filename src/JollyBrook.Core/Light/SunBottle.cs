using JollyBrook.Core.Barriers;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Light;

/// <summary>
/// Which bottle of which water sunlight works in: clear, small, shallow as it lies, neither cloudy nor coloured (handbook room 50).
/// </summary>
internal static class SunBottle
{
    /// <summary>Deepest water sunlight is counted in, as it lies, cm.</summary>
    public const double DeepestCm = 10;

    private const double MostLitres = 2;

    /// <summary>Why sunlight is not counted in it; null when it is. What is not known counts as worse.</summary>
    public static string? WhyNot(FieldWater water, BarrierSetting setting)
    {
        var (bottle, say) = (setting.Container, setting.Say);
        if (LightClarity.TooCloudy(water) is { } cloudy)
        {
            return cloudy;
        }

        if (water.Colour != WaterColour.None)
        {
            return water.ColourKnown
                ? $"Sunlight does not count in {WaterColours.Spoken(water.Colour)} water: the colour takes the light."
                : "Colour not known: sunlight does not count in coloured water.";
        }

        if (bottle.ClearPlastic != true || bottle.Opaque == true)
        {
            return "Needs a clear PET or glass bottle; this container is not known to be one.";
        }

        if ((bottle.CapacityL ?? water.VolumeL) > MostLitres)
        {
            return $"Needs a bottle of {say.Of(Quantity.Volume, MostLitres)} or less, no deeper than {say.Of(Quantity.Length, DeepestCm)}.";
        }

        // A depth that was measured standing is enough where it is shallow already.
        return (bottle.LyingDepthCm ?? bottle.DepthCm) is { } depth
            ? depth <= DeepestCm
                ? null
                : $"The water is {say.Of(Quantity.Length, depth)} deep{(bottle.LyingDepthCm is null ? " as it stands" : "")}: "
                    + $"sunlight counts to {say.Of(Quantity.Length, DeepestCm)}. Lay a flatter bottle down."
            : $"How deep the water is as it lies is not known: sunlight counts to {say.Of(Quantity.Length, DeepestCm)}.";
    }
}
