namespace JollyBrook.Core.Body;

/// <summary>A stretch of walking.</summary>
/// <param name="From">From.</param>
/// <param name="Until">Until; null while it goes on.</param>
/// <param name="Effort">Its air, ground and pace; what is left out is the day's.</param>
public sealed record WalkedStretch(DateTimeOffset? From, DateTimeOffset? Until = null, Effort? Effort = null);
