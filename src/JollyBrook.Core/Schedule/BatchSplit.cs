using JollyBrook.Core.Kit;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Schedule;

/// <summary>Cuts what is wanted into batches by container: the smallest that takes the rest, else the largest there is.</summary>
internal static class BatchSplit
{
    /// <summary>Without containers a batch is as much as this, L (pick).</summary>
    internal const double NoContainerL = 2;
    private const double Crumb = 0.01;
    private const int MostBatches = 120;

    /// <summary>
    /// A batch that was begun is what it was begun as, whatever else is wanted by now; what is left of its want is cut around it. One that was
    /// thrown away or given up leaves its want open.
    /// </summary>
    public static List<BatchDraft> Of(ScheduleRequest request, IReadOnlyList<KitEntry> kit, ChainShelf shelf, ClockLine clock)
    {
        var begun = Begun(request, kit, shelf, clock);
        // Their own water goes by the clock line; what else is in a container is drunk nobody knows when.
        var timed = begun.FindAll(d => clock.IsHeld(d)).Select(d => d.Container?.Id).ToHashSet();
        var inUse = (request.InUse ?? []).Where(id => !timed.Contains(id)).ToHashSet();
        var bottles = kit.Where(e => e.Item is Container { Role: not ContainerRole.Dirty })
            .OrderBy(HoldsL)
            .ThenBy(e => e.Id, StringComparer.Ordinal)
            .ToList();
        List<BatchDraft> drafts = [.. begun];
        foreach (var want in (request.Wants ?? []).OrderBy(w => w.By))
        {
            Split(request, want, bottles, inUse, shelf, drafts);
        }

        return drafts;
    }

    private static List<BatchDraft> Begun(ScheduleRequest request, IReadOnlyList<KitEntry> kit, ChainShelf shelf, ClockLine clock) =>
        [
            .. (request.Begun ?? [])
                .Where(b => b is { Key: not null, Treat.Water.VolumeL: not null })
                .Select(b => new BegunWork(b, clock.At(clock.Now)))
                .Where(work => !work.IsLost)
                .DistinctBy(work => work.Batch.Key)
                .Select(work =>
                {
                    var b = work.Batch;
                    var id = WantOf(b.Key!);
                    var litres = b.Treat!.Water!.VolumeL!.Value;
                    var want = request.Wants?.FirstOrDefault(w => w.Id == id)
                        ?? new WantedWater(id, "Begun, no longer wanted", litres, b.PlannedReadyAt ?? b.StartedAt ?? request.From);
                    var chain = shelf.AsBegun(b.Treat);
                    return new BatchDraft(
                        b.Key!,
                        want,
                        litres,
                        kit.FirstOrDefault(e => e.Id == b.ContainerId && e.Item is Container),
                        chain is null ? [] : [chain],
                        reused: false
                    )
                    {
                        Begun = work,
                        Chosen = chain,
                    };
                }),
        ];

    private static string KeyOf(WantedWater want, int i) => $"{want.Id}#{i}";

    private static string WantOf(string key) => key[..Math.Max(0, key.LastIndexOf('#'))];

    private static double HoldsL(KitEntry bottle) => (bottle.Item as Container)?.VolumeL ?? NoContainerL;

    private static void Split(
        ScheduleRequest request,
        WantedWater want,
        List<KitEntry> bottles,
        HashSet<string> inUse,
        ChainShelf shelf,
        List<BatchDraft> drafts
    )
    {
        var begun = drafts.FindAll(d => d.Begun is not null && d.Want == want);
        var left = want.Litres!.Value - begun.Sum(d => d.VolumeL);
        HashSet<string> used = [.. begun.Select(d => d.Container?.Id).OfType<string>()];
        for (var i = 1; left > Crumb && drafts.Count < MostBatches; i++)
        {
            var key = KeyOf(want, i);
            if (begun.Exists(d => d.Key == key))
            {
                continue;
            }

            var edit = request.Edits?.LastOrDefault(e => e.Key == key);
            if (want.WillBoil == true && shelf.ToThePot(left) is { Count: > 0 } pots)
            {
                drafts.Add(new BatchDraft(key, want, left, null, pots, reused: false) { Edit = edit });
                return;
            }

            var free = bottles.FindAll(b => !used.Contains(b.Id!) && !inUse.Contains(b.Id!));
            var reused = free.Count == 0 && bottles.Count > 0;
            var pool = reused ? bottles : free;
            var bottle = bottles.Find(b => b.Id == edit?.Container)
                ?? pool.Find(b => HoldsL(b) >= left - Crumb)
                ?? (pool.Count > 0 ? pool[^1] : null);
            var most = bottle is null ? NoContainerL : HoldsL(bottle);
            var volume = Math.Min(left, Math.Min(edit?.VolumeL ?? most, most));
            if (bottle is not null)
            {
                used.Add(bottle.Id!);
            }

            var chains = shelf.For(volume, bottle);
            var meeting = chains.Where(c => c.Meets).ToList();
            drafts.Add(
                new BatchDraft(
                    key,
                    want,
                    volume,
                    bottle,
                    meeting.Count > 0 ? meeting : chains,
                    reused || (bottle is not null && bottles.Count <= used.Count && left - volume > Crumb)
                )
                {
                    Edit = edit,
                }
            );
            left -= volume;
        }
    }
}
