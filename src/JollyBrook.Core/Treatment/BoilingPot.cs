using JollyBrook.Core.Boiling;
using JollyBrook.Core.Kit;

namespace JollyBrook.Core.Treatment;

/// <summary>The pot a kit boils in when nobody chose one: the largest, with its lid on.</summary>
internal static class BoilingPot
{
    /// <returns>Null when no pot is carried.</returns>
    public static KitEntry? Of(IReadOnlyList<KitEntry> kit) => kit.Where(e => e.Item!.Kind == KitItemKind.Pot).MaxBy(e => e.Item!.VolumeL);

    public static BoilOptions? Options(KitEntry? pot) =>
        pot?.Item is { } item ? new BoilOptions(Pot: new PotInput(item.VolumeL, item.MassKg, item.Material), LidOn: true) : null;
}
