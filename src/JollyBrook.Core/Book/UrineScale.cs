namespace JollyBrook.Core.Book;

/// <summary>A step of the urine colour scale.</summary>
/// <param name="Number">1 to 8.</param>
/// <param name="Words">By eye.</param>
/// <param name="Colour">Its swatch, as a colour code.</param>
/// <param name="Advice">What to do.</param>
public sealed record UrineStep(int Number, string Words, string Colour, string Advice);

/// <summary>
/// Urine colour, 1 to 8 (Armstrong): 1–3 fine, 4–5 drink, 6 and over short of water (handbook room 95). Swatches are a pick.
/// </summary>
public static class UrineScale
{
    /// <summary>From this step on the scale of 8, drink.</summary>
    public const int DrinkFrom = 4;

    /// <summary>From this step on, short of water.</summary>
    public const int ShortFrom = 6;

    /// <summary>The eight steps from pale to dark.</summary>
    public static readonly IReadOnlyList<UrineStep> All =
    [
        new(1, "like water", "#fdfbe6", "fine; more than enough if it stays so"),
        new(2, "pale straw", "#fbf5bf", "fine"),
        new(3, "straw", "#f6e88a", "fine"),
        new(4, "yellow", "#efd552", "drink"),
        new(5, "dark yellow", "#e2b93b", "drink"),
        new(6, "amber", "#cf9227", "short of water: drink and rest"),
        new(7, "brownish", "#a8691c", "short of water: drink and rest"),
        new(8, "brown", "#754513", "short of water: drink, rest, get help if it stays"),
    ];

    /// <summary>The step nearest to a colour, 1 to 8; what lies outside counts as the end.</summary>
    public static UrineStep Of(double colour) => All[(int)Math.Clamp(Math.Round(colour), 1, 8) - 1];
}
