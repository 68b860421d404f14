using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Tests.Boiling;

public class BoilPlanTests
{
    private static readonly BoilOptions Setup = new(
        BurnerId: "canister-sheltered",
        Pot: new PotInput(1.3, 0.19, PotMaterial.Aluminium),
        LidOn: true,
        Cooling: CoolingPlace.StillAir,
        AirTemperatureC: 15
    );

    [Fact]
    public void At_2600_m_the_three_schools_cost_what_the_arithmetic_says()
    {
        // Tb 91.364 °C. E = (1·4186 + 0.19·900)·(91.364 − 8) = 4357·83.364 = 363 217 J. η·H = 0.5·45.6 MJ/kg = 22.8 kJ/g.
        // Hold with lid: 0.3·1000 W.
        var schools = Ask.Boil(Ask.Water(1, temperatureC: 8, elevationM: 2600), Setup).Boil!.Schools.ToDictionary(s => s.School);

        var rolling = schools[BoilSchool.RollingBoil];
        rolling.HoldMinutes.ShouldBe(0);
        rolling.FuelG.ShouldBe(15.93, 0.01); // 363 217 / 22 800
        rolling.WaterLeftL.ShouldBe(1);

        var oneOrThree = schools[BoilSchool.OneOrThree];
        oneOrThree.HoldMinutes.ShouldBe(3);
        oneOrThree.FuelG.ShouldBe(18.30, 0.01); // + 300·180 = 54 000 J
        oneOrThree.BoiledAwayL.ShouldBe(0.0239, 0.0001); // 54 000 / 2.257e6
        oneOrThree.Picked.ShouldBeTrue();

        var longBoil = schools[BoilSchool.LongBoil];
        longBoil.HoldMinutes.ShouldBe(5);
        longBoil.FuelG.ShouldBe(19.88, 0.01); // + 300·300 = 90 000 J
        longBoil.WaterLeftL.ShouldBe(0.9601, 0.0001);
    }

    [Fact]
    public void Without_a_lid_a_tenth_of_the_flame_goes_off_as_steam_on_the_way_up()
    {
        // The same 363 217 J, at 900 of 1000 W: 403 574 J from the burner in 403.6 s, of which 100 W·403.6 s = 40 357 J are steam.
        var rolling = Ask.Boil(Ask.Water(1, temperatureC: 8, elevationM: 2600), Setup with { LidOn = false })
            .Boil!.Schools.Single(s => s.School == BoilSchool.RollingBoil);
        rolling.FuelG.ShouldBe(17.70, 0.01); // 403 574 / 22 800
        rolling.BoiledAwayL.ShouldBe(0.01788, 0.00002); // 40 357 / 2.257e6
        rolling.WaterLeftL.ShouldBe(0.98212, 0.00002);
    }

    [Theory]
    [InlineData(0.0, 1)]
    [InlineData(2000.0, 1)]
    [InlineData(2000.1, 3)]
    [InlineData(null, 3)] // unknown counts as worse
    public void One_minute_and_three_above_2000_m(double? elevationM, double minutes) =>
        Ask.Boil(Ask.Water(1, elevationM: elevationM), Setup).Boil!.HoldMinutes.ShouldBe(minutes);

    [Fact]
    public void Boiling_meets_the_target_for_every_class() =>
        Ask.Boil(Ask.Water(1), Setup)
            .ShouldSatisfyAllConditions(a => a.Outcome.ShouldBe(TreatOutcome.Meets), a => a.Ledger.ShouldAllBe(r => r.TotalLogs == 6));

    [Fact]
    public void Unknowns_are_said_and_cost_more()
    {
        var known = Ask.Boil(Ask.Water(1, temperatureC: 8, elevationM: 1000), Setup);
        var unknown = Ask.Boil(Ask.Water(1, temperatureC: null, elevationM: null));

        unknown.Boil!.FuelG.ShouldBeGreaterThan(known.Boil!.FuelG);
        unknown
            .Assumptions.Select(a => a.Field)
            .ShouldBe(["boil.pot", "boil.lidOn", "water.elevationM", "water.temperatureC", "boil.airTemperatureC"], ignoreOrder: true);
    }

    [Fact]
    public void Big_volumes_are_boiled_in_pot_loads()
    {
        var answer = Ask.Boil(Ask.Water(3), Setup);

        answer.Boil!.Loads.ShouldBe(3); // 3 L in 1.17 L loads
        answer.Steps.Count(s => s.Kind == StepKind.Boil).ShouldBe(3);
        answer.Steps.Count(s => s.Kind == StepKind.Pour).ShouldBe(3);
    }

    [Fact]
    public void A_pot_that_would_boil_dry_is_refused()
    {
        // Open, 1.5 kW, 30 min: 1500·1800/2.257e6 = 1.2 L away from 0.3 L
        var answer = Ask.Boil(
            Ask.Water(0.3),
            Setup with
            {
                School = BoilSchool.LongBoil,
                LongMinutes = 30,
                LidOn = false,
                BurnerId = "open-fire",
            }
        );

        answer.Outcome.ShouldBe(TreatOutcome.Refused);
        answer.Refusal!.Code.ShouldBe(RefusalCode.BoilsDry);
        answer.Steps.ShouldBeEmpty();
    }

    [Fact]
    public void A_weighing_replaces_the_efficiency_and_an_impossible_one_is_refused()
    {
        // 1 L from 10 °C at sea level in this pot: 4357·90 = 392 118 J; 20 g of gas hold 912 000 J: η = 0.43
        var weighed = Setup with { Calibration = new BurnerWeighing(20, 1, 10, 0) };
        Ask.Boil(Ask.Water(1), weighed).Boil!.Efficiency.ShouldBe(0.43, 0.001);

        var impossible = Setup with { Calibration = new BurnerWeighing(5, 1, 10, 0) };
        Should.Throw<BadInputException>(() => Ask.Boil(Ask.Water(1), impossible)).Errors.Single().Field.ShouldBe("boil.calibration.fuelG");
    }

    [Fact]
    public void Higher_never_boils_less() =>
        Gen.Select(Gen.Double[-430, 9000], Gen.Double[-430, 9000])
            .Sample(
                (a, b) =>
                    Ask.Boil(Ask.Water(1, elevationM: Math.Max(a, b)), Setup).Boil!.HoldMinutes
                    >= Ask.Boil(Ask.Water(1, elevationM: Math.Min(a, b)), Setup).Boil!.HoldMinutes
            );
}
