namespace JollyBrook.Core.Kit;

/// <summary>A piece of kit with its id.</summary>
public sealed record KitEntry(string? Id, KitItem? Item);
