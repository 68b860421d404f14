using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Book;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Learning;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Learning;

/// <summary>After a stage: what the book proposes, each figure by hand.</summary>
public class LearnTests
{
    private static readonly DateTimeOffset Morning = new(2026, 8, 10, 8, 0, 0, TimeSpan.Zero);
    private static readonly DateTimeOffset Now = Morning.AddHours(12);
    private static readonly Guid Ilva = Guid.Parse("019c0000-0000-7000-8000-000000000001");
    private static readonly Guid Thing = Guid.Parse("019c0000-0000-7000-8000-000000000002");

    private static PlanRequest Plan(IReadOnlyList<TripSourceEntry>? sources = null, double pace = 1) =>
        new(
            UnitSystem.Metric,
            TripOf(ReadLegs.Compute(new LegsRequest(null, 0, [new("Along", 12, 200, 200)])), pace),
            sources,
            [new WalkerEntry(Ilva.ToString(), new Walker("Ilva", 62, 168, true, Clothing.ShortsAndShirt, 10))],
            Now: Now
        );

    private static TripRoute TripOf(ReadRoute ground, double pace) =>
        new("Day", new DateOnly(2026, 8, 10), ground.LengthKm, ground.Heights, Pace: pace, BreakShare: 0);

    private static LearnResponse Learnt(IReadOnlyList<BookLine> lines, PlanRequest? plan = null, IReadOnlyList<KitEntry>? kit = null) =>
        Learn.Compute(
            new LearnRequest(UnitSystem.Metric, plan, null, [.. lines.Select(e => new KeptLine(Guid.NewGuid(), e))], kit, 0, Now)
        );

    [Fact]
    public void Weighed_twice_is_a_sweat_test()
    {
        // 62.0 − 61.2 + 0.9 drunk − 0.2 passed = 1.5 L in 3 h.
        var warm = Plan();
        warm = warm with { Route = warm.Route! with { Weather = [new DayWeather(28, 28, 50, 0)] } };
        var proposal = Learnt(
            [
                new BodyWeighed(Ilva, 62) { At = Morning },
                new Drank(0.5, WalkerId: Ilva) { At = Morning.AddHours(1) },
                new Drank(0.4, WalkerId: Ilva) { At = Morning.AddHours(2) },
                new UrinePassed(Ilva, Litres: 0.2) { At = Morning.AddHours(2) },
                new BodyWeighed(Ilva, 61.2) { At = Morning.AddHours(3) },
                new Drank(1, WalkerId: Ilva) { At = Morning.AddHours(4) }, // after the weighing
            ],
            warm
        )
            .Proposals.Single(p => p.Kind == ProposalKind.SweatFactor);
        proposal.Test!.DrunkL!.Value.ShouldBe(0.9, 1e-9);
        proposal.Test.Hours.ShouldBe(3);
        var result = SweatTestResult.Of(proposal.Test, SweatSchool.Gonzalez2009, Speaker.Metric);
        result.LossL.ShouldBe(1.5, 1e-9);
        // One test of ratio r: log k = log r · (1/0.15²)/(1/0.35² + 1/0.15²) = 0.8448 log r.
        result.AtFloor.ShouldBeFalse();
        PersonalFactor.After([result.Says!.Value]).LogMean.ShouldBe(0.8448 * Math.Log(result.Ratio!.Value), 1e-4);
        proposal.Before.ShouldStartWith("× 1 (");
    }

    /// <summary>Weighed on getting up, before a walk, after it and in the evening: the walk is what tells of sweat.</summary>
    [Fact]
    public void Weighed_often_the_walk_is_the_test()
    {
        var test = Learnt(
            [
                new BodyWeighed(Ilva, 62) { At = Morning },
                new BodyWeighed(Ilva, 61.9) { At = Morning.AddHours(5) },
                new StageWalked(2) { At = Morning.AddHours(7) },
                new BodyWeighed(Ilva, 60.6) { At = Morning.AddHours(7.2) },
                new BodyWeighed(Ilva, 60.5) { At = Morning.AddHours(10) },
            ],
            Plan()
        )
            .Proposals.Single(p => p.Kind == ProposalKind.SweatFactor)
            .Test!;
        (test.BeforeKg, test.AfterKg, test.Hours).ShouldBe((61.9, 60.6, 2));
    }

    /// <summary>At rest all day a body shows no sweat: what was reckoned stands.</summary>
    [Fact]
    public void A_day_of_weighings_too_close_or_too_far_apart_is_no_test()
    {
        Learnt([new BodyWeighed(Ilva, 62) { At = Morning }, new BodyWeighed(Ilva, 61.5) { At = Morning.AddMinutes(14) }], Plan())
            .Proposals.ShouldBeEmpty();
        Learnt([new BodyWeighed(Ilva, 62) { At = Morning }, new BodyWeighed(Ilva, 61) { At = Morning.AddHours(8.5) }], Plan())
            .Proposals.ShouldBeEmpty();
    }

    [Fact]
    public void A_test_already_taken_over_is_not_proposed_again()
    {
        BookLine[] lines = [new BodyWeighed(Ilva, 62) { At = Morning }, new BodyWeighed(Ilva, 61) { At = Morning.AddHours(3) }];
        var test = Learnt(lines, Plan()).Proposals.Single().Test!;
        Learnt(lines, Plan() with { Tests = [new("t", test)] }).Proposals.ShouldBeEmpty();
    }

    /// <summary>
    /// Planned: 6 km at 3.33 % up and 6 down by Tobler, 4.48 and 5.66 km/h: 2.40 h from 8:00 at 5 km/h. Between 10 °C at 5 and 20 °C at 15
    /// o'clock that is 15 − 5·(sin 0.54π − sin 0.3π)/0.24π = 13.8 °C on the way.
    /// </summary>
    [Fact]
    public void What_is_told_of_the_stage_counts_and_the_rest_is_the_plans()
    {
        var plan = Plan();
        plan = plan with { Route = plan.Route! with { Weather = [new DayWeather(10, 20, 50, 0.5)] } };
        Effort Counted(Effort? told)
        {
            BookLine[] lines =
            [
                new BodyWeighed(Ilva, 62) { At = Morning },
                new StageWalked(2, Effort: told) { At = Morning.AddHours(2) },
                new BodyWeighed(Ilva, 61) { At = Morning.AddHours(3) },
            ];
            return Learnt(lines, plan).Proposals.Single(p => p.Kind == ProposalKind.SweatFactor).Test!.Effort!;
        }

        var planned = Counted(null);
        planned.TemperatureC!.Value.ShouldBe(13.8, 0.1);
        planned.SpeedKmH!.Value.ShouldBe(5, 0.05);
        planned.ElevationM!.Value.ShouldBe(100, 5);
        (planned.HumidityPercent, planned.Sun, planned.Terrain).ShouldBe((50, SunLoad.Part, Terrain.GoodPath));
        Counted(new Effort()).ShouldBe(planned);
        Counted(new Effort(GradePercent: 8, SpeedKmH: 3)).ShouldBe(planned with { GradePercent = 8, SpeedKmH = 3 });
        Counted(new Effort(TemperatureC: 2)).ShouldBe(planned with { TemperatureC = 2 });
    }

    [Fact]
    public void Hours_walked_over_hours_planned_is_the_pace()
    {
        var planned = Core.Carry.Plan.Compute(Plan(pace: 1.1)).Days[0].WalkHours;
        var answer = Learnt([new StageWalked(planned * 1.2, Day: 0) { At = Now.AddHours(-1) }], Plan(pace: 1.1));
        answer.Proposals.Single().Pace!.Value.ShouldBe(1.32, 1e-9); // 1.1 × 1.2
        answer.Days[0].WalkedHours!.Value.ShouldBe(planned * 1.2, 1e-9);
        Learnt([new StageWalked(planned, Day: 0) { At = Now.AddHours(-1) }], Plan(pace: 1.1)).Proposals.ShouldBeEmpty();
    }

    private static StageWalked Stage(double hours, double at) => new(hours, Day: 0) { At = Now.AddHours(at) };

    /// <summary>A morning and an afternoon are one day: 3 h and 3.6 h, not two days of half the hours at twice the pace.</summary>
    [Fact]
    public void A_day_told_in_two_halves_is_one_day()
    {
        var planned = Core.Carry.Plan.Compute(Plan()).Days[0].WalkHours;
        var answer = Learnt([Stage(planned * 0.5, -6), Stage(planned * 0.7, -1)], Plan());
        answer.Proposals.Single().Pace!.Value.ShouldBe(1.2, 1e-9);
        answer.Proposals.Single().Why.ShouldStartWith("1 day: ");
        answer.Days[0].WalkedHours!.Value.ShouldBe(planned * 1.2, 1e-9);
        Learnt([Stage(planned * 0.5, -6), Stage(planned * 0.5, -1)], Plan()).Proposals.ShouldBeEmpty();
    }

    /// <summary>With so many hours in the shade at a spring half way.</summary>
    private static PlanRequest Rested(double hours)
    {
        var plan = Plan([new("s", new TripSource("Spring", SourceClass.Perennial, 6, Chance: 1))]);
        return plan with { Route = plan.Route! with { Days = [new RouteDay(8, Rest: new DayRest(9, hours))] } };
    }

    /// <summary>
    /// Three hours in the shade, and a stop to fill, planned and taken, are no slower pace; an hour more than all of it is one more hour of walking; and an hour
    /// less may be of the rest, so that it counts over the whole day alone.
    /// </summary>
    [Fact]
    public void A_planned_rest_is_no_slower_pace()
    {
        var plan = Rested(3);
        var planned = Core.Carry.Plan.Compute(plan);
        planned.Days[0].Rest!.Hours.ShouldBe(3, 1e-9);
        var stop = planned.Stops.Single(s => s is { Kind: StopKind.Source, Planned: true });
        stop.StopMinutes.ShouldBeGreaterThan(0);
        var walk = planned.Days[0].WalkHours;
        var whole = walk + 3 + (stop.StopMinutes / 60);
        Learnt([Stage(whole, -1)], plan).Proposals.ShouldBeEmpty();
        Learnt([Stage(whole, -1)], plan).Days[0].PlannedHours.ShouldBe(whole, 1e-9);
        Learnt([Stage(whole + 1, -1)], plan).Proposals.Single().Pace!.Value.ShouldBe((walk + 1) / walk, 0.006);
        Learnt([Stage(whole - 1, -1)], plan).Proposals.Single().Pace!.Value.ShouldBe((whole - 1) / whole, 0.006);
    }

    /// <summary>However a day is told, in one line or in many: longer on the way never proposes a faster pace.</summary>
    [Fact]
    public void Longer_on_the_way_is_never_a_faster_pace()
    {
        var plan = Rested(2);
        double Pace(params double[] hours) =>
            Learnt([.. hours.Select((h, i) => Stage(h, -i))], plan).Proposals.SingleOrDefault(p => p.Kind == ProposalKind.Pace)?.Pace ?? 1;
        Gen.Select(Gen.Double[0.05, 24], Gen.Double[0, 10], Gen.Double[0, 1])
            .Sample(
                (hours, more, share) =>
                {
                    Pace(hours + more).ShouldBeGreaterThanOrEqualTo(Pace(hours) - 0.02);
                    Pace(hours * share, hours * (1 - share)).ShouldBe(Pace(hours), 0.011);
                },
                iter: 40
            );
    }

    /// <summary>0.5 L drunk and 1.5 L cooked with, against a plan that counts both.</summary>
    [Fact]
    public void What_is_cooked_with_is_used_as_the_plan_counts_it() =>
        Learnt(
            [new Drank(0.5) { At = Morning }, new Cooked(Thing, 1.5) { At = Morning }, new Cooked(Thing, 9) { At = Morning.AddDays(3) }],
            Plan()
        )
            .Days[0]
            .DrunkL.ShouldBe(2);

    [Fact]
    public void Fuel_for_a_litre_is_told() =>
        Learnt([new FuelBurnt(Thing, 30, Litres: 2) { At = Morning }]).Facts.Single().Words.ShouldBe("15 g: 30 g for 2 L");

    [Fact]
    public void A_report_refreshes_its_source()
    {
        var source = new TripSource("Brook", SourceClass.SeasonalLate, 5, true, Now.AddDays(-20));
        // 1 L in 120 s: 0.5 L/min.
        BookLine[] lines = [new SourceSeen(Thing, Flowing: true, FillL: 1, FillSeconds: 120) { At = Morning }];
        var proposal = Learnt(lines, Plan([new(Thing.ToString(), source)])).Proposals.Single();
        proposal.Source!.LitresPerMinute.ShouldBe(0.5);
        proposal.Before.ShouldEndWith(" %");
        proposal.After.ShouldEndWith(" %, 0.5 L/min");
        proposal.Source.ReportedAt.ShouldBe(Morning);
        Learnt(lines, Plan([new(Thing.ToString(), proposal.Source)])).Proposals.ShouldBeEmpty();
    }

    /// <summary>A word later that it runs does not unsay that it was muddy, green and under stock: taking that over would lose it.</summary>
    [Fact]
    public void What_was_found_since_is_taken_over_together()
    {
        var source = new TripSource("Brook", SourceClass.SeasonalLate, 5, true, Now.AddDays(-20));
        BookLine[] lines =
        [
            new SourceSeen(Thing, Clarity: Clarity.Muddy, Colour: WaterColour.Green, Seen: [Sighting.Stock]) { At = Morning.AddDays(-1) },
            new Filled(Guid.NewGuid(), SourceId: Thing, TemperatureC: 7) { At = Morning },
            new SourceSeen(Thing, Clarity: Clarity.Unknown, Colour: WaterColour.Unknown) { At = Morning.AddHours(1) },
        ];
        var proposal = Learnt(lines, Plan([new(Thing.ToString(), source)])).Proposals.Single();
        proposal.Source!.ShouldSatisfyAllConditions(
            s => (s.ReportedFlowing, s.ReportedAt).ShouldBe((true, Morning)),
            s => (s.Clarity, s.Colour, s.TemperatureC).ShouldBe((Clarity.Muddy, WaterColour.Green, 7)),
            s => s.Seen.ShouldBe([Sighting.Stock])
        );
        proposal.After.ShouldContain(", muddy, green, 7 °C, ");
        proposal.After.ShouldEndWith(SourceSigns.Of(Sighting.Stock).Name.ToLowerInvariant());
        // A report that does not say whether it runs refreshes nothing by itself.
        Learnt([lines[0]], Plan([new(Thing.ToString(), source)])).Proposals.ShouldBeEmpty();
    }
}
