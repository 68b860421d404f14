using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>A burner with its fuel.</summary>
/// <param name="Burner">Its type, and what its canister weighs empty.</param>
public sealed record Stove(BurnerSpec? Burner) : KitItem
{
    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.Burner;

    /// <summary>Whether it burns what lies about, so that nothing has to be carried for it.</summary>
    internal bool IsOpenFire => Burner is { BurnerId: Burners.OpenFireId };

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        if (Burner is { } burner)
        {
            burner.Check(intake);
        }
        else
        {
            DetailsMissing(intake);
        }
    }

    internal override IEnumerable<IBarrier> Barriers(string id, KitEntry now) =>
        Burner is { } burner ? [new BoilBarrier(id, Name ?? "", burner, now.Left)] : [];

    internal override string Amount(double units, Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        return say.Of(Quantity.FuelMass, Math.Ceiling(units - 1e-9));
    }

    internal override string Words(KitEntry now, Speaker say) =>
        (Burners.All.FirstOrDefault(b => b.Id == Burner?.BurnerId)?.Name ?? "")
        + (now.Left is { } left ? $"; {say.Of(Quantity.FuelMass, left)} of fuel left" : "; fuel not weighed");
}
