using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Tests.Carry;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Packing;

/// <summary>The seven findings, each with a kit that holds and one that does not, and the grid of chains against failures.</summary>
public class CheckKitTests
{
    private static readonly DateOnly First = new(2026, 8, 10);
    private static readonly DateOnly Last = new(2026, 8, 13);

    private static readonly KitTrip Trip = new(40, First, Last, 8, Clarity.Clear, WaterColour.None, 900, 4, 6, 9);

    private static readonly KitEntry Filter = Carried(
        new WaterFilter(Kits.Squeeze.Label)
        {
            Name = "Squeeze filter",
            MassKg = 0.09,
            Bag = "Ilva",
        }
    ) with
    {
        Filter = Kits.Squeeze.State,
    };
    private static readonly KitEntry Tablets = Carried(
        new ChemicalProduct(Kits.Tablets)
        {
            Name = "Chlorine tablets",
            MassKg = 0.02,
            Bag = "Ilva",
        },
        60
    );
    private static readonly ProductSpec Dated = new("clo2-tablet", new DateOnly(2028, 1, 1));
    private static readonly KitEntry Dioxide = Carried(Of(Dated), 30);
    private static readonly KitEntry Lamp = Carried(
        new UvLamp(Kits.Lamp.Label)
        {
            Name = "UV lamp",
            MassKg = 0.1,
            Bag = "Sorrel",
        },
        40
    );
    private static readonly KitEntry Stove = Carried(
        new Stove(new BurnerSpec("canister-sheltered", 130))
        {
            Name = "Canister stove",
            MassKg = 0.1,
            Bag = "Torren",
        },
        230
    );
    private static readonly KitEntry Pot = Carried(Kits.Pot with { Bag = "Torren" });
    private static readonly Container Bottles = new(6, Opaque: true) { Name = "Bottles" };
    private static readonly KitEntry Bottle = Carried(Bottles);
    private static readonly KitEntry Bag = Carried(new Container(10, Role: ContainerRole.Dirty) { Name = "Camp bag" });

    private static readonly KitEntry[] Whole = [Filter, Tablets, Dioxide, Lamp, Stove, Pot, Bottle, Bag];

    private static KitEntry Carried(KitItem item, double? left = null) => new(item.Name, item, left);

    private static ChemicalProduct Of(ProductSpec dioxide) =>
        new(dioxide)
        {
            Name = "Chlorine dioxide tablets",
            MassKg = 0.03,
            Bag = "Torren",
        };

    private static KitCheckResponse Check(IEnumerable<KitEntry> kit, KitTrip? trip = null) =>
        CheckKit.Compute(
            new KitCheckRequest(UnitSystem.Metric, [.. kit.Select((piece, i) => piece with { Id = $"k{i}" })], Trip: trip ?? Trip)
        );

    private static KitFinding Finding(int number, IEnumerable<KitEntry> kit, KitTrip? trip = null) => Check(kit, trip).Findings[number - 1];

    private static IEnumerable<KitEntry> With(KitEntry old, KitEntry changed) => Whole.Select(i => i == old ? changed : i);

    private static IEnumerable<KitEntry> Without(params KitEntry[] gone) => Whole.Except(gone);

    /// <summary>Three tablets, one a litre: 3 L, 3.17 qt, of a day's 40/4 = 10 L, 2.64 gal.</summary>
    [Theory]
    [InlineData(UnitSystem.Metric, "Enough for 3 L: less than a day’s 10 L.")]
    [InlineData(UnitSystem.Us, "Enough for 3.17 qt: less than a day’s 2.64 gal.")]
    public void A_chain_that_does_not_last_a_day_says_so_in_ones_own_units(UnitSystem units, string why)
    {
        var kit = With(Dioxide, Carried(Of(Dated), 3)).Select((piece, i) => piece with { Id = $"k{i}" });
        CheckKit
            .Compute(new KitCheckRequest(units, [.. kit], Trip: Trip))
            .Chains.Single(c => c.Name == "Chlorine dioxide tablets")
            .Why.ShouldBe(why);
    }

    [Fact]
    public void A_whole_kit_is_enough()
    {
        var answer = Check(Whole);
        answer.Findings.Where(f => f.State != FindingState.Holds).Select(f => $"{f.Number}: {f.Figure} {f.Fix}").ShouldBeEmpty();
        answer.Headline.ShouldBe("The kit is enough");
        answer.Enough.ShouldBeTrue();
        answer.Findings.Select(f => f.Number).ShouldBe([1, 2, 3, 4, 5, 6, 7]);
    }

    [Fact]
    public void A_kit_with_anything_to_mend_is_not_enough() => Check(Without(Stove)).Enough.ShouldBeFalse();

    /// <summary>
    /// The stove and the tablets are in Ilva's bag, the pot is in another: without Ilva's nothing boils and nothing is dosed.
    /// </summary>
    [Fact]
    public void A_way_is_lost_with_any_bag_that_holds_a_part_of_it()
    {
        var stove = Stove with { Item = Stove.Item! with { Bag = "Ilva" } };
        var column = Check([Tablets, stove, Pot, Bottle, Bag]).Columns.Single(c => c.Failure == KitFailure.LostBag);
        (column.Worst, column.Survivors, column.Holds).ShouldBe(("Ilva", 0, false));
    }

    /// <summary>Two of one name are two: when one breaks the other still stands, for what is called alike as for what is not.</summary>
    [Theory]
    [InlineData("UV lamp")]
    [InlineData("Spare lamp")]
    public void Of_two_alike_one_is_left_when_the_other_breaks(string second)
    {
        var spare = Lamp with { Item = Lamp.Item! with { Name = second } };
        var column = Check([Lamp, spare, Bottle]).Columns.Single(c => c.Failure == KitFailure.Breakage);
        (column.Worst, column.Survivors).ShouldBe(("UV lamp", 1));
        Check([Lamp, Bottle]).Columns.Single(c => c.Failure == KitFailure.Breakage).Survivors.ShouldBe(0);
    }

    [Fact]
    public void One_no_chain_for_the_worst_water()
    {
        var finding = Finding(1, [Filter, Bottle, Bag]); // a hollow fibre holds no viruses
        finding.State.ShouldBe(FindingState.Fails);
        finding.Figure.ShouldContain("Short of the target on viruses");
        Finding(1, []).Figure.ShouldBe("Nothing to treat with is carried.");
    }

    [Fact]
    public void One_the_worst_water_decides()
    {
        // Cloudy water takes the light away from the lamp; by itself it is then no chain.
        Finding(1, [Lamp, Bottle]).State.ShouldBe(FindingState.Holds);
        Finding(1, [Lamp, Bottle], Trip with { WorstClarity = Clarity.Cloudy }).State.ShouldBe(FindingState.Fails);
    }

    [Fact]
    public void Two_chains_must_be_left_whatever_fails()
    {
        // Stove and dioxide alone: no fuel leaves one chain, so do dates; both in Torren's bag: its loss leaves none.
        var answer = Check([Stove, Pot, Dioxide, Bottle]);
        answer.Findings[1].State.ShouldBe(FindingState.Fails);
        FailureColumn Column(KitFailure failure) => answer.Columns.Single(c => c.Failure == failure);
        Column(KitFailure.NoFuel).Survivors.ShouldBe(1);
        Column(KitFailure.Expiry).Survivors.ShouldBe(1);
        Column(KitFailure.FlatBattery).Survivors.ShouldBe(2);
        Column(KitFailure.Freeze).Survivors.ShouldBe(2);
        Column(KitFailure.LostBag).ShouldBe(new FailureColumn(KitFailure.LostBag, "One bag lost", "Torren", 0, false));
        answer.Findings[1].Fix.ShouldContain("tablets in another bag");
    }

    [Fact]
    public void Two_what_has_no_named_bag_counts_as_one_bag()
    {
        var answer = Check(Whole.Select(e => e with { Item = e.Item! with { Bag = null } }));
        answer.Columns.Single(c => c.Failure == KitFailure.LostBag).Survivors.ShouldBe(0);
    }

    [Fact]
    public void Three_a_quarter_more_than_planned()
    {
        // 30 tablets of a litre each: 30 L; 25 L × 1.25 = 31.25 L.
        var finding = Finding(3, [Dioxide, Bottle], Trip with { Litres = 25 });
        finding.State.ShouldBe(FindingState.Fails);
        finding.Figure.ShouldBe("Enough for 30 L; planned 25 L × 1.25 = 31.25 L.");
        finding.Fix.ShouldBe("Take enough for 1.25 L more.");
        Finding(3, [Dioxide, Bottle], Trip with { Litres = 24 }).State.ShouldBe(FindingState.Holds);
    }

    [Fact]
    public void Three_what_is_not_counted_counts_as_none()
    {
        var finding = Finding(3, [Dioxide with { Left = null }, Bottle]);
        finding.State.ShouldBe(FindingState.Unknown);
        finding.Figure.ShouldContain("Not counted: Chlorine dioxide tablets.");
    }

    [Fact]
    public void Three_a_supply_that_two_chains_share_counts_once()
    {
        // 60 chlorine tablets behind the filter: 60 L, and 30 L of dioxide by itself: 90 L, whatever else the filter could do.
        var answer = Check([Filter, Tablets, Dioxide, Bottle, Bag]);
        answer.Working.Single(w => w.Label == "Wanted").Inputs[0].Value!.Value.ShouldBe(90, 1e-9);
    }

    [Fact]
    public void Spare_is_what_is_beyond_a_quarter_more()
    {
        // 90 L less 40 × 1.25 = 50 L: 40 L to give.
        Check([Filter, Tablets, Dioxide, Bottle, Bag]).Spare.Sum(s => s.Litres).ShouldBe(40);
        Check([Dioxide, Bottle]).Spare.ShouldBeEmpty();
    }

    [Fact]
    public void Four_dates_hold_to_the_last_day()
    {
        KitEntry Good(DateOnly? until) => Dioxide with { Item = Of(Dated with { BestBefore = until }) };
        var past = Good(Last.AddDays(-1));
        var finding = Finding(4, With(Dioxide, past));
        finding.State.ShouldBe(FindingState.Fails);
        finding.Figure.ShouldBe("Chlorine dioxide tablets: good to 12 Aug 2026, the trip ends 13 Aug 2026.");
        Finding(4, With(Dioxide, Good(Last))).State.ShouldBe(FindingState.Holds);
        Finding(4, With(Dioxide, Good(null))).State.ShouldBe(FindingState.Unknown);
    }

    [Fact]
    public void Four_bleach_holds_a_year_from_its_pack_date()
    {
        KitEntry Bleach(DateOnly packed) =>
            Kits.Entry(new ProductSpec("bleach", PackDate: packed, StrengthPercent: 6), left: 30, name: "Bleach");
        Finding(4, [.. Whole, Bleach(Last.AddMonths(-12))]).State.ShouldBe(FindingState.Holds);
        Finding(4, [.. Whole, Bleach(Last.AddMonths(-12).AddDays(-1))]).State.ShouldBe(FindingState.Fails);
    }

    [Fact]
    public void Five_a_filter_is_worn_frozen_or_clogged()
    {
        KitEntry Changed(Func<FilterAsIs, FilterAsIs> change) => Kits.Entry(change(Kits.Squeeze));
        Finding(5, With(Filter, Changed(f => f with { UsedL = 3970 }))).Figure.ShouldBe("Squeeze filter: 30 L of life left, 40 L planned.");
        Finding(5, With(Filter, Changed(f => f with { Frozen = Happened.Yes }))).State.ShouldBe(FindingState.Fails);
        Finding(5, With(Filter, Changed(f => f with { Frozen = Happened.Unknown }))).State.ShouldBe(FindingState.Unknown);
        Finding(5, With(Filter, Changed(f => f with { RatedLifeL = null }))).State.ShouldBe(FindingState.Unknown);
        // 300 L·NTU on an element that clogs at 300: half its flow already.
        Finding(5, With(Filter, Changed(f => f with { ClogLoadLNtu = 300 }))).Fix.ShouldBe("Back-flush it before you leave.");
    }

    [Fact]
    public void Six_containers_and_a_way_to_cook()
    {
        Finding(6, With(Bottle, Carried(Bottles with { VolumeL = 4 }))).Fix.ShouldBe("Take 2 L more of clean volume.");
        Finding(6, Without(Bag))
            .Fix.ShouldBe("Take 3 L more for the camp. Mark one container for dirty water: a filter is filled from it.");
        Finding(6, Without(Pot)).Fix.ShouldBe("Take a pot and a stove to cook with.");
    }

    [Fact]
    public void Seven_the_weight_of_each_chain()
    {
        // Stove 100 g, gas 230 g, canister 130 g, pot 190 g: 650 g.
        var answer = Check(Whole);
        answer.Chains.Single(c => c.Name == "Canister stove").WeightKg.ShouldBe(0.65, 1e-9);
        var unweighed = Finding(7, With(Lamp, Lamp with { Item = Lamp.Item! with { MassKg = null } }));
        unweighed.State.ShouldBe(FindingState.Unknown);
        unweighed.Fix.ShouldBe("Weigh UV lamp.");
    }

    [Fact]
    public void A_stove_without_a_pot_is_no_chain() => Check(Without(Pot)).Chains.ShouldNotContain(c => c.Name == "Canister stove");

    [Fact]
    public void Without_plan_or_litres_it_says_what_is_missing() =>
        Should
            .Throw<BadInputException>(() => CheckKit.Compute(new KitCheckRequest(null, [])))
            .Errors.Single()
            .Field.ShouldBe("trip.litres");

    /// <summary>Three days from today, or from the day that is told: no date is counted on that ends in between.</summary>
    [Fact]
    public void A_walk_without_dates_has_its_days_all_the_same()
    {
        var walk = Routes.Level(60);
        walk = walk with { Route = walk.Route! with { StartDate = null, Days = [new(8, 20), new(8, 40), new(8, null)] } };
        KitCheckResponse On(KitTrip? told, DateOnly goodUntil) =>
            CheckKit.Compute(
                new KitCheckRequest(
                    UnitSystem.Metric,
                    [.. With(Dioxide, Dioxide with { Item = Of(Dated with { BestBefore = goodUntil }) })],
                    walk,
                    told,
                    Now: new DateTimeOffset(First, new TimeOnly(9, 0), TimeSpan.Zero)
                )
            );
        var check = On(null, First.AddDays(1));
        (check.Trip.FirstDay, check.Trip.LastDay).ShouldBe((First, First.AddDays(2)));
        check.Findings[3].State.ShouldBe(FindingState.Fails);
        On(null, First.AddDays(2)).Findings[3].State.ShouldBe(FindingState.Holds);
        On(new KitTrip(FirstDay: Last), Last).Trip.LastDay.ShouldBe(Last.AddDays(2));
    }
}
