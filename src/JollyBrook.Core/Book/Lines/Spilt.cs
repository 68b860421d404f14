using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>Water was lost or poured away.</summary>
/// <param name="ContainerId">From what.</param>
/// <param name="Litres">How much, L, 0 to 200; null with <paramref name="All"/>.</param>
/// <param name="All">All that it held.</param>
public sealed record Spilt(Guid? ContainerId, double? Litres = null, bool? All = null) : BookLine
{
    internal static readonly LineKind Described = new(
        BookLineKind.Spilt,
        "Spilt",
        new Spilt((Guid?)null),
        [LineFields.Container, LineFields.Litres],
        [
            Column<Spilt>.Thing("container", "Container", l => l.ContainerId, (l, v) => l with { ContainerId = v }),
            Column<Spilt>.Number("litres", "Litres", l => l.Litres, (l, v) => l with { Litres = v }),
            Column<Spilt>.Truth("all", "All it held", l => l.All, (l, v) => l with { All = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Spilt;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) =>
        $"Spilt {LineFields.Amount(Litres, All, say)} from {Or(names?.Thing, "a container")}";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(LineFields.Container, ContainerId);
        LineFields.CheckAmount(intake, Litres, All);
    }
}
