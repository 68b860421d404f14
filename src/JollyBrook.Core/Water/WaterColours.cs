namespace JollyBrook.Core.Water;

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
