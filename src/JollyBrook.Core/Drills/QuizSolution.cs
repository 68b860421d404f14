using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Drills;

/// <summary>On which side of the right answer one is safe.</summary>
internal enum SafeSide
{
    /// <summary>On none: more and less are both wrong.</summary>
    Exact,
    More,
    Less,
}

/// <summary>The right answer to a question.</summary>
/// <param name="Why">Why, in words.</param>
/// <param name="Working">The arithmetic.</param>
internal abstract record QuizSolution(string Why, IReadOnlyList<WorkingStep> Working);

/// <summary>A number that is right.</summary>
/// <param name="Expected">The answer.</param>
/// <param name="Side">On which side of it one is safe.</param>
/// <inheritdoc cref="QuizSolution"/>
internal sealed record NumberSolution(double Expected, SafeSide Side, string Why, IReadOnlyList<WorkingStep> Working)
    : QuizSolution(Why, Working)
{
    /// <summary>Whether an answer would do.</summary>
    public bool IsMetBy(double answer) =>
        Side switch
        {
            SafeSide.More => answer >= Expected,
            SafeSide.Less => answer <= Expected,
            _ => Math.Abs(answer - Expected) < 1e-9,
        };

    /// <summary>What is wrong with an answer that would not do.</summary>
    public string SlipOf(double answer) =>
        Side switch
        {
            SafeSide.More => "Too short",
            SafeSide.Less => "Too late",
            _ => answer < Expected ? "Too little" : "Too much",
        };
}

/// <summary>A choice that is right; every other is wrong.</summary>
/// <param name="Expected">Its id.</param>
/// <inheritdoc cref="QuizSolution"/>
internal sealed record ChoiceSolution(string Expected, string Why, IReadOnlyList<WorkingStep> Working) : QuizSolution(Why, Working);
