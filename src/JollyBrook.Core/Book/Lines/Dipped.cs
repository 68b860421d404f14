using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>The clean side of a container (threads, cap, hose) touched raw water: dirty until it is rinsed with treated water.</summary>
/// <param name="ContainerId">Which.</param>
public sealed record Dipped(Guid? ContainerId) : BookLine
{
    internal static readonly LineKind Described = new(
        BookLineKind.Dipped,
        "Clean side dipped",
        new Dipped((Guid?)null),
        [LineFields.Container],
        [Column<Dipped>.Thing("container", "Container", l => l.ContainerId, (l, v) => l with { ContainerId = v })]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Dipped;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => $"{Or(names?.Thing, "Container")}: clean side touched raw water";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) => intake?.Present(LineFields.Container, ContainerId);
}
