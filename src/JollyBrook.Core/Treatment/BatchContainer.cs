using JollyBrook.Core.Barriers;
using JollyBrook.Core.Kit;

namespace JollyBrook.Core.Treatment;

/// <summary>
/// What a batch stands in where no container was chosen yet: in the dark when the kit has something that keeps light out.
/// </summary>
internal static class BatchContainer
{
    public static ContainerInput Of(IReadOnlyList<KitEntry> kit) =>
        new(Opaque: kit.Any(e => e.Item is Container { Opaque: true }) ? true : null);

    /// <summary>A container of the kit as Treat is told of it.</summary>
    public static ContainerInput Of(Container container)
    {
        ArgumentNullException.ThrowIfNull(container);
        return new ContainerInput(
            Opaque: container.Opaque,
            ClearPlastic: container.ClearPlastic,
            Squeezable: container.Squeezable,
            DepthCm: container.DepthCm,
            HasHose: container.HasHose,
            CapacityL: container.VolumeL,
            LyingDepthCm: container.LyingDepthCm,
            Role: container.Role
        );
    }
}
