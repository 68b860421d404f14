using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>A source was walked by, without drawing from it: the walkers are past it.</summary>
/// <param name="SourceId">Which.</param>
public sealed record PassedBy(Guid? SourceId) : BookLine
{
    internal static readonly LineKind Described = new(
        BookLineKind.PassedBy,
        "Passed by",
        new PassedBy((Guid?)null),
        [LineFields.Source],
        [Column<PassedBy>.Thing("source", "Source", l => l.SourceId, (l, v) => l with { SourceId = v })]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.PassedBy;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => $"Passed {Or(names?.Thing, "a source")} by";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) => intake?.Present(LineFields.Source, SourceId);
}
