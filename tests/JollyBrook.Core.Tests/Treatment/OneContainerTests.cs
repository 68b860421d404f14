using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Treatment;

/// <summary>A dose is for the water in one container (handbook room 40).</summary>
public class OneContainerTests
{
    private static TreatResponse Tablets(double litres, double? capacityL, ContainerRole role = ContainerRole.Dirty) =>
        Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(litres),
                "nadcc-8.5",
                Chemical: Ask.InDateInShade,
                Container: new ContainerInput(false, true, CapacityL: capacityL, Role: role)
            )
        );

    [Theory]
    [InlineData(2, 1.0, 2, 1, 1)] // two fills of a litre, a tablet each
    [InlineData(3, 2.0, 2, 1.5, 2)] // equal fills: 1.5 L, 1.5 tablets asked → 2
    [InlineData(1, 1.0, 1, 1, 1)]
    [InlineData(1, 2.0, 1, 1, 1)]
    [InlineData(2, null, 1, 2, 2)]
    public void More_than_it_holds_is_several_fills(double litres, double? capacityL, int fills, double fillL, double tablets)
    {
        var answer = Tablets(litres, capacityL);
        answer.Fills.ShouldBe(fills);
        answer.Dose!.FillL.ShouldBe(fillL, 1e-9);
        answer.Dose.Units.ShouldBe(tablets);
        answer.Cautions.Any(c => c.Code == "does-not-fit").ShouldBe(fills > 1);
    }

    [Fact]
    public void No_fill_is_more_than_the_container_holds_and_together_they_are_all_of_it() =>
        Gen.Select(Gen.Double[0.1, 60], Gen.Double[0.1, 20])
            .Sample(
                (litres, capacity) =>
                {
                    var answer = Treat.Compute(
                        new TreatRequest(UnitSystem.Metric, Ask.Water(litres), "boil", Container: new ContainerInput(CapacityL: capacity))
                    );
                    (litres / answer.Fills).ShouldBeLessThanOrEqualTo(capacity + 1e-9);
                    (answer.Fills == 1 || litres / (answer.Fills - 1) > capacity).ShouldBeTrue();
                }
            );

    [Theory]
    [InlineData(ContainerRole.Clean, true)]
    [InlineData(ContainerRole.Dirty, false)]
    [InlineData(ContainerRole.Either, false)]
    public void Raw_water_in_a_clean_only_container_is_said(ContainerRole role, bool said) =>
        Tablets(1, 1, role).Cautions.Any(c => c.Code == "clean-only").ShouldBe(said);
}
