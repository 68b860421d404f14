using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>A lamp was charged, or its cells changed.</summary>
/// <param name="ItemId">Which.</param>
/// <param name="CyclesLeft">Cycles it is good for now, at 20 °C, 0 to 10 000.</param>
public sealed record Charged(Guid? ItemId, double? CyclesLeft) : BookLine
{
    private static readonly NumberField Left = new(
        "cyclesLeft",
        "Cycles now",
        Quantity.Plain,
        0,
        10000,
        "Copy from the label what a full charge gives."
    );

    internal static readonly LineKind Described = new(
        BookLineKind.Charged,
        "Charged",
        new Charged(null, null),
        [LineFields.Item, Left],
        [
            Column<Charged>.Thing("item", "Piece of kit", l => l.ItemId, (l, v) => l with { ItemId = v }),
            Column<Charged>.Number("cycles_left", "Cycles now", l => l.CyclesLeft, (l, v) => l with { CyclesLeft = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Charged;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) =>
        $"{Or(names?.Thing, "Lamp")}: charged, {Speaker.Number(CyclesLeft ?? 0, 0)} cycles";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(LineFields.Item, ItemId);
        intake.Required(Left, CyclesLeft);
    }
}
