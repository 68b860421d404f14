using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Water;

/// <summary>The classes of organism that treatment is judged by, hardest last.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<OrganismClass>))]
public enum OrganismClass
{
    Bacteria,
    Viruses,
    Giardia,
    Cryptosporidium,
}

public static class OrganismClasses
{
    public static readonly IReadOnlyList<OrganismClass> All =
    [
        OrganismClass.Bacteria,
        OrganismClass.Viruses,
        OrganismClass.Giardia,
        OrganismClass.Cryptosporidium,
    ];

    /// <summary>"bacteria, viruses and Giardia", as a sentence holds it.</summary>
    public static string Spoken(IEnumerable<OrganismClass> classes)
    {
        var names = classes.Select(Spoken).ToList();
        return names.Count < 2 ? string.Concat(names) : $"{string.Join(", ", names[..^1])} and {names[^1]}";
    }

    public static string Spoken(OrganismClass organism) =>
        organism switch
        {
            OrganismClass.Bacteria => "bacteria",
            OrganismClass.Viruses => "viruses",
            _ => organism.ToString(),
        };
}
