using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>When a day is walked, by the log or the plan, and what is lost in it.</summary>
public class DaysWalkTests
{
    private static readonly DateTimeOffset Morning = At(21, 7);

    private static DateTimeOffset At(int day, double hour) => new DateTimeOffset(2026, 8, day, 0, 0, 0, TimeSpan.Zero).AddHours(hour);

    /// <summary>20 level km at 24 °C: Tobler walks 6·exp(−3.5·0.05) = 5.0367 km/h.</summary>
    private static TripRoute Level => Routes.Level(20).Route!;

    private static DayOnFoot? Day(TripRoute route, DateTimeOffset from, params WalkedStretch[] walked) =>
        DaysWalk.Compute(new DaysWalkRequest(from, [new DatedTrip(route)], walked)).Day;

    [Fact]
    public void A_day_nobody_told_of_is_walked_as_planned()
    {
        var day = Day(Level, Morning)!;
        day.KnownBy.ShouldBe(WalkKnownBy.Plan);
        day.Walks[0].From.ShouldBe(At(21, 8));
        // 20 km ÷ 5.0367 km/h = 3.971 h.
        (day.Walks[^1].Until!.Value - At(21, 8)).TotalHours.ShouldBe(3.971, 0.01);
        day.Walks.Zip(day.Walks.Skip(1))
            .ShouldAllBe(p => (p.First.Until!.Value - p.Second.From!.Value).Duration() < TimeSpan.FromMinutes(1));
        day.Effort.TemperatureC!.Value.ShouldBe(24, 1e-9);
        day.Effort.SpeedKmH!.Value.ShouldBe(5.0367, 1e-3);
        day.Effort.WindMs.ShouldBe(2);
        day.Effort.Terrain.ShouldBe(Terrain.GoodPath);
    }

    [Theory]
    [InlineData(20)]
    [InlineData(22)]
    public void A_trip_has_no_walk_before_its_first_day_nor_after_its_last(int day) => Day(Level, At(day, 7)).ShouldBeNull();

    [Fact]
    public void A_trip_out_of_the_list_or_without_a_date_or_that_cannot_be_right_tells_nothing()
    {
        Day(Level with { Retired = true }, Morning).ShouldBeNull();
        Day(Level with { StartDate = null }, Morning).ShouldBeNull();
        Day(Level with { LengthKm = -1 }, Morning).ShouldBeNull();
    }

    [Fact]
    public void The_second_day_is_walked_at_its_own_hour_by_the_trips_own_clock()
    {
        var route = Level with { Days = [new RouteDay(8, 10), new RouteDay(5.5)] };
        var day = DaysWalk
            .Compute(
                new DaysWalkRequest(new DateTimeOffset(2026, 8, 22, 5, 0, 0, TimeSpan.FromHours(2)), [new DatedTrip(route, [120, 120])])
            )
            .Day!;
        day.Walks[0].From.ShouldBe(new DateTimeOffset(2026, 8, 22, 5, 30, 0, TimeSpan.FromHours(2)));
        (day.Walks[^1].Until!.Value - day.Walks[0].From!.Value).TotalHours.ShouldBe(10 / 5.0367, 0.01);
    }

    /// <summary>Who sets out at five has walked two hours by seven, and was well watered before them.</summary>
    [Fact]
    public void A_day_begins_with_its_first_step()
    {
        Day(Level with { Days = [new RouteDay(5)] }, Morning)!.From.ShouldBe(At(21, 5));
        Day(Level, Morning)!.From.ShouldBe(Morning);
        Day(Level, Morning, new WalkedStretch(At(21, 6), At(21, 10)))!.From.ShouldBe(At(21, 6));
    }

    [Fact]
    public void A_rest_in_the_shade_is_not_walked()
    {
        var day = Day(Level with { Days = [new RouteDay(8, Rest: new DayRest(10, 3))] }, Morning)!;
        day.Walks.Sum(w => (w.Until!.Value - w.From!.Value).TotalHours).ShouldBe(3.971, 0.02);
        (day.Walks[^1].Until!.Value - At(21, 8)).TotalHours.ShouldBe(6.971, 0.02);
    }

    [Fact]
    public void What_was_written_of_the_day_stands_for_its_plan()
    {
        var told = new WalkedStretch(At(21, 9), At(21, 15), new Effort(TemperatureC: 31));
        var day = Day(Level, Morning, told)!;
        day.KnownBy.ShouldBe(WalkKnownBy.Log);
        day.Walks.ShouldBe([told]);
        day.Effort.SpeedKmH!.Value.ShouldBe(5.0367, 1e-3);
    }

    [Fact]
    public void Yesterdays_stage_written_this_morning_leaves_todays_plan_alone() =>
        Day(Level, Morning, new WalkedStretch(At(21, 1.5), At(21, 7.5)))!.KnownBy.ShouldBe(WalkKnownBy.Plan);

    [Fact]
    public void Of_two_trips_on_one_day_the_longer_one_is_counted() =>
        DaysWalk
            .Compute(new DaysWalkRequest(Morning, [new DatedTrip(Routes.Level(8).Route), new DatedTrip(Level)]))
            .Day!.Walks[^1]
            .Until!.Value.ShouldBeGreaterThan(At(21, 11));

    [Fact]
    public void The_day_has_to_begin_somewhere() =>
        Should.Throw<BadInputException>(() => DaysWalk.Compute(new DaysWalkRequest(null))).Message.ShouldContain("beginning");

    private static WatchResponse Watch(DayOnFoot? day, double until, Effort? told = null) =>
        BodyWatch.Compute(
            new WatchRequest(
                UnitSystem.Metric,
                Routes.Ilva,
                From: At(21, 8),
                Now: At(21, until),
                Effort: told,
                UrineAt: At(21, until),
                Day: day
            )
        );

    [Fact]
    public void The_body_loses_on_the_way_what_the_plan_has_it_use() =>
        Gen.Select(Gen.Double[0, 30], Gen.Double[8, 20], Gen.Double[0, 0.3])
            .Sample(
                (warm, km, breaks) =>
                {
                    var request = Routes.Level(km);
                    request = request with
                    {
                        Route = request.Route! with
                        {
                            ReplaceShare = 1,
                            BreakShare = breaks,
                            Weather = [new DayWeather(warm, warm, 40, 0.9)],
                        },
                    };
                    var plan = Plan.Compute(request).Days[0];
                    var lost = Watch(Day(request.Route, At(21, 7)), plan.ArriveHour).LostL;
                    lost.ShouldBe(plan.WalkL, 0.01 * plan.WalkL);
                },
                iter: 40
            );

    /// <summary>Rest is reckoned by the step: in warmth of 28 °C throughout, a hair above 28 °C in the mean would ask for a third more.</summary>
    [Fact]
    public void A_day_that_is_the_same_throughout_is_as_a_whole_what_its_hours_are() =>
        Gen.Select(Gen.Double[8, 20], Gen.Double[0, 0.3])
            .Sample(
                (km, breaks) =>
                {
                    var route = Routes.Level(km).Route! with { BreakShare = breaks, Weather = [new DayWeather(28, 28, 40, 0.9)] };
                    var day = Day(route, Morning)!;
                    day.Walks.ShouldAllBe(w => w.Effort!.TemperatureC == 28);
                    day.Effort.TemperatureC.ShouldBe(28);
                },
                iter: 200
            );

    /// <summary>But for the breath: cold air is dry, and while nobody sweats for warmth that is all that changes.</summary>
    [Fact]
    public void A_warmer_day_never_loses_less() =>
        Gen.Select(Gen.Double[-30, 42], Gen.Double[0, 8], Gen.Double[1, 30], Gen.Double[8, 30])
            .Sample(
                (low, more, km, until) =>
                {
                    double Lost(double c) =>
                        Watch(Day(Routes.Level(km).Route! with { Weather = [new DayWeather(c, c, 50, 0)] }, At(21, 7)), until).LostL;
                    Lost(low + more).ShouldBeGreaterThanOrEqualTo(Lost(low) * 0.96);
                },
                iter: 200
            );

    [Fact]
    public void Told_twice_the_day_is_no_longer() =>
        Gen.Select(Gen.Double[0, 12], Gen.Double[0, 12], Gen.Double[0, 14])
            .Sample(
                (first, second, until) =>
                {
                    WalkedStretch Of(double hours) => new(At(21, 8), At(21, 8 + hours));
                    double Lost(params WalkedStretch[] walks) =>
                        Watch(new DayOnFoot(At(21, 8), WalkKnownBy.Log, Effort.Default, walks), 8 + until).LostL;
                    Lost(Of(first), Of(second)).ShouldBeGreaterThanOrEqualTo(Math.Max(Lost(Of(first)), Lost(Of(second))) - 1e-9);
                    Lost(Of(first), Of(second)).ShouldBeLessThanOrEqualTo(Lost(Of(until)) + 1e-9);
                }
            );

    [Fact]
    public void What_is_told_of_the_air_outranks_the_plan() =>
        Watch(Day(Level, Morning), 12, new Effort(TemperatureC: 35)).LostL.ShouldBeGreaterThan(Watch(Day(Level, Morning), 12).LostL * 1.2);

    [Fact]
    public void Until_a_stage_is_written_the_screen_says_that_the_plan_was_counted()
    {
        Watch(Day(Level, Morning), 12).Assumptions.ShouldContain(a => a.Field == "walks" && a.Message.Contains("trip's plan"));
        Watch(Day(Level, Morning, new WalkedStretch(At(21, 8), At(21, 11))), 12).Assumptions.ShouldNotContain(a => a.Field == "walks");
        Watch(null, 12).Assumptions.ShouldContain(a => a.Field == "walks" && a.Message.Contains("at most 8 h"));
    }
}
