using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Book;

/// <summary>What a line of the log tells.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<BookLineKind>))]
public enum BookLineKind
{
    /// <summary>Somebody drank.</summary>
    Drank,

    /// <summary>Urine was passed, with its amount or its colour.</summary>
    Urine,

    /// <summary>A weighing of the body.</summary>
    BodyMass,

    /// <summary>Somebody's signs were looked for.</summary>
    Signs,

    /// <summary>A source was found running, dry or otherwise.</summary>
    SourceSeen,

    /// <summary>A source was passed without taking water.</summary>
    PassedBy,

    /// <summary>A container was filled.</summary>
    Filled,

    /// <summary>Water was moved from one container to another.</summary>
    Poured,

    /// <summary>Water went into a meal or a hot drink.</summary>
    Cooked,

    /// <summary>Water was lost.</summary>
    Spilt,

    /// <summary>A container was rinsed clean.</summary>
    Rinsed,

    /// <summary>A clean container was dipped into raw water.</summary>
    Dipped,

    /// <summary>A filter was back-flushed, scrubbed, checked or given a new element.</summary>
    FilterServiced,

    /// <summary>A filter was looked over for cracks and leaks.</summary>
    FilterLookedOver,

    /// <summary>A piece of kit froze or fell.</summary>
    Mishap,

    /// <summary>A wet piece of kit was put away warm for the night.</summary>
    FrostGuarded,

    /// <summary>It stayed warm.</summary>
    StayedWarm,

    /// <summary>Fuel was used outside a batch.</summary>
    FuelBurnt,

    /// <summary>What a fuel canister weighed.</summary>
    CanisterWeighed,

    /// <summary>What is left of a supply was counted.</summary>
    Counted,

    /// <summary>A lamp's battery was charged.</summary>
    Charged,

    /// <summary>A stage walked.</summary>
    Stage,

    /// <summary>Somebody fell ill.</summary>
    Symptom,

    /// <summary>Words alone.</summary>
    Note,

    /// <summary>Another line does not count.</summary>
    TakenBack,
}
