using CsCheck;
using JollyBrook.Core.Book;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Book;

/// <summary>Lines of the book: what is kept, how it is said, and tables out and in.</summary>
public class BookTests
{
    private static readonly DateTimeOffset At = new(2026, 8, 10, 14, 5, 0, TimeSpan.FromHours(1));
    private static readonly Guid Ilva = Guid.Parse("019c0000-0000-7000-8000-000000000001");
    private static readonly NamedId[] Names = [new(Ilva, "Ilva")];

    private static BookEntryResponse Say(BookEntry entry, UnitSystem units = UnitSystem.Metric) => EntryWords.Compute(new(units, entry, "Ilva", "Squeeze filter"));

    [Fact]
    public void Every_kind_is_said_in_words()
    {
        Say(new(BookEntryKind.Drink, At, Litres: 0.25)).Title.ShouldBe("Drank 0.25 L");
        Say(new(BookEntryKind.Drink, At, Litres: 0.25, Untreated: true)).Title.ShouldBe("Drank 0.25 L, untreated");
        Say(new(BookEntryKind.Urine, At, UrineColour: 6)).ShouldBe(new BookEntryResponse("Urine amber", "Ilva · short of water: drink and rest", null));
        // 1 L in 40 s: 1.5 L/min.
        Say(new(BookEntryKind.SourceReport, At, Flowing: true, FillL: 1, FillSeconds: 40)).ShouldBe(new BookEntryResponse("Squeeze filter: running", "Ilva · 1.5 L/min", 1.5));
        Say(new(BookEntryKind.FuelUsed, At, FuelG: 27, Litres: 2)).Detail.ShouldBe("Ilva · 13.5 g a litre");
        Say(new(BookEntryKind.FilterService, At, Service: FilterService.BackFlush, Litres: 30)).Title.ShouldBe("Squeeze filter: back-flushed");
        Say(new(BookEntryKind.Mishap, At, Mishap: MishapKind.Froze)).Title.ShouldBe("Squeeze filter: froze, or may have");
        Say(new(BookEntryKind.Stage, At, Hours: 5.5)).Title.ShouldBe("Walked 5 h 30 min");
        Say(new(BookEntryKind.Note, At, Note: "Bees at the spring")).Title.ShouldBe("Bees at the spring");
    }

    [Fact]
    public void What_is_missing_is_named()
    {
        string Wrong(BookEntry entry) => Should.Throw<BadInputException>(() => BookEntry.Check(entry)).Errors[0].Field;
        Wrong(new(null, At)).ShouldBe("kind");
        Wrong(new(BookEntryKind.Drink, null, Litres: 1)).ShouldBe("at");
        Wrong(new(BookEntryKind.Drink, At)).ShouldBe("litres");
        Wrong(new(BookEntryKind.Drink, At, Litres: -1)).ShouldBe("litres");
        Wrong(new(BookEntryKind.Urine, At)).ShouldBe("urineColour");
        Wrong(new(BookEntryKind.BodyMass, At, MassKg: 7)).ShouldBe("massKg");
        Wrong(new(BookEntryKind.Note, At, Note: " ")).ShouldBe("note");
        Wrong(new(BookEntryKind.Note, At, StruckOut: true)).ShouldBe("corrects");
        Wrong(new(BookEntryKind.Note, At, Note: "x", Photo: "data:text/html,<b>")).ShouldBe("photo");
    }

    [Fact]
    public void A_days_drinks_are_added_up()
    {
        var day = BookDay.Compute(new(UnitSystem.Metric, [new(BookEntryKind.Drink, At, Litres: 0.25), new(BookEntryKind.Drink, At, Litres: 0.5), new(BookEntryKind.Urine, At, UrineColour: 5)], 3));
        day.DrunkL.ShouldBe(0.75);
        day.Words.ShouldBe("drunk 0.75 L of 3 L planned · urine at its darkest dark yellow");
    }

    private static readonly Gen<BookEntry> AnyDrink = Gen.Select(Gen.Int[0, 100_000], Gen.Double[0, 5], Gen.Bool, Gen.String[Gen.Char.AlphaNumeric, 0, 20], Gen.Bool, (minutes, litres, untreated, note, whose) =>
        new BookEntry(BookEntryKind.Drink, At.AddMinutes(minutes), whose ? Ilva : null, Note: note.Length > 0 ? note : null, Litres: litres, Untreated: untreated));

    [Fact]
    public void A_table_written_reads_back_equal() => AnyDrink.Array[0, 20].Sample(
        entries =>
        {
            var table = BookTable.Compute(new(BookEntryKind.Drink, entries, Names));
            var read = BookImport.Compute(new(BookEntryKind.Drink, table.Header, table.Rows, Names: Names));
            read.Rejected.ShouldBeEmpty();
            read.Entries.ShouldBe(entries);
        },
        iter: 200);

    [Fact]
    public void Every_kinds_table_reads_back()
    {
        var item = Guid.NewGuid();
        BookEntry[] all =
        [
            new(BookEntryKind.Urine, At, Ilva, UrineColour: 5, Litres: 0.3), new(BookEntryKind.BodyMass, At, Ilva, MassKg: 61.4),
            new(BookEntryKind.SourceReport, At, SourceId: item, Flowing: false, Clarity: Clarity.SlightlyCloudy, TemperatureC: 7.5), new(BookEntryKind.FilterService, At, ItemId: item, Service: FilterService.IntegrityCheck, Passed: true),
            new(BookEntryKind.Mishap, At, ItemId: item, Mishap: MishapKind.Dropped), new(BookEntryKind.FuelUsed, At, ItemId: item, FuelG: 12, Litres: 1), new(BookEntryKind.Stage, At, Day: 2, Hours: 6.25),
            new(BookEntryKind.Symptom, At, Ilva, Note: "cramps", FeverC: 38.2, Blood: false), new(BookEntryKind.Note, At, Note: "two\nlines; with \"marks\""),
        ];
        foreach (var entry in all)
        {
            var table = BookTable.Compute(new(entry.Kind, all, Names));
            table.Rows.Count.ShouldBe(1);
            BookImport.Compute(new(entry.Kind, table.Header, table.Rows, Names: [.. Names, new(item, "Thing")])).Entries.ShouldBe([entry]);
        }
    }

    [Fact]
    public void A_mangled_table_is_mapped_and_its_bad_lines_are_told_by_number()
    {
        var read = BookImport.Compute(new(
            BookEntryKind.Drink, ["When", "Walker", "Litres", "Weather"],
            [["21.8.2026 9:30", "ilva", "0,25", "fine"], ["21.8.2026 25:30", "", "1", ""], ["2026-08-21 10:00", "Nobody", "1", ""], ["2026-08-21 11:00", "", "1,250.5", ""], ["2026-08-21 11:00", "", "", ""]],
            2, OffsetMinutes: 60, Names: Names));
        read.Mapping.ShouldBe(["at", "walker", "litres", ""]);
        read.Entries.ShouldBe([new BookEntry(BookEntryKind.Drink, new DateTimeOffset(2026, 8, 21, 9, 30, 0, TimeSpan.FromHours(1)), Ilva, Litres: 0.25)]);
        read.Rejected.Select(r => r.Line).ShouldBe([3, 4, 5, 6]);
        read.Rejected[1].Message.ShouldContain("nothing here has that name");
        read.Rejected[2].Message.ShouldBe("Litres: “1,250.5” can't be read.");
    }

    [Fact]
    public void A_column_can_be_mapped_by_hand_or_left_out()
    {
        var read = BookImport.Compute(new(BookEntryKind.Drink, ["a", "b", "c"], [["2026-08-21", "2", "x"]], Mapping: ["at", "litres", ""]));
        read.Entries.Single().Litres.ShouldBe(2);
    }
}
