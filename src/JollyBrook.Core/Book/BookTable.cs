using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>A name with its id, so that tables speak of walkers, pieces of kit, sources and trips by name.</summary>
public sealed record NamedId(Guid Id, string? Name);

/// <summary>Lines of one kind to be written out as a table.</summary>
/// <param name="Kind">The kind.</param>
/// <param name="Lines">Its lines.</param>
/// <param name="Names">Names of walkers, pieces of kit, sources and trips.</param>
public sealed record BookTableRequest(BookLineKind? Kind, IReadOnlyList<BookLine>? Lines, IReadOnlyList<NamedId>? Names = null);

/// <summary>A table: heading and lines, each cell as text with a point for decimals.</summary>
public sealed record BookTableResponse(IReadOnlyList<string> Header, IReadOnlyList<IReadOnlyList<string>> Rows);

/// <summary>The calculation "book-table": one kind of line as a table.</summary>
public static class BookTable
{
    private static readonly ChoiceField KindField = ChoiceField.Of<BookLineKind>("kind", "Kind of line");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [KindField, .. LineKinds.Fields];

    /// <exception cref="BadInputException">The kind is missing.</exception>
    public static BookTableResponse Compute(BookTableRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.Metric);
        intake.Present(KindField, request.Kind);
        intake.ThrowIfWrong();
        var columns = LineKinds.Of(request.Kind!.Value).Table;
        var names = new Names((request.Names ?? []).Select(n => (n.Id, n.Name ?? "")));
        return new BookTableResponse(
            [.. columns.Select(c => c.Name)],
            [
                .. (request.Lines ?? [])
                    .Where(l => l.Tells == request.Kind)
                    .Select(l => (IReadOnlyList<string>)[.. columns.Select(c => c.Write(l, names))]),
            ]
        );
    }
}
