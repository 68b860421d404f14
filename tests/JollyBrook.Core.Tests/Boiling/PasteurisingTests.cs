using System.Globalization;
using CsCheck;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Boiling;

/// <summary>Held hot below the boil: 70 °C for 10 minutes, 65 °C for 30 (handbook room 30).</summary>
public class PasteurisingTests
{
    [Theory]
    [InlineData(64.9, null)]
    [InlineData(65, 30.0)]
    [InlineData(69.9, 30.0)]
    [InlineData(70, 10.0)]
    [InlineData(85, 10.0)]
    public void So_long_at_so_hot(double heldC, double? minutes) => Pasteurising.HoldMinutes(heldC).ShouldBe(minutes);

    [Fact]
    public void By_a_thermometer_it_meets_the_target_and_burns_less_than_a_boil()
    {
        TreatResponse Held(double celsius) =>
            Ask.Boil(
                Ask.Water(1),
                new BoilOptions(
                    BoilSchool.Pasteurise,
                    HeldC: celsius,
                    Thermometer: true,
                    BurnerId: "canister-sheltered",
                    Pot: new(1.3, 0.19, PotMaterial.Aluminium)
                )
            );
        var (warm, hot, boiled) = (
            Held(65),
            Held(70),
            Ask.Boil(Ask.Water(1), new BoilOptions(BurnerId: "canister-sheltered", Pot: new(1.3, 0.19, PotMaterial.Aluminium)))
        );
        hot.Outcome.ShouldBe(TreatOutcome.Meets);
        hot.Row(OrganismClass.Viruses).TotalLogs.ShouldBe(4);
        hot.Boil!.FuelG.ShouldBeLessThan(boiled.Boil!.FuelG);
        (warm.Boil!.HoldMinutes, hot.Boil.HoldMinutes).ShouldBe((30, 10));
    }

    [Fact]
    public void Without_a_thermometer_it_is_refused_and_below_65_it_is_no_input()
    {
        var without = Ask.Boil(Ask.Water(1), new BoilOptions(BoilSchool.Pasteurise));
        without.Outcome.ShouldBe(TreatOutcome.Refused);
        without.Refusal!.Remedies.ShouldNotBeEmpty();
        Should
            .Throw<BadInputException>(() => Ask.Boil(Ask.Water(1), new BoilOptions(BoilSchool.Pasteurise, HeldC: 64, Thermometer: true)))
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldBe("boil.heldC");
    }

    /// <summary>Wherever a source may lie water gets hot enough to be held below the boil; the range of the field ends at 9000 m.</summary>
    [Fact]
    public void It_can_be_held_hot_enough_at_every_height() =>
        Gen.Double[-430, 9000]
            .Sample(heightM =>
            {
                BoilingPoint.AtElevationC(heightM).ShouldBeGreaterThan(Pasteurising.LeastC);
                Ask.Boil(Ask.Water(1, elevationM: heightM), new BoilOptions(BoilSchool.Pasteurise, HeldC: 95, Thermometer: true))
                    .Refusal.ShouldBeNull();
            });

    [Fact]
    public void The_degrees_to_heat_to_are_ones_the_pot_reaches_and_the_minutes_are_of()
    {
        Gen.Select(Gen.Double[65, 95], Gen.Double[-430, 9000], Gen.Enum<UnitSystem>())
            .Sample(
                (held, heightM, units) =>
                {
                    var pot = new BoilOptions(BoilSchool.Pasteurise, HeldC: held, Thermometer: true);
                    var answer = Ask.Boil(Ask.Water(1, elevationM: heightM), pot, units);
                    var told = answer.Steps.Single(s => s.Id == "heat-1").Done!.Split(' ');
                    var shown = double.Parse(told[2], CultureInfo.InvariantCulture);
                    var celsius = units == UnitSystem.Us ? (shown - 32) / 1.8 : shown;
                    celsius.ShouldBeLessThanOrEqualTo(answer.Boil!.TopC + 1e-6);
                    celsius.ShouldBeGreaterThan(answer.Boil.TopC - 0.2);
                    Pasteurising.HoldMinutes(celsius + 1e-9).ShouldBe(answer.Boil.HoldMinutes);
                }
            );
    }
}
