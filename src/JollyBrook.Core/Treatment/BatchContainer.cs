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
            container.Opaque,
            container.ClearPlastic,
            container.Squeezable,
            container.DepthCm,
            container.HasHose,
            container.VolumeL,
            container.LyingDepthCm,
            container.Role
        );
    }
}
