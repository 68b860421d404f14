namespace JollyBrook.Core.Schedule;

/// <summary>
/// Lays the day out by the light it really falls in: what was reckoned for the day's beginning is asked again for when it is begun, until
/// that changes nothing. Sunlight that is not there by then gives way to another chain.
/// </summary>
internal static class ByDaylight
{
    private const int MostRounds = 6;

    public static (ShopProblem Problem, ShopSolution Solution) Solve(
        List<BatchDraft> drafts,
        ChainShelf shelf,
        ClockLine clock,
        Func<ShopProblem> problemOf
    )
    {
        for (var round = 0; ; round++)
        {
            var problem = problemOf();
            var solution = Scheduler.Solve(problem);
            // Past the last round a wait may stay longer than it need be, never shorter.
            var mayShorten = round < MostRounds / 2;
            var changed = false;
            foreach (var (draft, j) in drafts.Select((d, j) => (d, j)).Where(x => x.d.Begun is null && x.d.Chosen?.LitBlock is not null))
            {
                changed |= AskAgain(draft, solution.Starts[j], shelf, clock, mayShorten);
            }

            if (!changed || round == MostRounds)
            {
                return (problem, solution);
            }
        }
    }

    private static bool AskAgain(BatchDraft draft, int[] starts, ChainShelf shelf, ClockLine clock, bool mayShorten)
    {
        var chosen = draft.Chosen!;
        var block = chosen.LitBlock!.Value;
        // As if begun so that the light's turn comes when it does.
        var begun = clock.At(starts[block] - chosen.Blocks.Take(block).Sum(b => b.Minutes));
        var anew = shelf.Again(chosen, draft.VolumeL, draft.Container, begun);
        if (anew is null)
        {
            draft.Chosen = draft
                .Chains.Where(c => c.Chain.Id != chosen.Chain.Id)
                .OrderBy(c => c.LitBlock is null ? 0 : 1)
                .ThenBy(c => c.Minutes)
                .FirstOrDefault()
                ?? chosen;
            return draft.Chosen != chosen;
        }

        if (anew.Minutes == chosen.Minutes || (anew.Minutes < chosen.Minutes && !mayShorten))
        {
            return false;
        }

        draft.Chosen = anew;
        return true;
    }
}
