using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>
/// From altitude and detour to litres, each figure from the handbook's formulas and none from the plan itself.
/// <para>
/// Level, good path, 24 °C, 50 %, full sun, no wind; 62 kg, 168 cm, 13 kg of pack, shorts and shirt, no sweat test.
/// Tobler: 6·e^(−3.5·0.05) = 5.0367 km/h = 1.3991 m/s. M/m = 1.44 + 1.1·(1.94·1.3991^0.43 + 0.24·1.3991⁴) = 4.9171 W/kg, ·75 = 368.8 W.
/// A = 0.007184·62^0.425·168^0.725 = 1.704 m²: M/A 216.4. E_req = 216.4 + 6.45·(31 − 36)/0.6 = 162.7; P = 1.492 kPa,
/// E_res = 0.0173·216.4·(5.87 − 1.492) = 16.4; (E_req − E_res)/0.68 = 215.1 g/m²/h, above comfort 97.8 and the equation 106.3:
/// 0.3666 L/h, + breathed 0.0411 = 0.4077 at the median; of it 0.8 = 0.3262 L/h; 0.06476 L/km.
/// </para>
/// </summary>
public sealed class HandWorkedPlanTests
{
    private const double LPerH = 0.3262;
    private const double LPerKm = 0.06476;

    private static PlanRequest Still(double km, DayWeather? air = null, params TripSourceEntry[] sources)
    {
        var request = Routes.Level(km);
        return request with
        {
            Route = request.Route! with { Weather = [air ?? new DayWeather(24, 24, 50, 0, 0, WeatherSource.Typed)] },
            Sources = sources,
        };
    }

    [Fact]
    public void Twenty_level_kilometres() => Plan.Compute(Still(20)).NeedL.ShouldBe(20 * LPerKm, 0.002);

    /// <summary>
    /// 6.5 °C colder for each kilometre higher: at 20.1 °C 0.2585 L/h of sweat and 0.0440 breathed, at 30.5 °C 0.5480 and 0.0346; · 0.8 for
    /// the same 20 km.
    /// </summary>
    [Theory]
    [InlineData(-300, 0.9609)]
    [InlineData(300, 1.2950)]
    [InlineData(1300, 1.8507)]
    public void Higher_than_its_weather_is_colder(double weatherAtM, double litres)
    {
        var request = Still(20);
        Plan.Compute(request with { Route = request.Route! with { WeatherElevationM = weatherAtM } }).NeedL.ShouldBe(litres, 0.003);
    }

    /// <summary>
    /// Up to three tenths of cloud is full sun, up to seven part of it: +7, +4, +0 °C; 30 °C in no sun is 26 in part of it and 23 in full.
    /// </summary>
    [Theory]
    [InlineData(0.3, 7)]
    [InlineData(0.31, 4)]
    [InlineData(0.7, 4)]
    [InlineData(0.71, 0)]
    public void Cloud_takes_the_sun_off_the_walker(double cloud, double sunC)
    {
        // What the sun adds is all in E_req: 6.45·(T_sun)/0.6 W/m², /0.68 g, ·A: 0.02693 L/h for each degree; ·0.8 = 0.02155 L/h.
        var expected = LPerH + ((sunC - 7) * 6.45 / 0.6 / 0.68 * 1.704 / 1000 * 0.8);
        Plan.Compute(Still(20, new DayWeather(24, 24, 50, cloud, 0, WeatherSource.Typed))).NeedL.ShouldBe(expected * 20 / 5.0367, 0.003);
    }

    /// <summary>
    /// 12 minutes off the line, each way 0.2 h·0.3262 = 0.0652 L. Start: 8 km·0.06476 + 0.0652 + 0.5 = 1.0833. At the water 0.5 in hand;
    /// away with 12 km·0.06476 + 0.0652 back + 0.5 = 1.3423; taken 0.8423. Stop: 5 min for the pack, 24 of way, 0.8423·½ min/L.
    /// </summary>
    [Fact]
    public void A_detour_is_walked_there_and_back()
    {
        var spring = Routes.Source("Spring", 8, 0.98);
        var request = Still(20, null, spring with { Source = spring.Source with { DetourMinutes = 12, LitresPerMinute = 2 } });
        // Minutes cheap, or it would be walked by.
        var plan = Plan.Compute(request with { Route = request.Route! with { KgKmPerMinute = 0.01 } });
        plan.Stops[0].LeaveL.ShouldBe(1.0833, 0.003);
        plan.Stops[1].ArriveL.ShouldBe(0.5, 0.001);
        plan.Stops[1].TakeL.ShouldBe(0.8423, 0.003);
        plan.Stops[1].StopMinutes.ShouldBe(29.42, 0.01);
    }

    /// <summary>The same walk simulated with nothing drawn.</summary>
    [Fact]
    public void The_simulation_walks_the_same_detour()
    {
        var spring = Routes.Source("Spring", 8, 1);
        var setup = new PlanSetup(Still(20, null, spring with { Source = spring.Source with { DetourMinutes = 12 } }));
        var way = new PolicyWay(setup);
        var route = SimulatedRoute.Of(setup, way);
        way.Problem.Places[1].Waters[0].DetourUseL.ShouldBe(0.0652, 0.0005);
        way.Problem.Places[1].Waters[0].TripMinutes.ShouldBe(29, 1e-9);
        (route.WantedL[0] + route.WantedL[1]).ShouldBe(0.3262 * 20 / 5.0367, 0.002);
    }

    /// <summary>σ 0.12 of pace over many draws, the mean 1; a walker's 0.35.</summary>
    [Fact]
    public void What_is_drawn_spreads_as_the_handbook_says()
    {
        var draws = new WalkDraws([(0.35, 1)], 1, []);
        List<double> pace = [],
            sweat = [],
            warm = [];
        for (var run = 0; run < 20_000; run++)
        {
            draws.Draw(5, run);
            pace.Add(draws.Pace);
            sweat.Add(Math.Log(draws.Factor));
            warm.Add(draws.DayC[0]);
        }

        static double Deviation(List<double> values) =>
            Math.Sqrt(values.Sum(v => (v - values.Average()) * (v - values.Average())) / values.Count);
        (pace.Average(), sweat.Average(), warm.Average()).ShouldSatisfyAllConditions(
            m => m.Item1.ShouldBe(1, 0.004),
            m => m.Item2.ShouldBe(0, 0.01),
            m => m.Item3.ShouldBe(0, 0.08)
        );
        Deviation(pace).ShouldBe(0.12, 0.003);
        Deviation(sweat).ShouldBe(0.35, 0.008);
        Deviation(warm).ShouldBe(2.5, 0.06);
    }

    /// <summary>1.295 + 0.5 = 1.795 L: the 3 L bladder of 150 g alone is taken along full enough, not the two bottles of 40 g.</summary>
    [Fact]
    public void The_fullest_containers_first_and_the_empty_ones_weigh_nothing()
    {
        var request = Still(20);
        var plan = Plan.Compute(
            request with
            {
                Route = request.Route! with
                {
                    Containers = [new("Flask", 1, MassKg: 0.04), new("Bladder", 3, MassKg: 0.15), new("Other flask", 1, MassKg: 0.04)],
                },
            }
        );
        plan.Stops[0].WeightKg.ShouldBe(1.795 + 0.15, 0.003);
    }

    /// <summary>At 5.0367 km/h 65.477 km take thirteen hours without breaks; a day is long beyond that.</summary>
    [Theory]
    [InlineData(65.3, false)]
    [InlineData(65.6, true)]
    public void A_long_day_is_flagged(double km, bool flagged) =>
        Plan.Compute(Still(km)).Flags.Any(f => f.StartsWith("Day 1 is ", StringComparison.Ordinal)).ShouldBe(flagged);
}
