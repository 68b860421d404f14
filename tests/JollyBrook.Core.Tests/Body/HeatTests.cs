using JollyBrook.Core.Body;

namespace JollyBrook.Core.Tests.Body;

public sealed class HeatTests
{
    /// <summary>
    /// 82 kg at 1.3 m/s: 82·(1.44 + 1.94·1.3^0.43 + 0.24·1.3⁴) = 82·(1.44 + 2.1717 + 0.6855) = 352.4 W; at 10 % 689 W (handbook).
    /// </summary>
    [Theory]
    [InlineData(0, 352)]
    [InlineData(10, 689)]
    public void The_walking_equation_gives_the_published_figures(double gradePercent, double watts) =>
        MetabolicRate.Walking(82, 1.3, gradePercent, 1.0).ShouldBe(watts, 0.6);

    /// <summary>70 kg, 12 kg, 1.3 m/s, level: 105 + 2·82·(12/70)² + 82·1.5·1.69 = 105 + 4.82 + 207.87 = 317.7 W.</summary>
    [Fact]
    public void Pandolf_stands_beside_it() => MetabolicRate.Pandolf(70, 12, 1.3, 0, 1.0).ShouldBe(317.7, 0.1);

    /// <summary>DuBois: 70 kg and 175 cm: 0.007184·6.083·42.28 = 1.848 m².</summary>
    [Fact]
    public void Body_surface() => HeatBalance.SurfaceM2(70, 175).ShouldBe(1.848, 0.001);

    /// <summary>25 °C, 50 %: saturation 0.61078·exp(17.27·25/262.3) = 3.1677 kPa, so 1.584 kPa = 11.88 mmHg.</summary>
    [Fact]
    public void Vapour_pressure()
    {
        var air = new Air(25, 50, SunLoad.None);
        air.VapourKPa.ShouldBe(1.584, 0.001);
        air.VapourMmHg.ShouldBe(11.88, 0.01);
    }

    /// <summary>
    /// 25 °C, 50 %, full sun, 1.3 m/s level on a road, 70 + 12 kg, 175 cm, shorts and shirt. M 352.4 W, A 1.848 m²: 190.7 W/m².
    /// T_op 32: 6.45·(−4)/0.6 = −43. E_req 147.7. E_max 14.21·0.70·(44.6 − 11.88) = 325.5.
    /// Gonzalez 147 + 1.527·147.7 − 0.87·325.5 = 89.4 g/m²h. Shapiro 27.9·147.7·325.5^−0.455 = 296 g/m²h: 0.548 L/h.
    /// Breath 0.0173·352.4·(5.87 − 1.584)/0.68 = 38.4 g/h, 14.1 W/m². The balance needs (147.7 − 14.1)/0.68 = 196.4 g/m²h: 0.363 L/h,
    /// more than Gonzalez, so it counts.
    /// </summary>
    [Fact]
    public void A_prediction_worked_by_hand()
    {
        var walker = new Walker("Ilva", 70, 175, true, Clothing.ShortsAndShirt, 12);
        var effort = new Effort(25, 50, SunLoad.Full, 1.3 * 3.6, 0, Terrain.Road, 300);
        var loss = Loss.Of(walker, effort, SweatSchool.Gonzalez2009);
        loss.Heat.RequiredWPerM2.ShouldBe(147.7, 0.3);
        loss.Heat.MaximumWPerM2.ShouldBe(325.5, 0.3);
        loss.Heat.EquationGPerM2H(SweatSchool.Gonzalez2009).ShouldBe(89.4, 0.7);
        loss.SweatLPerH.ShouldBe(0.363, 0.001);
        Loss.Of(walker, effort, SweatSchool.Shapiro1982).SweatLPerH.ShouldBe(0.548, 0.003);
        loss.BreathedLPerH.ShouldBe(0.0384, 0.0003);
    }

    /// <summary>36 °C in the shade, 60 %, 5 km/h up 5 %: the equation asks for more than the balance, and counts.</summary>
    [Fact]
    public void In_warm_damp_air_the_equation_counts()
    {
        var heat = Loss.Of(
            new Walker("A", 70, 175, true),
            new Effort(36, 60, SunLoad.None, 5, 5, Terrain.Road, 0),
            SweatSchool.Gonzalez2009
        ).Heat;
        heat.EquationGPerM2H(SweatSchool.Gonzalez2009).ShouldBeGreaterThan(heat.BalanceGPerM2H);
        heat.SweatGPerM2H(SweatSchool.Gonzalez2009).ShouldBe(heat.EquationGPerM2H(SweatSchool.Gonzalez2009));
    }

    [Fact]
    public void Sweat_stays_between_the_floor_and_the_ceiling_of_the_body()
    {
        var cold = new Walker("A", 70, 175, false);
        Loss.Of(cold, new Effort(-10, 50, SunLoad.None, 2, 0, Terrain.Road, 0), SweatSchool.Gonzalez2009)
            // Comfort: M = 82·(1.44 + 1.94·0.5556^0.43 + 0.24·0.5556⁴) = 243.5 W over 1.848 m²: 0.42·(131.8 − 58.15)/0.68 = 45.5 g/m²h.
            .SweatLPerH.ShouldBe(0.0840, 0.0002);
        // Standing still is below one met: the floor of 15 g/m²h.
        HeatBalance.ComfortSweat(100, 0, 1.9).ShouldBe(15);
        HeatBalance.ComfortSweat(200, 20, 1.8).ShouldBe(0.42 * (100 - 58.15) / 0.68, 1e-9);
        var hot = new Effort(45, 80, SunLoad.Full, 6, 15, Terrain.Sand, 0);
        Loss.Of(cold, hot, SweatSchool.Gonzalez2009).SweatLPerH.ShouldBe(1.5);
        Loss.Of(cold with { Acclimatised = true }, hot, SweatSchool.Gonzalez2009).SweatLPerH.ShouldBe(2.0);
        Loss.Of(cold with { Acclimatised = null }, hot, SweatSchool.Gonzalez2009).SweatLPerH.ShouldBe(2.0); // not known: the thirstier
    }

    /// <summary>70 kg: 0.105 L/h; above 28 °C × 1.3; above 2 500 m × 1.1 as well.</summary>
    [Fact]
    public void Need_at_rest()
    {
        DrinkPlan.RestLPerH(70, 20, 500).ShouldBe(0.105, 1e-9);
        DrinkPlan.RestLPerH(70, 30, 500).ShouldBe(0.1365, 1e-9);
        DrinkPlan.RestLPerH(70, 30, 2600).ShouldBe(0.15015, 1e-9);
    }
}
