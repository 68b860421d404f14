using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>
/// What a filter has been through, as its owner knows it: told when it comes into the kit, or to set right what was reckoned. A mishap that
/// the log tells outweighs it.
/// </summary>
/// <param name="ItemId">Which.</param>
/// <param name="Filter">What it has been through.</param>
public sealed record FilterLookedOver(Guid? ItemId, FilterState? Filter) : BookLine
{
    private static readonly ChoiceField StateField = new(
        "filter",
        "What it has been through",
        ["litres, clogging, and whether it froze or fell"]
    );

    internal static readonly LineKind Described = new(
        BookLineKind.FilterLookedOver,
        "Filter looked over",
        new FilterLookedOver(null, FilterState.NotKnown),
        [LineFields.Item, StateField, .. FilterState.Fields],
        [
            Column<FilterLookedOver>.Thing("item", "Piece of kit", l => l.ItemId, (l, v) => l with { ItemId = v }),
            Column<FilterLookedOver>.Number(
                "used_l",
                "Litres used",
                l => l.Been.UsedL,
                (l, v) => l with { Filter = l.Been with { UsedL = v } }
            ),
            Column<FilterLookedOver>.Number(
                "clog_load_l_ntu",
                "Litres × NTU since service",
                l => l.Been.ClogLoadLNtu,
                (l, v) => l with { Filter = l.Been with { ClogLoadLNtu = v } }
            ),
            Column<FilterLookedOver>.Number(
                "lost_share",
                "Flow lost for good",
                l => l.Been.LostShare,
                (l, v) => l with { Filter = l.Been with { LostShare = v } }
            ),
            Column<FilterLookedOver>.Choice(
                "wetted",
                "Ever wet",
                l => l.Been.Wetted,
                (l, v) => l with { Filter = l.Been with { Wetted = v } }
            ),
            Column<FilterLookedOver>.Choice(
                "frozen",
                "Frozen while wet",
                l => l.Been.Frozen,
                (l, v) => l with { Filter = l.Been with { Frozen = v } }
            ),
            Column<FilterLookedOver>.Choice(
                "dropped",
                "Dropped",
                l => l.Been.Dropped,
                (l, v) => l with { Filter = l.Been with { Dropped = v } }
            ),
            Column<FilterLookedOver>.Truth(
                "new_or_stored",
                "New or stored",
                l => l.Been.NewOrStored,
                (l, v) => l with { Filter = l.Been with { NewOrStored = v } }
            ),
        ]
    );

    private FilterState Been => Filter ?? FilterState.NotKnown;

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.FilterLookedOver;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => $"{Or(names?.Thing, "Filter")}: looked over";

    /// <inheritdoc/>
    protected override IEnumerable<string> OwnDetails(Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        yield return Been.UsedL is { } used ? $"{say.Of(Quantity.Bulk, used)} through it" : "litres not known";
        yield return Been.Frozen switch
        {
            Happened.No => "never frozen wet",
            Happened.Yes => "froze wet",
            _ => "not known whether it froze",
        };
        yield return Been.Dropped switch
        {
            Happened.No => "never dropped",
            Happened.Yes => "dropped",
            _ => "not known whether it fell",
        };
    }

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(LineFields.Item, ItemId);
        intake.Present(StateField, Filter);
        Filter?.Check(intake);
    }
}
