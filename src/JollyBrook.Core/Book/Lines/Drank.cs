using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>Someone drank.</summary>
/// <param name="Litres">How much, L, 0 to 200; with <paramref name="All"/> what it was taken to hold.</param>
/// <param name="All">All that the container held, whatever that was.</param>
/// <param name="WalkerId">Who; null for the party.</param>
/// <param name="ContainerId">From what; the walker's own clean ones in the order carried when left out.</param>
/// <param name="BatchId">From which batch, where no container is named.</param>
/// <param name="Untreated">Whether it was not treated: true or false as told, null where the container says.</param>
public sealed record Drank(
    double? Litres,
    bool? All = null,
    Guid? WalkerId = null,
    Guid? ContainerId = null,
    Guid? BatchId = null,
    bool? Untreated = null
) : BookLine
{
    internal static readonly LineKind Described = new(
        BookLineKind.Drank,
        "Drink",
        new Drank((double?)null),
        [LineFields.Litres, LineFields.Container],
        [
            Column<Drank>.Thing("walker", "Walker", l => l.WalkerId, (l, v) => l with { WalkerId = v }),
            Column<Drank>.Number("litres", "Litres", l => l.Litres, (l, v) => l with { Litres = v }),
            Column<Drank>.Truth("all", "All it held", l => l.All, (l, v) => l with { All = v }),
            Column<Drank>.Thing("container", "Container", l => l.ContainerId, (l, v) => l with { ContainerId = v }),
            Column<Drank>.Id("batch", "Batch", l => l.BatchId, (l, v) => l with { BatchId = v }),
            Column<Drank>.Truth("untreated", "Untreated", l => l.Untreated, (l, v) => l with { Untreated = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Drank;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say)
    {
        var from = names?.Thing is { Length: > 0 } thing ? $" from {thing}" : "";
        return $"Drank {LineFields.Amount(Litres, All, say)}{from}{(Untreated == true ? ", untreated" : "")}";
    }

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Required(LineFields.Litres, Litres);
        if (All == true)
        {
            intake.Present(LineFields.Container, ContainerId);
        }
    }
}
