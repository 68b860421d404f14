using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Boiling;

/// <summary>The tables of handbook room 30, and their edges.</summary>
public class TablesTests
{
    private static readonly PotInput Pot = new(1.3, 0.19, PotMaterial.Aluminium);

    [Theory]
    [InlineData("canister-sheltered", 45.6, 0.50, 1000)]
    [InlineData("canister-windy", 45.6, 0.30, 1000)]
    [InlineData("canister-exchanger", 45.6, 0.70, 1000)]
    [InlineData("liquid-white-gas", 44, 0.45, 1200)]
    [InlineData("liquid-kerosene", 43, 0.45, 1200)]
    [InlineData("alcohol-ethanol", 26.8, 0.45, 500)]
    [InlineData("alcohol-methanol", 19.9, 0.45, 500)]
    [InlineData("hexamine", 30, 0.40, 400)]
    [InlineData("open-fire", 16, 0.12, 1500)]
    public void Burners_and_fuels(string id, double heat, double efficiency, double watts)
    {
        var burner = Burners.All.Single(b => b.Id == id);
        (burner.HeatingValueMJPerKg, burner.Efficiency, burner.NetPowerW).ShouldBe((heat, efficiency, watts));
    }

    [Theory]
    [InlineData(PotMaterial.Aluminium, 900)]
    [InlineData(PotMaterial.Steel, 500)]
    [InlineData(PotMaterial.Titanium, 520)]
    public void Pots(PotMaterial material, double heat) => new Pot(1, 0.1, material).SpecificHeat.ShouldBe(heat);

    [Fact]
    public void A_pot_nobody_told_of_is_big_and_heavy() =>
        (Core.Boiling.Pot.Assumed.CapacityL, Core.Boiling.Pot.Assumed.MassKg).ShouldBe((1.5, 0.25));

    /// <summary>Fuel that is just enough is enough; a hair less is not, and a held 70 °C is offered where that much is left.</summary>
    [Fact]
    public void Fuel_to_the_gram()
    {
        TreatResponse With(double fuelG) =>
            Treat.Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    Ask.Water(1),
                    "burner",
                    StartAt: Kits.Now,
                    Kit: [Kits.Burner(fuelG: fuelG)],
                    Boil: new BoilOptions(Pot: Pot)
                )
            );
        var needed = With(500).Boil!.FuelG;
        With(needed).Outcome.ShouldBe(TreatOutcome.Meets);
        var short1 = With(needed - 0.01);
        short1.Refusal!.Code.ShouldBe(RefusalCode.FuelShort);
        short1.Refusal.Remedies.ShouldContain(r => r.StartsWith("Held at 70 °C for 10 min", StringComparison.Ordinal));
        With(1).Refusal!.Remedies.ShouldNotContain(r => r.StartsWith("Held at", StringComparison.Ordinal));
    }

    /// <summary>
    /// A kilogram of snow at −10 °C to water at 1 °C in 0.1 kg of steel: 2.05·10 or 2.1·10 kJ of ice, 334 of fusion, 4.186 of water, and
    /// the pot's 0.1·500·11 = 550 J: 360 kJ, within what the constants' last digits leave.
    /// </summary>
    [Fact]
    public void Melting_to_what_was_measured()
    {
        var pot = new Pot(1, 0.1, PotMaterial.Steel);
        (Melting.HeatJ(1, pot, -10, 1) / 1000).ShouldBe(359.7, 1.2);
        (Melting.HeatJ(1, pot, -10, 1) - Melting.HeatJ(1, pot, -10, 0)).ShouldBe(4186 + 50, 20);
        (Melting.HeatJ(1, pot, 0, 0) / 1000).ShouldBe(334, 1);
    }

    /// <summary>Each load fills 0.9 less the tenth kept wet: 0.8 of a pot of 1 L. 8 L of snow are ten loads, 8.01 eleven.</summary>
    [Theory]
    [InlineData(0.1, 1)]
    [InlineData(0.8, 1)]
    [InlineData(8, 10)]
    [InlineData(8.01, 11)]
    public void Snow_by_pot_loads(double snowL, int loads) => Melting.Loads(new Pot(1, 0.1, PotMaterial.Steel), snowL).ShouldBe(loads);

    /// <summary>
    /// What it steams away: with the lid off a tenth of the power while it heats, and all of the boil's; the danger is called at three
    /// quarters.
    /// </summary>
    [Fact]
    public void A_lid_keeps_the_water()
    {
        TreatResponse Boiled(bool lid) => Ask.Boil(Ask.Water(1), new BoilOptions(LidOn: lid, Pot: Pot, BurnerId: "canister-sheltered"));
        var (open, shut) = (Boiled(false).Boil!, Boiled(true).Boil!);
        open.WaterLeftL.ShouldBeLessThan(shut.WaterLeftL);
        open.FuelG.ShouldBeGreaterThan(shut.FuelG);
        // One minute at an open 1 kW: 60 kJ/2257 kJ/kg = 0.027 L; the climb, 385 kJ of heating at a tenth: 0.017 L.
        (1 - open.WaterLeftL).ShouldBe(0.044, 0.006);
    }

    /// <summary>Half a litre, lid off, 0.027 L a minute and 0.008 L on the way up: three quarters are left after 4.3 minutes.</summary>
    [Theory]
    [InlineData(4, false)]
    [InlineData(5, true)]
    [InlineData(12, true)]
    public void Long_and_lidless_boils_away(double minutes, bool danger) =>
        Ask.Boil(Ask.Water(0.5), new BoilOptions(BoilSchool.LongBoil, minutes, LidOn: false, Pot: Pot, BurnerId: "canister-sheltered"))
            .Cautions.Any(c => c.Code == "boils-away")
            .ShouldBe(danger);
}
