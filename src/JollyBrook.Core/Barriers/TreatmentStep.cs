using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Barriers;

/// <summary>What a step is.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<StepKind>))]
public enum StepKind
{
    /// <summary>Gets the container, the tool or the product ready.</summary>
    Prepare,

    /// <summary>Takes the cloud out: strained, settled or flocculated.</summary>
    Clear,

    /// <summary>Turns snow or ice into water.</summary>
    Melt,

    /// <summary>Passes the water through a filter.</summary>
    Filter,

    /// <summary>Exposes it to a lamp or to the sun.</summary>
    Light,

    /// <summary>Shakes or stirs.</summary>
    Mix,

    /// <summary>Adds tablets, drops or bleach.</summary>
    Dose,

    /// <summary>Waits until a tablet has dissolved.</summary>
    Dissolve,

    /// <summary>Wets cap and threads with treated water.</summary>
    Threads,

    /// <summary>Waits while a disinfectant works.</summary>
    Contact,

    /// <summary>Brings water to the temperature that is held, or to the boil.</summary>
    Heat,

    /// <summary>Keeps it at a rolling boil, or at the temperature held.</summary>
    Boil,

    /// <summary>Moves water to another container.</summary>
    Pour,

    /// <summary>Waits until it can be drunk or handled.</summary>
    Cool,

    /// <summary>Looks, smells or tests whether it has worked.</summary>
    Check,

    /// <summary>Keeps clean water clean.</summary>
    Store,

    /// <summary>Adds taste, or takes the taste of a disinfectant away.</summary>
    Flavour,

    /// <summary>It may be drunk.</summary>
    Drink,
}

/// <summary>How a step's clock works. It always starts at the instant the step before it was done.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<StepClock>))]
public enum StepClock
{
    /// <summary>No clock.</summary>
    None,

    /// <summary>A guide: a tap ends the step, sooner or later.</summary>
    Guide,

    /// <summary>A gate: the step ends by itself when the clock has run, and not before.</summary>
    Gate,
}

/// <summary>One step of a treatment, in order.</summary>
/// <param name="Id">Unique within the batch.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Title">What to do, in a few words.</param>
/// <param name="Detail">How, in a sentence or two.</param>
/// <param name="Done">The words on the button that says it is done; null for a gate.</param>
/// <param name="Clock">How its clock works.</param>
/// <param name="Minutes">Minutes on the clock; 0 without one.</param>
/// <param name="Optional">Whether it may be skipped.</param>
/// <param name="DrinkAfter">Whether drinking waits for it: the water may be drunk once the last such step is done.</param>
/// <param name="Fails">The words on the button that says it did not come out as it should; null where it can't be told.</param>
public sealed record TreatmentStep(
    string Id,
    StepKind Kind,
    string Title,
    string Detail,
    string? Done,
    StepClock Clock = StepClock.None,
    double Minutes = 0,
    bool Optional = false,
    bool DrinkAfter = false,
    string? Fails = null
);
