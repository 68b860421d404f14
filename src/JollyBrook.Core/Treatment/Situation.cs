using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Treatment;

/// <summary>A checked request: the water, what surrounds it, and every barrier there is.</summary>
internal sealed class Situation
{
    private readonly Dictionary<(Clarity To, BarrierStage Stage), ClearingResult> _cleared = [];
    private readonly Dictionary<string, List<(FieldWater Water, ChainSoFar Before, BarrierResult Result)>> _applied = [];

    private Situation(
        TreatRequest request,
        FieldWater water,
        SourceVerdict? judged,
        BarrierSetting setting,
        IReadOnlyList<IBarrier> barriers,
        IReadOnlyList<IBarrier>? asked,
        ClearingMeans means,
        IReadOnlyList<KitMelt> melts
    )
    {
        (Request, Water, Judged, Setting, Barriers, Asked, Means, Melts) = (request, water, judged, setting, barriers, asked, means, melts);
    }

    public TreatRequest Request { get; }

    /// <summary>The water as it is drawn, or melted.</summary>
    public FieldWater Water { get; }

    public SourceVerdict? Judged { get; }

    public BarrierSetting Setting { get; }

    public IReadOnlyList<IBarrier> Barriers { get; }

    /// <summary>The chain asked for; null when the best is wanted, or none at all.</summary>
    public IReadOnlyList<IBarrier>? Asked { get; }

    public ClearingMeans Means { get; }

    /// <summary>Snow to water on each stove of the kit; empty for water.</summary>
    public IReadOnlyList<KitMelt> Melts { get; }

    /// <summary>Snow to water on the first of them; null for water.</summary>
    public KitMelt? Melt => Melts.Count == 0 ? null : Melts[0];

    public LogTarget Target => Setting.Target;

    /// <summary>How often the container has to be filled for all of it; the answer is for one fill.</summary>
    public int Fills { get; private init; } = 1;

    /// <summary>How a chain's water is melted: on its own stove where it has one; null for water.</summary>
    public KitMelt? MeltFor(IReadOnlyList<IBarrier> barriers) => Melts.FirstOrDefault(m => barriers.Any(b => b.Id == m.Stove?.Id)) ?? Melt;

    /// <summary>
    /// Whether fresh clean snow, rain off a clean sheet, or clean distillate may be drunk as it is by the traveller's own choice: clean is
    /// clear and colourless, seen to be so, with nothing ticked against it.
    /// </summary>
    public bool MayAcceptUntreated =>
        Request.AcceptCleanSnowOrRain == true
        && Water is { Clarity: Clarity.Clear, ClarityKnown: true, Colour: WaterColour.None, ColourKnown: true }
        && Judged is { Verdict: Verdict.Use or Verdict.UseWithCare, Foul: false }
        && Judged.Reasons.All(r => r.Weight == SignWeight.Good || r.Code == SourceJudge.VeryColdCode)
        && (
            Request.Snow is { Kind: SnowKind.Fresh }
            || (Request.Snow is null && SourceKinds.MayBeUntreated(Request.Source?.Kind) && Request.Source?.Kind != SourceKind.Snow)
        );

    /// <param name="request">What is asked.</param>
    /// <param name="sameKit">A situation of the same kit, whose barriers are then not made anew; null for another kit.</param>
    /// <param name="moves">Which barriers could do otherwise than there; what the rest do is taken over. Null: all of them.</param>
    /// <param name="below">Dosed water that the water is added to; null for a container without any.</param>
    /// <exception cref="BadInputException">Some field is out of its range.</exception>
    public static Situation Of(
        TreatRequest request,
        Situation? sameKit = null,
        Func<IBarrier, bool>? moves = null,
        DosedWater? below = null
    )
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        var all = FieldWater.Check(request.Water, intake);
        var (container, sky) = (request.Container ?? new ContainerInput(), request.Sky ?? new SkyInput());
        SettingFields.Check(container, sky, intake);
        intake.Optional(SourceFields.Conductivity, request.Source?.ConductivityUsCm);
        var kit = KitEntry.Carried(request.Kit);
        var kitIsWrong = sameKit is null && kit.FindAll(e => !e.IsSound(intake)).Count > 0;

        // Every room's options are looked at before anything is said, so that all that is wrong is said at once.
        BoilSetup.Check(request.Boil, intake, []);
        ChemicalSetup.Check(ChemicalProfiles.All[0], request.Chemical, intake, []);
        var fills = FillsOf(all.VolumeL, container.CapacityL);
        var water = all with { VolumeL = all.VolumeL / fills };
        var judged = request.Source is null ? null : SourceJudge.Judge(request.Source, water);
        var target = LogTarget.With((request.CountViruses ?? true) || judged?.VirusesCountAnyway == true);
        var setting = new BarrierSetting(
            intake,
            target,
            container,
            sky,
            request.StartAt,
            [.. new object?[] { request.Boil, request.Chemical, below }.OfType<object>()]
        );
        if (kitIsWrong)
        {
            intake.ThrowIfWrong();
        }

        var barriers = sameKit?.Barriers ?? BarriersOf(request, kit);
        var asked = AskedFor(request.Method, barriers, intake);
        intake.ThrowIfWrong();
        var means = new ClearingMeans(
            kit.Where(e => e.Left is not <= 0).Select(e => (e.Item as FlocculantPack)?.Flocculant).FirstOrDefault(f => f is not null),
            kit.Find(MakeshiftFilter.Clears)?.Id
        );
        var melts = request.Snow is { } snow ? Melting(water, snow, kit, setting) : [];
        intake.ThrowIfWrong();
        var situation = new Situation(
            request: request,
            water: melts is [var melt, ..] ? melt.Result.After : water,
            judged: judged,
            setting: setting,
            barriers: barriers,
            asked: asked,
            means: means,
            melts: melts
        )
        {
            Fills = fills,
        };
        if (sameKit is not null && moves is not null)
        {
            situation.TakeOver(sameKit, moves);
        }

        return situation;
    }

    private static List<KitMelt> Melting(FieldWater water, SnowInput snow, IReadOnlyList<KitEntry> kit, BarrierSetting setting)
    {
        List<KitEntry?> stoves = [.. kit.Where(e => e.Item is Stove { Burner: not null })];
        return
        [
            .. stoves
                .DefaultIfEmpty(null)
                .Select(s => new KitMelt(s, Boiling.Melting.For(water, snow, (s?.Item as Stove)?.Burner, setting))),
        ];
    }

    /// <summary>Equal fills of one container, at least one.</summary>
    private static int FillsOf(double volumeL, double? capacityL) =>
        capacityL is > 0 and var holds && volumeL > holds ? (int)Math.Min(10_000, Math.Ceiling((volumeL / holds) - 1e-9)) : 1;

    /// <summary>Clearing as a chain's first barrier wants it, worked out once for all that want the same.</summary>
    public ClearingResult Clear(IBarrier first)
    {
        var wanted = (first.ClearTo(Water), first.Stage);
        if (!_cleared.TryGetValue(wanted, out var result))
        {
            result = ClearingPlan.For(Water, wanted.Item1, wanted.Stage, Means, Request.Clearing, Setting);
            _cleared.Add(wanted, result);
        }

        return result;
    }

    /// <summary>One barrier on one water, worked out once however many chains share it.</summary>
    public BarrierResult Apply(IBarrier barrier, FieldWater water, ChainSoFar before)
    {
        if (!_applied.TryGetValue(barrier.Id, out var known))
        {
            _applied.Add(barrier.Id, known = []);
        }

        foreach (var (seen, so, found) in known)
        {
            if (
                (ReferenceEquals(seen, water) || seen == water)
                && Math.Abs(so.Minutes - before.Minutes) < 1e-9
                && so.Logs.SequenceEqual(before.Logs)
            )
            {
                return found;
            }
        }

        var result = barrier.Apply(water, Setting, before);
        known.Add((water, before, result));
        return result;
    }

    /// <summary>Shares what is known of the barriers that cannot do otherwise here: what either learns of them holds for both.</summary>
    private void TakeOver(Situation other, Func<IBarrier, bool> moves)
    {
        foreach (var barrier in Barriers.Where(b => !moves(b)))
        {
            if (!other._applied.TryGetValue(barrier.Id, out var known))
            {
                other._applied.Add(barrier.Id, known = []);
            }

            _applied.TryAdd(barrier.Id, known);
        }
    }

    private static List<IBarrier>? AskedFor(string? method, IReadOnlyList<IBarrier> barriers, Intake intake)
    {
        if (string.IsNullOrEmpty(method) || method == Treat.Untreated)
        {
            return null;
        }

        var chain = method.Split('+').Select(id => barriers.FirstOrDefault(b => b.Id == id)).ToList();
        if (!chain.TrueForAll(b => b is not null) || !ChainRules.IsChain([.. chain.Select(b => b!)]))
        {
            var field = new ChoiceField(TreatFields.Method.Path, TreatFields.Method.Label, [.. barriers.Select(b => b.Id)]);
            intake.Refuse(field, field.WrongKind(intake.Say));
        }

        return chain!;
    }

    private static List<IBarrier> BarriersOf(TreatRequest request, List<KitEntry> kit)
    {
        var barriers = kit.SelectMany(e => e.Barriers).ToList();
        var ofKit = barriers.Count > 0;
        if (!ofKit || request.BeyondKit == true)
        {
            barriers.Add(new BoilBarrier(BoilBarrier.GenericId, "Boil", null));
            barriers.AddRange(ChemicalProfiles.All.Select(p => new ChemicalBarrier(p.Id, p.Name, p, null)));
        }

        if (ofKit)
        {
            barriers.Add(new SunBarrier(SunBarrier.GenericId));
        }

        return barriers;
    }
}
