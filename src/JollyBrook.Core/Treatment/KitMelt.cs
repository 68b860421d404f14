using JollyBrook.Core.Boiling;
using JollyBrook.Core.Kit;

namespace JollyBrook.Core.Treatment;

/// <summary>Snow or ice melted on one of the kit's stoves.</summary>
/// <param name="Stove">The stove; null where the kit has none, and one like the usual is reckoned with.</param>
/// <param name="Result">What that takes.</param>
internal sealed record KitMelt(KitEntry? Stove, MeltResult Result)
{
    /// <summary>Minutes at the stove.</summary>
    public double Minutes => Result.Answer.Minutes;

    /// <summary>The same as the person who melts is told it.</summary>
    public MeltAnswer Told => Result.Answer with { StoveId = Stove?.Id };
}
