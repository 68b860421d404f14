using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>A wet piece of kit stayed warm until now. What did not, or may not have, is a <see cref="Mishap"/>.</summary>
/// <param name="ItemId">Which.</param>
public sealed record StayedWarm(Guid? ItemId) : BookLine
{
    internal static readonly LineKind Described = new(
        BookLineKind.StayedWarm,
        "Stayed warm overnight",
        new StayedWarm((Guid?)null),
        [LineFields.Item],
        [Column<StayedWarm>.Thing("item", "Piece of kit", l => l.ItemId, (l, v) => l with { ItemId = v })]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.StayedWarm;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => $"{Or(names?.Thing, "Kit")}: stayed warm all night";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) => intake?.Present(LineFields.Item, ItemId);
}
