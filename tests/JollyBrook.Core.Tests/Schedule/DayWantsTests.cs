using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Route;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Tests.Schedule;

/// <summary>What a trip's plan hands over: to the evening in camp, and to the check of the kit.</summary>
public class DayWantsTests
{
    private static readonly DateTimeOffset Now = new(2026, 8, 9, 12, 0, 0, TimeSpan.Zero);

    private static PlanRequest Trip()
    {
        var ground = ReadLegs.Compute(new LegsRequest(null, 300, [new("Out", 10, 200, 100), new("On", 10, 100, 200)]));
        var route = new TripRoute(
            "Two days", new DateOnly(2026, 8, 10), ground.LengthKm, ground.Heights, Days: [new(8, 10, "Beck camp", 2, 2, 0.5), new(7)],
            Weather: [new DayWeather(6, 20, 50, 0.2, 3, WeatherSource.Typed)], WeatherElevationM: 300);
        return new PlanRequest(
            null, route, [new("beck", new TripSource("Beck", SourceClass.Perennial, 10, true, Now.AddDays(-1)))],
            [new("w", new Walker("Ilva", 62, 168, true)), new("v", new Walker("Torren", 81, 183, false))], Now: Now);
    }

    [Fact]
    public void An_evening_wants_its_meal_its_breakfast_and_what_is_carried_away()
    {
        var plan = Plan.Compute(Trip());
        var wants = DayWants.Compute(new DayWantsRequest(null, Trip(), 0, 60));
        wants.Wants.Select(w => w.Id).ShouldBe(["cooking", "drinking", "night", "breakfast", "leaving"]);
        // Two meals of 0.5 L and two hot drinks of 0.3 L for each of two boil: 3.2 L, half in the evening. The rest is drunk and washed with.
        wants.Wants[0].Litres.ShouldBe(1.75);
        wants.Wants.Select(w => w.WillBoil == true).ShouldBe([true, false, false, true, false]);
        wants.Wants[1].Litres.ShouldBe(Math.Ceiling((plan.Days[0].CampL - 3.2) / 2 * 4) / 4);
        wants.Wants[4].Litres!.Value.ShouldBeGreaterThanOrEqualTo(plan.Days[1].WalkL - 0.01);
        // Breakfast an hour before leaving at 7, by a clock an hour ahead of UTC.
        wants.Wants[3].By.ShouldBe(new DateTimeOffset(2026, 8, 11, 6, 0, 0, TimeSpan.FromHours(1)));
        wants.Wants[4].By.ShouldBe(new DateTimeOffset(2026, 8, 11, 7, 0, 0, TimeSpan.FromHours(1)));
        (wants.Wants[0].By - wants.From)!.Value.TotalHours.ShouldBe(1.5, 0.01);
        wants.People.ShouldBe(2);
    }

    [Fact]
    public void The_last_day_wants_what_it_starts_with() =>
        DayWants.Compute(new DayWantsRequest(null, Trip(), 1)).Wants.Select(w => w.Id).ShouldBe(["leaving"]);

    [Fact]
    public void Without_a_trip_it_says_so() =>
        Should.Throw<BadInputException>(() => DayWants.Compute(new DayWantsRequest(null, null, 0))).Errors.Single().Field.ShouldBe("plan");

    [Fact]
    public void The_kit_is_held_against_the_plans_own_figures()
    {
        var plan = Plan.Compute(Trip());
        var checkedKit = CheckKit.Compute(new KitCheckRequest(null, [Kits.Entry(Kits.Tablets, "t", 9)], Trip(), Now: Now));
        checkedKit.Trip.Litres.ShouldBe(plan.NeedL);
        checkedKit.Trip.LastDay.ShouldBe(new DateOnly(2026, 8, 11));
        checkedKit.Trip.ColdestAirC.ShouldBe(plan.Days.Min(d => d.LowC));
        checkedKit.Trip.MostCarriedL.ShouldBe(plan.MostCarriedL);
        checkedKit.Trip.CampL.ShouldBe(plan.Days.Max(d => d.CampL));
        checkedKit.Assumptions.ShouldContain(a => a.Field == "trip.worstClarity");
        // What is typed outranks the plan.
        CheckKit.Compute(new KitCheckRequest(null, [], Trip(), new KitTrip(99), Now: Now)).Trip.Litres.ShouldBe(99);
    }
}
