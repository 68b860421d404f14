using JollyBrook.Core.Water;

namespace JollyBrook.Core.Barriers;

/// <summary>Where a barrier stands in a chain: the filter comes first, heat last.</summary>
public enum BarrierStage
{
    /// <summary>Holds organisms back by size.</summary>
    Filter,

    /// <summary>Ultraviolet from a lamp or the sun.</summary>
    Light,

    /// <summary>A disinfectant that needs contact time.</summary>
    Chemical,

    /// <summary>Boiling, or holding a temperature below it.</summary>
    Heat,
}

/// <summary>
/// One step that takes organisms away: data (what the kit says of it) and a pure function of the water in front of it.
/// A chain puts one or two of them in a row and adds up what they take away.
/// </summary>
public interface IBarrier
{
    /// <summary>The kit item's id, or the generic method's name.</summary>
    string Id { get; }

    /// <summary>What a person calls it.</summary>
    string Name { get; }

    /// <summary>Where it stands in a chain.</summary>
    BarrierStage Stage { get; }

    /// <summary>How the water looks best before this barrier; the chain clears cloudier water to here when it can.</summary>
    Clarity ClearTo(FieldWater water);

    /// <summary>Whether it takes no organism away but taste, and so may come after anything.</summary>
    bool IsForTaste => false;

    /// <summary>Whether a second barrier may follow: a straw at the lips leaves nothing to treat.</summary>
    bool CanBeFollowed => true;

    /// <summary>Applies the barrier. Bad fields are noted in the setting's intake; nothing is thrown for poor water.</summary>
    /// <param name="water">The water in front of it.</param>
    /// <param name="setting">What surrounds it.</param>
    /// <param name="before">What the chain has taken away already, and how long it took.</param>
    BarrierResult Apply(FieldWater water, BarrierSetting setting, ChainSoFar before);
}
