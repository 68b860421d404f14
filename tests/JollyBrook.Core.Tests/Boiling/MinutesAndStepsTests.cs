using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Boiling;

/// <summary>Minutes, cooling, steps and assumptions of a boil.</summary>
public class MinutesAndStepsTests
{
    private static readonly PotInput Pot = new(1.3, 0.19, PotMaterial.Aluminium);

    private static TreatResponse Boil(double litres = 1, BoilOptions? options = null, double? celsius = 10, double? elevation = 300) =>
        Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(litres, temperatureC: celsius, elevationM: elevation),
                "burner",
                StartAt: Kits.Now,
                Kit: [Kits.Burner(fuelG: 500)],
                Boil: options ?? new BoilOptions(Pot: Pot, LidOn: true)
            )
        );

    /// <summary>
    /// 1 L from 10 °C at 300 m (99.0 °C): (4186 + 171)·89.0 = 387.8 kJ at 1 kW: 6.46 min.
    /// </summary>
    [Fact]
    public void Minutes_to_the_boil()
    {
        Boil().Boil!.HeatMinutes.ShouldBe(6.46, 0.05);
        Boil().Steps.Single(s => s.Id == "heat-1").Minutes.ShouldBe(7);
    }

    /// <summary>
    /// Not told where it cools: warm air of 30 °C, a stream of 20; told, what it is. The same difference cools in the same time.
    /// </summary>
    [Fact]
    public void Cooling_not_told_counts_as_warm()
    {
        var air = new BoilOptions(Pot: Pot, LidOn: true, Cooling: CoolingPlace.StillAir);
        Boil(options: air).Boil!.CoolMinutes.ShouldBe(Boil(options: air with { AirTemperatureC = 30 }).Boil!.CoolMinutes);
        Boil(options: air with { AirTemperatureC = 33 })
            .Boil!.CoolMinutes!.Value.ShouldBeGreaterThan(Boil(options: air).Boil!.CoolMinutes!.Value);
        var stream = air with { Cooling = CoolingPlace.Stream };
        // In a stream the water's own temperature counts, whatever the air.
        Boil(options: stream with { AirTemperatureC = 35 }, celsius: 8)
            .Boil!.CoolMinutes.ShouldBe(Boil(options: stream, celsius: 8).Boil!.CoolMinutes);
        Boil(options: stream, celsius: null).Boil!.CoolMinutes.ShouldBe(Boil(options: stream, celsius: 20).Boil!.CoolMinutes);
    }

    [Fact]
    public void The_last_step_says_where_it_cools()
    {
        Boil(options: new BoilOptions(Pot: Pot, Cooling: CoolingPlace.Stream))
            .Steps.Single(s => s.Id == "cool")
            .Detail.ShouldContain("stream");
        Boil(options: new BoilOptions(Pot: Pot, Cooling: CoolingPlace.StillAir))
            .Steps.Single(s => s.Id == "cool")
            .Detail.ShouldContain("Lid on");
        var cool = Boil(options: new BoilOptions(Pot: Pot, Cooling: CoolingPlace.StillAir, AirTemperatureC: 10));
        cool.Steps.Single(s => s.Id == "cool").Minutes.ShouldBe(Math.Ceiling(cool.Boil!.CoolMinutes!.Value));
    }

    /// <summary>One load is not numbered; two are. Each is drunk from after its gate.</summary>
    [Fact]
    public void Loads_are_numbered_where_there_are_several()
    {
        Boil(1).Steps.Single(s => s.Kind == StepKind.Boil).Title.ShouldNotContain("load");
        var two = Boil(2).Steps;
        two.Where(s => s.Kind == StepKind.Boil).Select(s => s.Title[^11..]).ShouldBe(["load 1 of 2", "load 2 of 2"]);
        two.Where(s => s.Kind == StepKind.Boil).ShouldAllBe(s => s.DrinkAfter);
        two.Where(s => s.Kind == StepKind.Heat).ShouldAllBe(s => !s.DrinkAfter);
    }

    [Fact]
    public void Held_below_the_boil_it_is_drinkable_after_the_minutes_and_not_before()
    {
        var held = Boil(options: new BoilOptions(BoilSchool.Pasteurise, Pot: Pot, Thermometer: true)).Steps;
        held.Single(s => s.Id == "heat-1").DrinkAfter.ShouldBeFalse();
        held.Single(s => s.Id == "boil-1").DrinkAfter.ShouldBeTrue();
        held.Single(s => s.Id == "boil-1").Minutes.ShouldBe(10);
    }

    /// <summary>A school's minutes are asked of the school that has some; holding below the boil is not one of them.</summary>
    [Fact]
    public void Holding_is_not_a_boil() =>
        Should.Throw<ArgumentOutOfRangeException>(() => BoilSchools.HoldMinutes(BoilSchool.Pasteurise, 0, 10));

    /// <summary>Fuel weighs as tablets in the order by supplies: a litre boiled costs more than a tablet.</summary>
    [Fact]
    public void Fuel_weighs_more_than_a_tablet_for_a_litre()
    {
        var list = ChainList.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(1),
                null,
                StartAt: Kits.Now,
                Kit: [Kits.Burner(fuelG: 500), Kits.Entry(Kits.Tablets)],
                Boil: new BoilOptions(Pot: Pot),
                Chemical: Ask.InDateInShade
            )
        );
        list.Orders.Single(o => o.Sort == ChainSort.LeastSupplies).Ids.Count.ShouldBeGreaterThan(1);
        list.Chains.Single(c => c.Id == "burner").Supplies.ShouldContain("g of");
    }

    /// <summary>Melt that was not measured is said to be counted at 5 °C or what room 30 says; measured, nothing is said.</summary>
    [Theory]
    [InlineData(null, true)]
    [InlineData(0.5, false)]
    public void Melt_not_measured_is_said(double? celsius, bool said) =>
        Treat
            .Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    Ask.Water(1, temperatureC: celsius, elevationM: 0),
                    "burner",
                    StartAt: Kits.Now,
                    Boil: new BoilOptions(Pot: Pot),
                    Snow: new SnowInput(SnowKind.Settled, -5),
                    Kit: [Kits.Burner(fuelG: 500)]
                )
            )
            .Assumptions.Any(a => a.Message.StartsWith("Melt not measured", StringComparison.Ordinal))
            .ShouldBe(said);

    /// <summary>Words and refusals of each school: a minute, none, held.</summary>
    [Fact]
    public void Schools_in_the_headline()
    {
        var options = new BoilOptions(Pot: Pot, LidOn: true);
        Boil(options: options).Headline.ShouldBe("1 min at a rolling boil");
        var rolling = Boil(options: options with { School = BoilSchool.RollingBoil });
        rolling.Headline.ShouldBe("Bring to a rolling boil");
        rolling.Steps.ShouldNotContain(s => s.Kind == StepKind.Boil);
        rolling.Steps.Single(s => s.Id == "heat-1").DrinkAfter.ShouldBeTrue();
        Boil(options: options with { School = BoilSchool.Pasteurise, Thermometer = true }).Headline.ShouldStartWith("10 min held at 70");
    }

    /// <summary>At 7 900 m water boils below 74 °C: a boil is no weaker for it, and only holding asks how hot it gets.</summary>
    [Fact]
    public void High_up_a_boil_still_counts() => Boil(elevation: 8000).Outcome.ShouldBe(TreatOutcome.Meets);

    [Theory]
    [InlineData(1, false)]
    [InlineData(2, true)]
    public void Loads_are_a_risk_where_there_are_several(double litres, bool risk) =>
        Boil(litres).Risks!.Any(r => r.EndsWith("pot loads", StringComparison.Ordinal)).ShouldBe(risk);

    /// <summary>A lid not told of is none, which costs more fuel; a pot's material counts.</summary>
    [Fact]
    public void Lid_and_material_count()
    {
        Boil(options: new BoilOptions(Pot: Pot))
            .Boil!.FuelG.ShouldBe(Boil(options: new BoilOptions(Pot: Pot, LidOn: false)).Boil!.FuelG, 1e-9);
        Boil(options: new BoilOptions(Pot: Pot))
            .Boil!.FuelG.ShouldBeGreaterThan(Boil(options: new BoilOptions(Pot: Pot, LidOn: true)).Boil!.FuelG);
        Boil(options: new BoilOptions(Pot: Pot with { Material = PotMaterial.Titanium }))
            .Boil!.FuelG.ShouldBeLessThan(Boil(options: new BoilOptions(Pot: Pot)).Boil!.FuelG);
        Boil(options: new BoilOptions(Pot: Pot with { Material = null }))
            .Boil!.FuelG.ShouldBe(Boil(options: new BoilOptions(Pot: Pot)).Boil!.FuelG, 1e-9);
    }
}
