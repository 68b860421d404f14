using JollyBrook.Core.Carry;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>Turning back, and when water is drinkable.</summary>
public sealed class WayBackTests
{
    private static PlanRequest Slope(double km, double riseM) =>
        Still(
            Routes.Of(
                ReadLegs.Compute(new LegsRequest(null, 1500, [new RouteLeg("", km, riseM > 0 ? riseM : 0, riseM < 0 ? -riseM : 0)])),
                []
            )
        );

    private static PlanRequest Still(PlanRequest request) =>
        request with
        {
            Route = request.Route! with { Weather = [new DayWeather(22, 22, 50, 0, 0, WeatherSource.Typed)] },
        };

    /// <summary>On the level the way back is the way out: half of what was carried away reaches back.</summary>
    [Fact]
    public void On_the_level_half_is_the_turning_point()
    {
        var start = Plan.Compute(Slope(20, 0)).Stops[0];
        var perKm = (start.LeaveL - 0.5) / 20;
        start.TurnBackKm!.Value.ShouldBe(start.LeaveL / 2 / perKm, 0.05);
    }

    /// <summary>
    /// After 1200 m of descent the way home is a climb: at the turning point what is left covers the same stretch walked up, reckoned as a
    /// plan of that climb alone would.
    /// </summary>
    [Theory]
    [InlineData(-1200)]
    [InlineData(-600)]
    public void After_a_descent_the_way_back_is_a_climb(double riseM)
    {
        var down = Plan.Compute(Slope(16, riseM));
        var turn = down.Stops[0].TurnBackKm!.Value;
        var used = down.NeedL * turn / 16;
        var left = down.Stops[0].LeaveL - used;
        // The same ground upward, of the same length; even slope, one air: use is even along it.
        var up = Plan.Compute(Slope(16, -riseM)).NeedL * turn / 16;
        left.ShouldBe(up, 0.03);
        turn.ShouldBeLessThan(down.Stops[0].LeaveL / 2 / (down.NeedL / 16));
    }

    private static readonly KitEntry[] Tablets =
    [
        Kits.Entry(new ProductSpec("clo2-tablet", new DateOnly(2028, 1, 1)), "clo2", name: "Chlorine dioxide tablets"),
    ];

    private static PlanRequest WithKit(params KitEntry[] kit)
    {
        var request = Routes.Level(20, ("Spring", 8, 0.98));
        var source = request.Sources![0];
        // Minutes cheap, or the spring would be walked by.
        return request with
        {
            Route = request.Route! with { KgKmPerMinute = 0.001 },
            Kit = kit,
            Sources =
            [
                source with
                {
                    Source = source.Source with { Drinkable = null, Clarity = Clarity.Clear, Colour = WaterColour.None, TemperatureC = 8 },
                },
            ],
        };
    }

    /// <summary>What Treat says of these litres and this water is the soonest a plan may say.</summary>
    [Fact]
    public void No_plan_says_drinkable_before_treat_does()
    {
        var request = WithKit(Tablets);
        var stop = Plan.Compute(request).Stops[1];
        var treat = Treat.Compute(
            new TreatRequest(
                null,
                new WaterInput(stop.TakeL, Clarity.Clear, WaterColour.None, 8, 300),
                "clo2",
                StartAt: new DateTimeOffset(2026, 8, 21, 12, 0, 0, TimeSpan.Zero),
                Kit: Tablets
            )
        );
        treat.DrinkableMinutes!.Value.ShouldBeGreaterThanOrEqualTo(240);
        stop.ReadyHour!.Value.ShouldBeGreaterThanOrEqualTo(stop.ArriveHour + (treat.DrinkableMinutes.Value / 60) - 1e-3);
        stop.TreatBy.ShouldStartWith("Chlorine dioxide tablets");
    }

    [Fact]
    public void What_treat_does_not_sign_gets_no_time()
    {
        Plan.Compute(WithKit()).Stops[1].ReadyHour.ShouldBeNull(); // nothing carried
        Plan.Compute(WithKit(Kits.Entry(Kits.Tablets))).Stops[1].ReadyHour.ShouldBeNull(); // chlorine: short of Cryptosporidium
        Plan.Compute(WithKit(Tablets)).Stops[1].ReadyHour.ShouldNotBeNull();
    }

    /// <summary>What befell a filter is in the kit the plan is handed: no fill is treated by it any more.</summary>
    [Fact]
    public void A_dropped_filter_is_gone_from_the_plan()
    {
        static KitEntry Gravity(Happened dropped) =>
            Kits.Entry(
                new FilterAsIs(FilterElement.Ceramic, FilterStyle.Gravity, 0.25, 2000, 10, 0, 0, Happened.Yes, Happened.No, dropped),
                "gravity",
                name: "Gravity filter"
            );
        string TreatBy(Happened dropped) =>
            Plan.Compute(WithKit(Gravity(dropped), Tablets[0]) with { CountViruses = false }).Stops[1].TreatBy;
        TreatBy(Happened.No).ShouldContain("Gravity filter");
        TreatBy(Happened.Yes).ShouldStartWith("Chlorine dioxide tablets");
    }

    /// <summary>At camp too: tablets thrown in on arriving in the evening are not drinkable on arriving.</summary>
    [Fact]
    public void A_camps_evening_and_morning_wait_as_any_water_does()
    {
        var request = WithKit(Tablets);
        request = request with { Route = request.Route! with { Days = [new RouteDay(8, 8, "Terrace"), new RouteDay(7)] } };
        var stops = Plan.Compute(request).Stops.Where(s => s.Planned).ToList();
        stops[0].ReadyHour!.Value.ShouldBeGreaterThanOrEqualTo(stops[0].ArriveHour + 4);
        stops.ShouldAllBe(s => s.ReadyHour >= s.ArriveHour);
        // So many litres boiled in a pot of 1.3 L are no matter of as many minutes: a dozen loads. Meals and hot drinks are the pot's own.
        var boiled = Plan.Compute(request with { Kit = [Kits.Burner(fuelG: 5000), new("pot", Kits.Pot)] }).Stops.First(s => s.Planned);
        boiled.BoilL.ShouldBe((2 * 0.5) + (2 * 0.3), 1e-6); // one walker's two meals and two hot drinks
        var asked = Treat.Compute(
            new TreatRequest(
                null,
                new WaterInput(boiled.TakeL - boiled.BoilL, Clarity.Clear, WaterColour.None, 8, 300),
                "burner",
                Kit: [Kits.Burner(fuelG: 5000)],
                Boil: new(Pot: new(1.3, 0.19, Core.Boiling.PotMaterial.Aluminium), LidOn: true)
            )
        );
        ((boiled.ReadyHour!.Value - boiled.ArriveHour) * 60).ShouldBeGreaterThanOrEqualTo(asked.DrinkableMinutes!.Value - 0.1);
    }

    /// <summary>10.86 km is 6.748 miles.</summary>
    [Theory]
    [InlineData(10.86, "10.8 km", "6.7 mi")]
    [InlineData(10.8, "10.8 km", "6.7 mi")]
    [InlineData(0.04, "0 km", "0 mi")]
    public void The_last_place_to_turn_back_at_is_never_named_further_on_than_it_is(double km, string metric, string us)
    {
        PlanStops.TurnBackWords(km, Speaker.Metric).ShouldBe($"turn back at {metric} at the latest");
        PlanStops.TurnBackWords(km, Speaker.Us).ShouldBe($"turn back at {us} at the latest");
        PlanStops.TurnBackWords(null, Speaker.Metric).ShouldBeNull();
    }

    [Fact]
    public void A_stop_tells_it_in_the_units_of_the_trip()
    {
        var trip = Routes.Level(20, ("Spring", 10, 0.98));
        foreach (var units in (UnitSystem[])[UnitSystem.Metric, UnitSystem.Us])
        {
            var stop = Plan.Compute(trip with { Units = units }).Stops.First(s => s.TurnBackKm is not null);
            stop.TurnBackWords.ShouldBe(PlanStops.TurnBackWords(stop.TurnBackKm, Speaker.For(units)));
        }
    }
}
