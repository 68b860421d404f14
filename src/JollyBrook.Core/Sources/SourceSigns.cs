using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Sources;

/// <summary>How much a sign weighs, the gravest first.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<SignWeight>))]
public enum SignWeight
{
    /// <summary>Nothing carried here fixes it.</summary>
    Stop,

    /// <summary>Raise the target, or prefer another place.</summary>
    Care,

    /// <summary>Not known: weighs as the care it might be.</summary>
    Unknown,

    /// <summary>A good sign.</summary>
    Good,
}

/// <summary>One sign: what it is called, what it means, and what would change it.</summary>
/// <param name="Seen">The sign.</param>
/// <param name="Weight">How much it weighs.</param>
/// <param name="Name">What a person ticks.</param>
/// <param name="Reason">What it means for the water.</param>
/// <param name="Change">What would change the verdict; empty for a good sign.</param>
public sealed record SourceSign(Sighting Seen, SignWeight Weight, string Name, string Reason, string Change);

/// <summary>Every sign, once.</summary>
public static class SourceSigns
{
    private const string GoOn = "Nothing carried here changes it: go on to the next source.";

    /// <summary>Every sighting, with what it means for the verdict.</summary>
    public static readonly IReadOnlyList<SourceSign> All =
    [
        new(Sighting.FuelSheen, SignWeight.Stop, "Fuel sheen, or smell of solvent", "Fuel or solvent: no treatment takes it out.", GoOn),
        new(
            Sighting.MineDrainage,
            SignWeight.Stop,
            "Orange, white or blue crust; no life at all",
            "Mine, smelter or dump drainage: metals stay in, and boiling concentrates them.",
            GoOn
        ),
        new(
            Sighting.Pesticide,
            SignWeight.Stop,
            "Fields just sprayed, or slurry run-off",
            "Pesticide or slurry run-off: no treatment takes it out.",
            GoOn
        ),
        new(
            Sighting.Bloom,
            SignWeight.Stop,
            "Blue-green bloom, scum like paint, pea-soup",
            "Blue-green bloom: its toxins pass every filter and survive boiling.",
            GoOn
        ),
        new(Sighting.DeadFish, SignWeight.Stop, "Dead fish", "Dead fish: something in the water kills.", GoOn),
        new(
            Sighting.Salt,
            SignWeight.Stop,
            "Salt or brackish",
            "Salt: it takes more water from the body than it gives. Boiling concentrates it.",
            "Only distilling takes salt out: go on to the next source."
        ),
        new(
            Sighting.IndustrialOutfall,
            SignWeight.Stop,
            "Industrial outfall",
            "An industrial outfall: nobody here knows what is in it.",
            "Go on to a source that does not drain it."
        ),
        new(
            Sighting.PostedClosure,
            SignWeight.Stop,
            "Posted as closed",
            "Posted as closed: local rules outrank this tool.",
            "Only those who posted it can open it."
        ),
        new(
            Sighting.Carcass,
            SignWeight.Care,
            "Carcass in or above it",
            "A carcass in or above the water.",
            "Draw well above the carcass."
        ),
        new(
            Sighting.Stock,
            SignWeight.Care,
            "Stock or a wallow",
            "Stock or a wallow: bowel organisms in number.",
            "Draw above where they drink."
        ),
        new(
            Sighting.CampOrToilet,
            SignWeight.Care,
            "Camp, hut, toilet or trail crossing above",
            "People above the water: their viruses come down with it.",
            "Draw above the camp or crossing."
        ),
        new(
            Sighting.LastingFoam,
            SignWeight.Care,
            "Foam that stays",
            "Foam that stays: something is washed or rotting above.",
            "Draw above where the foam begins."
        ),
        new(Sighting.BadSmell, SignWeight.Care, "Bad smell", "It smells: something rots in it.", "Look for what it is, and draw above it."),
        new(
            Sighting.SlickStones,
            SignWeight.Care,
            "Slick stones",
            "Slick stones: the water is rich in what feeds slime.",
            "Draw higher up, where the stones are clean."
        ),
        new(
            Sighting.DeadPlants,
            SignWeight.Care,
            "Dead plants along it",
            "Plants along it are dead: look for crusts, sheen or salt, and leave it if there are any.",
            "Draw where the bank is green."
        ),
        new(Sighting.NobodyAbove, SignWeight.Good, "Steep ground, nobody above", "Steep ground with nobody above.", ""),
        new(Sighting.ClearOverStone, SignWeight.Good, "Clear pool over stone", "A clear pool over stone.", ""),
        new(Sighting.LivingInsects, SignWeight.Good, "Living insects and worms", "Living insects and worms: no strong poison.", ""),
    ];

    /// <summary>What is known of a sighting.</summary>
    public static SourceSign Of(Sighting seen) => All.First(s => s.Seen == seen);
}
