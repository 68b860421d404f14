using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Route;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Tests.Carry;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Scarcity;

/// <summary>Short of water on a trip: what the way to a water takes is the trip's own figure, as Now tells it.</summary>
public sealed class ShortOnTripTests
{
    private static readonly DateTimeOffset Nine = new(2026, 8, 21, 9, 0, 0, TimeSpan.Zero);

    /// <summary>20 km on the flat without wind: 5.0367 km/h and 0.06476 L/km (see <see cref="HandWorkedPlanTests"/>).</summary>
    private static PlanRequest Level(params (string Name, double Km, double Chance)[] sources) =>
        Still(Routes.Level(20, sources)) with
        {
            Now = Nine,
        };

    private static PlanRequest Still(PlanRequest walk) =>
        walk with
        {
            Route = walk.Route! with { Weather = [new DayWeather(24, 24, 50, 0, 0, WeatherSource.Typed)] },
        };

    private static TriageResponse Ask(PlanRequest walk, double km, double inHandL = 1, double? needLPerH = null, Effort? effort = null) =>
        Triage.Compute(new TriageRequest(UnitSystem.Metric, inHandL, needLPerH, Walk: walk, AlongKm: km, Effort: effort));

    private static WayOutAnswer Way(TriageResponse at, WayOutKind kind) => at.Choices.Single(c => c.Kind == kind);

    [Fact]
    public void The_way_on_and_the_way_back_are_walked_on_the_trips_ground()
    {
        var at = Ask(Level(("Brook", 4, 0.98), ("Spring", 16, 0.98)), 10);
        var (on, back) = (Way(at, WayOutKind.On), Way(at, WayOutKind.Back));
        on.Towards!.DistanceKm.ShouldBe(6, 1e-9);
        on.Hours!.Value.ShouldBe(6 / 5.0367, 0.001);
        on.NeedL!.Value.ShouldBe(6 * 0.06476, 0.001);
        back.Hours!.Value.ShouldBe(6 / 5.0367, 0.001);
        back.NeedL!.Value.ShouldBe(6 * 0.06476, 0.001);
        at.NeedLPerH.ShouldBe(on.NeedL.Value / on.Hours.Value, 1e-9);
    }

    /// <summary>600 m up over 6 km: down to the brook is quicker than up to the spring, and asks for less.</summary>
    [Fact]
    public void Uphill_takes_longer_and_asks_for_more()
    {
        var walk = Routes.Of(
            ReadLegs.Compute(new LegsRequest(null, 300, [new RouteLeg("", 12, 1200, 0)])),
            [Routes.Source("Brook", 0.5, 0.98), Routes.Source("Spring", 11.5, 0.98)]
        ) with
        {
            Now = Nine,
        };
        var at = Ask(walk, 6);
        var (on, back) = (Way(at, WayOutKind.On), Way(at, WayOutKind.Back));
        on.Hours!.Value.ShouldBeGreaterThan(back.Hours!.Value * 1.1);
        on.NeedL!.Value.ShouldBeGreaterThan(back.NeedL!.Value * 1.1);
    }

    [Fact]
    public void A_need_told_for_an_hour_is_taken_over_the_trips_hours()
    {
        var walk = Level(("Spring", 16, 0.98));
        var (reckoned, told) = (Way(Ask(walk, 10), WayOutKind.On), Way(Ask(walk, 10, needLPerH: 0.8), WayOutKind.On));
        told.Hours!.Value.ShouldBe(reckoned.Hours!.Value, 1e-9);
        told.NeedL!.Value.ShouldBe(0.8 * told.Hours.Value, 1e-9);
    }

    [Fact]
    public void A_pace_told_is_walked_and_hotter_air_asks_for_more()
    {
        var walk = Level(("Spring", 16, 0.98));
        Way(Ask(walk, 10, effort: new Effort(SpeedKmH: 2.5)), WayOutKind.On).Hours!.Value.ShouldBe(6 / 2.5, 0.001);
        Way(Ask(walk, 10, effort: new Effort(TemperatureC: 38)), WayOutKind.On)
            .NeedL!.Value.ShouldBeGreaterThan(Way(Ask(walk, 10), WayOutKind.On).NeedL!.Value * 1.3);
    }

    [Fact]
    public void At_the_finish_there_is_only_the_way_back()
    {
        var at = Ask(Level(("Spring", 16, 0.98)), 20);
        Way(at, WayOutKind.On).Towards.ShouldBeNull();
        Way(at, WayOutKind.Back).Towards!.DistanceKm.ShouldBe(4, 1e-9);
        Way(at, WayOutKind.Back).NeedL!.Value.ShouldBe(4 * 0.06476, 0.001);
    }

    [Fact]
    public void Without_any_water_on_the_trip_it_says_so()
    {
        var at = Ask(Level(), 10, 0.2);
        at.Assumptions.ShouldContain(a => a.Field == "sources");
        at.NeedLPerH.ShouldBeGreaterThan(0);
    }

    /// <summary>
    /// Wherever one stands, the next water is as far, as long and as likely as "from here" has it, as long as no night or rest lies in
    /// between.
    /// </summary>
    [Fact]
    public void The_next_water_is_the_one_that_Now_tells() =>
        Gen.Select(GeneratedTrips.Any, Gen.Double[0, 0.98], Gen.Double[0, 3], Gen.Int[7, 17])
            .Sample(
                (trip, share, inHandL, hour) =>
                {
                    var walk = trip with { Now = Nine.Date.AddHours(hour) };
                    var km = share * walk.Route!.LengthKm!.Value;
                    var now = FromHere.Compute(new FromHereRequest(walk, km, inHandL));
                    var next = now.Next;
                    var waters = new WalkFromHere(walk, km).Waters;
                    var days = walk.Route.EachDay;
                    if (
                        next is null
                        || waters.Where(w => w.IsAhead).MinBy(w => w.Km) is not { } first
                        || days.Any(d => d.EndKm is { } end && end > km - CutTrip.HereKm && end < next.AlongKm - 0.001)
                    )
                    {
                        return;
                    }

                    var off = (walk.Sources!.Single(s => s.Id == next.Id).Source.DetourMinutes ?? 0) / 60;
                    first.Name.ShouldBe(next.Name);
                    first.Km.ShouldBe(next.OnKm, 0.001);
                    first.Chance.ShouldBe(next.Chance, 1e-9);
                    if (now.Here is { Planned: true })
                    {
                        // Now counts the stop here as well.
                        (first.Hours - off).ShouldBeLessThanOrEqualTo(next.Hours + 0.01);
                    }
                    else
                    {
                        (first.Hours - off).ShouldBe(next.Hours, 0.01);
                    }
                },
                iter: 60
            );
}
