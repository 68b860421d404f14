using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Packing;

/// <summary>
/// What a set of treatment must have to be taken: the findings of kit check it is about, by their numbers (handbook room 80).
/// </summary>
[JsonConverter(typeof(CamelCaseEnumConverter<MustHave>))]
public enum MustHave
{
    /// <summary>A chain that reaches the target in the worst water.</summary>
    Target = 1,

    /// <summary>Two chains left whatever fails.</summary>
    Second = 2,

    /// <summary>Supplies for a quarter more than planned, none of which ends on the way.</summary>
    Supplies = 3,

    /// <summary>Dates that hold to the last day.</summary>
    Dates = 4,

    /// <summary>Filters that last.</summary>
    FilterLife = 5,
}
