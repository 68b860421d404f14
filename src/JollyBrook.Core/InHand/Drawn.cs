using JollyBrook.Core.Book;

namespace JollyBrook.Core.InHand;

/// <summary>What a drink came to.</summary>
/// <param name="Litres">What came out of containers, L.</param>
/// <param name="Untreated">Whether any of it counts as untreated.</param>
/// <param name="From">The containers it came from.</param>
/// <param name="BatchIds">The batches whose water it was.</param>
internal readonly record struct Drawn(double Litres, bool Untreated, IReadOnlyList<Guid> From, IReadOnlyList<Guid> BatchIds);

/// <summary>A drink of the log, and what it was.</summary>
/// <param name="Line">As it was told.</param>
/// <param name="Untreated">Whether any of it counts as untreated: raw, not ready, kept too long, from a dirty side, or not known.</param>
/// <param name="BatchIds">The batches whose water it was; empty for water from elsewhere.</param>
internal sealed record Drink(Drank Line, bool Untreated, IReadOnlyList<Guid> BatchIds);
