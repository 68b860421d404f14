using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>What the scale says of a burner's fuel: it outranks whatever was reckoned before.</summary>
/// <param name="ItemId">The burner.</param>
/// <param name="FuelLeftG">Fuel left, g, 0 to 20 000: the mass on the scale less the empty canister.</param>
public sealed record CanisterWeighed(Guid? ItemId, double? FuelLeftG) : BookLine
{
    private static readonly NumberField Left = new(
        "fuelLeftG",
        "Fuel left",
        Quantity.FuelMass,
        0,
        20000,
        "The scale, less the mass stamped on the empty canister."
    );

    internal static readonly LineKind Described = new(
        BookLineKind.CanisterWeighed,
        "Fuel weighed",
        new CanisterWeighed(null, null),
        [LineFields.Item, Left],
        [
            Column<CanisterWeighed>.Thing("item", "Piece of kit", l => l.ItemId, (l, v) => l with { ItemId = v }),
            Column<CanisterWeighed>.Number("fuel_left_g", "Fuel left, g", l => l.FuelLeftG, (l, v) => l with { FuelLeftG = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.CanisterWeighed;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) =>
        $"{Or(names?.Thing, "Burner")}: {say?.Of(Quantity.FuelMass, FuelLeftG ?? 0)} of fuel left";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(LineFields.Item, ItemId);
        intake.Required(Left, FuelLeftG);
    }
}
