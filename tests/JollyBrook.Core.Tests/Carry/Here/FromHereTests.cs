using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Tests.Safe;

namespace JollyBrook.Core.Tests.Carry.Here;

/// <summary>On the walk: the plan's own programme, from where one stands and with what one has.</summary>
public sealed class FromHereTests
{
    private static readonly DateTimeOffset Eight = new(2026, 8, 21, 8, 0, 0, TimeSpan.Zero);

    /// <summary>
    /// 20 km on the flat at 24 °C in the sun, about 0.32 L/h, 5.0367 km/h, so about 0.064 L/km (see <see cref="HandWorkedPlanTests"/>): a
    /// spring at 8, a seep at 14 km.
    /// </summary>
    private static PlanRequest Trip(double seep = 0.1) => Routes.Level(20, ("Spring", 8, 0.98), ("Seep", 14, seep)) with { Now = Eight };

    private static PlanRequest At(PlanRequest trip, double hours) => trip with { Now = Eight.AddHours(hours) };

    private static FromHereResponse Ask(
        double km,
        double inHandL,
        double hours,
        PlanRequest? trip = null,
        PlanRequest? planned = null,
        params FreeRoom[] free
    ) => FromHere.Compute(new FromHereRequest(At(trip ?? Trip(), hours), km, inHandL, free, planned is null ? null : Before(planned)));

    /// <summary>The plan of a trip, as the page keeps it to compare with.</summary>
    private static PlannedBefore Before(PlanRequest planned)
    {
        var plan = Plan.Compute(planned);
        return new PlannedBefore(
            [.. plan.Stops.Select(s => new PlannedStop(s.Id, s.Met, s.AlongKm, s.Day, s.ArriveHour, s.Planned ? s.TakeL : 0))],
            plan.Carried,
            [.. planned.Sources!.Select(s => new EarlierReport(s.Id, s.Source.ReportedAt))]
        );
    }

    /// <summary>
    /// At 4 km 1.5 L are enough for 16 km (1.036 L and the half litre of reserve): on to the spring, 4 km and 4/5.0367 h away, 0.259 L less
    /// in hand.
    /// </summary>
    [Fact]
    public void Between_waters_it_says_how_far_the_next_one_is()
    {
        var answer = Ask(4, 1.6, 0.8);
        answer.Act.ShouldBe(HereAct.WalkOn);
        answer.Headline.ShouldBe("On to Spring with 1.6 L");
        answer.Here.ShouldBeNull();
        var next = answer.Next!;
        (next.Name, next.AlongKm, next.Chance).ShouldBe(("Spring", 8, 0.98));
        next.OnKm.ShouldBe(4, 1e-6);
        next.Hours.ShouldBe(4 / 5.0367, 0.01);
        next.InHandL.ShouldBe(1.6 - (4 * 0.06476), 0.01);
        answer.Ahead.ShouldAllBe(s => s.AlongKm > 4);
    }

    /// <summary>At a quarter to midnight the spring 4/5.0367 h on is reached at 24.54, and not three quarters of an hour sooner.</summary>
    [Theory]
    [InlineData(22.5)]
    [InlineData(23)]
    [InlineData(23.75)]
    [InlineData(23.99)]
    public void Late_in_the_evening_it_is_as_late_as_it_is(double hour)
    {
        var answer = Ask(4, 1.6, hour - 8);
        answer.Ahead[0].ArriveHour.ShouldBe(hour + (4 / 5.0367), 0.01);
        answer.Next!.Hours.ShouldBe(4 / 5.0367, 0.01);
    }

    /// <summary>At the spring with 0.3 L: 12 km take 0.777 L in still air, a little less with wind, and the reserve is 0.5 L.</summary>
    [Fact]
    public void At_water_that_is_needed_it_says_stop_and_into_which_bottles()
    {
        var answer = Ask(8, 0.3, 1.6, null, null, new FreeRoom("a", "Bottle", 0.5), new FreeRoom("b", "Bladder", 2));
        answer.Act.ShouldBe(HereAct.Stop);
        answer.Here!.Name.ShouldBe("Spring");
        answer.Here.LeaveL.ShouldBeGreaterThanOrEqualTo(0.777 + 0.5 - 0.03);
        answer.Bottles.Select(b => b.Name).ShouldBe(["Bottle", "Bladder"]);
        answer.Bottles[0].Litres.ShouldBe(0.5);
        answer.Bottles.Sum(b => b.Litres).ShouldBe(answer.Here.LeaveL - 0.3, 0.1);
        answer.NoRoomL.ShouldBe(0);
        Ask(8, 0.3, 1.6, null, null, new FreeRoom("a", "Bottle", 0.5)).NoRoomL.ShouldBeGreaterThan(0.2);
    }

    [Fact]
    public void At_water_that_is_not_needed_it_says_walk_by()
    {
        var answer = Ask(8, 4, 1.6);
        answer.Act.ShouldBe(HereAct.WalkBy);
        answer.Headline.ShouldStartWith("Walk by: 4 L in hand");
        Ask(8, 4.01, 1.6).Headline.ShouldStartWith("Walk by: 4.01 L in hand");
        answer.Bottles.ShouldBeEmpty();
    }

    /// <summary>
    /// Who stands at a water sees whether it runs: what was thought of it from afar neither raises nor lowers what to take there, and is
    /// no news for the waters ahead.
    /// </summary>
    [Fact]
    public void What_was_thought_of_the_water_one_stands_at_changes_nothing() =>
        Gen.Select(Gen.Double[0, 1], Gen.Double[0, 3], Gen.Bool.Nullable(), Gen.Int[25, 400])
            .Sample(
                (chance, inHand, flowing, hoursAgo) =>
                {
                    PlanRequest With(Func<TripSource, TripSource> spring) =>
                        Trip() with
                        {
                            Sources =
                            [
                                .. Trip().Sources!.Select(s => s.Source.Name == "Spring" ? s with { Source = spring(s.Source) } : s),
                            ],
                        };
                    var at = Eight.AddHours(1.6);
                    var (told, usual) = (
                        Ask(
                            8,
                            inHand,
                            1.6,
                            With(s => s with { Chance = chance, ReportedFlowing = flowing, ReportedAt = at.AddHours(-hoursAgo) })
                        ),
                        Ask(8, inHand, 1.6)
                    );
                    (told.Headline, told.Act, told.Here!.TakeL, told.Assumed).ShouldBe(
                        (
                            usual.Headline,
                            usual.Act,
                            usual.Here!.TakeL,
                            "Spring is taken as running, since you stand at it. Say so if it is dry."
                        )
                    );
                },
                iter: 60
            );

    [Fact]
    public void A_water_found_dry_today_is_believed_to_be_dry_by_who_stands_there()
    {
        var dry = Trip() with
        {
            Sources =
            [
                .. Trip()
                    .Sources!.Select(s =>
                        s.Source.Name == "Spring"
                            ? s with
                            {
                                Source = s.Source with { Chance = null, ReportedFlowing = false, ReportedAt = Eight },
                            }
                            : s
                    ),
            ],
        };
        var answer = Ask(8, 1.6, 1.6, dry);
        answer.Act.ShouldBe(HereAct.WalkBy);
        answer.Assumed.ShouldBeNull();
        // A day later nobody knows any more but who stands there.
        Ask(8, 0.3, 25.6, dry).Assumed.ShouldNotBeNull();
        // Somewhere else nothing is taken for granted.
        Ask(4, 1.6, 0.8).Assumed.ShouldBeNull();
    }

    /// <summary>Whatever somebody calls their water: a name is only a name.</summary>
    [Theory]
    [InlineData("Start")]
    [InlineData("Cold brook, morning")]
    [InlineData("Cold brook, evening")]
    public void A_name_changes_nothing(string name)
    {
        PlanRequest Named(string it) => Routes.Level(20, (it, 8, 0.98), ("Seep", 14, 0.1)) with { Now = Eight };
        foreach (var (km, inHand, hours) in new[] { (4, 1.6, 0.8), (4, 0.1, 0.8), (8, 0.3, 1.6) })
        {
            var (answer, usual) = (Ask(km, inHand, hours, Named(name)), Ask(km, inHand, hours, Named("Spring")));
            (answer.Act, answer.Here?.AlongKm, answer.Here?.LeaveL, answer.Next?.AlongKm).ShouldBe(
                (usual.Act, usual.Here?.AlongKm, usual.Here?.LeaveL, usual.Next?.AlongKm)
            );
            (answer.Here ?? answer.Ahead[0]).Name.ShouldBe(name);
        }
    }

    /// <summary>0.1 L at 4 km with the spring dry: 16 km take 1.036 L.</summary>
    [Fact]
    public void What_does_not_reach_is_said_at_once()
    {
        var dry = Trip() with { Sources = [.. Trip().Sources!.Select(s => s with { Source = s.Source with { Chance = 0.01 } })] };
        var answer = Ask(4, 0.1, 0.8, dry);
        answer.Act.ShouldBe(HereAct.TooLittle);
        answer.Headline.ShouldContain("too little");
    }

    /// <summary>
    /// On level ground in even air every kilometre on costs two.
    /// </summary>
    [Fact]
    public void Turning_back_is_told_by_place_and_clock()
    {
        var trip = Trip() with { Route = Trip().Route! with { Certainty = TripRoute.Middle } };
        var turn = Ask(10, 0.6, 2, trip).TurnBack!;
        turn.ToName.ShouldBe("Spring");
        // x km on and x + 2 back: (2x + 2)·(litres a km, in a light wind) = 0.6.
        var on = ((0.6 / (Plan.Compute(trip).NeedL / 20)) - 2) / 2;
        turn.AlongKm!.Value.ShouldBe(10 + on, 0.03);
        (turn.By!.Value - Eight).TotalHours.ShouldBe(2 + (on / 5.0367), 0.03);
        Ask(10, 0.1, 2, trip)
            .TurnBack!.ShouldSatisfyAllConditions(
                t => t.AlongKm.ShouldBeNull(),
                t => t.Words.ShouldBe("0.05 L too little to get back to Spring")
            );
        Ask(4, 1, 0.8, trip).TurnBack.ShouldBeNull(); // nothing behind but the start
    }

    /// <summary>Found dry: it is said, and what follows at the next water.</summary>
    [Fact]
    public void What_changed_since_the_morning_is_said_with_what_follows()
    {
        var planned = Routes.Level(20, ("Spring", 8, 0.98), ("Well", 14, 0.98)) with { Now = Eight };
        var found = planned with
        {
            Sources =
            [
                .. planned.Sources!.Select(s =>
                    s.Id == "Spring"
                        ? s with
                        {
                            Source = s.Source with { Chance = 0.01, ReportedFlowing = false, ReportedAt = Eight.AddHours(2) },
                        }
                        : s
                ),
            ],
        };
        var answer = Ask(8, 0.5, 2.5, found, planned);
        answer.Changes.ShouldContain("Spring was found dry");
        answer.Changes.ShouldContain(c => c.EndsWith("later than planned"));
        answer.Changes.ShouldContain(c => c.StartsWith("Well: take"));
        Ask(4, 1.6, 0.8, planned, planned).Changes.ShouldNotContain(c => c.Contains("found"));
    }

    [Fact]
    public void The_finish_leaves_nothing_to_plan()
    {
        var wrong = Should.Throw<BadInputException>(() => Ask(20, 1, 4)).Errors.ShouldHaveSingleItem();
        wrong.Field.ShouldBe("alongKm");
        wrong.Message.ShouldContain("The trip ends at 20 km");
    }

    /// <summary>In camp the night is still to come, whatever hour after noon it is; in the morning it is over.</summary>
    [Fact]
    public void A_camp_in_the_evening_still_has_its_night()
    {
        var trip = Routes.Level(20, ("Spring", 10, 0.98));
        trip = trip with { Route = trip.Route! with { Days = [new RouteDay(8, 10, "Terrace"), new RouteDay(8)] } };
        var evening = FromHere.Compute(new FromHereRequest(trip with { Now = Eight.AddHours(10) }, 10, 0.2));
        evening.Ahead.ShouldContain(s => s.Kind == StopKind.Camp);
        var morning = FromHere.Compute(new FromHereRequest(trip with { Now = Eight.AddHours(24) }, 10, 0.2));
        morning.Ahead.ShouldNotContain(s => s.Kind == StopKind.Camp);
        morning.Here!.Planned.ShouldBeTrue();
        // Two meals and hot drinks, 1.6 L, washing 0.5 L and the night's drink.
        evening.Here!.TakeL.ShouldBeGreaterThan(morning.Here.TakeL + 1.6 + 0.5);
    }

    /// <summary>
    /// Whatever the trip, the place, the hour and what is in hand: an answer, nothing behind, and the stop here is the plan's own.
    /// </summary>
    [Fact]
    public void From_anywhere_there_is_an_answer_about_what_is_ahead() =>
        Gen.Select(SafeSweep.Plans, Gen.Double[0, 0.99], Gen.Double[0, 8], Gen.Double[0, 23.9])
            .Sample(
                (trip, share, inHand, hour) =>
                {
                    var km = trip.Route!.LengthKm!.Value * share;
                    var answer = FromHere.Compute(
                        new FromHereRequest(
                            trip with
                            {
                                Now = new DateTimeOffset(2026, 8, 21, 0, 0, 0, TimeSpan.Zero).AddHours(hour),
                            },
                            km,
                            inHand,
                            Before: Before(trip)
                        )
                    );
                    answer.Ahead.ShouldAllBe(s => s.AlongKm >= km - 0.16);
                    answer.Headline.ShouldNotBeEmpty();
                    (answer.Act == HereAct.Stop).ShouldBe(answer.Here is { Planned: true } && answer.Act != HereAct.TooLittle);
                    (answer.TurnBack?.AlongKm ?? km).ShouldBeGreaterThanOrEqualTo(km - 0.1);
                },
                iter: 60
            );

    /// <summary>More in hand never asks for more to be taken here, and never turns back sooner.</summary>
    [Fact]
    public void More_in_hand_never_turns_back_sooner() =>
        Gen.Select(SafeSweep.Plans, Gen.Double[0.2, 0.95], Gen.Double[0.2, 4], Gen.Double[0.1, 2])
            .Sample(
                (trip, share, inHand, more) =>
                {
                    double Turn(double litres) =>
                        FromHere
                            .Compute(
                                new FromHereRequest(
                                    trip with
                                    {
                                        Route = trip.Route! with { Certainty = TripRoute.Middle },
                                        Sources =
                                        [
                                            .. trip.Sources!.Select(s => s with { Source = s.Source with { Chance = 0 } }),
                                            new("behind", new TripSource("Behind", SourceClass.Lake, 0.05, Chance: 1)),
                                        ],
                                    },
                                    trip.Route.LengthKm * share,
                                    litres
                                )
                            )
                            .TurnBack?.AlongKm
                        ?? -1;
                    // Told to the metre.
                    Turn(inHand + more).ShouldBeGreaterThanOrEqualTo(Turn(inHand) - 0.001 - 1e-9);
                },
                iter: 40
            );
}
