using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Body;

public sealed class SweatTests
{
    private static readonly Effort Warm = new(25, 50, SunLoad.Full, 1.3 * 3.6, 0, Terrain.Road, 300);
    private static readonly Walker Ilva = new("Ilva", 70, 175, true, Clothing.ShortsAndShirt, 12);
    private static readonly Guid Id = Guid.Parse("019b7892-1c00-75e4-a1db-9167beeef5fe");

    private static SweatTest Test(double after, double hours = 2, double drunk = 0.75, double urine = 0.25, double eaten = 0) =>
        new(
            Id,
            new DateTimeOffset(2026, 8, 21, 14, 0, 0, TimeSpan.Zero),
            hours,
            70,
            after,
            drunk,
            urine,
            eaten,
            Warm,
            175,
            true,
            Clothing.ShortsAndShirt,
            12
        );

    /// <summary>
    /// 70.00 → 69.60 kg in 2 h, 0.75 L drunk, 0.25 L urine: 0.40 + 0.75 − 0.25 = 0.90 L, 0.45 L/h; without 0.0384 breathed 0.4116 L/h;
    /// against 0.363 predicted a ratio of 1.134.
    /// </summary>
    [Fact]
    public void A_test_with_drink_and_urine()
    {
        var result = SweatTestResult.Of(Test(69.6), SweatSchool.Gonzalez2009, Speaker.Metric);
        result.Accepted.ShouldBeTrue();
        result.LossL.ShouldBe(0.9, 1e-9);
        result.LossLPerH.ShouldBe(0.45, 1e-9);
        result.SweatLPerH.ShouldBe(0.4116, 0.0005);
        result.Ratio!.Value.ShouldBe(1.134, 0.005);
        SweatTestResult.Of(Test(69.6, eaten: 0.2), SweatSchool.Gonzalez2009, Speaker.Metric).LossL.ShouldBe(1.1, 1e-9);
    }

    /// <summary>
    /// 1/0.35² = 8.163, 1/0.15² = 44.444. One ratio of 2: exp(0.6931·44.444/52.608) = 1.796, sd 0.1379; three: 1.921, sd 0.0841.
    /// </summary>
    [Theory]
    [InlineData(0, 1.0, 0.35)]
    [InlineData(1, 1.796, 0.1379)]
    [InlineData(3, 1.921, 0.0841)]
    public void The_personal_factor_after_tests(int tests, double k, double deviation)
    {
        var factor = PersonalFactor.After([.. Enumerable.Repeat(new SweatRatio(2, AtFloor: false), tests)]);
        factor.K.ShouldBe(k, 0.001);
        factor.LogDeviation.ShouldBe(deviation, 0.0001);
    }

    [Theory]
    [InlineData(69.9, 0.2, "0.25 to 8 h")]
    [InlineData(69.9, 8.5, "0.25 to 8 h")]
    [InlineData(71.0, 2, "More came in than went out")]
    [InlineData(62.0, 1, "more than a body can lose")]
    [InlineData(64.0, 4, "slip of the scale")]
    [InlineData(70.45, 2, "No sweat is left")]
    public void Refused_with_its_reason(double after, double hours, string reason)
    {
        var result = SweatTestResult.Of(Test(after, hours), SweatSchool.Gonzalez2009, Speaker.Metric);
        result.Accepted.ShouldBeFalse();
        result.Ratio.ShouldBeNull();
        result.Refusals.ShouldContain(r => r.Contains(reason));
    }

    /// <summary>70 − 62 + 0.75 − 0.25 = 8.5 L in an hour, 8.98 qt; 4 L are 4.23 qt.</summary>
    [Theory]
    [InlineData(UnitSystem.Metric, "8.5 L an hour is more than a body can lose (4 L): check the weights.")]
    [InlineData(UnitSystem.Us, "8.98 qt an hour is more than a body can lose (4.23 qt): check the weights.")]
    public void A_loss_past_believing_is_told_in_ones_own_units(UnitSystem units, string words) =>
        SweatTestResult.Of(Test(62, hours: 1), SweatSchool.Gonzalez2009, Speaker.For(units)).Refusals.ShouldContain(words);

    [Fact]
    public void Over_drinking_and_much_lost_are_told()
    {
        SweatTestResult
            .Of(Test(70.2, drunk: 1.5), SweatSchool.Gonzalez2009, Speaker.Metric)
            .Warnings.ShouldHaveSingleItem()
            .ShouldContain("Over-drinking");
        SweatTestResult
            .Of(Test(67.5, hours: 4), SweatSchool.Gonzalez2009, Speaker.Metric)
            .Warnings.ShouldHaveSingleItem()
            .ShouldContain("3.6 %");
    }

    [Fact]
    public void Tests_narrow_the_band_and_move_the_answer()
    {
        var before = Sweat.Compute(new SweatRequest(null, Ilva, null, Warm));
        var after = Sweat.Compute(new SweatRequest(null, Ilva, [new("a", Test(69.6)), new("b", Test(71.0)), new("c", Test(69.6))], Warm));
        before.Factor.Low.ShouldBe(before.PriorFactor.Low, 1e-9);
        before.PriorFactor.High.ShouldBe(Math.Exp(0.35 * 1.28155), 0.001);
        after.Tests.Select(t => t.Result.Accepted).ShouldBe([true, false, true]);
        after.Tests[1].Factor.ShouldBe(after.Tests[0].Factor); // a refused test teaches nothing
        (after.Factor.High / after.Factor.Low).ShouldBeLessThan(before.Factor.High / before.Factor.Low);
        after.SweatLPerH.Middle.ShouldBeGreaterThan(1.08 * before.SweatLPerH.Middle);
        before.Assumptions.ShouldContain(a => a.Field == "tests");
        after.Assumptions.ShouldNotContain(a => a.Field == "tests");
    }

    [Fact]
    public void Never_planned_above_a_litre_an_hour_nor_above_the_loss() =>
        Gen.Select(Gen.Double[40, 120], Gen.Double[-20, 45], Gen.Double[1, 7], Gen.Double[-20, 30], Gen.Double[0.3, 1])
            .Sample(
                (mass, temperature, speed, grade, share) =>
                {
                    var answer = Sweat.Compute(
                        new SweatRequest(
                            null,
                            Ilva with
                            {
                                MassKg = mass,
                            },
                            [],
                            Warm with
                            {
                                TemperatureC = temperature,
                                SpeedKmH = speed,
                                GradePercent = grade,
                            },
                            null,
                            share
                        )
                    );
                    answer.DrinkLPerH.ShouldBeLessThanOrEqualTo(1.0);
                    // An hour walked needs no less than an hour of rest; what is planned is reckoned at the 80th centile, inside the band.
                    answer.DrinkLPerH.ShouldBeLessThanOrEqualTo(Math.Max(answer.RestLPerH, answer.LossLPerH.High) + 1e-12);
                    answer.DrinkLPerH.ShouldBeGreaterThanOrEqualTo(Math.Min(1, answer.RestLPerH) - 1e-12);
                    answer.SweatLPerH.Low.ShouldBeLessThanOrEqualTo(answer.SweatLPerH.Middle);
                },
                iter: 300
            );

    [Fact]
    public void Hotter_never_sweats_less()
    {
        var curve = Sweat.Compute(new SweatRequest(null, Ilva, [], Warm)).ByTemperature;
        curve.Zip(curve.Skip(1)).ShouldAllBe(p => p.Second.SweatLPerH.Middle >= p.First.SweatLPerH.Middle);
    }

    [Fact]
    public void What_is_wrong_is_named_field_by_field()
    {
        var wrong = Should.Throw<BadInputException>(() =>
            Sweat.Compute(new SweatRequest(null, new Walker(" ", 12, null), null, Warm with { TemperatureC = 80 }))
        );
        wrong.Errors.Select(e => e.Field).ShouldBe(["name", "massKg", "heightCm", "effort.temperatureC"]);
    }
}
