using JollyBrook.Core.Filters;

namespace JollyBrook.Core.Kit;

/// <summary>A piece of kit with its id, and what the book says happened to it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Item">The piece.</param>
/// <param name="Mishaps">Lines of the book about it; those since it was last counted take its credit at once, accepted or not.</param>
public sealed record KitEntry(string? Id, KitItem? Item, IReadOnlyList<ItemMishap>? Mishaps = null)
{
    /// <summary>Those that are named and still carried, as what happened to them left them.</summary>
    public static List<KitEntry> Carried(IReadOnlyList<KitEntry>? kit) =>
        [.. (kit ?? []).Where(e => e is { Id: not null, Item: { Retired: not true } }).Select(e => e.Told())];

    /// <summary>Bad news at once: a filter that froze or fell since it was last looked after is so now.</summary>
    private KitEntry Told()
    {
        var news = (Mishaps ?? []).Where(m => Item!.CountedTo is not { } counted || m.At is not { } at || at > counted).ToList();
        if (Item?.Filter is not { } filter || news.Count == 0)
        {
            return this;
        }

        var froze = news.Exists(m => m.Kind is MishapKind.Froze or null);
        var fell = news.Exists(m => m.Kind is MishapKind.Dropped or null);
        return this with
        {
            Item = Item with
            {
                Filter = filter with { Frozen = froze ? Happened.Yes : filter.Frozen, Dropped = fell ? Happened.Yes : filter.Dropped },
            },
        };
    }
}
