namespace JollyBrook.Core.Matters;

/// <summary>An answer that was tried, and what it would come to.</summary>
/// <param name="Id">The choice's name in the request, or the number as text.</param>
/// <param name="Value">The number, in the unit the field takes; null for a choice.</param>
/// <param name="Name">What a person calls it.</param>
/// <param name="Stake">What it would change.</param>
public sealed record TriedAnswer(string Id, double? Value, string Name, Stake Stake);

/// <summary>A question worth answering.</summary>
/// <param name="Field">The request field that takes the answer.</param>
/// <param name="Ask">What to look at or measure.</param>
/// <param name="CountedAs">What is counted until then.</param>
/// <param name="Stake">The most that an answer could change.</param>
/// <param name="Words">That in words: "could save 34 min".</param>
/// <param name="Tried">Every answer tried.</param>
public sealed record MattersQuestion(
    string Field,
    string Ask,
    string CountedAs,
    Stake Stake,
    string Words,
    IReadOnlyList<TriedAnswer> Tried
);

/// <summary>Something not told that can change nothing here.</summary>
/// <param name="Field">The request field.</param>
/// <param name="CountedAs">What is counted.</param>
public sealed record SettledAssumption(string Field, string CountedAs);

/// <summary>Which of the things not told could change the answer, the gravest first, and which could not.</summary>
/// <param name="Questions">What to ask.</param>
/// <param name="Settled">What need not be asked.</param>
public sealed record MattersResponse(IReadOnlyList<MattersQuestion> Questions, IReadOnlyList<SettledAssumption> Settled);
