using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>The clean side of a container (threads, cap, hose) was rinsed with treated water, or boiled: it is clean again.</summary>
/// <param name="ContainerId">Which.</param>
public sealed record Rinsed(Guid? ContainerId) : BookLine
{
    internal static readonly LineKind Described = new(
        BookLineKind.Rinsed,
        "Rinsed",
        new Rinsed((Guid?)null),
        [LineFields.Container],
        [Column<Rinsed>.Thing("container", "Container", l => l.ContainerId, (l, v) => l with { ContainerId = v })]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Rinsed;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) =>
        $"{Or(names?.Thing, "Container")}: threads and cap rinsed with treated water";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) => intake?.Present(LineFields.Container, ContainerId);
}
