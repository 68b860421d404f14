using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;
using JollyBrook.Core.Tests.Carry;

namespace JollyBrook.Core.Tests.Body;

/// <summary>What is never gone below, however cool it is and however little has been told.</summary>
public sealed class FloorsTests
{
    private static readonly Walker Ilva = new("Ilva", 62, 168, true, Clothing.ShortsAndShirt, 13);

    private static SweatResponse Ask(Walker walker, Effort effort) => Sweat.Compute(new SweatRequest(null, walker, Effort: effort));

    [Fact]
    public void Walking_never_plans_less_than_resting() =>
        Gen.Select(
                Gen.Double[-40, 50],
                Gen.Double[0, 100],
                Gen.Double[0.5, 25],
                Gen.Double[-40, 40],
                Gen.Double[0, 8000],
                Gen.Enum<Clothing>(),
                Gen.Double[0, 40]
            )
            .Sample(
                (air, damp, speed, grade, height, worn, wind) =>
                {
                    var answer = Ask(
                        Ilva with
                        {
                            Worn = worn,
                        },
                        new Effort(air, damp, SunLoad.None, speed, grade, Terrain.Road, height, WindMs: wind)
                    );
                    answer.DrinkLPerH.ShouldBeGreaterThanOrEqualTo(answer.RestLPerH - 1e-12);
                    answer.LossLPerH.Low.ShouldBeLessThanOrEqualTo(answer.LossLPerH.High);
                }
            );

    /// <summary>
    /// Comfort sweating (Fanger): 0.42·(M/A − 58.15)/0.68 g/m²/h. 75 kg at 1.3 m/s on a road: 352/82·75 = 321.9 W; A 62 kg, 168 cm:
    /// 0.007184·62^0.425·168^0.725 = 1.704 m²: 188.9 − 58.15 = 130.8 → 80.8 g/m²/h → 0.138 L/h.
    /// </summary>
    [Fact]
    public void A_cool_walk_sweats_for_comfort() =>
        Ask(Ilva with { Worn = Clothing.ShortsAndShirt }, new Effort(5, 50, SunLoad.None, 1.3 * 3.6, 0, Terrain.Road, 300))
            .SweatLPerH.Middle.ShouldBe(0.138, 0.001);

    [Theory]
    [InlineData(-15)]
    [InlineData(0)]
    [InlineData(10)]
    public void A_day_out_takes_two_and_a_half_litres(double airC)
    {
        var request = Routes.Level(12, ("Spring", 5, 0.98));
        var day = Plan.Compute(
            request with
            {
                Route = request.Route! with
                {
                    Weather = [new DayWeather(airC, airC, 50, 0, 2, WeatherSource.Typed)],
                    Days = [new RouteDay(9, 6, "Hollow", 0, 0, 0), new RouteDay(9)],
                },
            }
        ).Days[0];
        (day.WalkL + day.CampL).ShouldBeGreaterThanOrEqualTo(2.5 - 1e-9);
    }

    [Theory]
    [InlineData(-0.1, Clothing.WinterLayers)]
    [InlineData(0, Clothing.Shell)]
    [InlineData(9.9, Clothing.Shell)]
    [InlineData(10, Clothing.LongLight)]
    [InlineData(19.9, Clothing.LongLight)]
    [InlineData(20, Clothing.ShortsAndShirt)]
    public void Clothing_follows_the_air(double airC, Clothing worn) => ClothingForAir.Usual(airC).ShouldBe(worn);

    [Fact]
    public void Clothing_not_told_asks_for_no_less_water_than_any_a_step_away_and_is_said() =>
        Gen.Double[-40, 50]
            .Sample(air =>
            {
                var effort = new Effort(air, 50, SunLoad.Full, 5, 5, Terrain.GoodPath, 500);
                var untold = Ask(Ilva with { Worn = null }, effort);
                untold.Assumptions.ShouldContain(a => a.Field == "walker.worn");
                foreach (var worn in ClothingForAir.Possible(air))
                {
                    untold.DrinkLPerH.ShouldBeGreaterThanOrEqualTo(Ask(Ilva with { Worn = worn }, effort).DrinkLPerH - 1e-12);
                }

                Ask(Ilva with { Worn = Clothing.Shell }, effort).Assumptions.ShouldNotContain(a => a.Field == "walker.worn");
            });

    /// <summary>
    /// σ 0.35 for a test on the floor, as wide as the prior: one ratio of 5 moves log k by half of log 5 = 0.80, held to 0.35: k 1.42,
    /// never 5.
    /// </summary>
    [Fact]
    public void One_cool_test_does_not_make_a_factor_of_five()
    {
        var factor = PersonalFactor.After([new SweatRatio(5, AtFloor: true)]);
        factor.K.ShouldBe(Math.Exp(0.35), 1e-9);
        factor.Tested.ShouldBeFalse();
        PersonalFactor.After([new SweatRatio(1.2, AtFloor: true)]).K.ShouldBe(Math.Exp(Math.Log(1.2) / 2), 1e-9);
        PersonalFactor.After([.. Enumerable.Repeat(new SweatRatio(0.1, AtFloor: true), 9)]).K.ShouldBe(Math.Exp(-0.35), 1e-9);
    }

    /// <summary>
    /// Until a test in warmth, the 80th centile: exp(0.8416·0.35) = 1.3426 times the prediction, and the middle from then on.
    /// </summary>
    [Fact]
    public void Until_tested_a_walker_is_counted_as_one_who_sweats_more()
    {
        PersonalFactor.Unknown.Planned.ShouldBe(1.3426, 0.0001);
        PersonalFactor.After([new SweatRatio(1, AtFloor: false)]).Planned.ShouldBe(1, 1e-9);
    }

    /// <summary>
    /// ACSM at 10 km/h: 0.2·166.67 + 3.5 = 36.83 mL/kg/min, ×20.1 J/mL ÷ 60 = 12.34 W/kg; at 5 % up 0.9·166.67·0.05 = 7.5 more: 14.85;
    /// down, a third of it off: 11.50.
    /// </summary>
    [Theory]
    [InlineData(10, 0, 12.34)]
    [InlineData(10, 5, 14.85)]
    [InlineData(10, -5, 11.50)]
    [InlineData(25, 0, 29.09)]
    public void Running_costs_what_the_published_equation_says(double kmH, double grade, double wattsPerKg)
    {
        MetabolicRate.RunningPerKg(kmH / 3.6, grade).ShouldBe(wattsPerKg, 0.01);
        Ask(Ilva, new Effort(15, 50, SunLoad.None, kmH, grade, Terrain.Road, 300)).MetabolicW.ShouldBe(wattsPerKg * 75, 1);
    }

    [Fact]
    public void Eight_an_hour_is_walked_and_faster_or_told_is_run()
    {
        double Watts(double kmH, bool? running = null) =>
            Ask(Ilva, new Effort(15, 50, SunLoad.None, kmH, 0, Terrain.Road, 300, running)).MetabolicW;
        Watts(8).ShouldBe(MetabolicRate.Walking(75, 8 / 3.6, 0, 1), 1e-6);
        Watts(8.01).ShouldBe(75 * MetabolicRate.RunningPerKg(8.01 / 3.6, 0), 1e-6);
        Watts(6, running: true).ShouldBe(75 * MetabolicRate.RunningPerKg(6 / 3.6, 0), 1e-6);
    }

    /// <summary>The ceilings: nothing planned above 1 L an hour, and never more lost than a body can sweat.</summary>
    [Theory]
    [InlineData(true, 2.0)]
    [InlineData(false, 1.5)]
    public void A_hot_run_ends_at_the_bodys_ceiling(bool acclimatised, double ceiling)
    {
        var answer = Ask(Ilva with { Acclimatised = acclimatised }, new Effort(40, 50, SunLoad.Full, 15, 5, Terrain.Road, 300));
        answer.SweatLPerH.High.ShouldBe(ceiling, 1e-9);
        answer.DrinkLPerH.ShouldBe(1, 1e-9);
    }

    /// <summary>
    /// The working shows what was counted: with its own A, M, T_op and clo it gives its own E_req, in wind and with clothing not told.
    /// </summary>
    [Fact]
    public void The_working_is_of_what_was_counted() =>
        Gen.Select(Gen.Double[-20, 40], Gen.Double[0, 30])
            .Sample(
                (air, wind) =>
                {
                    var working = Ask(
                        Ilva with
                        {
                            Worn = null,
                        },
                        new Effort(air, 50, SunLoad.Full, 5, 0, Terrain.GoodPath, 500, WindMs: wind)
                    ).Working;
                    double Of(string step, string name)
                    {
                        var found = working.Single(w => w.Label == step);
                        return found.Result.Name == name
                            ? found.Result.Value!.Value
                            : found.Inputs.Single(v => v.Name == name).Value!.Value;
                    }

                    var heat =
                        (Of("Metabolic rate", "M") / Of("Body surface", "A"))
                        + (6.45 * (Of("Heat to shed", "T_op") - 36) / Of("Heat to shed", "clo"));
                    heat.ShouldBe(Of("Heat to shed", "E_req"), 0.01);
                }
            );
}
