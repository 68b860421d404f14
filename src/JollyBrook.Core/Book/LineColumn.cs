using System.Globalization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Book;

/// <summary>A column of a kind's table: how it is written, and how it is read.</summary>
/// <param name="Name">Its heading, with the unit.</param>
/// <param name="Title">What a person calls it.</param>
public abstract record LineColumn(string Name, string Title)
{
    /// <summary>The heading of the instant's column.</summary>
    public const string AtName = "at";

    internal static readonly LineColumn At = new LineColumn<BookLine>(
        AtName,
        "When",
        (l, _) => l.At?.ToString("yyyy-MM-dd'T'HH:mm:ss.FFFFFFFzzz", CultureInfo.InvariantCulture) ?? "",
        (l, t, r) => r.Instant(t) is { } at ? l with { At = at } : null
    );

    internal static readonly LineColumn Note = new LineColumn<BookLine>(
        "note",
        "Note",
        (l, _) => l.Note ?? "",
        (l, t, _) => l with { Note = t }
    );

    /// <summary>Whether its cells name a walker, a piece of kit, a source or a trip.</summary>
    internal bool IsName { get; init; }

    /// <summary>The cell; empty where nothing is known.</summary>
    internal abstract string Write(BookLine line, Names names);

    /// <summary>The line with the cell taken in; null when the cell can't be right.</summary>
    internal abstract BookLine? Read(BookLine line, string text, CellReader reader);
}

/// <inheritdoc/>
internal sealed record LineColumn<TLine>(
    string Name,
    string Title,
    Func<TLine, Names, string> Get,
    Func<TLine, string, CellReader, TLine?> Set
) : LineColumn(Name, Title)
    where TLine : BookLine
{
    internal override string Write(BookLine line, Names names) => Get((TLine)line, names);

    internal override BookLine? Read(BookLine line, string text, CellReader reader) => Set((TLine)line, text, reader);
}

/// <summary>Columns of one kind of line.</summary>
internal static class Column<TLine>
    where TLine : BookLine
{
    public static LineColumn Number(string name, string title, Func<TLine, double?> get, Func<TLine, double, TLine> set) =>
        new LineColumn<TLine>(
            name,
            title,
            (l, _) => get(l)?.ToString("R", CultureInfo.InvariantCulture) ?? "",
            (l, t, _) => CellReader.Number(t) is { } value ? set(l, value) : null
        );

    public static LineColumn Truth(string name, string title, Func<TLine, bool?> get, Func<TLine, bool, TLine> set) =>
        new LineColumn<TLine>(
            name,
            title,
            (l, _) =>
                get(l) switch
                {
                    true => "yes",
                    false => "no",
                    _ => "",
                },
            (l, t, _) => CellReader.Truth(t) is { } value ? set(l, value) : null
        );

    public static LineColumn Choice<T>(string name, string title, Func<TLine, T?> get, Func<TLine, T, TLine> set)
        where T : struct, Enum =>
        new LineColumn<TLine>(
            name,
            title,
            (l, _) => get(l) is { } value ? ContractName.Of(value) : "",
            (l, t, _) => CellReader.Choice<T>(t) is { } value ? set(l, value) : null
        );

    /// <summary>Several of a closed set, with semicolons between them.</summary>
    public static LineColumn Choices<T>(
        string name,
        string title,
        Func<TLine, IReadOnlyList<T>?> get,
        Func<TLine, IReadOnlyList<T>, TLine> set
    )
        where T : struct, Enum =>
        new LineColumn<TLine>(
            name,
            title,
            (l, _) => string.Join(';', (get(l) ?? []).Select(ContractName.Of)),
            (l, t, _) =>
                t.Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Select(CellReader.Choice<T>).ToList()
                    is var read
                && read.TrueForAll(v => v is not null)
                    ? set(l, [.. read.Select(v => v!.Value)])
                    : null
        );

    /// <summary>What has no name: its id.</summary>
    public static LineColumn Id(string name, string title, Func<TLine, Guid?> get, Func<TLine, Guid, TLine> set) =>
        new LineColumn<TLine>(
            name,
            title,
            (l, _) => get(l)?.ToString() ?? "",
            (l, t, _) => Guid.TryParse(t.Trim(), out var id) ? set(l, id) : null
        );

    /// <summary>A walker, a piece of kit, a source or a trip, by its name.</summary>
    public static LineColumn Thing(string name, string title, Func<TLine, Guid?> get, Func<TLine, Guid, TLine> set) =>
        new LineColumn<TLine>(name, title, (l, n) => n.Of(get(l)), (l, t, r) => r.Names.Find(t) is { } id ? set(l, id) : null)
        {
            IsName = true,
        };
}
