using JollyBrook.Core.Boiling;
using JollyBrook.Core.Kit;

namespace JollyBrook.Core.Treatment;

/// <summary>
/// The pot a kit boils in when nobody chose one: the largest, with its lid on. Any metal vessel that may stand on a flame is one, if open.
/// </summary>
internal static class BoilingPot
{
    /// <returns>Null when no pot is carried.</returns>
    public static KitEntry? Of(IReadOnlyList<KitEntry> kit) =>
        kit.Where(e => e.Item!.Kind == KitItemKind.Pot).MaxBy(e => e.Item!.VolumeL)
        ?? kit.Where(e => e.Item is { Kind: KitItemKind.Container, HeatSafe: true }).MaxBy(e => e.Item!.VolumeL);

    public static BoilOptions? Options(KitEntry? pot) =>
        pot?.Item is { } item
            ? new BoilOptions(Pot: new PotInput(item.VolumeL, item.MassKg ?? HeavyKg * item.VolumeL, item.Material), LidOn: item.Kind == KitItemKind.Pot)
            : null;

    /// <summary>What a vessel that was not weighed counts as, kg for each litre it holds (pick: a heavy steel bottle).</summary>
    private const double HeavyKg = 0.35;
}
