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
        kit.Where(IsOne).OrderByDescending(e => e.Item is CookingPot).ThenByDescending(CapacityL).FirstOrDefault();

    /// <summary>Whether water can be boiled in it.</summary>
    public static bool IsOne(KitEntry entry) => entry.Item is CookingPot or Container { HeatSafe: true };

    /// <summary>What it holds to the brim, L; one like the usual where none is named.</summary>
    public static double CapacityL(KitEntry? pot) => Options(pot) is { Pot: { } told } ? told.CapacityL ?? 0 : Pot.Assumed.CapacityL;

    public static BoilOptions? Options(KitEntry? pot) =>
        pot?.Item switch
        {
            CookingPot own => new BoilOptions(
                Pot: new PotInput(own.VolumeL, own.MassKg ?? HeavyKg * own.VolumeL, own.Material),
                LidOn: true
            ),
            Container open => new BoilOptions(Pot: new PotInput(open.VolumeL, open.MassKg ?? HeavyKg * open.VolumeL, null), LidOn: false),
            _ => null,
        };

    /// <summary>What a vessel that was not weighed counts as, kg for each litre it holds (pick: a heavy steel bottle).</summary>
    private const double HeavyKg = 0.35;
}
