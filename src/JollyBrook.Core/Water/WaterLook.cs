namespace JollyBrook.Core.Water;

/// <summary>How water looks, in words.</summary>
internal static class WaterLook
{
    /// <summary>Its cloud, then its colour; nothing of what is not known.</summary>
    public static IEnumerable<string> Spoken(Clarity? clarity, WaterColour? colour)
    {
        if (clarity is { } cloud and not Clarity.Unknown)
        {
            yield return Turbidity.Spoken(cloud);
        }

        if (WaterColours.Spoken(colour) is { } tint)
        {
            yield return tint;
        }
    }
}
