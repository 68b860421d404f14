using JollyBrook.Core.Barriers;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Carry;

/// <summary>By which way a plan treats a fill, whoever asks: the plan itself, or a kit that is being chosen for it.</summary>
internal static class FillChoice
{
    private const double Slack = 1e-9;

    /// <summary>Whether a chain is for what only goes to the pot.</summary>
    public static bool IsForThePot(Chain chain) => chain.Barriers is [{ Stage: BarrierStage.Heat }];

    /// <summary>Whether a chain is for what is carried and drunk later: nobody promises the sun.</summary>
    public static bool IsForDrinking(Chain chain) => chain.Barriers.All(b => b.CanBeFollowed && b.Id != SunBarrier.GenericId);

    /// <summary>
    /// What puts chains in order, the least first: those that meet the target, of them what the traveller prefers, what is counted before
    /// what is not, and then the engine's own order.
    /// </summary>
    /// <param name="chain">One for which enough is left.</param>
    /// <param name="prefer">The barrier the traveller wants; null for none.</param>
    /// <param name="itemOf">The piece of kit behind a barrier.</param>
    public static (bool FallsShort, bool IsUnwanted, bool IsUncounted, int Rank, double ShortByLogs, double Effort) Precedence(
        Chain chain,
        string? prefer,
        Func<string, KitItem?> itemOf
    ) =>
        (
            chain.ShortOf.Count > 0,
            prefer is not null && !chain.Barriers.Any(b => b.Id == prefer),
            IsUncounted(chain, itemOf),
            Chains.Rank(chain),
            chain.ShortByLogs,
            Chains.Effort(chain)
        );

    /// <summary>Whether what is left of something it takes was never counted; what lies about to burn needs no counting.</summary>
    public static bool IsUncounted(Chain chain, Func<string, KitItem?> itemOf) =>
        chain.Uses.Any(u => u is { Used: > 0, Left: null } && itemOf(u.Id) is not Stove { IsOpenFire: true });

    /// <summary>Whole minutes from drawing to the first sip, never rounded down.</summary>
    /// <param name="chain">One that gives an answer.</param>
    public static double Minutes(Chain chain) => Math.Ceiling(chain.Minutes!.Value - Slack);
}
