using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Kit;

public class DescribeItemTests
{
    private static string Say(KitItem item, UnitSystem units = UnitSystem.Metric) => DescribeItem.Compute(new KitItemRequest(units, item)).Words;

    private static IEnumerable<string> Wrong(KitItem? item) =>
        Should.Throw<BadInputException>(() => DescribeItem.Compute(new KitItemRequest(null, item))).Errors.Select(e => e.Field);

    [Fact]
    public void A_filter_says_life_flow_and_suspicion()
    {
        // load 300 at K 300 is half flow
        Say(Tests.Kits.Entry(Tests.Kits.Squeeze with { ClogLoadLNtu = 300 }).Item!)
            .ShouldBe("Hollow fibre, 0.1–0.2 µm absolute, squeeze; 60 L of 4000 L used; runs at 50 % of new");
        Say(Tests.Kits.Entry(Tests.Kits.Squeeze with { Frozen = Happened.Unknown }).Item!).ShouldEndWith("suspect: not counted on");
        Say(Tests.Kits.Entry(Tests.Kits.Squeeze with { UsedL = null }).Item!).ShouldContain("life not known: not counted on");
    }

    [Fact]
    public void The_rest_of_the_kit_in_a_line()
    {
        Say(Tests.Kits.Entry(Tests.Kits.Lamp).Item!).ShouldBe("1 L in 90 s; 40 cycles left");
        Say(Tests.Kits.Entry(Tests.Kits.Tablets).Item!).ShouldBe("Chlorine tablet, NaDCC 8.5 mg; good to 2027-05-31; not counted");
        Say(Tests.Kits.Burner(fuelG: 164).Item!).ShouldBe("Canister stove, sheltered; 164 g of fuel left");
        Say(Tests.Kits.Entry(Tests.Kits.Alum).Item!).ShouldBe("Alum powder, 30 to 60 mg/L");
        Say(new KitItem(KitItemKind.Container, "Bladder", 2, HasHose: true), UnitSystem.Us).ShouldBe("2.11 qt, not opaque, with a hose");
    }

    [Fact]
    public void What_is_missing_is_named()
    {
        Wrong(null).ShouldBe(["item"]);
        Wrong(new KitItem(null, "")).ShouldBe(["kind", "name"]);
        Wrong(new KitItem(KitItemKind.Filter, "Filter")).ShouldBe(["filter"]);
        Wrong(new KitItem(KitItemKind.Pot, "Pot")).ShouldBe(["volumeL", "massKg"]);
        Wrong(new KitItem(KitItemKind.Filter, "Filter", Filter: Tests.Kits.Squeeze with { RatedFlowLPerMin = 0, UsedL = -1 }))
            .ShouldBe(["filter.ratedFlowLPerMin", "filter.usedL"]);
        Wrong(new KitItem(KitItemKind.Product, "Tablets", Product: new("snake-oil"))).ShouldBe(["product.profileId"]);
        Wrong(new KitItem(KitItemKind.Lamp, "Lamp", Lamp: new(null, 90, 10))).ShouldBe(["lamp.volumePerCycleL"]);
    }
}
