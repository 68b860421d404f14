using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Kit;

/// <summary>Rules 3 and 4 of the handbook: bad news at once, and what contradicts itself counts as the worse.</summary>
public class BadNewsTests
{
    private static readonly DateTimeOffset Counted = Kits.Now.AddDays(-2);

    private static double Bacteria(FilterSpec filter, params ItemMishap[] mishaps)
    {
        var entry = new KitEntry("filter", new KitItem(KitItemKind.Filter, "Squeeze filter", Filter: filter, CountedTo: Counted), mishaps);
        return Treat.Compute(new TreatRequest(UnitSystem.Metric, Ask.Water(1), "filter", StartAt: Kits.Now, Kit: [entry])).Ledger[0].TotalLogs;
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
        Bacteria(filter, new ItemMishap(kind, Kits.Now.AddHours(-1))).ShouldBe(bacteria);
        Bacteria(filter, new ItemMishap(kind)).ShouldBe(bacteria); // no instant: just now
    }

    [Fact]
    public void News_from_before_it_was_last_looked_after_is_in_its_state_already()
    {
        Bacteria(Kits.Squeeze, new ItemMishap(MishapKind.Froze, Counted.AddMinutes(-1))).ShouldBe(6);
        Bacteria(Kits.Squeeze, new ItemMishap(MishapKind.Froze, Counted)).ShouldBe(6);
        Bacteria(Kits.Squeeze, new ItemMishap(MishapKind.Froze, Counted.AddMinutes(1))).ShouldBe(0);
    }

    [Fact]
    public void A_fall_is_no_frost() => Bacteria(Kits.Squeeze with { Wetted = Happened.No, UsedL = 0 }, new ItemMishap(MishapKind.Froze, Kits.Now)).ShouldBe(6); // dry and new: no harm

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
