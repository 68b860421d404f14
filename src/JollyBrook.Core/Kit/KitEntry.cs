namespace JollyBrook.Core.Kit;

/// <summary>A piece of kit with its id.</summary>
public sealed record KitEntry(string? Id, KitItem? Item)
{
    /// <summary>Those that are named and still carried.</summary>
    public static List<KitEntry> Carried(IReadOnlyList<KitEntry>? kit) =>
        [.. (kit ?? []).Where(e => e is { Id: not null, Item: { Retired: not true } })];
}
