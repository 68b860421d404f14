using JollyBrook.Core.Barriers;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Treatment;

/// <summary>
/// One or two barriers in a row (and carbon behind them) on this water, after clearing it as the first one wants: ledgers add.
/// </summary>
internal sealed class Chain
{
    private Chain(IReadOnlyList<IBarrier> barriers, ClearingResult clearing, IReadOnlyList<BarrierResult> results, Situation situation)
    {
        (Barriers, Clearing, Results) = (barriers, clearing, results);
        Refusal = StoppedBy(situation) ?? results.Select(r => r.Refusal).FirstOrDefault(r => r is not null);
        Ledger = AddUp(results, Refusal, situation.Target);
        ShortOf = [.. Ledger.Where(r => !r.Meets).Select(r => r.Organism)];
        ShortByLogs = Ledger.Sum(r => r.ShortByLogs);
        SupplyWeight = results.Sum(r => r.Supplies.Sum(s => s.Weight));
        Id = barriers.Count == 1 ? barriers[0].Id : string.Join('+', barriers.Select(b => b.Id));
        Melt = situation.MeltFor(barriers);
        Uses = [.. UsesOf(barriers, results, Melt)];
        var melt = Melt?.Minutes ?? 0;
        HandsOnMinutes = melt + clearing.Answer.HandsOnMinutes + results.Sum(r => r.HandsOnMinutes);
        Minutes =
            Refusal is not null || results.Any(r => r.MinutesToSip is null)
                ? null
                : Math.Ceiling(melt - 1e-9) + clearing.Answer.Minutes + results.Sum(r => r.MinutesToSip!.Value);
    }

    public IReadOnlyList<IBarrier> Barriers { get; }

    public ClearingResult Clearing { get; }

    public IReadOnlyList<BarrierResult> Results { get; }

    /// <summary>How its water is melted first; null for water.</summary>
    public KitMelt? Melt { get; }

    /// <summary>What it takes of each piece of kit: its barriers' in order, then the stove's that only melts.</summary>
    public IReadOnlyList<ChainUse> Uses { get; }

    /// <summary>Why there is no answer; null otherwise.</summary>
    public Refusal? Refusal { get; }

    public IReadOnlyList<LedgerRow> Ledger { get; }

    public double HandsOnMinutes { get; }

    /// <summary>Minutes from the start to the first sip; null when refused or never cool.</summary>
    public double? Minutes { get; }

    public string Id { get; }

    public string Name => string.Join(", then ", Barriers.Select((b, i) => i == 0 ? b.Name : Sentence.Lower(b.Name)));

    public string Headline =>
        Refusal is not null
            ? "No answer for this water"
            : string.Join(", then ", Results.Select((r, i) => i == 0 ? r.Headline : Sentence.Lower(r.Headline)));

    public IReadOnlyList<OrganismClass> ShortOf { get; }

    public TreatOutcome Outcome =>
        Refusal is not null ? TreatOutcome.Refused
        : ShortOf.Count > 0 ? TreatOutcome.ShortOfTarget
        : TreatOutcome.Meets;

    public double ShortByLogs { get; }

    public double SupplyWeight { get; }

    /// <summary>Carbon at the end takes the taste out again.</summary>
    public Taste Taste => Barriers[^1].IsForTaste ? Taste.AsItIs : Results.Max(r => r.Taste);

    public IReadOnlyList<string> Risks => [.. Results.SelectMany(r => r.Risks).Distinct()];

    public static Chain Run(IReadOnlyList<IBarrier> barriers, Situation situation)
    {
        var clearing = situation.Clear(barriers[0]);
        var water = clearing.After;
        var results = new List<BarrierResult>(barriers.Count);
        var before = ChainSoFar.Nothing with { Minutes = (situation.MeltFor(barriers)?.Minutes ?? 0) + clearing.Answer.Minutes };
        foreach (var barrier in barriers)
        {
            var result = situation.Apply(barrier, water, before);
            results.Add(result);
            before = before.After(result);
            water = result.After;
        }

        return new Chain(barriers, clearing, results, situation);
    }

    /// <summary>A source that is not to be used stops every way to a dose.</summary>
    public static Refusal? StoppedBy(Situation situation) =>
        situation.Judged is { Verdict: Verdict.DoNotUse } judged
            ? new Refusal(
                RefusalCode.DoNotUse,
                judged.Reasons[0].Reason,
                [
                    "Treating does not help: leave this water.",
                    .. judged.Reasons.Where(r => r.Weight == SignWeight.Stop).Select(r => r.Change).Distinct(),
                ]
            )
            : null;

    private static IEnumerable<ChainUse> UsesOf(IReadOnlyList<IBarrier> barriers, IReadOnlyList<BarrierResult> results, KitMelt? melt)
    {
        var stove = melt?.Stove;
        foreach (var (barrier, result) in barriers.Zip(results))
        {
            var supply = result.Supplies.Count == 0 ? null : result.Supplies[0];
            yield return new ChainUse(
                barrier.Id,
                (supply?.Used ?? 0) + (barrier.Id == stove?.Id ? melt!.Result.Answer.FuelG : 0),
                supply?.Left
            );
        }

        if (stove is not null && !barriers.Any(b => b.Id == stove.Id))
        {
            yield return new ChainUse(stove.Id!, melt!.Result.Answer.FuelG, stove.Left);
        }
    }

    private static LedgerRow[] AddUp(IReadOnlyList<BarrierResult> results, Refusal? refusal, LogTarget target)
    {
        var rows = new LedgerRow[OrganismClasses.All.Count];
        for (var i = 0; i < rows.Length; i++)
        {
            var credits = new LogCredit[results.Count];
            double? minutes = null;
            for (var r = 0; r < credits.Length; r++)
            {
                credits[r] = refusal is null ? results[r].Credits[i] : results[r].Credits[i] with { Logs = 0, Reason = refusal.Reason };
                minutes ??= refusal is null ? results[r].MinutesToTarget[i] : null;
            }

            rows[i] = LogLedger.Row(OrganismClasses.All[i], target, credits, minutes);
        }

        return rows;
    }
}
