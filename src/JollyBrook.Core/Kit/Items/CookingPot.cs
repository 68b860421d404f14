using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>What water is boiled in.</summary>
/// <param name="VolumeL">What it holds to the brim, L, 0.05 to 200.</param>
/// <param name="Material">Of what; aluminium when left out.</param>
public sealed record CookingPot(double? VolumeL, PotMaterial? Material = null) : KitItem
{
    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.Pot;

    /// <inheritdoc/>
    protected override bool MassIsNeeded => true;

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Required(Container.Volume, VolumeL);
    }

    internal override string Words(KitEntry now, Speaker say) =>
        $"{say.Of(Quantity.Volume, VolumeL ?? 0)}, {say.Of(Quantity.KitMass, MassKg ?? 0)}, "
        + $"{(Material ?? PotMaterial.Aluminium).ToString().ToLowerInvariant()}";
}
