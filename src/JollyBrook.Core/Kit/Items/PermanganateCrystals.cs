using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>Potassium permanganate: explained, never credited.</summary>
public sealed record PermanganateCrystals : KitItem
{
    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.Permanganate;

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) { }

    internal override IEnumerable<IBarrier> Barriers(string id, KitEntry now) => [new PermanganateBarrier(id, Name ?? "")];

    internal override string Words(KitEntry now, Speaker say) => "Explained, not counted as a barrier";
}
