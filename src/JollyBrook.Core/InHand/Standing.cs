using JollyBrook.Core.Book;

namespace JollyBrook.Core.InHand;

/// <summary>A line as it counts: with the id and place of the line first written, and what the last correction of it says.</summary>
/// <param name="Id">The line first written.</param>
/// <param name="Line">What counts.</param>
/// <param name="WrittenBy">The line that says it: the same, or a correction.</param>
internal readonly record struct StandingLine(Guid Id, BookLine Line, Guid WrittenBy);

/// <summary>
/// Which lines count. A correction stands in the place of the line it names; of several the last written counts. A line taken back is as if
/// it had never been written, and taking back can be taken back.
/// </summary>
internal static class Standing
{
    public static (List<StandingLine> Lines, List<ReplacedLine> Replaced) Of(IReadOnlyList<KeptLine> lines)
    {
        if (!lines.Any(l => l.Line?.Corrects is not null))
        {
            // The usual book: every line counts as it stands.
            List<StandingLine> all = new(lines.Count);
            all.AddRange(
                lines
                    .Where(l => l is { Id: not null, Line: { At: not null } and not TakenBack })
                    .Select(l => new StandingLine(l.Id!.Value, l.Line!, l.Id.Value))
            );
            return (all, []);
        }

        Dictionary<Guid, BookLine> byId = new(lines.Count);
        Dictionary<Guid, List<Guid>> corrections = [];
        foreach (var (id, line) in lines.Select(l => (l.Id, l.Line)))
        {
            if (id is not { } known || line is not { At: not null } || !byId.TryAdd(known, line))
            {
                continue;
            }

            if (line.Corrects is { } of)
            {
                (corrections.TryGetValue(of, out var some) ? some : corrections[of] = []).Add(known);
            }
        }

        List<StandingLine> standing = new(byId.Count);
        List<ReplacedLine> replaced = [];
        foreach (var (id, line) in byId)
        {
            // A correction of a line that is not here (not yet, or in another book) stands by itself.
            if (line is TakenBack || (line.Corrects is { } of && byId.ContainsKey(of)))
            {
                continue;
            }

            if (Resolve(id, line, byId, corrections, replaced, 0) is { } counts)
            {
                standing.Add(counts);
            }
        }

        return (standing, replaced);
    }

    /// <summary>What counts in the place of a line; null when it is taken back.</summary>
    private static StandingLine? Resolve(
        Guid id,
        BookLine line,
        Dictionary<Guid, BookLine> byId,
        Dictionary<Guid, List<Guid>> corrections,
        List<ReplacedLine> replaced,
        int depth
    )
    {
        // Ids are of one chain in time; only a forged one could run in a circle.
        if (depth > 64 || !corrections.TryGetValue(id, out var said))
        {
            return new StandingLine(id, line, id);
        }

        var counting = said.Where(by => byId[by] is not TakenBack || !IsTakenBack(by, byId, corrections, depth + 1)).Order().ToList();
        if (counting.Find(by => byId[by] is TakenBack) is var gone && gone != Guid.Empty)
        {
            replaced.Add(new ReplacedLine(id, gone, TakenBack: true));
            return null;
        }

        for (var i = counting.Count - 1; i >= 0; i--)
        {
            if (Resolve(counting[i], byId[counting[i]], byId, corrections, replaced, depth + 1) is { } last)
            {
                replaced.Add(new ReplacedLine(id, last.WrittenBy, TakenBack: false));
                return last with { Id = id };
            }
        }

        return new StandingLine(id, line, id);
    }

    private static bool IsTakenBack(Guid id, Dictionary<Guid, BookLine> byId, Dictionary<Guid, List<Guid>> corrections, int depth) =>
        depth <= 64
        && corrections.TryGetValue(id, out var said)
        && said.Exists(by => byId[by] is TakenBack && !IsTakenBack(by, byId, corrections, depth + 1));
}
