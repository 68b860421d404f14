using System.Text.Json;
using CsCheck;
using JollyBrook.Core.Book;

namespace JollyBrook.Core.Tests.Book;

/// <summary>A table out of the book, and one into it: nothing is lost, and nothing becomes something else.</summary>
public sealed class BookTableProperties
{
    private static readonly Guid Unnamed = AnyLine.Ids[^1];

    /// <summary>Names as people give them: some alike, some none, one that looks like an id.</summary>
    private static readonly Gen<NamedId[]> Names = Gen.OneOf(
            "Bottle",
            "bottle",
            "Bottle ",
            "Ilva",
            "Spring under the col",
            "7",
            "yes",
            "",
            " ",
            "019c0000-0000-7000-8000-000000000002"
        )
        .Array[AnyLine.Ids.Count - 1]
        .Select(names => names.Select((name, i) => new NamedId(AnyLine.Ids[i], name)).ToArray());

    private static IEnumerable<string> Json(IEnumerable<BookLine> lines) =>
        lines.Select(l => JsonSerializer.Serialize(l, ContractJson.Default.BookLine));

    [Fact]
    public void Every_line_of_every_kind_reads_back_as_it_was_whatever_things_are_called() =>
        Gen.Select(AnyLine.Good.Array[1, 6], Names)
            .Sample(
                (lines, names) =>
                {
                    foreach (var kind in lines.GroupBy(l => l.Tells))
                    {
                        var table = BookTable.Compute(new(kind.Key, lines, names));
                        var read = BookImport.Compute(new(kind.Key, table.Header, table.Rows, Names: names));
                        read.Rejected.ShouldBeEmpty();
                        Json(read.Lines).ShouldBe(Json(kind));
                    }
                },
                iter: 2_000
            );

    /// <summary>Each heading is known again by its title as well, as a person would write it.</summary>
    [Fact]
    public void Every_column_is_known_by_its_name_and_by_its_title()
    {
        foreach (var kind in LineKinds.All)
        {
            var columns = BookImport.Compute(new(kind.Kind, [], [])).Columns;
            var byTitle = BookImport.Compute(new(kind.Kind, [.. columns.Select(c => c.Title.ToUpperInvariant())], []));
            byTitle.Mapping.ShouldBe(columns.Select(c => c.Name), kind.Name);
            var byName = BookImport.Compute(new(kind.Kind, [.. columns.Select(c => $" {c.Name} ")], []));
            byName.Mapping.ShouldBe(columns.Select(c => c.Name), kind.Name);
        }
    }

    /// <summary>Whatever stands in the cells, a line is good to keep or refused with its number: never half read, never a crash.</summary>
    [Fact]
    public void Whatever_stands_in_the_cells_a_line_is_kept_whole_or_refused_by_its_number()
    {
        var cell = Gen.OneOf(
            Gen.OneOf("", " ", "yes", "0", "-1", "1e400", "NaN", "1,5", "1,500", "2026-08-21 14:05", "21.8.2026", "Bottle", "clear;;x"),
            Gen.String[0, 12],
            Gen.Double[-1e7, 1e7].Select(d => d.ToString("R", System.Globalization.CultureInfo.InvariantCulture))
        );
        Gen.Select(Gen.Enum<BookLineKind>(), cell.Array[0, 14].Array[1, 4], Names, Gen.Int[-840, 840])
            .Sample(
                (kind, rows, names, offset) =>
                {
                    var header = BookImport.Compute(new(kind, [], [])).Columns.Select(c => c.Name).ToList();
                    var read = BookImport.Compute(new(kind, header, rows, 7, OffsetMinutes: offset, Names: names));
                    (read.Lines.Count + read.Rejected.Count).ShouldBe(rows.Length);
                    read.Rejected.Select(r => r.Line).ShouldBeSubsetOf([7, 8, 9, 10]);
                    read.Rejected.ShouldAllBe(r => r.Message.Length > 0);
                    foreach (var line in read.Lines)
                    {
                        line.Tells.ShouldBe(kind);
                        Should.NotThrow(() => BookLine.Check(line));
                    }
                },
                iter: 2_000
            );
    }

    private static BookImportResponse Litres(string cell) =>
        BookImport.Compute(
            new(
                BookLineKind.Drank,
                ["at", "litres"],
                [
                    ["2026-08-21 14:05", cell],
                ]
            )
        );

    /// <summary>1,250 is 1250 to one and 1.25 to another: nobody is asked to drink by a guess.</summary>
    [Theory]
    [InlineData("1,25", 1.25)]
    [InlineData("0,250", 0.25)]
    [InlineData("1.250", 1.25)]
    [InlineData("12,5", 12.5)]
    [InlineData("1,2500", 1.25)]
    [InlineData("2", 2)]
    public void A_comma_is_read_as_a_decimal_mark_where_it_can_be_nothing_else(string cell, double litres) =>
        Litres(cell).Lines.Single().ShouldBeOfType<Drank>().Litres.ShouldBe(litres);

    [Theory]
    [InlineData("1,250")]
    [InlineData("12,500")]
    [InlineData(" -1,000 ")]
    public void A_comma_that_may_stand_between_thousands_is_asked_about(string cell)
    {
        var read = Litres(cell);
        read.Lines.ShouldBeEmpty();
        read.Rejected.Single()
            .Message.ShouldBe($"Litres: “{cell}” can't be read: is the comma before decimals or between thousands? Write 1.25 or 1250.");
    }

    [Fact]
    public void Two_bottles_of_one_name_are_told_apart_by_their_ids()
    {
        NamedId[] names = [new(AnyLine.Ids[0], "Bottle"), new(AnyLine.Ids[1], "bottle "), new(AnyLine.Ids[2], "Pot")];
        BookLine[] lines = [.. AnyLine.Ids.Take(3).Append(Unnamed).Select(id => new Rinsed(id) { At = DateTimeOffset.UnixEpoch })];
        var table = BookTable.Compute(new(BookLineKind.Rinsed, lines, names));
        table.Rows.Select(r => r[1]).ShouldBe([$"{AnyLine.Ids[0]}", $"{AnyLine.Ids[1]}", "Pot", $"{Unnamed}"]);
        var read = BookImport.Compute(
            new(
                BookLineKind.Rinsed,
                ["at", "container"],
                [
                    ["2026-08-21 14:05", "BOTTLE"],
                ],
                Names: names
            )
        );
        read.Rejected.Single().Message.ShouldContain("more than one has that name");
    }
}
