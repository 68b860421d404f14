using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Route;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>How sure a plan is (handbook room 70).</summary>
/// <param name="Certainty">What was asked for, share of walks that do not run short.</param>
/// <param name="ShortChance">Share of simulated walks that do run short.</param>
/// <param name="Kept">Whether what was asked for is kept.</param>
/// <param name="DebtL">What may be owed to the bodies before anyone counts as short, L, the whole party.</param>
/// <param name="Words">The same in a line.</param>
public sealed record PlanPromise(double Certainty, double ShortChance, bool Kept, double DebtL, string Words)
{
    /// <summary>Two to the power of it: the conditions a plan is reckoned under.</summary>
    private const int ConditionBits = 9;

    /// <summary>What the choice of conditions, or of walks where they are simulated, may make of it: as of so many walks.</summary>
    private const int Walks = 1_000;

    internal static PlanPromise Of(PlanSetup setup, PlannedWalk walk, double mostL, Speaker say)
    {
        var share = walk.ShortChance;
        var kept = IsKept(share, setup.Certainty);
        return new PlanPromise(setup.Certainty, share, kept, setup.DebtL, Say(setup, share, kept, mostL, say));
    }

    /// <summary>What a plan is judged by: conditions of its own, not those that the policy was chosen by.</summary>
    internal static PolicyOdds OddsOf(CarrySimulation simulation) => simulation.Odds(ConditionBits);

    /// <summary>
    /// Whether so many walks short are no more than was wanted and the draws alone may make of it. Judged by one measure however many walks
    /// were simulated: the same plan is not sure in one place and short in another.
    /// </summary>
    internal static bool IsKept(double share, double certainty) => share <= MostShort(certainty);

    /// <summary>
    /// The share of walks that may run short where a promise is kept: what was wanted, and a standard error of a thousand walks, so that a
    /// simulation does not contradict what was reckoned.
    /// </summary>
    internal static double MostShort(double certainty) => 1 - certainty + Math.Sqrt((1 - certainty) * certainty / Walks);

    /// <summary>Below it nobody counts in walks of a hundred.</summary>
    internal const double Rare = 0.005;
    internal const string RareWords = "fewer than 1 walk in 200 runs short";

    /// <summary>
    /// "5 walks in 100 run short": up to the next whole one, and no more than was promised where that is kept.
    /// </summary>
    /// <param name="share">Share of the simulated walks that ran short, above 0.</param>
    /// <param name="certainty">What was asked for.</param>
    internal static string InHundred(double share, double certainty)
    {
        var up = Math.Ceiling((share * 100) - 1e-9);
        var walks = IsKept(share, certainty) ? Math.Min(up, Math.Max(1, Math.Round((1 - certainty) * 100))) : up;
        return walks == 1 ? "1 walk in 100 runs short" : $"{Speaker.Number(walks, 0)} walks in 100 run short";
    }

    private static string Say(PlanSetup setup, double share, bool kept, double mostL, Speaker say)
    {
        var shorts = share < Rare ? RareWords : InHundred(share, setup.Certainty);
        return setup.Certainty <= TripRoute.Middle ? $"Made for the middle: {shorts}"
            : kept ? $"{Percent(setup.Certainty)} sure: {shorts}"
            : mostL >= setup.CleanL - 0.25
                ? $"Not {Percent(setup.Certainty)} sure: {shorts}, with every container full ({say.Of(Quantity.Volume, setup.CleanL)})"
            : $"Not {Percent(setup.Certainty)} sure, whatever is carried: {shorts}. A source that may be dry is behind it";
    }

    private static string Percent(double share) => $"{Speaker.Number(share * 100, 0)} %";
}
