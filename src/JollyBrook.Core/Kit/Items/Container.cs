using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Kit;

/// <summary>What holds water: bottle, bladder, bag.</summary>
/// <param name="VolumeL">What it holds to the brim, L, 0.05 to 200.</param>
/// <param name="Opaque">Whether the wall keeps light out; null when not known (counts as clear).</param>
/// <param name="ClearPlastic">Whether it is clear PET or glass, for sunlight.</param>
/// <param name="Squeezable">Whether the wall gives.</param>
/// <param name="HasHose">Whether it is drunk from through a hose.</param>
/// <param name="DepthCm">Depth of the water standing in it, cm, 2 to 60.</param>
/// <param name="LyingDepthCm">Depth of the water when it lies on its side, cm, 1 to 60, for sunlight.</param>
/// <param name="Role">Whether it holds clean or dirty water; either when left out.</param>
/// <param name="HeatSafe">Whether it may stand on a flame.</param>
/// <param name="LevelVisible">Whether what is in it can be seen without opening it.</param>
public sealed record Container(
    double? VolumeL,
    bool? Opaque = null,
    bool? ClearPlastic = null,
    bool? Squeezable = null,
    bool? HasHose = null,
    double? DepthCm = null,
    double? LyingDepthCm = null,
    ContainerRole? Role = null,
    bool? HeatSafe = null,
    bool? LevelVisible = null
) : KitItem
{
    /// <summary>What a vessel holds to the brim.</summary>
    internal static readonly NumberField Volume = new("volumeL", "Volume", Quantity.Volume, 0.05, 200, "Enter what it holds to the brim.");

    private static readonly NumberField Depth = new(
        "depthCm",
        "Depth of the water",
        Quantity.Length,
        2,
        60,
        "Measure from the surface to the bottom."
    );

    private static readonly NumberField Lying = new(
        "lyingDepthCm",
        "Depth as it lies",
        Quantity.Length,
        1,
        60,
        "Lay it down full and measure its thickness."
    );

    internal static readonly IReadOnlyList<Field> OwnFields = [Volume, Depth, Lying];

    /// <summary>
    /// Whether it is drunk from without seeing what is left: as told, else where it is drunk from through a hose, in the pack.
    /// </summary>
    internal bool HidesItsLevel => LevelVisible is { } visible ? !visible : HasHose == true;

    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.Container;

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Required(Volume, VolumeL);
        intake.Optional(Depth, DepthCm);
        intake.Optional(Lying, LyingDepthCm);
    }

    internal override string Words(KitEntry now, Speaker say) =>
        $"{say.Of(Quantity.Volume, VolumeL ?? 0)}, "
        + $"{(Opaque == true ? "opaque" : ClearPlastic == true ? "clear PET or glass" : "not opaque")}{(HasHose == true ? ", with a hose" : "")}";
}
