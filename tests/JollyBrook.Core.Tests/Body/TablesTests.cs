using JollyBrook.Core.Body;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Body;

/// <summary>The tables of handbook rooms 60 and 95, and their edges.</summary>
public sealed class TablesTests
{
    private static readonly DateTimeOffset From = new(2026, 8, 10, 8, 0, 0, TimeSpan.Zero);
    private static readonly Walker Ilva = new("Ilva", 60, 168, true, Clothing.ShortsAndShirt, 10);

    [Theory]
    [InlineData(Terrain.Road, 1.0, false)]
    [InlineData(Terrain.GoodPath, 1.1, false)]
    [InlineData(Terrain.Rough, 1.3, true)]
    [InlineData(Terrain.Brush, 1.5, true)]
    [InlineData(Terrain.Sand, 2.1, true)]
    [InlineData(Terrain.SoftSnow, 2.5, true)]
    public void Ground(Terrain terrain, double factor, bool offPath) =>
        (Terrains.Factor(terrain), Terrains.IsOffPath(terrain)).ShouldBe((factor, offPath));

    [Theory]
    [InlineData(Clothing.ShortsAndShirt, 0.6, 0.70)]
    [InlineData(Clothing.LongLight, 0.9, 0.45)]
    [InlineData(Clothing.Shell, 1.3, 0.25)]
    [InlineData(Clothing.WinterLayers, 2.0, 0.20)]
    public void Worn(Clothing worn, double clo, double permeability) =>
        ClothingResistance.Of(worn).ShouldBe(new ClothingResistance(clo, permeability));

    /// <summary>A step either way, and none beyond the ends.</summary>
    [Theory]
    [InlineData(25, new[] { Clothing.ShortsAndShirt, Clothing.LongLight })]
    [InlineData(15, new[] { Clothing.ShortsAndShirt, Clothing.LongLight, Clothing.Shell })]
    [InlineData(5, new[] { Clothing.LongLight, Clothing.Shell, Clothing.WinterLayers })]
    [InlineData(-5, new[] { Clothing.Shell, Clothing.WinterLayers })]
    public void A_step_warmer_or_cooler(double air, Clothing[] possible) => ClothingForAir.Possible(air).ShouldBe(possible);

    /// <summary>1.5 mL/kg/h; above 28 °C three tenths more, above 2 500 m a tenth.</summary>
    [Theory]
    [InlineData(28, 2500, 0.09)]
    [InlineData(28.1, 2500, 0.117)]
    [InlineData(28, 2501, 0.099)]
    [InlineData(30, 3000, 0.1287)]
    public void Rest(double air, double height, double litres) => DrinkPlan.RestLPerH(60, air, height).ShouldBe(litres, 1e-9);

    /// <summary>Climbing works against gravity; downhill and level do not.</summary>
    [Theory]
    [InlineData(10, 75 * 9.81 * 1.2 * 0.1)]
    [InlineData(0, 0)]
    [InlineData(-10, 0)]
    public void Climbing(double grade, double watts) => HeatBalance.ClimbWork(75, 1.2, grade).ShouldBe(watts, 1e-9);

    /// <summary>Wind carries heat through what is worn: 1 − 0.05·√v, never under 0.6.</summary>
    [Theory]
    [InlineData(0, 1)]
    [InlineData(4, 0.9)]
    [InlineData(16, 0.8)]
    [InlineData(100, 0.6)]
    public void Wind(double wind, double share) => new Air(20, 50, SunLoad.None, wind).ClothingShare.ShouldBe(share, 1e-9);

    /// <summary>What is drunk counts against the day's ceiling: 11.4 L less 11.2 leaves 0.2, however much is wanting.</summary>
    [Fact]
    public void The_days_ceiling_counts_what_was_drunk()
    {
        var hot = new Effort(40, 30, SunLoad.Full, 6, 5, Terrain.Sand, 300);
        WatchResponse After(params double[] drunk) =>
            BodyWatch.Compute(
                new WatchRequest(
                    UnitSystem.Metric,
                    Ilva,
                    From: From,
                    Drinks: [.. drunk.Select((l, i) => new Drunk(From.AddHours(1 + i), l))],
                    UrineAt: From.AddHours(12),
                    Now: From.AddHours(13),
                    Effort: hot
                )
            );
        After(3.7, 3.7, 3.8).NextDrinkL.ShouldBeLessThanOrEqualTo(0.2 + 1e-9);
        After(3.8, 3.8, 3.9).NextDrinkL.ShouldBe(0);
        After(2, 2, 2).NextDrinkL.ShouldBeGreaterThan(0.2);
    }

    private static SweatTestResult Weighed(double after, double hours, double drunk, double urine = 0, double air = 25) =>
        SweatTestResult.Of(
            new SweatTest(
                Guid.NewGuid(),
                From,
                hours,
                70,
                after,
                drunk,
                urine,
                0,
                new Effort(air, 50, SunLoad.Full, 4.7, 0, Terrain.Road, 300),
                175,
                true,
                Clothing.ShortsAndShirt,
                12
            ),
            SweatSchool.Gonzalez2009,
            Speaker.Metric
        );

    /// <summary>4 L an hour exactly is the most a body can lose; 3 % exactly is not yet much.</summary>
    [Fact]
    public void A_sweat_tests_edges()
    {
        Weighed(69, 0.5, 1).Refusals.ShouldBeEmpty(); // (70 − 69 + 1)/0.5 = 4
        Weighed(69, 0.5, 1.01).Refusals.ShouldNotBeEmpty();
        Weighed(67.9, 2, 0).Warnings.ShouldBeEmpty(); // 2.1 of 70 is 3 %
        Weighed(67.8, 2, 0).Warnings.ShouldHaveSingleItem().ShouldContain("drink more on the way");
        Weighed(70.2, 2, 1.2).Warnings.ShouldContain(w => w.StartsWith("Heavier than before", StringComparison.Ordinal));
        Weighed(70, 2, 0).Refusals.ShouldHaveSingleItem().ShouldContain("No sweat is left"); // nothing lost at all
    }

    /// <summary>In cool air the prediction sits on comfort sweating: the test is kept, said to tell little, and counted so.</summary>
    [Fact]
    public void A_cool_test_says_that_it_tells_little()
    {
        var cool = Weighed(69.6, 2, 0.5, air: 5);
        (cool.Accepted, cool.AtFloor).ShouldBe((true, true));
        cool.Warnings.ShouldContain(w => w.StartsWith("Too cool", StringComparison.Ordinal));
        cool.Says!.Value.AtFloor.ShouldBeTrue();
        Weighed(69.6, 2, 0.5, air: 30).AtFloor.ShouldBeFalse();
        Weighed(69.6, 2, 0.5, air: 30).Warnings.ShouldNotContain(w => w.StartsWith("Too cool", StringComparison.Ordinal));
    }

    /// <summary>Asked again sooner and told less the worse it is: what was drunk too much calls for none.</summary>
    [Fact]
    public void An_emergency_after_too_much_is_told_no_water()
    {
        var drowned = BodyWatch.Compute(
            new WatchRequest(
                UnitSystem.Metric,
                Ilva,
                From: From,
                Drinks: [new(From.AddHours(1), 3)],
                UrineAt: From.AddHours(2),
                Now: From.AddHours(2),
                Rested: true,
                Signs: [BodySign.Confused]
            )
        );
        drowned.State.ShouldBe(WaterState.Emergency);
        drowned.NextDrinkL.ShouldBe(0);
        drowned.Actions.ShouldContain(a => a.StartsWith("No water", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData(9.9, true)]
    [InlineData(10, false)]
    public void In_the_cold_thirst_hides(double air, bool said) =>
        Sweat
            .Compute(new SweatRequest(null, Ilva, Effort: new Effort(air, 50, SunLoad.None, 4, 0, Terrain.Road, 300)))
            .Cautions.Any(c => c.Code == "cold-thirst")
            .ShouldBe(said);

    /// <summary>The factor's band about 1: without a test 0.64 to 1.57, e^(∓1.2816·0.35).</summary>
    [Fact]
    public void The_band_without_a_test()
    {
        var answer = Sweat.Compute(new SweatRequest(null, Ilva));
        answer.Factor.Low.ShouldBe(0.6386, 0.0005);
        answer.Factor.Middle.ShouldBe(1, 1e-12);
        answer.Factor.High.ShouldBe(1.566, 0.001);
        answer.SweatLPerH.Low.ShouldBe(answer.SweatLPerH.Middle * 0.6386, 0.001);
    }
}
