using JollyBrook.Core.Kit;

namespace JollyBrook.Core.InHand;

/// <summary>A piece of kit as the log leaves it.</summary>
/// <param name="Entry">With what is left of it, and what it has been through.</param>
/// <param name="SuspectSince">The line since which it is suspect; null where none is.</param>
/// <param name="AskedSince">Since the end of which night nobody has said whether it stayed warm; null when nothing is open.</param>
/// <param name="GuardedAt">When it was last put away warm; null for never.</param>
internal readonly record struct StockNow(KitEntry Entry, Guid? SuspectSince, DateTimeOffset? AskedSince, DateTimeOffset? GuardedAt);
