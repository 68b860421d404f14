namespace JollyBrook.Core.Scarcity;

/// <summary>What is never drunk, however short water is (handbook room 90).</summary>
public static class NeverDrink
{
    /// <summary>What makes matters worse when drunk.</summary>
    public static readonly IReadOnlyList<string> All =
    [
        "Seawater or brackish water: it takes more water from the body than it gives.",
        "Urine: the same, more each time.",
        "Water with fuel, solvent, mine or farm chemicals: no treatment takes them out.",
        "Blue-green bloom, scum, pea-soup: its toxins pass filters and survive boiling.",
        "Alcohol: it dries the body and dulls the judgement.",
    ];
}
