using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>Fuel burnt, by weighing before and after.</summary>
/// <param name="ItemId">The burner.</param>
/// <param name="FuelG">Burnt, g, 0 to 5 000.</param>
/// <param name="Litres">Water heated with it, L, 0 to 200.</param>
public sealed record FuelBurnt(Guid? ItemId, double? FuelG, double? Litres = null) : BookLine
{
    private static readonly NumberField Fuel = new(
        "fuelG",
        "Fuel burnt",
        Quantity.FuelMass,
        0,
        5000,
        "Weigh the canister before and after."
    );

    internal static readonly LineKind Described = new(
        BookLineKind.FuelBurnt,
        "Fuel burnt",
        new FuelBurnt(null, null),
        [LineFields.Item, Fuel, LineFields.Litres],
        [
            Column<FuelBurnt>.Thing("item", "Piece of kit", l => l.ItemId, (l, v) => l with { ItemId = v }),
            Column<FuelBurnt>.Number("fuel_g", "Fuel, g", l => l.FuelG, (l, v) => l with { FuelG = v }),
            Column<FuelBurnt>.Number("litres", "Litres", l => l.Litres, (l, v) => l with { Litres = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.FuelBurnt;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => $"Burnt {say?.Of(Quantity.FuelMass, FuelG ?? 0)}";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Required(Fuel, FuelG);
        intake.Optional(LineFields.Litres, Litres);
    }

    /// <inheritdoc/>
    protected override IEnumerable<string> OwnDetails(Speaker say) =>
        this is { Litres: > 0 and { } heated, FuelG: { } fuel } ? [$"{say.Of(Quantity.FuelMass, fuel / heated)} a litre"] : [];
}
