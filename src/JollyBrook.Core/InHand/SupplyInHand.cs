using JollyBrook.Core.Kit;

namespace JollyBrook.Core.InHand;

/// <summary>Something that treats water, as it is now.</summary>
/// <param name="Id">The kit item.</param>
/// <param name="Name">Its name.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Words">What is left of it, or how it runs.</param>
/// <param name="Left">Tablets, mL, cycles, g or portions left; null where nothing is counted.</param>
/// <param name="FlowShare">A filter's flow against new, 0 to 1.</param>
/// <param name="Suspect">Why it is not counted on; null when it is.</param>
/// <param name="SuspectSince">The line since which that is so; null when the kit says so itself.</param>
public sealed record SupplyInHand(
    Guid Id,
    string Name,
    KitItemKind Kind,
    string Words,
    double? Left,
    double? FlowShare,
    string? Suspect,
    Guid? SuspectSince
);
