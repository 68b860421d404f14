using JollyBrook.Core.Barriers;

namespace JollyBrook.Core.Matters;

/// <summary>One answer that a question may get.</summary>
/// <param name="Id">The choice's name in the request, or the number as text.</param>
/// <param name="Value">The number, in the unit the field takes; null for a choice.</param>
/// <param name="Name">What a person calls it.</param>
/// <param name="Put">The request with this answer in it.</param>
internal sealed record PossibleAnswer<TRequest>(string Id, double? Value, string Name, Func<TRequest, TRequest> Put);

/// <summary>Something that was not told, or only taken from a default.</summary>
/// <param name="Field">The request field.</param>
/// <param name="Ask">What to look at or measure, as an invitation: "Measure how cold it is".</param>
/// <param name="CountedAs">What is counted until it is answered.</param>
/// <param name="Answers">The plausible answers, over the whole of what is plausible, its ends among them.</param>
/// <param name="IsAlwaysAsked">Whether it stays listed until it is answered, whatever it would change.</param>
/// <param name="IsOfThePlace">Whether it is about what is seen of the place, which is judged before anything else.</param>
/// <param name="RunsOneWay">Of a measure: whether more of it only ever helps, or only ever harms, so that its two ends show whether it
/// matters at all.</param>
/// <param name="Moves">Which barriers could do otherwise by its answer, the water being the same; null where the water itself
/// changes.</param>
internal sealed record Question<TRequest>(
    string Field,
    string Ask,
    string CountedAs,
    IReadOnlyList<PossibleAnswer<TRequest>> Answers,
    bool IsAlwaysAsked = false,
    bool IsOfThePlace = false,
    bool RunsOneWay = true,
    Func<IBarrier, bool>? Moves = null
);
