using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Schedule;

/// <summary>The chains for a volume in a container, each cut into stretches; worked out once for all batches alike.</summary>
internal sealed class ChainShelf(ScheduleRequest request, IReadOnlyList<KitEntry> kit)
{
    private readonly Dictionary<(double VolumeL, ContainerInput? Container), IReadOnlyList<ShelvedChain>> _known = [];
    private readonly KitEntry? _pot = BoilingPot.Of(kit);

    public IReadOnlyList<ShelvedChain> For(double volumeL, KitEntry? container)
    {
        // Containers alike share their answers.
        var key = (volumeL, Told(container));
        if (!_known.TryGetValue(key, out var chains))
        {
            _known.Add(key, chains = Work(volumeL, container));
        }

        return chains;
    }

    /// <summary>What Treat is asked for such a batch.</summary>
    public TreatRequest Ask(double volumeL, KitEntry? container, string? method, DateTimeOffset? startAt = null) =>
        new(
            request.Units,
            (request.Water ?? new WaterInput(null, null, null, null, null)) with
            {
                VolumeL = volumeL,
            },
            method,
            request.CountViruses,
            Boil: BoilingPot.Options(_pot),
            Container: Told(container),
            Snow: request.Snow,
            Sky: request.Sky,
            Kit: kit,
            StartAt: startAt ?? request.From
        );

    /// <summary>Water that will boil anyway: from clearing straight into the pot. Empty without stove and pot.</summary>
    public IReadOnlyList<ShelvedChain> ToThePot(double volumeL) =>
        _pot is null
            ? []
            :
            [
                .. Work(volumeL, null)
                    .Where(c => c.Chain.Barriers is [{ Stage: BarrierStage.Heat }])
                    // Eaten and drunk hot: nobody waits for it to cool.
                    .Select(c => c with { Blocks = [.. c.Blocks.Where(b => b.Segments.Any(s => s.Hands))] }),
            ];

    /// <summary>The same chain begun at another time, when light may be another; null where it gives nothing then.</summary>
    public ShelvedChain? Again(ShelvedChain chain, double volumeL, KitEntry? container, DateTimeOffset startAt) =>
        Asked(Ask(volumeL, container, chain.Chain.Id, startAt));

    /// <summary>The chain that a batch was begun with, as Treat was asked for it then; null where it names none.</summary>
    public ShelvedChain? AsBegun(TreatRequest treat) => treat.Method is null ? null : Asked(treat);

    private ShelvedChain? Asked(TreatRequest treat)
    {
        var situation = Situation.Of(treat);
        if (situation.Asked is not { } asked)
        {
            return null;
        }

        var anew = Chain.Run(asked, situation);
        return anew.Refusal is null && anew.Minutes is not null ? new ShelvedChain(anew, Blocks(anew)) : null;
    }

    private static ContainerInput? Told(KitEntry? container) => container?.Item is Container item ? BatchContainer.Of(item) : null;

    private List<ShelvedChain> Work(double volumeL, KitEntry? container)
    {
        var situation = Situation.Of(Ask(volumeL, container, null));
        return
        [
            .. Chains
                .All(situation)
                .Where(c => c.Refusal is null && c.Minutes is not null)
                // Drunk at the lips: nothing is ready by a time.
                .Where(c => c.Barriers.All(b => b.CanBeFollowed))
                .Select(c => new ShelvedChain(c, Blocks(c))),
        ];
    }

    private List<Block> Blocks(Chain chain)
    {
        List<Block> blocks = [];
        if (chain.Melt is { } melt)
        {
            var loads = melt.Result.Answer.Loads;
            Add(blocks, [Hands($"Melt {loads} {(loads == 1 ? "load" : "loads")} of snow", melt.Minutes)], [melt.Stove?.Id, _pot?.Id]);
        }

        var clearing = chain.Clearing.Answer;
        Add(blocks, [Hands("Clear it", clearing.HandsOnMinutes), Wait("Settles", clearing.Minutes - clearing.HandsOnMinutes)], []);
        foreach (var (barrier, result) in chain.Barriers.Zip(chain.Results))
        {
            var held = kit.Any(e => e.Id == barrier.Id) ? barrier.Id : null;
            switch (barrier.Stage)
            {
                case BarrierStage.Filter:
                    var alone = result.Detail is FilterAnswer { Style: FilterStyle.Gravity };
                    Add(
                        blocks,
                        [
                            Hands(alone ? "Hang the filter up" : "Filter", result.HandsOnMinutes),
                            Wait("Runs through", alone ? result.MinutesToSip!.Value : 0),
                        ],
                        [held]
                    );
                    break;
                case BarrierStage.Chemical:
                    var contact = ((ChemicalResult)result.Detail!).Contact!;
                    Add(
                        blocks,
                        [
                            Hands($"Dose: {result.Headline}", result.HandsOnMinutes),
                            Wait("Contact", contact.MixStandMinutes + contact.WaitMinutes),
                        ],
                        [],
                        needsTheHour: true
                    );
                    break;
                case BarrierStage.Heat:
                    Add(blocks, [Hands("Boil", result.HandsOnMinutes)], [held, _pot?.Id]);
                    Add(blocks, [Wait("Cools", result.MinutesToSip!.Value - result.HandsOnMinutes)], []);
                    break;
                default:
                    Add(
                        blocks,
                        [
                            Hands(result.Headline, result.HandsOnMinutes),
                            Wait("In the sun", result.MinutesToSip!.Value - result.HandsOnMinutes),
                        ],
                        [held],
                        needsTheHour: result.Detail is SunAnswer
                    );
                    break;
            }
        }

        return blocks;
    }

    private static void Add(List<Block> blocks, Segment[] segments, string?[] equipment, bool needsTheHour = false)
    {
        Segment[] real = [.. segments.Where(s => s.Minutes > 0)];
        if (real.Length > 0)
        {
            blocks.Add(new Block(real, [.. equipment.OfType<string>()]) { NeedsTheHour = needsTheHour });
        }
    }

    private static Segment Hands(string title, double minutes) => new(title, Whole(minutes), true);

    private static Segment Wait(string title, double minutes) => new(title, Whole(minutes), false);

    private static int Whole(double minutes) => (int)Math.Max(0, Math.Ceiling(minutes - 1e-9));
}

/// <summary>A chain with its stretches.</summary>
internal sealed record ShelvedChain(Chain Chain, IReadOnlyList<Block> Blocks)
{
    public int Minutes { get; } = Blocks.Sum(b => b.Minutes);

    public int HandsMinutes { get; } = Blocks.Sum(b => b.Segments.Where(s => s.Hands).Sum(s => s.Minutes));

    public bool Meets => Chain.ShortOf.Count == 0;

    /// <summary>
    /// The block whose length hangs on the light it falls in: sunlight, and a dose in a wall that lets light through; null without one.
    /// </summary>
    public int? LitBlock { get; } = Blocks.Index().Where(b => b.Item.NeedsTheHour).Select(b => (int?)b.Index).FirstOrDefault();
}
