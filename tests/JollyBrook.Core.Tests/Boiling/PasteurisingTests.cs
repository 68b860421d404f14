using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Treatment;
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
}
