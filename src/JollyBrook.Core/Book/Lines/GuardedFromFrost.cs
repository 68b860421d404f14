using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>
/// A wet piece of kit was put to bed warm: shaken out, bagged, against the body or deep in the sleeping bag. It asks in the morning whether
/// it stayed warm.
/// </summary>
/// <param name="ItemId">Which.</param>
public sealed record GuardedFromFrost(Guid? ItemId) : BookLine
{
    internal static readonly LineKind Described = new(
        BookLineKind.FrostGuarded,
        "Put away warm",
        new GuardedFromFrost((Guid?)null),
        [LineFields.Item],
        [Column<GuardedFromFrost>.Thing("item", "Piece of kit", l => l.ItemId, (l, v) => l with { ItemId = v })]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.FrostGuarded;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => $"{Or(names?.Thing, "Kit")}: put away warm for the night";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) => intake?.Present(LineFields.Item, ItemId);
}
