using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Kit;

/// <summary>A piece of kit as it is now: "in-hand" folds the log into what is left of it and what it has been through.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Item">The piece, as its label and owner describe it.</param>
/// <param name="Left">What is left: tablets, mL of each part, cycles of light, g of fuel, or portions; null when not counted, which counts
/// as none.</param>
/// <param name="Filter">What a filter has been through; null when not known, which counts as worse.</param>
/// <param name="Layers">What the layers of a layered filter have been through; null for other things, and where nothing was told.</param>
public sealed record KitEntry(string? Id, KitItem? Item, double? Left = null, FilterState? Filter = null, LayersState? Layers = null)
{
    private static readonly NumberField LeftField = new(
        "left",
        "What is left",
        Quantity.Plain,
        0,
        20000,
        "Count the tablets, read the bottle in mL, or weigh the canister."
    );

    /// <summary>Those that are named and still carried.</summary>
    public static List<KitEntry> Carried(IReadOnlyList<KitEntry>? kit) =>
        [.. (kit ?? []).Where(e => e is { Id: not null, Item: { Retired: not true } })];

    /// <summary>The barriers it makes.</summary>
    internal IEnumerable<IBarrier> Barriers => Item?.Barriers(Id ?? "", this) ?? [];

    /// <summary>It after a batch.</summary>
    /// <param name="used">What the batch used of it, in its own measure: tablets, mL, cycles of light, g of fuel.</param>
    /// <param name="litres">The water, L: what a filter lets through.</param>
    /// <param name="clarity">How clear it was.</param>
    internal KitEntry After(double used, double litres, Clarity? clarity) =>
        Item is WaterFilter
            ? this with
            {
                Filter = (Filter ?? FilterState.NotKnown).After(litres, clarity),
            }
            : this with
            {
                Left = Left is { } left ? Math.Max(0, left - used) : null,
            };

    /// <summary>It with more than any trip takes, where it is counted; a filter's life is told by its state.</summary>
    internal KitEntry WithPlenty => Item is WaterFilter || Left is null ? this : this with { Left = LeftField.Max };

    /// <summary>It in a line.</summary>
    internal string Words(Speaker say) => Item?.Words(this, say) ?? "";

    /// <summary>Notes what is missing or can't be right. Returns whether nothing was.</summary>
    internal bool IsSound(Intake intake)
    {
        var before = intake.Errors;
        Item?.IsSound(intake);
        intake.Optional(LeftField, Left);
        Filter?.Check(intake);
        return intake.Errors == before;
    }
}
