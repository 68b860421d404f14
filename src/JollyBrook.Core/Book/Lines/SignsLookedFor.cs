using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>Somebody was asked how they are, and looked at: what was felt and seen, or that nothing was.</summary>
/// <param name="WalkerId">Who.</param>
/// <param name="Signs">What was felt and seen; none of them when it is empty.</param>
public sealed record SignsLookedFor(Guid? WalkerId, IReadOnlyList<BodySign>? Signs = null) : BookLine
{
    private static readonly ChoiceField SignsField = ChoiceField.Of<BodySign>("signs", "Signs");

    internal static readonly LineKind Described = new(
        BookLineKind.Signs,
        "Sign check",
        new SignsLookedFor((Guid?)null),
        [SignsField],
        [
            Column<SignsLookedFor>.Thing("walker", "Walker", l => l.WalkerId, (l, v) => l with { WalkerId = v }),
            Column<SignsLookedFor>.Choices("signs", "Signs", l => l.Signs, (l, v) => l with { Signs = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Signs;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) =>
        Signs is { Count: > 0 }
            ? $"Signs: {string.Join(", ", Signs.Distinct().Select(s => Sentence.Lower(BodySignList.NameOf(s))))}"
            : "Signs: none";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) { }
}
