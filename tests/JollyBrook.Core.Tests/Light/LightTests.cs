using JollyBrook.Core.Barriers;
using JollyBrook.Core.Light;
using JollyBrook.Core.Sky;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Light;

public class LightTests
{
    private static readonly ContainerInput ClearBottle = new(Opaque: false, ClearPlastic: true, CapacityL: 1, LyingDepthCm: 9);

    private static TreatResponse Lamp(LampAsIs lamp, WaterInput water, double? airC) =>
        Treat.Compute(
            new TreatRequest(UnitSystem.Metric, water, "lamp", StartAt: Kits.Now, Sky: new SkyInput(airC), Kit: [Kits.Entry(lamp)])
        );

    private static TreatResponse Sun(
        double latitude,
        DateOnly date,
        double cloud,
        Clarity clarity = Clarity.Clear,
        bool rain = false,
        ContainerInput? bottle = null,
        WaterColour colour = WaterColour.None,
        int hour = 9
    ) =>
        Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(1, clarity, colour: colour),
                SunBarrier.GenericId,
                StartAt: new DateTimeOffset(date, new TimeOnly(hour, 0), TimeSpan.Zero),
                Container: bottle ?? ClearBottle,
                Sky: new SkyInput(15, latitude, -28.6, cloud, rain, date),
                Kit: [Kits.Entry(Kits.Tablets)]
            )
        );

    [Fact]
    public void A_lamp_with_six_cycles_left_at_minus_8_in_tea_coloured_water()
    {
        // Lithium at −8 °C: 0.8 − 0.2·8/10 = 0.64; 6·0.64 = 3.84 → 3 cycles. Tea: 1 + 1 = 2 cycles for the litre: enough.
        var answer = Lamp(new LampAsIs(1, 90, 6, Battery.Lithium), Ask.Water(1, temperatureC: 1, colour: WaterColour.Tea), -8);
        answer.Headline.ShouldBe("2 cycles of UV");
        answer.Lamp!.CyclesNow.ShouldBe(3);
        answer.Lamp.SecondsPerFill.ShouldBe(180);
        answer.Outcome.ShouldBe(TreatOutcome.Meets);
        // Alkaline at −8 °C: 1 − 0.025·28 = 0.3; 1.8 → 1 cycle: too flat.
        var flat = Lamp(new LampAsIs(1, 90, 6, Battery.Alkaline), Ask.Water(1, temperatureC: 1, colour: WaterColour.Tea), -8);
        flat.Refusal!.Code.ShouldBe(RefusalCode.BatteryFlat);
        flat.Verdict.ShouldContain("2 cycles are needed, 1 left");
    }

    [Theory]
    [InlineData(Battery.Lithium, 20, 1.0)]
    [InlineData(Battery.Lithium, 0, 0.8)]
    [InlineData(Battery.Lithium, -10, 0.6)]
    [InlineData(Battery.Alkaline, 20, 1.0)]
    [InlineData(Battery.Alkaline, 0, 0.5)]
    [InlineData(Battery.Unknown, 0, 0.5)]
    [InlineData(Battery.Alkaline, -30, 0)]
    public void What_the_cold_leaves(Battery battery, double airC, double share) =>
        BatteryCharge.Share(battery, airC).ShouldBe(share, 1e-9);

    [Theory]
    [InlineData(Clarity.Clear, 1, 1)]
    [InlineData(Clarity.SlightlyCloudy, 1, 2)]
    [InlineData(Clarity.Clear, 2.5, 3)]
    public void Cycles_by_cloud_and_volume(Clarity clarity, double litres, int cycles) =>
        Lamp(Kits.Lamp, Ask.Water(litres, clarity), 15).Lamp!.Cycles.ShouldBe(cycles);

    [Theory]
    [InlineData(Clarity.Cloudy)]
    [InlineData(Clarity.Unknown)]
    public void Light_does_not_count_in_cloud(Clarity clarity) =>
        Lamp(Kits.Lamp, Ask.Water(1, clarity), 15).Refusal!.Code.ShouldBe(RefusalCode.TooCloudyForLight);

    [Fact]
    public void A_litre_lamp_takes_a_gate_that_no_tap_ends_and_wiped_threads()
    {
        var answer = Lamp(Kits.Lamp, Ask.Water(1), 15);
        answer
            .Steps.Single(s => s.Id == "light-1")
            .ShouldSatisfyAllConditions(s => s.Clock.ShouldBe(StepClock.Gate), s => s.Minutes.ShouldBe(1.5), s => s.Done.ShouldBeNull());
        answer.Steps.Last(s => s.DrinkAfter).Id.ShouldBe("wipe");
        answer.DrinkWithinHours.ShouldBe(24);
        answer.Cautions.ShouldContain(c => c.Code == "adenovirus");
    }

    [Fact]
    public void Sunlight_at_46_north_on_10_august_clear_is_one_day()
    {
        // Declination 15.4°: noon 59.4°. 500 = 1098·s·exp(−0.057/s) at s = 0.509, h = 30.6°.
        // cos H = (0.509 − sin46·sin15.4)/(cos46·cos15.4) = (0.509 − 0.191)/0.670 = 0.475, H = 61.6°: 2·61.6/15 = 8.2 h.
        var answer = Sun(46.2, new DateOnly(2026, 8, 10), 0);
        answer.Sun!.StrongHours.ShouldBe(8.2, 0.15);
        answer.DrinkableMinutes!.Value.ShouldBe(6 * 60, 1);
        answer.Sun.NoonElevationDeg.ShouldBe(59.2, 0.5);
        answer.Sun.Days.ShouldBe(1);
        answer.Ledger.Select(r => r.TotalLogs).ShouldBe([3, 2, 2, 1]);
        answer.Outcome.ShouldBe(TreatOutcome.ShortOfTarget);
    }

    [Fact]
    public void Sunlight_at_58_north_on_1_march_does_not_work()
    {
        // Declination −7.7°: noon 24.3°, 1098·0.412·exp(−0.057/0.412) = 394 W/m²: never 500.
        var answer = Sun(58, new DateOnly(2026, 3, 1), 0);
        answer.Sun!.NoonWPerM2.ShouldBe(394, 8);
        answer.Refusal!.Reason.ShouldContain("Not here today");
    }

    [Theory]
    [InlineData(0.6, 2)] // more than half covered: two days
    [InlineData(1, 0)] // overcast leaves a quarter: never 500 W/m²
    public void Cloud_takes_days(double cloud, int days)
    {
        // 0.6 covered: 1 − 0.75·0.6^3.4 = 0.868 of the clear sky
        Sun(46.2, new DateOnly(2026, 8, 10), cloud).Sun!.Days.ShouldBe(days);
    }

    /// <summary>The evening at the island: sunset 21:12 UTC, and no strong sun after 18:06.</summary>
    [Fact]
    public void An_evening_start_is_credited_with_no_sun_of_the_night()
    {
        var answer = Sun(46.2, new DateOnly(2026, 8, 10), 0, hour: 19);
        answer.Outcome.ShouldBe(TreatOutcome.Refused);
        answer.Ledger.ShouldAllBe(r => r.TotalLogs == 0);
        answer.Verdict.ShouldContain("0 h of strong sun are left");
    }

    [Theory]
    [InlineData(9.9, null, true)]
    [InlineData(10.0, null, true)]
    [InlineData(10.1, null, false)]
    [InlineData(30.0, null, false)] // standing 30 cm deep
    [InlineData(30.0, 9.0, true)] // the same bottle laid down
    [InlineData(5.0, 12.0, false)]
    [InlineData(null, null, false)] // not known counts as too deep
    public void Sunlight_counts_to_ten_centimetres_as_it_lies(double? standing, double? lying, bool counts) =>
        Sun(46.2, new DateOnly(2026, 8, 10), 0, bottle: ClearBottle with { DepthCm = standing, LyingDepthCm = lying })
            .Outcome.ShouldBe(counts ? TreatOutcome.ShortOfTarget : TreatOutcome.Refused);

    [Theory]
    [InlineData(WaterColour.Tea)]
    [InlineData(WaterColour.Green)]
    [InlineData(WaterColour.Unknown)]
    public void Colour_takes_the_light(WaterColour colour) =>
        Sun(46.2, new DateOnly(2026, 8, 10), 0, colour: colour).Outcome.ShouldBe(TreatOutcome.Refused);

    [Fact]
    public void A_bottle_over_two_litres_or_not_known_to_be_clear_does_not_count()
    {
        var day = new DateOnly(2026, 8, 10);
        Sun(46.2, day, 0, bottle: ClearBottle with { CapacityL = 2 }).Outcome.ShouldBe(TreatOutcome.ShortOfTarget);
        Sun(46.2, day, 0, bottle: ClearBottle with { CapacityL = 2.01 }).Outcome.ShouldBe(TreatOutcome.Refused);
        Sun(46.2, day, 0, bottle: ClearBottle with { ClearPlastic = null }).Outcome.ShouldBe(TreatOutcome.Refused);
        Sun(46.2, day, 0, bottle: ClearBottle with { Opaque = true }).Outcome.ShouldBe(TreatOutcome.Refused);
    }

    [Fact]
    public void A_1_micron_element_leaves_the_fines_that_shade_the_light()
    {
        // Cloudy water through 1 µm stays cloudy: no light counts behind it. Through hollow fibre it comes out clear.
        var coarse = Kits.Squeeze with { Element = Core.Filters.FilterElement.OneMicron };
        TreatResponse Behind(FilterAsIs filter) =>
            Treat.Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    Ask.Water(1, Clarity.Cloudy),
                    "filter+lamp",
                    StartAt: Kits.Now,
                    Sky: new SkyInput(15),
                    Kit: [Kits.Entry(filter), Kits.Entry(Kits.Lamp)]
                )
            );
        Behind(coarse).Refusal!.Code.ShouldBe(RefusalCode.TooCloudyForLight);
        Behind(Kits.Squeeze).Outcome.ShouldBe(TreatOutcome.Meets);
    }

    [Fact]
    public void Rain_or_cloudy_water_and_it_does_not_count()
    {
        Sun(46.2, new DateOnly(2026, 8, 10), 0, rain: true).Outcome.ShouldBe(TreatOutcome.Refused);
        Sun(46.2, new DateOnly(2026, 8, 10), 0, Clarity.Cloudy).Outcome.ShouldBe(TreatOutcome.Refused);
    }

    [Theory]
    [InlineData(2026, 3, 20, 0)]
    [InlineData(2026, 6, 21, 23.44)]
    [InlineData(2026, 12, 21, -23.44)]
    public void Declination_at_equinox_and_solstices(int year, int month, int day, double degrees) =>
        SunPosition.DeclinationDeg(new DateOnly(year, month, day)).ShouldBe(degrees, 0.6);

    [Theory]
    [InlineData(2, 11, -14.2)]
    [InlineData(11, 3, 16.4)]
    public void Equation_of_time_at_its_extremes(int month, int day, double minutes) =>
        SunPosition.EquationOfTimeMinutes(new DateOnly(2026, month, day)).ShouldBe(minutes, 0.3);
}
