using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Matters.Treating;

/// <summary>What Treat shows as certain of one request: verdict, target, way, dose and wait; no more.</summary>
internal sealed record TreatStanding(
    Verdict? Judged,
    TreatOutcome Outcome,
    string ShortOf,
    string Way,
    string WayName,
    string Headline,
    double SupplyWeight,
    double? Minutes
)
{
    public static TreatStanding Of(Situation situation)
    {
        var chain = situation.Asked is { } asked ? Chain.Run(asked, situation) : Chains.All(situation)[0];
        var outcome = chain.Outcome;
        return new TreatStanding(
            Judged: situation.Judged?.Verdict,
            Outcome: outcome,
            ShortOf: outcome == TreatOutcome.ShortOfTarget ? OrganismClasses.Spoken(chain.ShortOf) : "",
            Way: outcome == TreatOutcome.Refused ? "" : chain.Id,
            WayName: chain.Name,
            Headline: outcome == TreatOutcome.Refused ? "" : chain.Headline,
            SupplyWeight: chain.SupplyWeight,
            Minutes: chain.Minutes is { } minutes ? Math.Ceiling(minutes - 1e-9) : null
        );
    }

    /// <summary>What would change if it were <paramref name="then"/>.</summary>
    public Stake To(TreatStanding then)
    {
        if (then.Judged != Judged)
        {
            return new Stake(
                StakeKind.Verdict,
                then.Judged > Judged,
                Math.Abs((int)(then.Judged ?? Verdict.Use) - (int)(Judged ?? Verdict.Use)),
                $"{SourceVerdict.Words(then.Judged ?? Verdict.Use)}."
            );
        }

        if (then.Outcome != Outcome || then.ShortOf != ShortOf)
        {
            return new Stake(StakeKind.Outcome, IsWorseThanThis(then), 1, $"{OutcomeWords(then)}.");
        }

        if (then.Way != Way)
        {
            return new Stake(StakeKind.Way, then.Later(this) > 0, Math.Abs(then.Later(this)), $"{then.WayName} instead{Ready(then)}.");
        }

        if (then.Headline != Headline)
        {
            return new Stake(
                StakeKind.Dose,
                then.SupplyWeight > SupplyWeight || then.Later(this) > 0,
                Math.Abs(then.SupplyWeight - SupplyWeight),
                $"{then.Headline}{Ready(then)}."
            );
        }

        var later = then.Later(this);
        return later == 0 && then.Minutes.HasValue == Minutes.HasValue
            ? Stake.Nothing
            : new Stake(
                StakeKind.Wait,
                later > 0,
                Math.Abs(later),
                $"{Speaker.Minutes(Math.Abs(later))} {(later > 0 ? "longer" : "sooner")}."
            );
    }

    private bool IsWorseThanThis(TreatStanding then) =>
        Rank(then) > Rank(this) || (Rank(then) == Rank(this) && then.ShortOf.Length > ShortOf.Length);

    private static int Rank(TreatStanding standing) =>
        standing.Outcome switch
        {
            TreatOutcome.Meets => 0,
            TreatOutcome.ShortOfTarget => 1,
            _ => 2,
        };

    private static string OutcomeWords(TreatStanding then) =>
        then.Outcome switch
        {
            TreatOutcome.Meets => $"Meets the target by {Sentence.Lower(then.WayName)}{Ready(then)}",
            TreatOutcome.ShortOfTarget => $"Falls short on {then.ShortOf}",
            _ => "Nothing here treats it",
        };

    private static string Ready(TreatStanding then) => then.Minutes is { } minutes ? $", drink in {Speaker.Minutes(minutes)}" : "";

    /// <summary>Minutes that this is later than another; a wait that never ends counts as a day (pick).</summary>
    private double Later(TreatStanding other) => (Minutes ?? Never) - (other.Minutes ?? Never);

    private const double Never = 24 * 60;
}
