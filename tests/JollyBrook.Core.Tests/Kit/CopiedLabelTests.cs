using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Kit;

/// <summary>A label keeps its own units, and one that asks for more than is counted says so; a weighing gives the fuel.</summary>
public class CopiedLabelTests
{
    private static KitItemResponse Tablets(CopiedLabel label) => DescribeItem.Compute(new KitItemRequest(
        UnitSystem.Metric, new KitItem(KitItemKind.Product, "Tablets", Product: new ProductSpec("nadcc-8.5", new DateOnly(2028, 1, 1), Left: 20, Label: label))));

    [Fact]
    public void The_labels_own_words_are_kept() =>
        Tablets(new(4, 1, LabelUnit.UsGallon, 30)).Words.ShouldEndWith("20 tablets left; label: 4 for 1 US gal, 30 min");

    [Fact]
    public void Four_a_gallon_is_covered_by_one_a_litre_and_five_is_not()
    {
        // 4/3.785 = 1.057 a litre: within a tenth of 1; 5/3.785 = 1.32.
        Tablets(new(4, 1, LabelUnit.UsGallon)).Warnings.ShouldBeEmpty();
        Tablets(new(5, 1, LabelUnit.UsGallon)).Warnings.Single().ShouldStartWith("The label asks 1.32 a litre");
    }

    [Fact]
    public void A_longer_wait_is_told() => Tablets(new(1, 1, LabelUnit.Litre, 45)).Warnings.Single().ShouldStartWith("The label asks 45 min");

    [Fact]
    public void Weighed_less_empty_is_what_is_left()
    {
        var stove = new KitItem(KitItemKind.Burner, "Stove", Burner: new BurnerSpec("canister-sheltered", EmptyG: 131));
        DescribeItem.Compute(new KitItemRequest(UnitSystem.Metric, stove, 278)).FuelLeftG.ShouldBe(147);
        Should.Throw<BadInputException>(() => DescribeItem.Compute(new KitItemRequest(UnitSystem.Metric, stove, 120)))
            .Errors.Single().Message.ShouldBe("It weighs less than its empty weight, 131 g. Check the scale and the empty weight.");
        Should.Throw<BadInputException>(() => DescribeItem.Compute(new KitItemRequest(UnitSystem.Metric, stove with { Burner = new BurnerSpec("canister-sheltered") }, 278)))
            .Errors.Single().Field.ShouldBe("burner.emptyG");
    }
}
