using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Light;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Drills;

/// <summary>The learner's decisions played through on the water as it truly is.</summary>
internal sealed class Played
{
    /// <summary>Watching mud that does not settle, min.</summary>
    private const double VainMinutes = 60;

    private Played(Situation situation, FieldWater cleared, ClearingResult? clearing, bool clearingWorked, IReadOnlyList<IBarrier> barriers)
    {
        (Situation, Cleared, Clearing, ClearingWorked, Barriers) = (situation, cleared, clearing, clearingWorked, barriers);
        var water = cleared;
        List<BarrierResult> results = [];
        var before = ChainSoFar.Nothing;
        foreach (var barrier in barriers)
        {
            WaterAtLast = water;
            var result = barrier.Apply(water, situation.Setting, before);
            before = before.After(result);
            results.Add(result);
            water = result.After;
        }

        Results = results;
    }

    public Situation Situation { get; }

    /// <summary>The water after the learner's clearing.</summary>
    public FieldWater Cleared { get; }

    public ClearingResult? Clearing { get; }

    public bool ClearingWorked { get; }

    public IReadOnlyList<IBarrier> Barriers { get; }

    public IReadOnlyList<BarrierResult> Results { get; }

    /// <summary>The water in front of the last barrier.</summary>
    public FieldWater WaterAtLast { get; private set; } = null!;

    /// <summary>The water that is dosed: another fill than was drawn where only that takes a whole number.</summary>
    public FieldWater Dosed => LastResult.Detail is ChemicalResult chemical ? chemical.Water : WaterAtLast;

    public IBarrier Last => Barriers[^1];

    public BarrierResult LastResult => Results[^1];

    /// <summary>
    /// What the plan asks for here: tablets, drops, cycles, minutes at a boil; null where nothing is dosed or nothing counts.
    /// </summary>
    public double? AskedDose =>
        LastResult.Detail switch
        {
            _ when LastResult.Refusal is not null => null,
            ChemicalResult chemical => chemical.Dose!.Units,
            BoilAnswer boil => boil.HoldMinutes,
            LampAnswer lamp => lamp.Cycles,
            _ => null,
        };

    public double? AskedWait => LastResult is { Refusal: null, Detail: ChemicalResult chemical } ? chemical.Contact!.WaitMinutes : null;

    public double ClearingMinutes =>
        Clearing is null ? 0
        : ClearingWorked ? Clearing.Answer.Minutes
        : VainMinutes;

    /// <param name="scene">The scene.</param>
    /// <param name="source">Where it was drawn.</param>
    /// <param name="clear">How it was cleared.</param>
    /// <param name="method">One or two barriers of the kit joined by "+".</param>
    /// <returns>Null where the kit holds no such way.</returns>
    public static Played? Of(Scene scene, SceneSource source, ClearBy clear, string method)
    {
        var situation = Situation.Of(scene.Ask(source));
        var barriers = method.Split('+').Select(id => situation.Barriers.FirstOrDefault(b => b.Id == id)).ToList();
        if (barriers.Contains(null))
        {
            return null;
        }

        var (cleared, result, worked) = Clear(situation, clear, scene.Ask(source).Clearing!);
        return new Played(situation, cleared, result, worked, barriers!);
    }

    /// <summary>Credits by class, with the learner's own dose and wait in the last barrier.</summary>
    public IReadOnlyList<LedgerRow> Ledger(double dose, double waitMinutes)
    {
        var last = Last switch
        {
            ChemicalBarrier chemical => GivenDose.Credits(chemical, Dosed, Situation.Setting, dose, waitMinutes),
            LampBarrier when LastResult.Refusal is null && dose < AskedDose => BarrierResult.Nothing(
                Last.Name,
                "Fewer cycles than this water needs"
            ),
            _ => LastResult.Credits,
        };
        return
        [
            .. OrganismClasses.All.Select(
                (o, i) => LogLedger.Row(o, Situation.Target, [.. Results.SkipLast(1).Select(r => r.Credits[i]), last[i]], null)
            ),
        ];
    }

    /// <summary>Minutes of treating, from the first step to the first sip.</summary>
    public double Minutes(double dose, double waitMinutes)
    {
        var before = Results.SkipLast(1).Sum(r => r.MinutesToSip ?? 0);
        return ClearingMinutes
            + before
            + LastResult switch
            {
                { Refusal: null, Detail: ChemicalResult { Contact: { } contact } } => contact.MixStandMinutes
                    + contact.DissolveMinutes
                    + waitMinutes,
                { Refusal: null, Detail: BoilAnswer boil } => Math.Max(
                    0,
                    (LastResult.MinutesToSip ?? 0) + (boil.Loads * (dose - boil.HoldMinutes))
                ),
                { Detail: ChemicalResult } => waitMinutes,
                _ => LastResult.MinutesToSip ?? 0,
            };
    }

    private static (FieldWater Water, ClearingResult? Result, bool Worked) Clear(
        Situation situation,
        ClearBy clear,
        ClearingOptions options
    )
    {
        if (clear is ClearBy.Nothing or ClearBy.Strain)
        {
            return (situation.Water, null, true);
        }

        var to = situation.Water.Clarity > Clarity.Clear ? situation.Water.Clarity - 1 : Clarity.Clear;
        var way = clear == ClearBy.Settle ? ClearingWay.Settle : ClearingWay.Flocculate;
        var result = ClearingPlan.For(situation.Water, to, null, situation.Means, options with { Way = way }, situation.Setting);
        return result.Answer.Way == way ? (result.After, result, true) : (situation.Water, result, situation.Water.Clarity <= to);
    }
}
