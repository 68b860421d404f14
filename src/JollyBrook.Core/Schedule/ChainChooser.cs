namespace JollyBrook.Core.Schedule;

/// <summary>
/// Gives each batch its chain. What has time runs by itself: the least hands-on that is ready with a fifth to spare; what has none, the
/// soonest. Supplies are counted as they are given out. Late ones are then tried with their other chains.
/// </summary>
internal sealed class ChainChooser
{
    private const double Spare = 0.8;
    private const int MostTries = 6;

    private readonly Dictionary<string, double> _spent = [];

    /// <param name="draft">Gets its chain.</param>
    /// <param name="minutes">Until it is wanted.</param>
    public void Choose(BatchDraft draft, int minutes)
    {
        var stocked = draft.Chains.Where(c => Stocked(c)).ToList();
        var open = stocked.Count > 0 ? stocked : [.. draft.Chains];
        draft.Chosen = open.Find(c => c.Chain.Id == draft.Edit?.Method)
            ?? open.Where(c => c.Minutes <= minutes * Spare).OrderBy(c => c.HandsMinutes).ThenBy(c => c.Minutes).FirstOrDefault()
            ?? open.MinBy(c => c.Minutes);
        if (draft.Chosen is { } chosen)
        {
            Spend(chosen);
        }
    }

    /// <summary>Tries other chains for late batches as long as that makes the day better.</summary>
    public static void Better(List<BatchDraft> drafts, Func<ShopProblem> problemOf)
    {
        var problem = problemOf();
        var solution = Scheduler.Quick(problem);
        var mark = Scheduler.Mark(problem, solution);
        var tries = 0;
        foreach (var (draft, j) in drafts.Select((d, j) => (d, j)).Where(x => x.d.Begun is null && x.d.Edit?.Method is null))
        {
            if (tries >= MostTries || mark.Late == 0)
            {
                break;
            }

            if (solution.Ready[j] <= problem.Jobs[j].Due)
            {
                continue;
            }

            var before = draft.Chosen;
            foreach (var other in draft.Chains.Where(c => c != before).OrderBy(c => c.Minutes).Take(4))
            {
                tries++;
                var kept = draft.Chosen;
                draft.Chosen = other;
                var changed = problemOf();
                var found = Scheduler.Quick(changed);
                if (Scheduler.Mark(changed, found) is var its && its.CompareTo(mark) < 0)
                {
                    (problem, solution, mark) = (changed, found, its);
                }
                else
                {
                    draft.Chosen = kept;
                }
            }
        }
    }

    private bool Stocked(ShelvedChain chain) =>
        chain.Chain.Uses.All(u => u.Left is not { } left || left - _spent.GetValueOrDefault(u.Id) >= u.Used);

    private void Spend(ShelvedChain chain)
    {
        foreach (var use in chain.Chain.Uses)
        {
            _spent[use.Id] = _spent.GetValueOrDefault(use.Id) + use.Used;
        }
    }
}
