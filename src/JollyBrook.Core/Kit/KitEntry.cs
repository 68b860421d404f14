namespace JollyBrook.Core.Kit;

/// <summary>A piece of kit with its id, as it is now: "in-hand" says what is left of it and what is suspect.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Item">The piece.</param>
public sealed record KitEntry(string? Id, KitItem? Item)
{
    /// <summary>Those that are named and still carried.</summary>
    public static List<KitEntry> Carried(IReadOnlyList<KitEntry>? kit) => [.. (kit ?? []).Where(e => e is { Id: not null, Item: { Retired: not true } })];
}
