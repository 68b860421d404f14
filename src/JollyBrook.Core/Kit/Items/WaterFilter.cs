using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>A filter with its element.</summary>
/// <param name="Filter">Its label.</param>
public sealed record WaterFilter(FilterSpec? Filter) : KitItem
{
    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.Filter;

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        if (Filter is { } filter)
        {
            filter.Check(intake);
        }
        else
        {
            DetailsMissing(intake);
        }
    }

    internal override IEnumerable<IBarrier> Barriers(string id, KitEntry now) =>
        Filter is { } filter ? [new FilterBarrier(id, Name ?? "", filter, now.Filter ?? FilterState.NotKnown)] : [];

    internal override string Amount(double units, Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        return say.Of(Quantity.Volume, Math.Ceiling((units * 10) - 1e-9) / 10);
    }

    internal override string Words(KitEntry now, Speaker say)
    {
        if (Filter is not { Element: { } kind, Style: { } style } filter)
        {
            return "";
        }

        var (element, been) = (FilterElements.Of(kind), now.Filter ?? FilterState.NotKnown);
        var life =
            filter.RatedLifeL is { } rated && been.UsedL is { } used
                ? $"{say.Of(Quantity.Bulk, used)} of {say.Of(Quantity.Bulk, rated)} used"
                : "life not known: not counted on";
        var suspect = FilterCredit.Frozen(filter, been, []) ?? FilterCredit.Dropped(filter, been, []);
        return $"{element.Name}, {FilterElements.StyleName(style).ToLowerInvariant()}; {life}; "
            + (suspect is null ? $"runs at {Speaker.Number(been.Wear(element).FlowShare * 100, 0)} % of new" : "suspect: not counted on");
    }

    internal override IEnumerable<string> Warnings(KitEntry now) =>
        now.Filter is { ContradictsItself: true } ? ["“Never wetted” and litres used can't both be true: counted as wet."] : [];
}
