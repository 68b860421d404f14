using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>Urine: its colour, its volume, or both.</summary>
/// <param name="WalkerId">Whose.</param>
/// <param name="UrineColour">1 (like water) to 8 (brown), Armstrong's scale.</param>
/// <param name="Litres">Passed, L, 0 to 200.</param>
public sealed record UrinePassed(Guid? WalkerId, double? UrineColour = null, double? Litres = null) : BookLine
{
    private static readonly NumberField Colour = new("urineColour", "Urine colour", Quantity.Plain, 1, 8, "1 is like water, 8 is brown.");

    internal static readonly LineKind Described = new(
        BookLineKind.Urine,
        "Urine",
        new UrinePassed((Guid?)null),
        [Colour, LineFields.Litres],
        [
            Column<UrinePassed>.Thing("walker", "Walker", l => l.WalkerId, (l, v) => l with { WalkerId = v }),
            Column<UrinePassed>.Number("colour_1_to_8", "Colour, 1 to 8", l => l.UrineColour, (l, v) => l with { UrineColour = v }),
            Column<UrinePassed>.Number("litres", "Litres", l => l.Litres, (l, v) => l with { Litres = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Urine;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) =>
        UrineColour is { } colour ? $"Urine {UrineScale.Of(colour).Words}" : $"Urine, {say?.Of(Quantity.Volume, Litres ?? 0)}";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Optional(LineFields.Litres, Litres);
        if (UrineColour is not null || Litres is null)
        {
            intake.Required(Colour, UrineColour);
        }
    }

    /// <inheritdoc/>
    protected override IEnumerable<string> OwnDetails(Speaker say) => UrineColour is { } colour ? [UrineScale.Of(colour).Advice] : [];
}
