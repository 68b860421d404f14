using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>Lines of a table to be taken into the book.</summary>
/// <param name="Kind">What each line tells.</param>
/// <param name="Header">The table's headings.</param>
/// <param name="Rows">Its lines, cell by cell.</param>
/// <param name="FirstLine">The number the first of them has in the file.</param>
/// <param name="Mapping">For each heading the column it is read as, or empty to leave it out; by its name when left out.</param>
/// <param name="OffsetMinutes">The clock's offset from UTC where a date has none, min.</param>
/// <param name="Names">Names of walkers, pieces of kit, sources and trips.</param>
public sealed record BookImportRequest(
    BookLineKind? Kind,
    IReadOnlyList<string>? Header,
    IReadOnlyList<IReadOnlyList<string>>? Rows,
    double? FirstLine = null,
    IReadOnlyList<string>? Mapping = null,
    double? OffsetMinutes = null,
    IReadOnlyList<NamedId>? Names = null
);

/// <summary>A column that can be read.</summary>
public sealed record ImportColumn(string Name, string Title);

/// <summary>A line that cannot be taken in.</summary>
/// <param name="Line">Its number in the file.</param>
/// <param name="Message">What is wrong with it.</param>
public sealed record RejectedLine(double Line, string Message);

/// <summary>What would be taken in.</summary>
/// <param name="Mapping">For each heading the column it is read as; empty where it is left out.</param>
/// <param name="Columns">What a heading can be read as.</param>
/// <param name="Lines">Lines fit to keep.</param>
/// <param name="Rejected">Lines that are not; while there is one, nothing is taken in.</param>
public sealed record BookImportResponse(
    IReadOnlyList<string> Mapping,
    IReadOnlyList<ImportColumn> Columns,
    IReadOnlyList<BookLine> Lines,
    IReadOnlyList<RejectedLine> Rejected
);

/// <summary>The calculation "book-import": table lines read into lines of the book. Nothing is kept here.</summary>
public static class BookImport
{
    private static readonly ChoiceField KindField = ChoiceField.Of<BookLineKind>("kind", "Kind of line");
    private static readonly ChoiceField HeaderField = new("header", "Headings", ["the table's first line"]);
    private static readonly NumberField Offset = new("offsetMinutes", "Offset from UTC", Quantity.Plain, -840, 840, "The device gives it.");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [KindField, HeaderField, Offset];

    /// <exception cref="BadInputException">Kind or headings are missing.</exception>
    public static BookImportResponse Compute(BookImportRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.Metric);
        intake.Present(KindField, request.Kind);
        intake.Present(HeaderField, request.Header);
        intake.Optional(Offset, request.OffsetMinutes);
        intake.ThrowIfWrong();
        var columns = LineKinds.Of(request.Kind!.Value).Table;
        var mapping = request.Mapping ?? [.. request.Header!.Select(h => Guess(h, columns))];
        var chosen = mapping.Select(name => columns.FirstOrDefault(c => c.Name == name)).ToList();
        var reader = new CellReader(
            new Names((request.Names ?? []).Select(n => (n.Id, n.Name ?? ""))),
            TimeSpan.FromMinutes(request.OffsetMinutes ?? 0)
        );
        List<BookLine> lines = [];
        List<RejectedLine> rejected = [];
        var line = request.FirstLine ?? 2;
        foreach (var row in request.Rows ?? [])
        {
            Read(request.Kind.Value, row, chosen, reader, line++, lines, rejected);
        }

        return new BookImportResponse(mapping, [.. columns.Select(c => new ImportColumn(c.Name, c.Title))], lines, rejected);
    }

    private static void Read(
        BookLineKind kind,
        IReadOnlyList<string> row,
        List<LineColumn?> columns,
        CellReader reader,
        double number,
        List<BookLine> lines,
        List<RejectedLine> rejected
    )
    {
        var line = LineKinds.Of(kind).Blank;
        for (var i = 0; i < Math.Min(row.Count, columns.Count); i++)
        {
            if (columns[i] is not { } column || string.IsNullOrWhiteSpace(row[i]))
            {
                continue;
            }

            if (column.Read(line, row[i], reader) is not { } next)
            {
                rejected.Add(new(number, $"{column.Title}: “{Short(row[i])}” can't be read{Hint(column, row[i], reader.Names)}"));
                return;
            }

            line = next;
        }

        var intake = new Intake(Speaker.Metric);
        line.Check(intake);
        try
        {
            intake.ThrowIfWrong();
            lines.Add(line);
        }
        catch (BadInputException bad)
        {
            rejected.Add(new(number, bad.Errors[0].Message));
        }
    }

    private static string Hint(LineColumn column, string text, Names names) =>
        column switch
        {
            { Name: LineColumn.AtName } => ": give it like 2026-08-21 14:05.",
            { IsName: true } when names.IsShared(text) =>
                ": more than one has that name. Give them names of their own, or leave the column out.",
            { IsName: true } => ": nothing here has that name. Add it first, or leave the column out.",
            _ when CellReader.MayBeThousands(text) => ": is the comma before decimals or between thousands? Write 1.25 or 1250.",
            _ => ".",
        };

    private static string Guess(string heading, IReadOnlyList<LineColumn> columns)
    {
        var plain = Plain(heading);
        return (
            columns.FirstOrDefault(c => Plain(c.Name) == plain || Plain(c.Title) == plain)
            ?? (plain is "date" or "time" or "datetime" or "when" ? columns[0] : null)
            ?? columns.FirstOrDefault(c => plain.Length > 2 && Plain(c.Name).StartsWith(plain, StringComparison.Ordinal))
        )?.Name
            ?? "";
    }

    private static string Plain(string text) => new([.. text.Where(char.IsLetterOrDigit).Select(char.ToLowerInvariant)]);

    private static string Short(string text) => text.Length > 40 ? text[..39] + "…" : text;
}
