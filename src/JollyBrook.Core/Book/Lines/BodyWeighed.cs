using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>Someone was weighed.</summary>
/// <param name="WalkerId">Who.</param>
/// <param name="MassKg">Body mass, kg, 25 to 200.</param>
public sealed record BodyWeighed(Guid? WalkerId, double? MassKg) : BookLine
{
    private static readonly NumberField Mass = new("massKg", "Body mass", Quantity.KitMass, 25, 200, "Weigh as light and dry as you can.");

    internal static readonly LineKind Described = new(
        BookLineKind.BodyMass,
        "Body mass",
        new BodyWeighed(null, null),
        [Mass],
        [
            Column<BodyWeighed>.Thing("walker", "Walker", l => l.WalkerId, (l, v) => l with { WalkerId = v }),
            Column<BodyWeighed>.Number("mass_kg", "Body mass, kg", l => l.MassKg, (l, v) => l with { MassKg = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.BodyMass;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => $"Weighed {say?.Of(Quantity.KitMass, MassKg ?? 0)}";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) => intake?.Required(Mass, MassKg);
}
