using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Book;

/// <summary>Lines of the book: what is kept, how it is said, and tables out and in.</summary>
public class BookTests
{
    private static readonly DateTimeOffset At = new(2026, 8, 10, 14, 5, 0, TimeSpan.FromHours(1));
    private static readonly Guid Ilva = Guid.Parse("019c0000-0000-7000-8000-000000000001");
    private static readonly NamedId[] Names = [new(Ilva, "Ilva")];

    private static BookLineResponse Say(BookLine line, UnitSystem units = UnitSystem.Metric) =>
        LineWords.Compute(new(units, line, new LineNames("Ilva", "Squeeze filter")));

    [Fact]
    public void Every_kind_is_said_in_words()
    {
        Say(new Drank(0.25) { At = At }).Title.ShouldBe("Drank 0.25 L from Squeeze filter");
        Say(new Drank(0.25, Untreated: true) { At = At }).Title.ShouldBe("Drank 0.25 L from Squeeze filter, untreated");
        Say(new UrinePassed(null, UrineColour: 6) { At = At })
            .ShouldBe(new BookLineResponse("Urine amber", "Ilva · short of water: drink and rest", null));
        // 1 L in 40 s: 1.5 L/min.
        Say(new SourceSeen(null, Flowing: true, FillL: 1, FillSeconds: 40) { At = At })
            .ShouldBe(new BookLineResponse("Squeeze filter: running", "Ilva · 1.5 L/min", 1.5));
        Say(new FuelBurnt(null, 27, Litres: 2) { At = At }).Detail.ShouldBe("Ilva · 13.5 g a litre");
        Say(new FilterServiced(null, FilterService.BackFlush, Litres: 30) { At = At }).Title.ShouldBe("Squeeze filter: back-flushed");
        Say(new Mishap(null, MishapKind.Froze) { At = At }).Title.ShouldBe("Squeeze filter: froze, or may have");
        Say(new StageWalked(5.5) { At = At }).Title.ShouldBe("Walked 5 h 30 min");
        Say(new StageWalked(2, Effort: new Effort(TemperatureC: 12, SpeedKmH: 3.5)) { At = At })
            .Detail.ShouldBe("Ilva · 12 °C in the shade · 3.5 km/h");
        Say(new SignsLookedFor(null, [BodySign.Headache, BodySign.DryMouth]) { At = At }).Title.ShouldBe("Signs: headache, dry mouth");
        Say(new SignsLookedFor((Guid?)null) { At = At }).Title.ShouldBe("Signs: none");
        Say(new Noted() { At = At, Note = "Bees at the spring" }).Title.ShouldBe("Bees at the spring");
    }

    [Fact]
    public void What_is_missing_is_named()
    {
        string Wrong(BookLine line) => Should.Throw<BadInputException>(() => BookLine.Check(line)).Errors[0].Field;
        Wrong(new Drank(1)).ShouldBe("at");
        Wrong(new Drank((double?)null) { At = At }).ShouldBe("litres");
        Wrong(new Drank(-1) { At = At }).ShouldBe("litres");
        Wrong(new UrinePassed((Guid?)null) { At = At }).ShouldBe("urineColour");
        Wrong(new BodyWeighed(null, 7) { At = At }).ShouldBe("massKg");
        Wrong(new Noted() { At = At, Note = " " }).ShouldBe("note");
        Wrong(new TakenBack { At = At }).ShouldBe("corrects");
        Wrong(new SourceSeen(null, Photo: "data:text/html,<b>") { At = At }).ShouldBe("photo");
        Wrong(new Filled((Guid?)null) { At = At }).ShouldBe("containerId");
        Wrong(new Poured(Ilva, Ilva) { At = At }).ShouldBe("intoId");
        Wrong(new Cooked(Ilva) { At = At }).ShouldBe("litres");
        Wrong(new Counted(Ilva, -1) { At = At }).ShouldBe("left");
        Wrong(new CanisterWeighed(null, 100) { At = At }).ShouldBe("itemId");
    }

    [Fact]
    public void A_days_drinks_are_added_up()
    {
        var day = BookDay.Compute(
            new(
                UnitSystem.Metric,
                [new Drank(0.25) { At = At }, new Drank(0.5) { At = At }, new UrinePassed(null, UrineColour: 5) { At = At }],
                3
            )
        );
        day.DrunkL.ShouldBe(0.75);
        day.Words.ShouldBe("drunk 0.75 L of 3 L planned · urine at its darkest dark yellow");
    }

    private static readonly Gen<BookLine> AnyDrink = Gen.Select(
        Gen.Int[0, 100_000],
        Gen.Double[0, 5],
        Gen.Bool,
        Gen.String[Gen.Char.AlphaNumeric, 0, 20],
        Gen.Bool,
        (minutes, litres, untreated, note, whose) =>
            (BookLine)
                new Drank(litres, WalkerId: whose ? Ilva : null, Untreated: untreated)
                {
                    At = At.AddMinutes(minutes),
                    Note = note.Length > 0 ? note : null,
                }
    );

    [Fact]
    public void A_table_written_reads_back_equal() =>
        AnyDrink
            .Array[0, 20]
            .Sample(
                lines =>
                {
                    var table = BookTable.Compute(new(BookLineKind.Drank, lines, Names));
                    var read = BookImport.Compute(new(BookLineKind.Drank, table.Header, table.Rows, Names: Names));
                    read.Rejected.ShouldBeEmpty();
                    read.Lines.ShouldBe(lines);
                },
                iter: 200
            );

    [Fact]
    public void Every_kinds_table_reads_back()
    {
        var (item, other) = (Guid.NewGuid(), Guid.NewGuid());
        BookLine[] all =
        [
            new UrinePassed(Ilva, UrineColour: 5, Litres: 0.3) { At = At },
            new BodyWeighed(Ilva, 61.4) { At = At },
            new SignsLookedFor(Ilva) { At = At },
            new SourceSeen(item, Flowing: false, Clarity: Clarity.SlightlyCloudy, TemperatureC: 7.5) { At = At },
            new FilterServiced(item, FilterService.IntegrityCheck, Passed: true) { At = At },
            new Mishap(item, MishapKind.Dropped) { At = At },
            new FuelBurnt(item, 12, Litres: 1) { At = At },
            new StageWalked(6.25, Day: 2) { At = At },
            new SymptomFelt(Ilva, FeverC: 38.2, Blood: false) { At = At, Note = "cramps" },
            new Noted() { At = At, Note = "two\nlines; with \"marks\"" },
            new Drank(0.7, All: true, WalkerId: Ilva, ContainerId: item) { At = At },
            new Filled(item, 0.75, other, Clarity.Clear, WaterColour.Tea, 8) { At = At },
            new Poured(item, other, 0.5) { At = At },
            new Cooked(item, 0.4) { At = At },
            new Spilt(item, All: true) { At = At },
            new Rinsed(item) { At = At },
            new GuardedFromFrost(item) { At = At },
            new StayedWarm(item) { At = At },
            new Dipped(item) { At = At },
            new PassedBy(other) { At = At },
            new CanisterWeighed(item, 88) { At = At },
            new Counted(item, 12) { At = At },
            new Charged(item, 40) { At = At },
            new FilterLookedOver(
                item,
                new Core.Filters.FilterState(
                    120,
                    4.5,
                    0.02,
                    Core.Filters.Happened.Yes,
                    Core.Filters.Happened.No,
                    Core.Filters.Happened.Unknown,
                    false
                )
            )
            {
                At = At,
            },
        ];
        all.Select(l => l.Tells).Append(BookLineKind.TakenBack).Distinct().Count().ShouldBe(LineKinds.All.Count); // none is left out
        foreach (var line in all)
        {
            var table = BookTable.Compute(new(line.Tells, all, Names));
            table.Rows.Count.ShouldBe(1);
            BookImport
                .Compute(new(line.Tells, table.Header, table.Rows, Names: [.. Names, new(item, "Thing"), new(other, "Other")]))
                .Lines.ShouldBe([line]);
        }
    }

    [Fact]
    public void Signs_read_back_and_one_that_is_none_is_refused()
    {
        var line = new SignsLookedFor(Ilva, [BodySign.Headache, BodySign.DryMouth]) { At = At };
        var table = BookTable.Compute(new(BookLineKind.Signs, [line], Names));
        var read = BookImport
            .Compute(new(BookLineKind.Signs, table.Header, table.Rows, Names: Names))
            .Lines.ShouldHaveSingleItem()
            .ShouldBeOfType<SignsLookedFor>();
        read.Signs.ShouldBe(line.Signs);
        BookImport
            .Compute(
                new(
                    BookLineKind.Signs,
                    table.Header,
                    [
                        [.. table.Rows[0].Select(c => c.Replace("dryMouth", "wet mouth"))],
                    ],
                    Names: Names
                )
            )
            .Lines.ShouldBeEmpty();
    }

    [Fact]
    public void A_mangled_table_is_mapped_and_its_bad_lines_are_told_by_number()
    {
        var read = BookImport.Compute(
            new(
                BookLineKind.Drank,
                ["When", "Walker", "Litres", "Weather"],
                [
                    ["21.8.2026 9:30", "ilva", "0,25", "fine"],
                    ["21.8.2026 25:30", "", "1", ""],
                    ["2026-08-21 10:00", "Nobody", "1", ""],
                    ["2026-08-21 11:00", "", "1,250.5", ""],
                    ["2026-08-21 11:00", "", "", ""],
                ],
                2,
                OffsetMinutes: 60,
                Names: Names
            )
        );
        read.Mapping.ShouldBe(["at", "walker", "litres", ""]);
        read.Lines.ShouldBe([new Drank(0.25, WalkerId: Ilva) { At = new DateTimeOffset(2026, 8, 21, 9, 30, 0, TimeSpan.FromHours(1)) }]);
        read.Rejected.Select(r => r.Line).ShouldBe([3, 4, 5, 6]);
        read.Rejected[1].Message.ShouldContain("nothing here has that name");
        read.Rejected[2].Message.ShouldBe("Litres: “1,250.5” can't be read.");
    }

    [Fact]
    public void A_column_can_be_mapped_by_hand_or_left_out()
    {
        var read = BookImport.Compute(
            new(
                BookLineKind.Drank,
                ["a", "b", "c"],
                [
                    ["2026-08-21", "2", "x"],
                ],
                Mapping: ["at", "litres", ""]
            )
        );
        read.Lines.Single().ShouldBeOfType<Drank>().Litres.ShouldBe(2);
    }
}
