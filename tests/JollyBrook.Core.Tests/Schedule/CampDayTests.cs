using System.Globalization;
using System.Text.RegularExpressions;
using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Route;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Tests.Carry;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Schedule;

/// <summary>What a trip's plan hands over: to the evening in camp, and to the check of the kit.</summary>
public class CampDayTests
{
    private static readonly DateTimeOffset Now = new(2026, 8, 9, 12, 0, 0, TimeSpan.Zero);

    private static PlanRequest Trip()
    {
        var ground = ReadLegs.Compute(new LegsRequest(null, 300, [new("Out", 10, 200, 100), new("On", 10, 100, 200)]));
        var route = new TripRoute(
            "Two days",
            new DateOnly(2026, 8, 10),
            ground.LengthKm,
            ground.Heights,
            Days: [new(8, 10, "Beck camp", 2, 2, 0.5), new(7)],
            Weather: [new DayWeather(6, 20, 50, 0.2, 3, WeatherSource.Typed)],
            WeatherElevationM: 300
        );
        return new PlanRequest(
            null,
            route,
            [new("beck", new TripSource("Beck", SourceClass.Perennial, 10, true, Now.AddDays(-1)))],
            [new("w", new Walker("Ilva", 62, 168, true)), new("v", new Walker("Torren", 81, 183, false))],
            Now: Now
        );
    }

    private static CampDayResponse Evening(PlanRequest? trip = null) =>
        CampDay.Compute(new CampDayRequest(null, (trip ?? Trip()) with { OffsetsMinutes = [60] }, 0));

    /// <summary>
    /// Summer time ends in the night: the evening is by a clock 2 h ahead of UTC, breakfast at 6 by one 1 h ahead; the night is an hour
    /// longer, and what is said of the morning is said by its own clock.
    /// </summary>
    [Fact]
    public void Over_the_end_of_summer_time_each_hour_is_of_its_own_clock()
    {
        var trip = Trip() with { OffsetsMinutes = [120, 60], Now = new DateTimeOffset(2026, 8, 9, 12, 0, 0, TimeSpan.Zero) };
        var day = CampDay.Compute(new CampDayRequest(null, trip, 0)).Day;
        day.From!.Value.Offset.ShouldBe(TimeSpan.FromHours(2));
        day.Wants!.Single(w => w.Id == "breakfast").By.ShouldBe(new DateTimeOffset(2026, 8, 11, 6, 0, 0, TimeSpan.FromHours(1)));
        var late = DaySchedule.Compute(
            new ScheduleRequest(
                null,
                [],
                new WaterInput(null, null, null, null, null),
                null,
                [new WantedWater("a", "Breakfast", 1, new DateTimeOffset(2026, 8, 11, 6, 0, 0, TimeSpan.FromHours(1)))],
                1,
                new DateTimeOffset(2026, 8, 11, 6, 0, 0, TimeSpan.FromHours(1)).ToOffset(TimeSpan.FromHours(2))
            )
        );
        (late.Late.Count == 0 || late.Late[0].Words.Contains("by 06:00", StringComparison.Ordinal)).ShouldBeTrue();
        Should
            .Throw<BadInputException>(() => CampDay.Compute(new CampDayRequest(null, trip with { OffsetsMinutes = [900, 0.5] }, 0)))
            .Errors.Count.ShouldBe(2);
    }

    /// <summary>A source that was taken out is as if it had never been there.</summary>
    [Fact]
    public void What_was_taken_out_is_in_no_plan()
    {
        var (trip, out_) = (Trip(), new TripSourceEntry("out", new TripSource("Old well", SourceClass.Lake, 5, Retired: true)));
        var with = Plan.Compute(trip with { Sources = [.. trip.Sources!, out_] });
        with.Headline.ShouldBe(Plan.Compute(trip).Headline);
        with.Stops.Select(s => s.Name).ShouldNotContain("Old well");
    }

    [Fact]
    public void An_evening_wants_its_meal_its_breakfast_and_what_is_carried_away()
    {
        var plan = Plan.Compute(Trip());
        var day = Evening().Day;
        var wants = day.Wants!;
        wants.Select(w => w.Id).ShouldBe(["cooking", "drinking", "night", "breakfast", "leaving"]);
        // Two meals of 0.5 L and two hot drinks of 0.3 L for each of two boil: 3.2 L, half in the evening.
        wants[0].Litres.ShouldBe(1.75);
        wants.Select(w => w.WillBoil == true).ShouldBe([true, false, false, true, false]);
        // The rest is drunk and washed with, what they came with first.
        var came = plan.Stops.First(s => s is { Planned: true, Kind: StopKind.Source, Day: 0 }).ArriveL;
        came.ShouldBeGreaterThan(0.4);
        wants[1].Litres.ShouldBe(Math.Ceiling((((plan.Days[0].CampL - 3.2) / 2) - came) * 4) / 4);
        wants[2].Litres.ShouldBe(Math.Ceiling((plan.Days[0].CampL - 3.2) / 2 * 4) / 4);
        // And in the morning what the evening left in hand is not drawn anew.
        var left = plan.Stops.Last(s => s is { Planned: true, Kind: StopKind.Source }).ArriveL;
        (wants[4].Litres!.Value + left).ShouldBeGreaterThanOrEqualTo(plan.Days[1].WalkL - 0.01);
        // Breakfast an hour before leaving at 7, by a clock an hour ahead of UTC.
        wants[3].By.ShouldBe(new DateTimeOffset(2026, 8, 11, 6, 0, 0, TimeSpan.FromHours(1)));
        wants[4].By.ShouldBe(new DateTimeOffset(2026, 8, 11, 7, 0, 0, TimeSpan.FromHours(1)));
        // There before noon: to drink an hour and a half on, supper at six.
        (wants[1].By - day.From)!.Value.TotalHours.ShouldBe(1.5, 0.01);
        wants[0].By.ShouldBe(new DateTimeOffset(2026, 8, 10, 18, 0, 0, TimeSpan.FromHours(1)));
        day.People.ShouldBe(2);
        (day.QuietFromHour, day.QuietToHour).ShouldBe((22, 6));
    }

    /// <summary>What an evening draws is what the plan takes there, each of its five wants up to the next quarter litre.</summary>
    [Fact]
    public void An_evening_draws_what_the_plan_takes() =>
        GeneratedTrips.Any.Sample(
            trip =>
            {
                var plan = Plan.Compute(trip);
                foreach (var camp in plan.Stops.Where(s => s.Kind == StopKind.Camp))
                {
                    var taken = plan.Stops.Where(s => s.Planned && Math.Abs(s.AlongKm - camp.AlongKm) < 1e-6).Sum(s => s.TakeL);
                    var day = CampDay.Compute(new CampDayRequest(null, trip with { OffsetsMinutes = [0] }, camp.Day)).Day;
                    day.Wants!.Sum(w => w.Litres!.Value).ShouldBeInRange(taken - 0.5, taken + 1.25);
                }
            },
            iter: 60
        );

    [Fact]
    public void Its_water_is_the_source_as_the_plan_knows_it()
    {
        var cloudy = Trip() with
        {
            Sources =
            [
                new(
                    "beck",
                    new TripSource(
                        "Beck",
                        SourceClass.Perennial,
                        10,
                        true,
                        Now.AddDays(-1),
                        Clarity: Clarity.Cloudy,
                        Colour: WaterColour.Tea,
                        TemperatureC: 7
                    )
                ),
            ],
        };
        var evening = Evening(trip: cloudy);
        (evening.Day.Water!.Clarity, evening.Day.Water.Colour, evening.Day.Water.TemperatureC).ShouldBe(
            (Clarity.Cloudy, WaterColour.Tea, 7)
        );
        // The camp is as high as the legs bring it: 300 + 200 − 100 m.
        evening.Day.Water.ElevationM!.Value.ShouldBe(400, 1);
        (evening.WaterName, evening.WaterId).ShouldBe(("Beck", "beck"));
    }

    [Fact]
    public void A_hand_changes_what_it_changed_and_nothing_else()
    {
        DayBook book = new("Ours", null, [new("a", "Tea", 1, Now.AddDays(1))], 1, QuietFromHour: null, Follows: new(Guid.NewGuid(), 0));
        DayBook.Check(book);
        var planned = Evening().Day;
        var day = book.Over(planned);
        (day.Name, day.People, day.Wants!.Single().Name, day.QuietFromHour).ShouldBe(("Ours", 1, "Tea", null));
        (day.From, day.Water, day.Sky).ShouldBe((planned.From, planned.Water, planned.Sky));
        (book with { Wants = null }).Over(planned).Wants.ShouldBe(planned.Wants);
    }

    [Fact]
    public void Who_comes_late_wants_nothing_of_an_hour_gone_by()
    {
        PlanRequest At(double hour) => Trip() with { Now = new DateTimeOffset(2026, 8, 10, 0, 0, 0, TimeSpan.FromHours(1)).AddHours(hour) };
        var late = Evening(At(19)).Day;
        late.From.ShouldBe(new DateTimeOffset(2026, 8, 10, 19, 0, 0, TimeSpan.FromHours(1)));
        late.Wants!.ShouldAllBe(w => w.By >= late.From);
        late.Wants![0].By.ShouldBe(new DateTimeOffset(2026, 8, 10, 20, 30, 0, TimeSpan.FromHours(1)));
        // Before it is reached, and once it is over, it is as planned.
        Evening(At(7)).Day.From.ShouldBe(Evening().Day.From);
        Evening(At(24 + 9)).Day.From.ShouldBe(Evening().Day.From);
    }

    [Fact]
    public void A_dry_camp_asks_for_nothing()
    {
        var dry = Trip() with { Sources = [new("beck", new TripSource("Beck", SourceClass.Perennial, 3, true, Now.AddDays(-1)))] };
        var evening = Evening(trip: dry);
        evening.Day.Wants.ShouldBeEmpty();
        evening.Note.ShouldBe("Nothing is drawn at Beck camp: its water is carried in, treated where it is from.");
    }

    [Fact]
    public void The_fills_before_a_camp_have_taken_their_tablets_from_its_kit()
    {
        TripSource Clear(string name, double km) =>
            new(name, SourceClass.Perennial, km, true, Now.AddDays(-1), Clarity: Clarity.Clear, Colour: WaterColour.None, TemperatureC: 15);
        var trip = Trip() with
        {
            Sources = [new("beck", Clear("Beck", 10)), new("well", Clear("Well", 15))],
            Route = Trip().Route! with { Days = [new(8, 10, "Beck camp"), new(7, 15, "Well camp"), new(7)] },
            Kit = [Kits.Entry(Kits.Tablets, "t", 200)],
        };
        var before = Plan.Compute(trip).Stops.Where(s => s is { Planned: true, Kind: StopKind.Source } && s.AlongKm < 14).ToList();
        before.ShouldNotBeEmpty();
        var told = before.Sum(s => double.Parse(Regex.Match(s.TreatBy, @"([\d.]+) tablet").Groups[1].Value, CultureInfo.InvariantCulture));
        told.ShouldBeGreaterThanOrEqualTo(before.Sum(s => s.TakeL) - 1, "a tablet a litre");
        CampDay.Compute(new CampDayRequest(null, trip, 1)).Kit.Single().Left.ShouldBe(200 - told);
        CampDay.Compute(new CampDayRequest(null, trip, 0)).Kit.Single().Left.ShouldBe(200);
        // Once that day is past, what is left has them in it already.
        CampDay
            .Compute(new CampDayRequest(null, trip with { Now = new DateTimeOffset(2026, 8, 11, 12, 0, 0, TimeSpan.Zero) }, 1))
            .Kit.Single()
            .Left.ShouldBe(200);
    }

    [Fact]
    public void An_evening_that_cannot_be_done_is_told_to_the_plan()
    {
        // One tablet way of half an hour and more: what is wanted two minutes after arriving is late.
        var trip = Trip() with
        {
            Kit = [Kits.Entry(Kits.Tablets, "t", 60)],
            Sources =
            [
                new(
                    "beck",
                    new TripSource(
                        "Beck",
                        SourceClass.Perennial,
                        10,
                        true,
                        Now.AddDays(-1),
                        Clarity: Clarity.Clear,
                        Colour: WaterColour.None,
                        TemperatureC: 15
                    )
                ),
            ],
        };
        var can = Evenings.Compute(new EveningsRequest(null, trip with { OffsetsMinutes = [60] }));
        can.Evenings.Single().CampName.ShouldBe("Beck camp");
        can.InTime.ShouldBeTrue(can.Evenings.Single().Headline);
        var arrives = Evening(trip: trip).Day.From!.Value;
        DayBook hurried = new(
            "Hurried",
            null,
            [new("a", "At once", 2, arrives.AddMinutes(2))],
            2,
            QuietToHour: 6,
            Follows: new(Guid.NewGuid(), 0)
        );
        var cannot = Evenings.Compute(new EveningsRequest(null, trip with { OffsetsMinutes = [60] }, [hurried]));
        cannot.InTime.ShouldBeFalse();
        cannot.Evenings.Single().Late.Single().ShouldStartWith("At once: 2 L cannot be ready by ");
    }

    [Theory]
    [InlineData(1, "This walk has 1 camp. Choose it.")]
    [InlineData(7, "This walk has 1 camp. Choose it.")]
    public void An_evening_that_there_is_not_is_refused(int day, string words) =>
        Should
            .Throw<BadInputException>(() => CampDay.Compute(new CampDayRequest(null, Trip(), day)))
            .Errors.Single()
            .Message.ShouldBe(words);

    [Fact]
    public void A_day_of_no_known_evening_is_refused() =>
        Should
            .Throw<BadInputException>(() => DayBook.Check(new DayBook("Day", null, null, null, Follows: new(null, 0))))
            .Errors.ShouldContain(e => e.Field == "follows");

    [Fact]
    public void Without_a_trip_it_says_so() =>
        Should.Throw<BadInputException>(() => CampDay.Compute(new CampDayRequest(null, null, 0))).Errors.Single().Field.ShouldBe("plan");

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
