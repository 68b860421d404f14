using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>A rest in the shade through the hot hours.</summary>
public class RestTests
{
    private static PlanRequest With(PlanRequest request, DayRest? rest, double start = 8) =>
        request with
        {
            Route = request.Route! with { Days = [new RouteDay(start, Rest: rest)] },
        };

    [Fact]
    public void It_is_taken_at_the_next_place_and_drinks_what_rest_drinks()
    {
        var level = Routes.Level(24, ("Spring", 12, 1));
        var (through, rested) = (Plan.Compute(With(level, null)), Plan.Compute(With(level, new DayRest(9, 3))));
        rested.Days[0].Rest!.Name.ShouldBe("Spring");
        rested.Days[0].Rest!.FromHour.ShouldBe(through.Stops[1].ArriveHour, 1e-3);
        (rested.Stops[^1].ArriveHour - through.Stops[^1].ArriveHour).ShouldBe(3, 0.01);
        rested.WalkHours.ShouldBe(through.WalkHours, 1e-9);
        // The air is the same all day: what is more is three hours at 1.5 mL a kg, for 62 kg.
        (rested.NeedL - through.NeedL).ShouldBe(3 * 0.0015 * 62, 1e-6);
        // Out of the spring, before leaving.
        rested.Stops[1].DrinkL.ShouldBe(3 * 0.0015 * 62, 1e-4);
        rested.Stops[1].LeaveL.ShouldBe(through.Stops[1].LeaveL, 1e-4);
    }

    [Fact]
    public void A_day_that_passes_no_place_after_that_hour_has_none()
    {
        var level = Routes.Level(24, ("Spring", 2, 1));
        Plan.Compute(With(level, new DayRest(11, 3))).Days[0].Rest.ShouldBeNull();
    }

    [Fact]
    public void In_the_heat_it_is_a_way_out_that_works()
    {
        var level = Routes.Level(30, ("Spring", 15, 1));
        var hot = level with { Route = level.Route! with { Weather = [new DayWeather(8, 36, 40, 0)], Days = [new RouteDay(8)] } };
        var need = Plan.Compute(hot).Stops[1].LeaveL;
        var tight = hot with { Route = hot.Route! with { Containers = [new CarriedContainer("Bag", need - 0.1)] } };
        var remedy = Plan.Compute(tight).Impossible.Single(s => s.FromName == "Spring").Remedies.Single(r => r.Kind == RemedyKind.Rest);
        remedy.Solves.ShouldBeTrue();
        var rested = Plan.Compute(With(tight, new DayRest(remedy.Hour, remedy.Hours)));
        rested.Impossible.ShouldNotContain(s => s.FromName == "Spring");
        rested.Days[0].Rest!.Name.ShouldBe("Spring");
    }

    [Fact]
    public void Once_its_hours_are_past_the_way_from_here_has_none()
    {
        var trip = With(Routes.Level(24, ("Spring", 18, 1)), new DayRest(9, 2));
        PlanRequest At(double hour) => trip with { Now = new DateTimeOffset(2026, 8, 21, 0, 0, 0, TimeSpan.Zero).AddHours(hour) };
        FromHere
            .Compute(new(At(10.5), 10, 1))
            .Ahead[^1]
            .ArriveHour.ShouldBe(FromHere.Compute(new(At(11.5), 10, 1)).Ahead[^1].ArriveHour + 1, 0.02);
    }

    [Theory]
    [InlineData(null, 2.0)]
    [InlineData(9.0, null)]
    [InlineData(24.0, 2.0)]
    [InlineData(9.0, 9.0)]
    public void What_cannot_be_is_refused(double? from, double? hours) =>
        Should
            .Throw<BadInputException>(() => Plan.Compute(With(Routes.Level(24), new DayRest(from, hours))))
            .Errors.ShouldAllBe(e => e.Field.StartsWith("days.rest."));
}
