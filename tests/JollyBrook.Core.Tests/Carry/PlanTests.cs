using System.Text.Json;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Tests.Carry;

public sealed class PlanTests
{
    [Fact]
    public void Fills_at_what_it_can_trust_and_tells_of_the_rest()
    {
        var plan = Plan.Compute(Routes.Level(20, ("Spring", 8, 0.98), ("Brook", 14, 0.6)));
        plan.Feasible.ShouldBeTrue();
        plan.Stops.Select(s => s.Name).ShouldBe(["Start", "Spring", "Brook", "Finish"]);
        var (start, spring, brook, finish) = (plan.Stops[0], plan.Stops[1], plan.Stops[2], plan.Stops[3]);
        spring.Planned.ShouldBeTrue();
        brook.Planned.ShouldBeFalse();
        brook.IfElse.ShouldStartWith("If it is running:");
        spring.IfElse.ShouldStartWith("If it is dry:");
        // Even use: 8, 12 km of 20; the reserve stays in hand.
        start.LeaveL.ShouldBe((plan.NeedL * 8 / 20) + 0.5, 0.01);
        spring.ArriveL.ShouldBe(0.5, 1e-9);
        spring.LeaveL.ShouldBe((plan.NeedL * 12 / 20) + 0.5, 0.01);
        brook.ArriveL.ShouldBe((plan.NeedL * 6 / 20) + 0.5, 0.01);
        finish.ArriveL.ShouldBe(0.5, 1e-6);
        // Where half of what was carried away is used, the other half just reaches back.
        spring.TurnBackKm!.Value.ShouldBe(8 + (spring.LeaveL / 2 / (plan.NeedL / 20)), 0.01);
    }

    /// <summary>Where the next water is a camp's, what the camp uses is drawn there: it is not what has to be carried to it.</summary>
    [Fact]
    public void A_dry_spring_is_told_by_the_walk_to_the_next_water_and_not_by_the_camp_beyond_it()
    {
        string IfDry(double reserveL, out double walkedL)
        {
            var request = Routes.Level(20, ("Spring", 4, 0.98), ("Well", 10, 0.98));
            var plan = Plan.Compute(
                request with
                {
                    Route = request.Route! with { Days = [new RouteDay(8, 10), new RouteDay(8, null)], ReserveL = reserveL },
                }
            );
            walkedL = plan.NeedL - plan.Days[0].CampL;
            return plan.Stops.Single(s => s.Name == "Spring").IfElse;
        }

        // 6 km of 20 on even ground in even air, with the reserve alone in hand; told up to the next twentieth of a litre.
        IfDry(0.5, out var walkedL).ShouldBe("If it is dry: 0.5 L in hand, Well in 6 km: it reaches");
        (walkedL * 6 / 20).ShouldBeInRange(0.35, 0.4);
        IfDry(0.1, out _).ShouldBe("If it is dry: 0.1 L in hand, Well in 6 km: 0.3 L short, and 0.2 L short back to Start");
    }

    /// <summary>Told once, with the trip; what is told anew on the walk outranks it.</summary>
    [Fact]
    public void From_a_start_without_water_the_way_begins_with_what_is_in_hand()
    {
        var trip = Routes.Level(20, ("Spring", 8, 0.98));
        PlanRequest With(double startL) => trip with { Route = trip.Route! with { StartL = startL } };
        var plan = Plan.Compute(With(2.5));
        plan.Stops[0].LeaveL.ShouldBe(2.5, 1e-9);
        // Even use: 8 km of 20 are gone at the spring.
        plan.Stops[1].ArriveL.ShouldBe(2.5 - (plan.NeedL * 8 / 20), 0.01);
        Plan.Compute(With(2.5) with { StartL = 1.5 }).Stops[0].LeaveL.ShouldBe(1.5, 1e-9);
        var wrong = Should.Throw<BadInputException>(() => Plan.Compute(With(-1))).Errors.ShouldHaveSingleItem();
        (wrong.Field, wrong.Message).ShouldBe(
            ("startL", "In hand at the start must be 0 to 200 L; this says -1 L. Count what is in the bottles.")
        );
    }

    [Fact]
    public void The_line_of_carried_water_starts_and_ends_as_the_table_says()
    {
        var plan = Plan.Compute(Routes.Level(20, ("Spring", 8, 0.98)));
        plan.Carried[0].Value.ShouldBe(plan.Stops[0].LeaveL, 1e-3);
        plan.Carried[^1].Value.ShouldBe(0.5, 1e-6);
        plan.Carried.Max(p => p.Value).ShouldBe(plan.MostCarriedL, 1e-3);
        plan.Ground.Count.ShouldBe(301);
    }

    [Fact]
    public void A_stretch_too_long_is_named_with_remedies_that_work()
    {
        var request = Routes.Level(40, ("Side spring", 20, 0.98));
        request = request with
        {
            Route = request.Route! with { Containers = [new CarriedContainer("Bottle", 1.5)] },
            Sources = [request.Sources![0] with { Source = request.Sources[0].Source with { OnlyIfNeeded = true, DetourMinutes = 10 } }],
        };
        var plan = Plan.Compute(request);
        plan.Feasible.ShouldBeFalse();
        var stretch = plan.Impossible.ShouldHaveSingleItem();
        (stretch.FromName, stretch.ToName, stretch.CapacityL).ShouldBe(("Start", "Finish", 1.5));
        stretch.ShortL.ShouldBe(plan.NeedL + 0.5 - 1.5, 1e-6);
        plan.Headline.ShouldStartWith("Not with this kit");

        var more = stretch.Remedies.Single(r => r.Kind == RemedyKind.AddContainer);
        Plan.Compute(
                request with
                {
                    Route = request.Route! with { Containers = [.. request.Route.Containers!, new CarriedContainer("More", more.Litres)] },
                }
            )
            .Feasible.ShouldBeTrue();
        var side = stretch.Remedies.Single(r => r.Kind == RemedyKind.UseSource);
        var used = Plan.Compute(
            request with
            {
                Sources = [request.Sources![0] with { Source = request.Sources[0].Source with { OnlyIfNeeded = false } }],
            }
        );
        used.Feasible.ShouldBe(side.Solves);
        var cache = stretch.Remedies.Single(r => r.Kind == RemedyKind.Cache);
        var cached = Plan.Compute(
            request with
            {
                Sources = [new("cache", new TripSource("Cache", SourceClass.TankOrTap, cache.AlongKm, Chance: 1, CacheL: cache.Litres))],
            }
        );
        cached.Feasible.ShouldBe(cache.Solves);
    }

    [Fact]
    public void A_cooler_start_that_is_enough_is_found()
    {
        var request = Routes.Level(24);
        request = request with { Route = request.Route! with { Weather = [new DayWeather(8, 34, 40, 0)], Days = [new RouteDay(11)] } };
        var need = Plan.Compute(request).NeedL;
        var tight = request with { Route = request.Route! with { Containers = [new CarriedContainer("Bag", need + 0.5 - 0.15)] } };
        var remedy = Plan.Compute(tight).Impossible.Single().Remedies.Single(r => r.Kind == RemedyKind.StartHour);
        remedy.Solves.ShouldBeTrue();
        Plan.Compute(tight with { Route = tight.Route! with { Days = [new RouteDay(remedy.Hour)] } }).Feasible.ShouldBeTrue();
    }

    [Fact]
    public void A_camp_takes_its_litres_and_water_at_the_camp_serves_evening_and_morning()
    {
        var request = Routes.Level(24, ("Cistern", 12, 0.97));
        request = request with { Route = request.Route! with { Days = [new RouteDay(8, 12, "Terrace", 2, 2, 0.5), new RouteDay(7)] } };
        var plan = Plan.Compute(request);
        plan.Stops.Select(s => s.Name).ShouldBe(["Start", "Cistern, evening", "Terrace", "Cistern, morning", "Finish"]);
        var camp = plan.Days[0].CampL;
        // 2 meals 1 L, 2 hot drinks 0.6 L, washing 0.5 L; the rest is rest and what was not drunk.
        camp.ShouldBeGreaterThan(2.1 + (15 * 0.0015 * 62));
        plan.Stops[1].TakeL.ShouldBe(camp, 1e-4);
        plan.Stops[3].Day.ShouldBe(1);
        plan.Stops[3].ArriveHour.ShouldBe(7);
    }

    [Fact]
    public void The_load_is_split_by_what_each_one_carries_it_in()
    {
        var request = Routes.Level(20);
        var plan = Plan.Compute(
            request with
            {
                Route = request.Route! with
                {
                    Containers = [new("Flask", 1, Walker: "Ilva"), new("Bladder", 2, Walker: "Ilva"), new("Bag", 3, Walker: "Torren")],
                    ReserveL = 1,
                },
                Walkers = [new("a", Routes.Ilva), new("b", Routes.Ilva with { Name = "Torren" })],
            }
        );
        var (all, split) = (plan.Stops[0].LeaveL, plan.Stops[0].Split);
        split.Select(s => s.Walker).ShouldBe(["Ilva", "Torren"]);
        split.ShouldAllBe(s => Math.Abs(s.Litres - (all / 2)) < 1e-3); // 3 L of room each
        split[0].Containers.Select(c => c.Container).ShouldBe(all / 2 > 2 ? ["Bladder", "Flask"] : ["Bladder"]);
        split[0].Containers.Sum(c => c.Litres).ShouldBe(all / 2, 0.005);
    }

    [Fact]
    public void What_must_not_be_used_is_never_planned_on()
    {
        var request = Routes.Level(20, ("Tarn", 10, 1));
        var plan = Plan.Compute(
            request with
            {
                Sources = [request.Sources![0] with { Source = request.Sources[0].Source with { DoNotUse = true } }],
            }
        );
        plan.Stops[1].Planned.ShouldBeFalse();
        plan.Stops[1].Words.ShouldStartWith("Do not use");
    }

    [Fact]
    public void Cooler_air_never_needs_more()
    {
        var request = Routes.Level(20);
        double Need(double temperature) =>
            Plan.Compute(
                request with
                {
                    Route = request.Route! with { Weather = [new DayWeather(temperature, temperature, 50, 0)] },
                }
            ).NeedL;
        // Below about 20 °C a walker sweats for comfort alone, and what is breathed out grows.
        for (var t = 20; t < 35; t += 5)
        {
            Need(t).ShouldBeLessThanOrEqualTo(Need(t + 5));
        }
    }

    [Fact]
    public void Every_field_that_is_wrong_is_named()
    {
        var wrong = Should.Throw<BadInputException>(() =>
            Plan.Compute(new PlanRequest(null, new TripRoute("", null, 0, "abc é", Pace: 9)))
        );
        wrong.Errors.Select(e => e.Field).ShouldBe(["name", "lengthKm", "heights", "pace"]);
    }

    /// <summary>What a hand drags is planned anew many times a second: the one whose place was taken is not worked out to its end.</summary>
    [Fact]
    public void It_stops_when_nobody_waits()
    {
        using var left = new CancellationTokenSource();
        left.Cancel();
        var trip = Routes.Level(20, ("Spring", 8, 0.98), ("Brook", 14, 0.6));
        trip = trip with { Route = trip.Route! with { Certainty = 0.95 } };
        Should.Throw<OperationCanceledException>(() => Plan.Compute(trip, left.Token));
        var json = JsonSerializer.Serialize(trip, ContractJson.Default.PlanRequest);
        Should.Throw<OperationCanceledException>(() => Calculations.Run("plan", json, left.Token));
        Calculations.Run("plan", json, CancellationToken.None).Status.ShouldBe(200);
    }
}
