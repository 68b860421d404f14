using JollyBrook.Core.Barriers;

namespace JollyBrook.Core.Treatment;

/// <summary>Every chain the kit allows: each barrier alone, and each pair that closes a gap neither closes alone.</summary>
internal static class Chains
{
    /// <summary>All of them, best first.</summary>
    public static IReadOnlyList<Chain> All(Situation situation)
    {
        var single = situation.Barriers.Select(b => Chain.Run([b], situation)).ToList();
        var pairs =
            from first in single
            where first.Barriers[0] is { Stage: BarrierStage.Filter, CanBeFollowed: true, IsForTaste: false } && first.Refusal is null
            from second in single
            where second.Barriers[0].Stage > BarrierStage.Filter && MayBeWorth(first, second, situation)
            let pair = Chain.Run([first.Barriers[0], second.Barriers[0]], situation)
            where IsWorthOffering(pair, first, second, situation)
            select pair;
        return
        [
            .. single
                .Concat(pairs)
                .Concat(Turned(single, situation))
                .Concat(ForTaste(single, situation))
                .OrderBy(Rank)
                .ThenBy(c => c.ShortByLogs)
                .ThenBy(Effort),
        ];
    }

    /// <summary>For foul water: boil it, then filter it.</summary>
    private static IEnumerable<Chain> Turned(List<Chain> single, Situation situation) =>
        from first in situation.Judged?.Foul == true ? single : []
        where first.Refusal is null
        from second in single
        where ChainRules.IsSecondThought(first.Barriers[0], second.Barriers[0])
        let pair = Chain.Run([first.Barriers[0], second.Barriers[0]], situation)
        where pair.Refusal is null
        select pair;

    /// <summary>Carbon after contact, where there is some: the taste goes, and the residual with it.</summary>
    private static IEnumerable<Chain> ForTaste(List<Chain> single, Situation situation) =>
        from first in single
        where first.Refusal is null && first.Barriers[0].Stage == BarrierStage.Chemical
        from carbon in situation.Barriers
        where carbon.IsForTaste
        let chain = Chain.Run([first.Barriers[0], carbon], situation)
        where chain.Refusal is null
        select chain;

    /// <summary>What a chain costs in wait, work and supplies together, so that the best can come first (pick).</summary>
    public static double Effort(Chain chain) => ((chain.Minutes ?? double.MaxValue) / 4) + chain.HandsOnMinutes + (2 * chain.SupplyWeight);

    /// <summary>0 for a chain that meets the target, 1 for one that falls short, 2 for one that is refused.</summary>
    public static int Rank(Chain chain) =>
        chain.Refusal is not null ? 2
        : chain.ShortOf.Count > 0 ? 1
        : 0;

    /// <summary>
    /// A barrier that meets the target alone leaves no gap to close; foul water may still be filtered before it is boiled.
    /// </summary>
    private static bool MayBeWorth(Chain first, Chain second, Situation situation) =>
        (Rank(first) > 0 && Rank(second) > 0) || (situation.Judged?.Foul == true && second.Barriers[0].Stage == BarrierStage.Heat);

    private static bool IsWorthOffering(Chain pair, Chain first, Chain second, Situation situation)
    {
        if (pair.Refusal is not null)
        {
            return false;
        }

        const double least = 1e-9;
        var alone = second.Refusal is null ? Math.Min(first.ShortByLogs, second.ShortByLogs) : first.ShortByLogs;
        return pair.ShortByLogs < alone - least
            || (situation.Judged?.Foul == true && second.Barriers[0].Stage == BarrierStage.Heat && pair.ShortByLogs <= least);
    }
}
