using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>A filter built from sand, charcoal and cloth: it clears, and takes no organism away.</summary>
public sealed record MakeshiftFilter : KitItem
{
    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.ImprovisedFilter;

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) { }

    /// <summary>Whether it still clears, by what was told of it.</summary>
    internal static bool Clears(KitEntry now) => now is { Item: MakeshiftFilter, Layers: not { RunsCloudy: true } };

    internal override string Words(KitEntry now, Speaker say) =>
        $"Clears, takes no organism away{(now?.Layers is { UsedL: > 0 and var litres } ? $"; {say?.Of(Quantity.Volume, litres)} through its layers" : "")}";
}
