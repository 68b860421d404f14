using JollyBrook.Core.Carry;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Matters.Planning;

/// <summary>What a plan shows as certain: whether it can be walked, whether the promise is kept, and what is carried.</summary>
internal sealed record PlanStanding(bool Feasible, bool Kept, double MostCarriedL, double KgKm, double LengthKm)
{
    /// <summary>What is not worth asking anybody for: a mouthful carried, L, and a kilogram for a kilometre (pick).</summary>
    private const double WorthL = 0.25;
    private const double WorthKgKm = 1;

    public static PlanStanding Of(PlanRequest request)
    {
        var plan = Plan.Compute(request);
        return new PlanStanding(plan.Feasible, plan.Promise.Kept, plan.MostCarriedL, plan.KgKm, plan.LengthKm);
    }

    /// <summary>What would change if it were <paramref name="then"/>.</summary>
    public Stake To(PlanStanding then, Speaker say)
    {
        if (then.Feasible != Feasible)
        {
            return new Stake(StakeKind.Verdict, Feasible, 1, then.Feasible ? "It can be walked." : "It cannot be walked with this kit.");
        }

        if (then.Kept != Kept)
        {
            return new Stake(StakeKind.Outcome, Kept, 1, then.Kept ? "The promise is kept." : "The promise is not kept.");
        }

        var (litres, burden) = (then.MostCarriedL - MostCarriedL, then.KgKm - KgKm);
        if (Math.Abs(litres) < WorthL && Math.Abs(burden) < WorthKgKm)
        {
            return Stake.Nothing;
        }

        // A litre is a kilogram; where the most carried stays, the burden over the way says it.
        return Math.Abs(litres) >= WorthL
            ? new Stake(
                StakeKind.Dose,
                litres > 0,
                Math.Abs(litres),
                $"{say.Of(Quantity.KitMass, Math.Abs(litres))} {More(litres)} at the most, "
                    + $"{say.Of(Quantity.Volume, then.MostCarriedL)} in all."
            )
            : new Stake(
                StakeKind.Dose,
                burden > 0,
                Math.Abs(burden) / LengthKm,
                $"{say.Of(Quantity.Burden, Math.Abs(burden))} {More(burden)} over the way."
            );
    }

    private static string More(double by) => by > 0 ? "more" : "less";
}
