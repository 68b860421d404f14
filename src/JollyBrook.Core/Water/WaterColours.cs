namespace JollyBrook.Core.Water;

/// <summary>The colours water can have, and what each is called.</summary>
public static class WaterColours
{
    /// <summary>"tea-coloured", "green"; null where there is no colour to speak of, or none was told.</summary>
    public static string? Spoken(WaterColour? colour) =>
        colour switch
        {
            WaterColour.Tea => "tea-coloured",
            WaterColour.Green => "green",
            _ => null,
        };
}
