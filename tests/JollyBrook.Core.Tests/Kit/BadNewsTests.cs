using JollyBrook.Core.Book;
using JollyBrook.Core.Filters;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Kit;

/// <summary>Rules 3 and 4 of the handbook: bad news at once, and what contradicts itself counts as the worse.</summary>
public class BadNewsTests
{
    private static readonly DateTimeOffset Counted = Kits.Now.AddDays(-2);

    private static readonly Guid Id = Guid.Parse("019c0000-0000-7000-8000-000000000001");

    private static Mishap Frozen(DateTimeOffset at) => new(Id, MishapKind.Froze) { At = at };

    /// <summary>What Treat credits the filter with, once the log has been folded.</summary>
    private static double Bacteria(FilterSpec filter, params BookLine[] lines)
    {
        var entry = new KitEntry(Id.ToString(), new KitItem(KitItemKind.Filter, "Squeeze filter", Filter: filter, CountedTo: Counted));
        var state = WhatIsInHand.Compute(new InHandRequest(UnitSystem.Metric, Kits.Now, [entry], Lines: [.. lines.Select(l => new KeptLine(Guid.NewGuid(), l))]));
        return Treat.Compute(new TreatRequest(UnitSystem.Metric, Ask.Water(1), Id.ToString(), StartAt: Kits.Now, Kit: state.Kit)).Ledger[0].TotalLogs;
    }

    [Theory]
    [InlineData(FilterElement.HollowFibre, MishapKind.Froze, 0)]
    [InlineData(FilterElement.Ceramic, MishapKind.Froze, 0)]
    [InlineData(FilterElement.Ceramic, MishapKind.Dropped, 0)]
    [InlineData(FilterElement.HollowFibre, MishapKind.Dropped, 6)] // a fall breaks ceramic
    public void What_the_book_tells_takes_the_credit_before_anybody_accepts_it(FilterElement element, MishapKind kind, double bacteria)
    {
        var filter = Kits.Squeeze with { Element = element };
        Bacteria(filter).ShouldBe(6);
        Bacteria(filter, new Mishap(Id, kind) { At = Kits.Now.AddHours(-1) }).ShouldBe(bacteria);
        Bacteria(filter, new Mishap(Id, kind) { At = Kits.Now.AddHours(5) }).ShouldBe(bacteria); // by a clock that is ahead
    }

    [Fact]
    public void News_from_before_it_was_last_looked_after_is_in_its_state_already()
    {
        Bacteria(Kits.Squeeze, Frozen(Counted.AddMinutes(-1))).ShouldBe(6);
        Bacteria(Kits.Squeeze, Frozen(Counted)).ShouldBe(6);
        Bacteria(Kits.Squeeze, Frozen(Counted.AddMinutes(1))).ShouldBe(0);
    }

    [Fact]
    public void A_fall_is_no_frost() => Bacteria(Kits.Squeeze with { Wetted = Happened.No, UsedL = 0 }, Frozen(Kits.Now)).ShouldBe(6); // dry and new: no harm

    /// <summary>"Never wetted" with 900 L through it cannot be: it was wet, and wet it froze.</summary>
    [Fact]
    public void Never_wetted_after_900_litres_counts_as_wetted()
    {
        var filter = Kits.Squeeze with { Wetted = Happened.No, UsedL = 900, Frozen = Happened.Yes };
        Bacteria(filter).ShouldBe(0);
        Bacteria(filter with { UsedL = 0, ClogLoadLNtu = 0 }).ShouldBe(6);
        Bacteria(filter with { UsedL = 0, ClogLoadLNtu = 40 }).ShouldBe(0); // clogged by something
    }
}
