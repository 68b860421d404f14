using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Book;

/// <summary>A kind of line: what a person calls it, its own fields, and its table.</summary>
/// <param name="Kind">Which.</param>
/// <param name="Name">What a person calls it.</param>
/// <param name="Blank">A line of it with nothing told.</param>
/// <param name="Fields">Its own fields, beside those every kind has.</param>
/// <param name="Columns">Its table, without time and note.</param>
public sealed record LineKind(
    BookLineKind Kind,
    string Name,
    BookLine Blank,
    IReadOnlyList<Field> Fields,
    IReadOnlyList<LineColumn> Columns
)
{
    /// <summary>Every column: time first, note last.</summary>
    public IReadOnlyList<LineColumn> Table { get; } = [LineColumn.At, .. Columns, LineColumn.Note];
}

/// <summary>Every kind of line, listed once.</summary>
public static class LineKinds
{
    /// <summary>Every kind of line, in the order a person picks from.</summary>
    public static readonly IReadOnlyList<LineKind> All =
    [
        Drank.Described,
        UrinePassed.Described,
        BodyWeighed.Described,
        SignsLookedFor.Described,
        SourceSeen.Described,
        PassedBy.Described,
        Filled.Described,
        Poured.Described,
        Cooked.Described,
        Spilt.Described,
        Rinsed.Described,
        Dipped.Described,
        FilterServiced.Described,
        FilterLookedOver.Described,
        Mishap.Described,
        GuardedFromFrost.Described,
        StayedWarm.Described,
        FuelBurnt.Described,
        CanisterWeighed.Described,
        Counted.Described,
        Charged.Described,
        StageWalked.Described,
        SymptomFelt.Described,
        Noted.Described,
        TakenBack.Described,
    ];

    /// <summary>The fields of every kind.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        .. BookLine.CommonFields,
        .. All.SelectMany(k => k.Fields).DistinctBy(f => f.Path),
    ];

    /// <summary>What the core knows of that kind of line.</summary>
    public static LineKind Of(BookLineKind kind) => All.First(k => k.Kind == kind);
}
