using JollyBrook.Core.Kit;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Schedule;

/// <summary>Cuts what is wanted into batches by container: the smallest that takes the rest, else the largest there is.</summary>
internal static class BatchSplit
{
    /// <summary>Without containers a batch is as much as this, L (pick).</summary>
    private const double NoContainerL = 2;
    private const double Crumb = 0.01;
    private const int MostBatches = 120;

    public static List<BatchDraft> Of(ScheduleRequest request, IReadOnlyList<KitEntry> kit, ChainShelf shelf)
    {
        var bottles = kit.Where(e => e.Item is Container { Role: not ContainerRole.Dirty }).OrderBy(HoldsL).ThenBy(e => e.Id, StringComparer.Ordinal).ToList();
        List<BatchDraft> drafts = [];
        foreach (var want in (request.Wants ?? []).OrderBy(w => w.By))
        {
            Split(request, want, bottles, shelf, drafts);
        }

        return drafts;
    }

    private static double HoldsL(KitEntry bottle) => (bottle.Item as Container)?.VolumeL ?? NoContainerL;

    private static void Split(ScheduleRequest request, WantedWater want, List<KitEntry> bottles, ChainShelf shelf, List<BatchDraft> drafts)
    {
        var left = want.Litres!.Value;
        if (want.WillBoil == true && shelf.ToThePot(left) is { Count: > 0 } pots)
        {
            drafts.Add(new BatchDraft($"{want.Id}#1", want, left, null, pots, reused: false)
            {
                Edit = request.Edits?.LastOrDefault(e => e.Key == $"{want.Id}#1"), Begun = request.Begun?.LastOrDefault(b => b.Key == $"{want.Id}#1"),
            });
            return;
        }

        HashSet<string> used = [];
        for (var i = 1; left > Crumb && drafts.Count < MostBatches; i++)
        {
            var key = $"{want.Id}#{i}";
            var edit = request.Edits?.LastOrDefault(e => e.Key == key);
            var begun = request.Begun?.LastOrDefault(b => b.Key == key);
            var free = bottles.FindAll(b => !used.Contains(b.Id!) && request.InUse?.Contains(b.Id!) != true);
            var reused = free.Count == 0 && bottles.Count > 0;
            var pool = reused ? bottles : free;
            var bottle = bottles.Find(b => b.Id == (begun?.ContainerId ?? edit?.Container)) ?? pool.Find(b => HoldsL(b) >= left - Crumb) ?? (pool.Count > 0 ? pool[^1] : null);
            var most = bottle is null ? NoContainerL : HoldsL(bottle);
            var volume = Math.Min(left, Math.Min(edit?.VolumeL ?? most, most));
            if (bottle is not null)
            {
                used.Add(bottle.Id!);
            }

            var chains = shelf.For(volume, bottle);
            var meeting = chains.Where(c => c.Meets).ToList();
            drafts.Add(new BatchDraft(key, want, volume, bottle, meeting.Count > 0 ? meeting : chains, reused || (bottle is not null && bottles.Count <= used.Count && left - volume > Crumb))
            {
                Edit = edit,
                Begun = begun,
            });
            left -= volume;
        }
    }
}
