using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>Water went from one container into another.</summary>
/// <param name="FromId">From.</param>
/// <param name="IntoId">Into.</param>
/// <param name="Litres">How much, L, 0 to 200; as much as there is and fits when left out.</param>
public sealed record Poured(Guid? FromId, Guid? IntoId, double? Litres = null) : BookLine
{
    private static readonly ChoiceField From = new("fromId", "Poured from", ["a container of the kit"]);
    private static readonly ChoiceField Into = new("intoId", "Poured into", ["another container of the kit"]);

    internal static readonly LineKind Described = new(
        BookLineKind.Poured,
        "Poured",
        new Poured(null, null),
        [From, Into, LineFields.Litres],
        [
            Column<Poured>.Thing("from", "From", l => l.FromId, (l, v) => l with { FromId = v }),
            Column<Poured>.Thing("into", "Into", l => l.IntoId, (l, v) => l with { IntoId = v }),
            Column<Poured>.Number("litres", "Litres", l => l.Litres, (l, v) => l with { Litres = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Poured;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) =>
        $"Poured {(Litres is { } litres ? say?.Of(Quantity.Volume, litres) : "what fits")} from "
        + $"{Or(names?.Thing, "a container")} into {Or(names?.Other, "another")}";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(From, FromId);
        intake.Present(Into, IntoId);
        intake.Optional(LineFields.Litres, Litres);
        if (FromId is not null && FromId == IntoId)
        {
            intake.Refuse(Into, "Poured into must be another container than the one poured from. Choose the other one.");
        }
    }
}
