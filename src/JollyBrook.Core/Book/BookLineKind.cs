using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Book;

/// <summary>What a line of the log tells.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<BookLineKind>))]
public enum BookLineKind
{
    Drank,
    Urine,
    BodyMass,

    /// <summary>Somebody's signs were looked for.</summary>
    Signs,
    SourceSeen,
    PassedBy,
    Filled,
    Poured,
    Cooked,
    Spilt,
    Rinsed,
    Dipped,
    FilterServiced,
    FilterLookedOver,

    /// <summary>A piece of kit froze or fell.</summary>
    Mishap,

    /// <summary>A wet piece of kit was put away warm for the night.</summary>
    FrostGuarded,

    /// <summary>It stayed warm.</summary>
    StayedWarm,
    FuelBurnt,
    CanisterWeighed,
    Counted,
    Charged,

    /// <summary>A stage walked.</summary>
    Stage,
    Symptom,
    Note,

    /// <summary>Another line does not count.</summary>
    TakenBack,
}
