using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Kit;

public class DescribeItemTests
{
    private static string Say(KitEntry piece, UnitSystem units = UnitSystem.Metric) =>
        DescribeItem.Compute(new KitItemRequest(units, piece.Item, piece.Left, piece.Filter)).Words;

    private static IEnumerable<string> Wrong(KitItem? item, double? left = null, FilterState? filter = null) =>
        Should
            .Throw<BadInputException>(() => DescribeItem.Compute(new KitItemRequest(null, item, left, filter)))
            .Errors.Select(e => e.Field);

    [Fact]
    public void A_filter_says_life_flow_and_suspicion()
    {
        // load 300 at K 300 is half flow
        Say(Tests.Kits.Entry(Tests.Kits.Squeeze with { ClogLoadLNtu = 300 }))
            .ShouldBe("Hollow fibre, 0.1–0.2 µm absolute, squeeze; 60 L of 4000 L used; runs at 50 % of new");
        Say(Tests.Kits.Entry(Tests.Kits.Squeeze with { Frozen = Happened.Unknown })).ShouldEndWith("suspect: not counted on");
        Say(Tests.Kits.Entry(Tests.Kits.Squeeze with { UsedL = null })).ShouldContain("life not known: not counted on");
    }

    [Fact]
    public void The_rest_of_the_kit_in_a_line()
    {
        Say(Tests.Kits.Entry(Tests.Kits.Lamp)).ShouldBe("1 L in 90 s; 40 cycles left");
        Say(Tests.Kits.Entry(Tests.Kits.Tablets)).ShouldBe("Chlorine tablet, NaDCC 8.5 mg; good to 31 May 2027; not counted");
        Say(Tests.Kits.Burner(fuelG: 164)).ShouldBe("Canister stove, sheltered; 164 g of fuel left");
        Say(Tests.Kits.Entry(Tests.Kits.Alum)).ShouldBe("Alum powder, 30 to 60 mg/L");
        Say(new KitEntry(null, new Container(2, HasHose: true) { Name = "Bladder" }), UnitSystem.Us)
            .ShouldBe("2.11 qt, not opaque, with a hose");
    }

    [Fact]
    public void What_is_missing_is_named()
    {
        Wrong(null).ShouldBe(["item"]);
        Wrong(new PermanganateCrystals { Name = "" }).ShouldBe(["name"]);
        Wrong(new WaterFilter((FilterSpec?)null) { Name = "Filter" }).ShouldBe(["filter"]);
        Wrong(new CookingPot((double?)null) { Name = "Pot" }).ShouldBe(["massKg", "volumeL"]);
        Wrong(new WaterFilter(Tests.Kits.Squeeze.Label with { RatedFlowLPerMin = 0 }) { Name = "Filter" }, filter: new FilterState(-1))
            .ShouldBe(["filter.ratedFlowLPerMin", "filter.usedL"]);
        Wrong(new ChemicalProduct(new Core.Chemistry.ProductSpec("snake-oil")) { Name = "Tablets" }, 20001)
            .ShouldBe(["product.profileId", "left"]);
        Wrong(new UvLamp(new Core.Light.LampSpec(null, 90)) { Name = "Lamp" }).ShouldBe(["lamp.volumePerCycleL"]);
    }
}
