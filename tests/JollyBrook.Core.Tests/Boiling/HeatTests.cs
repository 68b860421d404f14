using JollyBrook.Core.Boiling;

namespace JollyBrook.Core.Tests.Boiling;

public class HeatTests
{
    [Fact]
    public void An_open_litre_pot_on_one_kilowatt_loses_0_027_litres_a_minute()
    {
        Heat.BoiledAwayKg(1000, 1).ShouldBe(0.0266, 0.0001); // 60 000 J / 2.257e6 J/kg
        Heat.BoiledAwayKg(1000, 10).ShouldBeGreaterThan(0.25); // ten minutes is over a quarter of a litre
    }

    [Fact]
    public void Heat_counts_the_pot_too()
    {
        // 1 kg water and 0.2 kg steel (500 J/kgK) from 10 to 100 °C: (4186 + 100)·90 = 385 740 J
        Heat.ToBoilJ(1, new Pot(1.5, 0.2, PotMaterial.Steel), 10, 100).ShouldBe(385_740, 0.5);
    }

    [Fact]
    public void A_weighing_gives_back_the_efficiency_it_was_burnt_at()
    {
        // 385 740 J with 17 g of 45.6 MJ/kg gas: 385 740 / 775 200 = 0.4976
        Heat.EfficiencyFromWeighing(385_740, 17, 45.6).ShouldBe(0.4976, 0.0001);
        Heat.FuelG(385_740, 0.4976, 45.6).ShouldBe(17, 0.001);
    }

    [Fact]
    public void Cooling_follows_newton()
    {
        // Still air at 20 °C: 55·ln(80/20) = 76.2 min; stream at 10 °C: 10·ln(90/30) = 11.0 min
        Cooling.MinutesToDrinkable(100, 20, Cooling.TimeConstantMin(CoolingPlace.StillAir, 1))!.Value.ShouldBe(76.25, 0.01);
        Cooling.MinutesToDrinkable(100, 10, Cooling.TimeConstantMin(CoolingPlace.Stream, 1))!.Value.ShouldBe(10.99, 0.01);
        Cooling.TimeConstantMin(CoolingPlace.StillAir, 8).ShouldBe(110, 1e-9); // τ grows with the cube root: ∛8 = 2
        Cooling.MinutesToDrinkable(100, 40, 55).ShouldBeNull();
    }

    [Theory]
    [InlineData(1.0, 1)]
    [InlineData(1.17, 1)] // 0.9 of a 1.3 L pot
    [InlineData(1.18, 2)]
    [InlineData(20, 18)] // 20/1.17 = 17.09
    public void Pots_are_filled_to_nine_tenths(double litres, int loads) =>
        new Pot(1.3, 0.19, PotMaterial.Aluminium).Loads(litres).ShouldBe(loads);
}
