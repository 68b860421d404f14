using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Water;

/// <summary>The classes of organism that treatment is judged by, hardest last.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<OrganismClass>))]
public enum OrganismClass
{
    /// <summary>About 1 µm.</summary>
    Bacteria,

    /// <summary>Too small for most filters.</summary>
    Viruses,

    /// <summary>A cyst of about 10 µm.</summary>
    Giardia,

    /// <summary>An oocyst of about 5 µm that chlorine does not reach.</summary>
    Cryptosporidium,
}

/// <summary>The four classes a treatment is judged by.</summary>
public static class OrganismClasses
{
    /// <summary>From the smallest target to the largest cyst, as shown.</summary>
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

    /// <summary>As a person reads it.</summary>
    public static string Spoken(OrganismClass organism) =>
        organism switch
        {
            OrganismClass.Bacteria => "bacteria",
            OrganismClass.Viruses => "viruses",
            _ => organism.ToString(),
        };
}
