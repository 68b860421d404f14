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
    private static readonly Guid Id = Guid.Parse("019c0000-0000-7000-8000-000000000001");

    private static Mishap Frozen(DateTimeOffset at) => new(Id, MishapKind.Froze) { At = at };

    /// <summary>What Treat credits the filter with, once the log has been folded.</summary>
    private static double Bacteria(FilterAsIs filter, params BookLine[] lines)
    {
        var entry = Kits.Entry(filter, Id.ToString());
        var state = WhatIsInHand.Compute(
            new InHandRequest(UnitSystem.Metric, Kits.Now, [entry], Lines: [.. lines.Select(l => new KeptLine(Guid.NewGuid(), l))])
        );
        return Treat
            .Compute(new TreatRequest(UnitSystem.Metric, Ask.Water(1), Id.ToString(), StartAt: Kits.Now, Kit: state.Kit))
            .Ledger[0]
            .TotalLogs;
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

    /// <summary>
    /// Its owner's word about a filter is taken, for better and worse, until the log tells of a mishap; then only a new element helps.
    /// </summary>
    [Fact]
    public void A_mishap_outweighs_what_its_owner_says_of_it()
    {
        FilterLookedOver Told(Happened frozen, int hours) =>
            new(Id, Kits.Squeeze.State with { Frozen = frozen }) { At = Kits.Now.AddHours(hours) };
        Bacteria(Kits.Squeeze, Told(Happened.Yes, -9)).ShouldBe(0);
        Bacteria(Kits.Squeeze, Told(Happened.Unknown, -9)).ShouldBe(0);
        Bacteria(Kits.Squeeze, Told(Happened.Yes, -9), Told(Happened.No, -8)).ShouldBe(6);
        Bacteria(Kits.Squeeze, Frozen(Kits.Now.AddHours(-9)), Told(Happened.No, -8)).ShouldBe(0);
        Bacteria(
                Kits.Squeeze,
                Frozen(Kits.Now.AddHours(-9)),
                new FilterServiced(Id, FilterService.NewElement) { At = Kits.Now.AddHours(-8) }
            )
            .ShouldBe(6);
        Bacteria(Kits.Squeeze, Told(Happened.No, -9), Frozen(Kits.Now.AddHours(-9))).ShouldBe(0); // at the same instant: the mishap
    }

    /// <summary>
    /// New and dry, it takes no harm from frost; what a look at it says of its wetting does not outlive water seen to go through.
    /// </summary>
    [Fact]
    public void Told_dry_after_a_mishap_it_stays_wet_when_it_was()
    {
        var dry = new FilterLookedOver(Id, Kits.Squeeze.State with { Wetted = Happened.No, UsedL = 0 }) { At = Kits.Now.AddHours(-8) };
        Bacteria(Kits.Squeeze, Frozen(Kits.Now.AddHours(-9)), dry).ShouldBe(0);
        Bacteria(Kits.Squeeze, dry, Frozen(Kits.Now.AddHours(-7))).ShouldBe(6);
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
