using JollyBrook.Core.Barriers;

namespace JollyBrook.Core.Treatment;

/// <summary>Which barrier may follow which.</summary>
internal static class ChainRules
{
    /// <summary>Two barriers, and a third only for taste.</summary>
    public const int MostBarriers = 3;

    /// <summary>
    /// The filter first and heat last; carbon after a chemical's contact, for the taste; a filter after boiling, for foul water.
    /// </summary>
    public static bool MayFollow(IBarrier first, IBarrier second) =>
        first.CanBeFollowed
        && (first.Stage < second.Stage || (second.IsForTaste && first.Stage == BarrierStage.Chemical) || IsSecondThought(first, second));

    /// <summary>Boil, then filter: the double barrier turned round.</summary>
    public static bool IsSecondThought(IBarrier first, IBarrier second) =>
        first.Stage == BarrierStage.Heat && second.Stage == BarrierStage.Filter && !second.IsForTaste;

    /// <summary>Whether so many barriers in a row are a chain.</summary>
    public static bool IsChain(IReadOnlyList<IBarrier> barriers) =>
        barriers.Count is >= 1 and <= MostBarriers
        && (barriers.Count < MostBarriers || barriers[^1].IsForTaste)
        && barriers.Zip(barriers.Skip(1)).All(p => MayFollow(p.First, p.Second));
}
