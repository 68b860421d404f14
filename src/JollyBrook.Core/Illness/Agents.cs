using JollyBrook.Core.Water;

namespace JollyBrook.Core.Illness;

/// <summary>What can be caught from water, with days from drinking to symptoms.</summary>
public sealed record Agent(string Name, OrganismClass Organism, double FromDays, double ToDays);

/// <summary>Windows of handbook room 95.</summary>
public static class Agents
{
    /// <summary>The agents water carries, with their incubation.</summary>
    public static readonly IReadOnlyList<Agent> All =
    [
        new("Norovirus", OrganismClass.Viruses, 0.5, 2),
        new("Rotavirus", OrganismClass.Viruses, 1, 3),
        new("ETEC", OrganismClass.Bacteria, 1, 3),
        new("Salmonella", OrganismClass.Bacteria, 0.25, 6),
        new("Shigella", OrganismClass.Bacteria, 1, 7),
        new("Campylobacter", OrganismClass.Bacteria, 1, 10),
        new("STEC", OrganismClass.Bacteria, 1, 10),
        new("Cholera", OrganismClass.Bacteria, 0.1, 5),
        new("Cryptosporidium", OrganismClass.Cryptosporidium, 2, 12),
        new("Giardia", OrganismClass.Giardia, 3, 25),
        new("Hepatitis A", OrganismClass.Viruses, 15, 50),
        new("Typhoid", OrganismClass.Bacteria, 6, 30),
    ];
}
