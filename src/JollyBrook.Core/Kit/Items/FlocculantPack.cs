using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>What makes cloud settle.</summary>
/// <param name="Flocculant">Its form and label.</param>
public sealed record FlocculantPack(FlocculantSpec? Flocculant) : KitItem
{
    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.Flocculant;

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        if (Flocculant is { } flocculant)
        {
            flocculant.Check(intake);
        }
        else
        {
            DetailsMissing(intake);
        }
    }

    internal override string Words(KitEntry now, Speaker say) =>
        Flocculant is { Form: FlocculantForm.Drops } drops
            ? $"{Speaker.Number(drops.LabelDrops ?? 0, 1)} drops for {say.Of(Quantity.Volume, drops.LabelVolumeL ?? 0)} by its label"
            : "Alum powder, 30 to 60 mg/L";
}
