namespace JollyBrook.Core.Chemistry;

/// <summary>Vitamin C that takes the taste away, after contact and never before.</summary>
public static class Neutraliser
{
    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Ascorbic acid 2.5 mg per mg free chlorine, 0.7 mg per mg iodine";

    /// <summary>Ascorbic acid in whole mg for a dose in mg; null for chlorine dioxide, for which no figure is kept.</summary>
    public static double? AscorbicAcidMg(ActiveIngredient active, double doseMg) =>
        active switch
        {
            ActiveIngredient.FreeChlorine => Math.Ceiling((2.5 * doseMg) - 1e-9),
            ActiveIngredient.Iodine => Math.Ceiling((0.7 * doseMg) - 1e-9),
            _ => null,
        };
}
