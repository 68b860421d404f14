using JollyBrook.Core.Barriers;
using JollyBrook.Core.Light;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Light;

/// <summary>Edges of lamp and sun.</summary>
public class EdgesTests
{
    private static TreatResponse Lamp(double litres, Clarity clarity, double? airC = 20, double cycles = 40) => Treat.Compute(new TreatRequest(
        UnitSystem.Metric, Ask.Water(litres, clarity), "lamp", StartAt: Kits.Now, Kit: [Kits.Entry(Kits.Lamp with { CyclesLeft = cycles })], Sky: new SkyInput(airC), Container: new ContainerInput(CapacityL: 10)));

    [Fact]
    public void Just_enough_cycles_are_enough()
    {
        BatteryCharge.TooFlat(3, 3).ShouldBeNull();
        BatteryCharge.TooFlat(3, 2)!.ShouldContain("3 cycles are needed, 2 left");
        Lamp(2, Clarity.Clear, cycles: 2).Outcome.ShouldBe(TreatOutcome.Meets);
        Lamp(2, Clarity.Clear, cycles: 1).Outcome.ShouldBe(TreatOutcome.Refused);
    }

    [Theory]
    [InlineData(Battery.Lithium, 25, 1)]
    [InlineData(Battery.Alkaline, 25, 1)]
    public void Warmth_gives_no_more_than_all_of_it(Battery battery, double airC, double share) => BatteryCharge.Share(battery, airC).ShouldBe(share);

    /// <summary>Slightly cloudy water takes a second cycle and counts; cloudy does not.</summary>
    [Fact]
    public void Slightly_cloudy_counts_and_cloudy_does_not()
    {
        LightClarity.TooCloudy(Water(Clarity.SlightlyCloudy)).ShouldBeNull();
        LightClarity.TooCloudy(Water(Clarity.Cloudy)).ShouldNotBeNull();
        Lamp(1, Clarity.SlightlyCloudy).Lamp!.Cycles.ShouldBeGreaterThan(Lamp(1, Clarity.Clear).Lamp!.Cycles);
    }

    /// <summary>The air not told is counted cold; told, it is what it is.</summary>
    [Fact]
    public void Air_not_told_counts_as_cold() => Lamp(1, Clarity.Clear, null).Lamp!.CyclesNow.ShouldBeLessThan(Lamp(1, Clarity.Clear).Lamp!.CyclesNow);

    /// <summary>Two litres are two bottles of one, each named.</summary>
    [Fact]
    public void Each_bottle_is_filled_with_its_share() =>
        Lamp(2, Clarity.Clear).Steps.Where(s => s.Id.StartsWith("fill-", StringComparison.Ordinal)).Select(s => s.Title).ShouldBe(["Fill 1 L into a wide mouth, bottle 1 of 2", "Fill 1 L into a wide mouth, bottle 2 of 2"]);

    [Theory]
    [InlineData(0, 0)]
    [InlineData(-5, 0)]
    public void No_sun_below_the_horizon(double elevation, double watts) => Sunlight.ClearSkyWPerM2(elevation).ShouldBe(watts);

    /// <summary>No air told counts as −10 °C, as room 50 has it for a battery, not as the freezing point.</summary>
    [Fact]
    public void Air_not_told_is_ten_below() => Lamp(1, Clarity.Clear, null).Lamp!.CyclesNow.ShouldBe(Lamp(1, Clarity.Clear, -10).Lamp!.CyclesNow);

    /// <summary>A minute to strain, one to set up, and one to fill each bottle, beside the 90 s of each cycle.</summary>
    [Theory]
    [InlineData(1, 1 + 1 + 1 + 1.5)]
    [InlineData(3, 1 + 1 + 3 + 4.5)]
    public void Hands_on_minutes(double litres, double minutes) => ChainList.Compute(new TreatRequest(
            UnitSystem.Metric, Ask.Water(litres), null, StartAt: Kits.Now, Kit: [Kits.Entry(Kits.Lamp)], Sky: new SkyInput(20), Container: new ContainerInput(CapacityL: 10)))
        .Chains.Single(c => c.Id == "lamp").HandsOnMinutes.ShouldBe(minutes, 0.01);

    /// <summary>Cloud or colour is a risk where a fill takes more than one cycle.</summary>
    [Theory]
    [InlineData(Clarity.Clear, false)]
    [InlineData(Clarity.SlightlyCloudy, true)]
    public void More_than_one_cycle_is_a_risk(Clarity clarity, bool risk) => ChainList.Compute(new TreatRequest(
            UnitSystem.Metric, Ask.Water(1, clarity), null, StartAt: Kits.Now, Kit: [Kits.Entry(Kits.Lamp)], Sky: new SkyInput(20), Container: new ContainerInput(CapacityL: 10)))
        .Chains.Single(c => c.Id == "lamp").Risks.Contains("cloud or colour").ShouldBe(risk);

    private static FieldWater Water(Clarity clarity) => new(1, clarity, WaterColour.None, 10, 300, 1, new WaterInput(1, clarity, WaterColour.None, 10, 300));
}
