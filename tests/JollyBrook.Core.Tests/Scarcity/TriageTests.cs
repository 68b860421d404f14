using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Scarcity;

/// <summary>The staged triage of handbook room 90.</summary>
public class TriageTests
{
    private static readonly SourceInput Brook = new(SourceKind.Stream, SourceFlow.Flowing, [], YesNo.Yes, YesNo.No);

    [Fact]
    public void Three_numbers_are_enough()
    {
        // 9 km at 4 km/h: 2.25 h at 0.5 L/h is 1.125 L, 0.125 more than there is. σ = √(0.35² + 0.12²) = 0.37:
        // r = Φ(ln(1/1.125)/0.37) = Φ(−0.3183) = 0.3751; with an untold chance of a half, short with 1 − 0.3751·0.5 = 0.812.
        var at = Triage.Compute(new(UnitSystem.Metric, 1, 0.5, 1, Sources: [new(null, null, 9)]));
        var on = at.Choices.Single(c => c.Kind == WayOutKind.On);
        on.Hours!.Value.ShouldBe(2.25, 1e-9);
        on.LeftL!.Value.ShouldBe(-0.125, 1e-9);
        on.ChanceShort.ShouldBe(0.8124, 0.0005);
        at.HoursWalking.ShouldBe(2, 1e-9);
        // 75 kg at rest: 1.5 mL/kg/h is 0.1125 L/h.
        at.HoursResting.ShouldBe(1 / 0.1125, 1e-9);
        at.Assumptions.Select(a => a.Field).ShouldBe(["sources.chance", "signs", "helpHours"]);
        at.Cautions.ShouldContain(c => c.Code == "call");
    }

    [Fact]
    public void People_not_told_are_not_taken_for_one()
    {
        var three = Triage.Compute(new(UnitSystem.Metric, 1, 1.5));
        var one = Triage.Compute(new(UnitSystem.Metric, 1, 0.5));
        (three.RestLPerH / one.RestLPerH).ShouldBe(3, 1e-9);
        one.RestLPerH.ShouldBeGreaterThanOrEqualTo(0.1125);
        three.Assumptions.ShouldContain(a => a.Field == "people");
        Triage.Compute(new(UnitSystem.Metric, 1, 0.05)).RestLPerH.ShouldBe(0.05, 1e-9); // never more than walking
    }

    [Fact]
    public void A_source_beyond_a_doubtful_one_counts_as_far_as_the_water_lasts()
    {
        // Needs 1 and 2 L, running with 0.6 and 0.9; 2 L in hand, σ 0.37: r₁ = Φ(ln 2/0.37) = Φ(1.8734) = 0.9695, r₂ = Φ(0) = 0.5.
        // P = 1 − r₁ + (r₁ − r₂)·0.4 + r₂·0.4·0.1 = 0.0305 + 0.1878 + 0.02 = 0.2383.
        var at = Triage.Compute(
            new(UnitSystem.Metric, 2, 0.5, Sources: [new("Far", Direction.Ahead, 16, 0.9), new("Near", Direction.Ahead, 8, 0.6)])
        );
        at.Choices.Single(c => c.Kind == WayOutKind.On).ChanceShort.ShouldBe(0.2383, 0.0005);
    }

    /// <summary>In whatever order they were told: of two as near, the one that likelier runs; of more, whatever the order, one answer.</summary>
    [Fact]
    public void Waters_may_be_told_in_any_order() =>
        Gen.Select(Gen.Select(Gen.Int[1, 4], Gen.Int[0, 10], Gen.Bool).Array[1, 5], Gen.Int[0, 1000], Gen.Double[0, 6])
            .Sample(
                (waters, seed, litres) =>
                {
                    TriageResponse Told(IEnumerable<(int Km, int Tenths, bool Ahead)> order) =>
                        Triage.Compute(
                            new(
                                UnitSystem.Metric,
                                litres,
                                0.5,
                                1,
                                Sources:
                                [
                                    .. order.Select(w => new NearSource(
                                        $"{w}",
                                        w.Ahead ? Direction.Ahead : Direction.Behind,
                                        w.Km * 3,
                                        w.Tenths / 10.0
                                    )),
                                ]
                            )
                        );
                    var random = new Random(seed);
                    var (one, other) = (Told(waters), Told(waters.OrderBy(_ => random.Next())));
                    other.Headline.ShouldBe(one.Headline);
                    foreach (var (a, b) in one.Choices.Zip(other.Choices))
                    {
                        (b.Kind, b.Towards?.Name, b.Towards?.Chance).ShouldBe((a.Kind, a.Towards?.Name, a.Towards?.Chance));
                        b.ChanceShort.ShouldBe(a.ChanceShort, 1e-9);
                    }
                }
            );

    /// <summary>Found dry, the nearest is not the one people are sent to: 10 km at 4 km/h, 2 h 30 min, need 1.25 L.</summary>
    [Fact]
    public void Nobody_is_sent_to_a_water_that_was_found_dry()
    {
        var at = Triage.Compute(
            new(UnitSystem.Metric, 0.8, 0.5, 1, Sources: [new("Sink", Direction.Ahead, 5, 0.05), new("Beck", Direction.Ahead, 10, 0.97)])
        );
        var on = at.Choices.Single(c => c.Kind == WayOutKind.On);
        on.Towards!.Name.ShouldBe("Beck");
        on.Hours!.Value.ShouldBe(2.5, 1e-9);
        on.NeedL!.Value.ShouldBe(1.25, 1e-9);
        (at.Headline + at.Action).ShouldContain("Beck");
        (at.Headline + at.Action).ShouldNotContain("Sink");
    }

    [Fact]
    public void Where_every_water_is_more_likely_dry_the_nearest_is_named_and_that_is_said()
    {
        var on = Triage
            .Compute(
                new(UnitSystem.Metric, 0.8, 0.5, 1, Sources: [new("Sink", Direction.Ahead, 5, 0.05), new("Seep", Direction.Ahead, 10, 0.4)])
            )
            .Choices.Single(c => c.Kind == WayOutKind.On);
        on.Towards!.Name.ShouldBe("Sink");
        on.Words.ShouldContain("More likely dry.");
    }

    [Fact]
    public void Back_is_chosen_by_water_at_hand_and_not_by_hope()
    {
        // Ahead the brook is near but runs with 0.3; behind 0.6 L reach a sure spring: 1 − Φ(ln 2.5/0.37)·0.98 = 0.027. Help in 12 h needs
        // 1.35 L: 0.39.
        var at = Triage.Compute(
            new(
                UnitSystem.Metric,
                1.5,
                0.4,
                1,
                Sources: [new("Brook", Direction.Ahead, 3, 0.3), new("Spring", Direction.Behind, 6, 0.98)],
                HelpHours: 12
            )
        );
        at.Choices.Select(c => c.Kind).ShouldBe([WayOutKind.Back, WayOutKind.On, WayOutKind.Stay]);
        at.Choices[0].ChanceShort.ShouldBe(0.0265, 0.0005);
        at.Choices[2].ChanceShort.ShouldBe(0.388, 0.001);
    }

    [Theory]
    [InlineData(9, 30.0, 0)]
    [InlineData(6, 30.0, 1)]
    [InlineData(0.1, 20.0, 2)]
    [InlineData(0.1, 80.0, 3)]
    [InlineData(0.2, 6.0, 1)]
    [InlineData(0, 0.3, 1)]
    public void Stages_follow_the_water_and_what_a_body_bears(double litres, double km, int stage)
    {
        // 30 km at 4 km/h and 0.5 L/h: 3.75 L. 9 L: 80 h at rest. A body of 75 kg, 1 % short already, owes 3 L to 5 %: with 6 L too far
        // with
        // 1 − Φ(ln(9/3.75)/0.37)·0.98 = 0.03. 20 km: 2.5 L, with 0.1 L 1 − Φ(ln(3.1/2.5)/0.37)·0.98 = 0.30 at most. 80 km: 10 L, half of it
        // in
        // the cool at best: 1 − Φ(ln(3.1/5)/0.37)·0.98 = 0.90. 6 km need 0.75 L: arriving 1 + 0.55/0.75 = 1.7 % short. 300 m: 1.05 %.
        var at = Triage.Compute(new(UnitSystem.Metric, litres, 0.5, 1, Sources: [new("Spring", Direction.Ahead, km, 0.98)]));
        at.Stage.ShouldBe(stage);
        at.Stages.Single(s => s.Now).Number.ShouldBe(stage);
        at.Action.ShouldNotBeNullOrWhiteSpace();
        at.Stages.ShouldAllBe(s => s.Figures.Count > 0);
    }

    [Theory]
    [InlineData(2.6, 3)] // 23.1 h at 0.1125 L/h
    [InlineData(2.8, 2)] // 24.9 h: time to choose
    [InlineData(8.2, 0)] // 72.9 h: time to find out
    public void What_lasts_long_at_rest_leaves_time_however_doubtful_the_ways(double litres, int stage)
    {
        var at = Triage.Compute(new(UnitSystem.Metric, litres, 0.5, 1, Sources: [new("Brook", Direction.Ahead, 6)]));
        at.Stage.ShouldBe(stage);
        Triage.Compute(new(UnitSystem.Metric, litres, 0.5, 1)).Stage.ShouldBe(stage);
    }

    [Fact]
    public void Staying_is_not_put_off_to_the_cool_hours()
    {
        // 32 h at 0.1125 L/h is 3.6 L; 0.7 in hand and 3 L that a body of 75 kg can owe: 1 − Φ(ln(3.7/3.6)/0.37) = 1 − Φ(0.0741) = 0.4705.
        var at = Triage.Compute(new(UnitSystem.Metric, 0.7, 0.5, 1, HelpHours: 32));
        (at.Stage, at.Best).ShouldBe((2, WayOutKind.Stay));
        at.Choices[0].ChanceTooFar.ShouldBe(0.4705, 0.001);
        // 1 + (3.6 − 0.7)/0.75 % = 4.9 % short by then.
        at.Choices[0].ArrivePercent!.Value.ShouldBe(4.867, 0.001);
        at.Action.ShouldBe("Stay in the shade for help: the surest, too far with 48 %.");
        at.CallForHelp.ShouldBeFalse();
    }

    [Fact]
    public void Water_here_that_can_be_treated_ends_the_matter() =>
        Triage
            .Compute(new(UnitSystem.Metric, 0, 0.5, WaterHere: true, Here: Brook, Means: Means.Full))
            .Action.ShouldStartWith("Treat what is here");

    [Fact]
    public void A_weak_barrier_is_used_when_nothing_better_is_left()
    {
        var at = Triage.Compute(new(UnitSystem.Metric, 0.1, 0.5, WaterHere: true, Here: Brook, Means: Means.Weak));
        at.Stage.ShouldBe(4);
        at.Action.ShouldContain("weakest is better than none");
    }

    [Fact]
    public void The_last_stage_opens_only_when_every_condition_is_met()
    {
        var all = new TriageRequest(
            UnitSystem.Metric,
            0.1,
            0.5,
            WaterHere: true,
            Here: Brook,
            Means: Means.None,
            Signs: BodySigns.Grave,
            NoHelp: true
        );
        var last = Triage.Compute(all);
        last.Stage.ShouldBe(5);
        last.Stages[5].Actions.ShouldContain(a => a.Contains("see a clinician"));
        foreach (
            var other in new[]
            {
                all with
                {
                    Means = Means.Unknown,
                },
                all with
                {
                    Signs = BodySigns.Thirsty,
                },
                all with
                {
                    NoHelp = null,
                },
                all with
                {
                    NoHelp = null,
                    HelpHours = 3,
                },
                all with
                {
                    InHandL = 2,
                },
                all with
                {
                    WaterHere = false,
                },
                all with
                {
                    Here = Brook with { Seen = [Sighting.Bloom] },
                },
                all with
                {
                    Sources = [new("Spring", Direction.Behind, 0.3, 0.98)],
                },
            }
        )
        {
            var at = Triage.Compute(other);
            at.Stage.ShouldBeLessThan(5);
            at.Stages[5].Actions.ShouldBeEmpty();
            at.Stages[5].Conditions.ShouldContain(c => !c.Met);
        }
    }

    /// <summary>
    /// One of 75 kg, 6 km on at 0.5 L/h and 4 km/h with nothing in hand: 0.75 L, 1 % of body mass on top of what is short now.
    /// </summary>
    [Theory]
    [InlineData(BodySigns.None, null, 1)]
    [InlineData(BodySigns.None, 2.4, 3.4)]
    [InlineData(BodySigns.None, -1.5, 1)] // more drunk than lost is no store to walk on
    [InlineData(BodySigns.Unknown, 0.4, 2)]
    [InlineData(BodySigns.Unknown, 2.4, 3.4)]
    [InlineData(BodySigns.Grave, 2.4, 6)]
    public void What_is_short_already_is_the_worse_of_the_signs_and_the_book(BodySigns signs, double? deficit, double arrivePercent)
    {
        var answer = Triage.Compute(
            new TriageRequest(
                UnitSystem.Metric,
                0,
                0.5,
                1,
                Sources: [new NearSource("Spring", Direction.Ahead, 6, 1)],
                Signs: signs,
                DeficitPercent: deficit
            )
        );
        answer.Choices.Single(c => c.Kind == WayOutKind.On).ArrivePercent!.Value.ShouldBe(arrivePercent, 1e-6);
        answer
            .Assumptions.Any(a => a.Field == "deficitPercent" && a.Message.Contains("2.4 %"))
            .ShouldBe(deficit == 2.4 && signs != BodySigns.Grave);
    }

    [Fact]
    public void Who_is_shorter_already_is_never_told_anything_calmer() =>
        Gen.Select(TriageCases.State, Gen.Double[-20, 20], Gen.Double[0, 20])
            .Sample(
                (state, deficit, more) =>
                    TriageCases
                        .Calmer(state with { DeficitPercent = deficit }, state with { DeficitPercent = Math.Min(20, deficit + more) })
                        .ShouldBeNull()
            );

    [Fact]
    public void Less_water_never_gives_a_calmer_stage() =>
        Gen.Select(TriageCases.State, Gen.Double[0, 1])
            .Sample((state, share) => TriageCases.Calmer(state, state with { InHandL = state.InHandL * share }).ShouldBeNull(), iter: 3000);

    [Fact]
    public void What_is_never_drunk_is_never_advised_and_untreated_only_last() =>
        TriageCases.State.Sample(state => TriageCases.NeverAdvised(state).ShouldBeNull(), iter: 3000);

    [Fact]
    public void A_higher_chance_never_runs_short_more_often() =>
        Gen.Select(TriageCases.State, Gen.Double[0, 1])
            .Sample(
                (state, up) =>
                {
                    var better = state with
                    {
                        Sources = [.. state.Sources!.Select(s => s with { Chance = Math.Max(s.Chance ?? Triage.UntoldChance, up) })],
                    };
                    var (more, less) = (Triage.Compute(better), Triage.Compute(state));
                    more.Choices.Min(c => c.ChanceShort).ShouldBeLessThanOrEqualTo(less.Choices.Min(c => c.ChanceShort) + 1e-12);
                    more.Choices.Min(c => c.ChanceTooFar).ShouldBeLessThanOrEqualTo(less.Choices.Min(c => c.ChanceTooFar) + 1e-12);
                    more.Stage.ShouldBeLessThanOrEqualTo(less.Stage);
                },
                iter: 2000
            );

    [Fact]
    public void Bad_fields_are_named()
    {
        var bad = Should.Throw<BadInputException>(() => Triage.Compute(new(UnitSystem.Metric, null, 90, Sources: [new("W", null, -1)])));
        bad.Errors.Select(e => e.Field).ShouldBe(["inHandL", "needLPerH", "sources.distanceKm"]);
    }

    [Fact]
    public void A_call_for_help_says_where_who_and_how_much()
    {
        var call = CallForHelp.Compute(
            new(
                UnitSystem.Metric,
                46.2051,
                -28.742,
                12,
                "Below the ledge seep",
                3,
                0.9,
                0.3,
                BodySigns.Thirsty,
                "One twisted ankle",
                "Ama, 555 0100",
                new DateTimeOffset(2026, 8, 22, 14, 5, 0, TimeSpan.FromHours(-1))
            )
        );
        call.Text.Split('\n')
            .ShouldBe([
                "We need help: short of water.",
                "Position (WGS 84): 46.20510, −28.74200, to within 12 m.",
                "Place: Below the ledge seep.",
                "Time: 2026-08-22 14:05 (UTC-01:00).",
                "People: 3.",
                "Water: 0.9 L left; at rest it lasts 3 h.",
                "State: thirsty, little dark urine, headache; can walk.",
                "One twisted ankle",
                "Please tell: Ama, 555 0100.",
            ]);
        call.Missing.ShouldBeEmpty();
        CallForHelp.Compute(new(UnitSystem.Metric)).Missing.Count.ShouldBe(3);
    }
}
