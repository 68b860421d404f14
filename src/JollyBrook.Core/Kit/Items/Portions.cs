using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>Something for taste, salt or the residual: counted in portions, no barrier.</summary>
/// <param name="BestBefore">The date on the pack.</param>
public abstract record Portions(DateOnly? BestBefore = null) : KitItem
{
    /// <summary>When it goes in.</summary>
    protected abstract string Moment { get; }

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) { }

    internal override string Words(KitEntry now, Speaker say) =>
        now.Left is { } left ? $"{Moment}; {Speaker.Number(left, 0)} portions left" : $"{Moment}; not counted";
}

/// <summary>Drink mix and its like.</summary>
/// <param name="BestBefore">The date on the pack.</param>
public sealed record TastePortions(DateOnly? BestBefore = null) : Portions(BestBefore)
{
    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.Taste;

    /// <inheritdoc/>
    protected override string Moment => "Only once the water is safe";
}

/// <summary>Vitamin C: takes chlorine and iodine away.</summary>
/// <param name="BestBefore">The date on the pack.</param>
public sealed record NeutraliserPortions(DateOnly? BestBefore = null) : Portions(BestBefore)
{
    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.Neutraliser;

    /// <inheritdoc/>
    protected override string Moment => "Only after contact: it ends the disinfection";
}

/// <summary>Salt and sugar.</summary>
/// <param name="BestBefore">The date on the pack.</param>
public sealed record ElectrolytePortions(DateOnly? BestBefore = null) : Portions(BestBefore)
{
    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.Electrolytes;

    /// <inheritdoc/>
    protected override string Moment => "From two hours of sweating on";
}
