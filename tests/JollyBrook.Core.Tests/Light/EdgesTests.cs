using JollyBrook.Core.Barriers;
using JollyBrook.Core.Light;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Light;

/// <summary>Edges of lamp and sun.</summary>
public class EdgesTests
{
    private static TreatResponse Lamp(double litres, Clarity clarity, double? airC = 20, double? cycles = 40) =>
        Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(litres, clarity),
                "lamp",
                StartAt: Kits.Now,
                Kit: [Kits.Entry(Kits.Lamp with { CyclesLeft = cycles })],
                Sky: new SkyInput(airC),
                Container: new ContainerInput(CapacityL: 10)
            )
        );

    [Fact]
    public void Just_enough_cycles_are_enough()
    {
        BatteryCharge.TooFlat(3, 3).ShouldBeNull();
        BatteryCharge.TooFlat(3, 2)!.ShouldContain("3 cycles are needed, 2 left");
        Lamp(2, Clarity.Clear, cycles: 2).Outcome.ShouldBe(TreatOutcome.Meets);
        Lamp(2, Clarity.Clear, cycles: 1).Outcome.ShouldBe(TreatOutcome.Refused);
        // Nobody has said how full it is: none, and that is what it says, not that it is flat.
        var untold = Lamp(2, Clarity.Clear, cycles: null);
        untold.Outcome.ShouldBe(TreatOutcome.Refused);
        untold.Verdict.ShouldContain("is not known: counted as none");
        untold.Verdict.ShouldNotContain("flat");
    }

    [Theory]
    [InlineData(Battery.Lithium, 25, 1)]
    [InlineData(Battery.Alkaline, 25, 1)]
    public void Warmth_gives_no_more_than_all_of_it(Battery battery, double airC, double share) =>
        BatteryCharge.Share(battery, airC).ShouldBe(share);

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
    public void Air_not_told_counts_as_cold() =>
        Lamp(1, Clarity.Clear, null).Lamp!.CyclesNow.ShouldBeLessThan(Lamp(1, Clarity.Clear).Lamp!.CyclesNow);

    /// <summary>Two litres are two bottles of one, each named.</summary>
    [Fact]
    public void Each_bottle_is_filled_with_its_share() =>
        Lamp(2, Clarity.Clear)
            .Steps.Where(s => s.Id.StartsWith("fill-", StringComparison.Ordinal))
            .Select(s => s.Title)
            .ShouldBe(["Fill 1 L into a wide mouth, bottle 1 of 2", "Fill 1 L into a wide mouth, bottle 2 of 2"]);

    [Theory]
    [InlineData(0, 0)]
    [InlineData(-5, 0)]
    public void No_sun_below_the_horizon(double elevation, double watts) => Sunlight.ClearSkyWPerM2(elevation).ShouldBe(watts);

    /// <summary>No air told counts as −10 °C, as room 50 has it for a battery, not as the freezing point.</summary>
    [Fact]
    public void Air_not_told_is_ten_below() =>
        Lamp(1, Clarity.Clear, null).Lamp!.CyclesNow.ShouldBe(Lamp(1, Clarity.Clear, -10).Lamp!.CyclesNow);

    /// <summary>A minute to strain, one to set up, and one to fill each bottle, beside the 90 s of each cycle.</summary>
    [Theory]
    [InlineData(1, 1 + 1 + 1 + 1.5)]
    [InlineData(3, 1 + 1 + 3 + 4.5)]
    public void Hands_on_minutes(double litres, double minutes) =>
        ChainList
            .Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    Ask.Water(litres),
                    null,
                    StartAt: Kits.Now,
                    Kit: [Kits.Entry(Kits.Lamp)],
                    Sky: new SkyInput(20),
                    Container: new ContainerInput(CapacityL: 10)
                )
            )
            .Chains.Single(c => c.Id == "lamp")
            .HandsOnMinutes.ShouldBe(minutes, 0.01);

    /// <summary>Cloud or colour is a risk where a fill takes more than one cycle.</summary>
    [Theory]
    [InlineData(Clarity.Clear, false)]
    [InlineData(Clarity.SlightlyCloudy, true)]
    public void More_than_one_cycle_is_a_risk(Clarity clarity, bool risk) =>
        ChainList
            .Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    Ask.Water(1, clarity),
                    null,
                    StartAt: Kits.Now,
                    Kit: [Kits.Entry(Kits.Lamp)],
                    Sky: new SkyInput(20),
                    Container: new ContainerInput(CapacityL: 10)
                )
            )
            .Chains.Single(c => c.Id == "lamp")
            .Risks.Contains("cloud or colour")
            .ShouldBe(risk);

    private static TreatRequest InTheSun(double utcHour, double cover) =>
        new(
            UnitSystem.Metric,
            Ask.Water(1),
            "sunlight",
            Kit: [Kits.Entry(Kits.Tablets)],
            StartAt: new DateTimeOffset(2026, 8, 10, 0, 0, 0, TimeSpan.Zero).AddHours(utcHour),
            Sky: new SkyInput(25, 46.2, -28.6, cover, false),
            Container: new ContainerInput(Opaque: false, ClearPlastic: true, DepthCm: 8, CapacityL: 1, LyingDepthCm: 8)
        );

    /// <summary>One day of strong sun, or two halves: in the words, the risk and the steps.</summary>
    [Theory]
    [InlineData(9, 0.1, "A day of strong sun", "cloud coming up", 1)]
    [InlineData(14, 0.1, "Two days in the sun", "a cloudy second day", 2)]
    public void One_day_or_two(double utcHour, double cover, string headline, string risk, int waits)
    {
        var answer = Treat.Compute(InTheSun(utcHour, cover));
        answer.Headline.ShouldBe(headline);
        answer.Risks!.ShouldContain(risk);
        answer.Steps.Count(s => s is { Kind: StepKind.Light, Clock: StepClock.Gate }).ShouldBe(waits);
    }

    /// <summary>Cloud not told counts as overcast: 1 − 0.75 = a quarter of the clear sky, too little, and it is said.</summary>
    [Fact]
    public void Cloud_not_told_is_overcast()
    {
        var answer = Treat.Compute(InTheSun(9, 0) with { Sky = new SkyInput(25, 46.2, -28.6, null, false) });
        answer.Outcome.ShouldBe(TreatOutcome.Refused);
        answer.Sun!.CloudFactor.ShouldBe(0.25, 1e-9);
        answer.Sun.NoonWPerM2.ShouldBe(0.25 * Treat.Compute(InTheSun(9, 0)).Sun!.NoonWPerM2, 1e-6);
    }

    /// <summary>Clarity not told is said for light, a known one is not.</summary>
    [Theory]
    [InlineData(null, true)]
    [InlineData(Clarity.Clear, false)]
    public void Clarity_not_told_is_said(Clarity? clarity, bool said) =>
        Treat
            .Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    new WaterInput(1, clarity, WaterColour.None, 10, 300),
                    "lamp",
                    StartAt: Kits.Now,
                    Kit: [Kits.Entry(Kits.Lamp)],
                    Sky: new SkyInput(20),
                    Container: new ContainerInput(CapacityL: 10)
                )
            )
            .Assumptions.Any(a => a.Field == WaterFields.Clarity.Path)
            .ShouldBe(said);

    /// <summary>
    /// A cycle weighs half a tablet in the order by supplies: 1 L is half a tablet's worth, before the tablet; three cycles a fill would be
    /// after it.
    /// </summary>
    [Fact]
    public void A_cycle_is_half_a_tablet()
    {
        IReadOnlyList<string> Order(double litres, Clarity clarity) =>
            ChainList
                .Compute(
                    new TreatRequest(
                        UnitSystem.Metric,
                        Ask.Water(litres, clarity),
                        null,
                        StartAt: Kits.Now,
                        Kit: [Kits.Entry(Kits.Lamp), Kits.Entry(Kits.Tablets)],
                        Sky: new SkyInput(20),
                        Chemical: Ask.InDateInShade,
                        Container: new ContainerInput(CapacityL: 10)
                    )
                )
                .Orders.Single(o => o.Sort == ChainSort.LeastSupplies)
                .Ids;
        // 4 L clear: four cycles, 2; four tablets, 4. Of the two the lamp alone uses less.
        Order(4, Clarity.Clear).Where(id => id is "lamp" or "tablets").First().ShouldBe("lamp");
    }

    private static FieldWater Water(Clarity clarity) =>
        new(1, clarity, WaterColour.None, 10, 300, 1, new WaterInput(1, clarity, WaterColour.None, 10, 300));
}
