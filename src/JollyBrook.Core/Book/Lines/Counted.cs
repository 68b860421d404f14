using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>What is left of something, counted anew: tablets, mL of drops, portions. It outranks whatever was reckoned before.</summary>
/// <param name="ItemId">Which.</param>
/// <param name="Left">Tablets, mL of each part, cycles of light or portions, 0 to 10 000.</param>
public sealed record Counted(Guid? ItemId, double? Left) : BookLine
{
    private static readonly NumberField LeftField = new(
        "left",
        "What is left",
        Quantity.Plain,
        0,
        10000,
        "Count the tablets, or read the bottle in mL."
    );

    internal static readonly LineKind Described = new(
        BookLineKind.Counted,
        "Counted anew",
        new Counted(null, null),
        [LineFields.Item, LeftField],
        [
            Column<Counted>.Thing("item", "Piece of kit", l => l.ItemId, (l, v) => l with { ItemId = v }),
            Column<Counted>.Number("left", "Left", l => l.Left, (l, v) => l with { Left = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Counted;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => $"{Or(names?.Thing, "Kit")}: {Speaker.Number(Left ?? 0, 1)} left";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(LineFields.Item, ItemId);
        intake.Required(LeftField, Left);
    }
}
