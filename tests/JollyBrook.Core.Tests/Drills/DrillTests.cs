using CsCheck;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Drills;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Tests.Drills;

/// <summary>Drills: seeded, solvable, and of one mind with Treat.</summary>
public class DrillTests
{
    private static readonly Gen<(double Seed, int Level, Skill? Focus)> Any =
        from seed in Gen.Int[0, 1_000_000]
        from level in Gen.Int[1, 6]
        from focus in Gen.Frequency((2, Gen.Const((Skill?)null)), (1, Gen.OneOf(Skills.Steps.ToArray()).Select(s => (Skill?)s)))
        select ((double)seed, level, focus);

    [Fact]
    public void Every_drill_has_an_answer_and_it_is_Treats_own() =>
        Any.Sample(d => DrillAudit.Fault(d.Seed, d.Level, d.Focus).ShouldBeNull(), iter: 400);

    [Fact]
    public void The_same_seed_gives_the_same_drill_and_another_gives_another()
    {
        string Of(double seed) => Calculations.Run("drill", $$"""{"seed":{{seed}},"level":4}""").Json;
        Of(20260821).ShouldBe(Of(20260821));
        Enumerable.Range(0, 50).Select(i => Of(i)).Distinct().Count().ShouldBe(50);
    }

    [Fact]
    public void Now_and_then_the_right_answer_is_to_go_on()
    {
        var refusing = Enumerable.Range(0, 300).Select(s => SceneMaker.Make(s, 3, null).Reference).Count(r => r.Refuses);
        refusing.ShouldBeInRange(10, 90);
    }

    /// <summary>
    /// Of waters as good as each other a good hand takes what can be drunk soonest, the way there counted; and one that is ready in time
    /// before one that is not.
    /// </summary>
    [Fact]
    public void No_other_water_that_is_as_good_can_be_drunk_sooner() =>
        Gen.Select(Gen.Int[0, 1_000_000], Gen.Int[3, 6])
            .Sample(
                (seed, level) =>
                {
                    var (scene, reference) = SceneMaker.Make(seed, level, null);
                    if (reference.Source is not { } taken)
                    {
                        return;
                    }

                    double Ready(SceneSource source) => source.MinutesAway + Treat.Compute(scene.Ask(source)).DrinkableMinutes!.Value;
                    foreach (
                        var other in scene.Sources.Where(s =>
                            reference.Verdicts[s.Id].Verdict <= reference.Verdicts[taken.Id].Verdict
                            && Treat.Compute(scene.Ask(s)) is { Outcome: TreatOutcome.Meets, DrinkableMinutes: not null }
                        )
                    )
                    {
                        reference.Verdicts[other.Id].Verdict.ShouldBe(reference.Verdicts[taken.Id].Verdict);
                        Ready(taken).ShouldBeLessThanOrEqualTo(Ready(other) + 1e-9);
                    }
                },
                iter: 300
            );

    [Fact]
    public void What_is_hidden_shows_only_to_a_look()
    {
        var (seed, stop) = Enumerable
            .Range(0, 500)
            .Select(s =>
                ((double)s, SceneMaker.Make(s, 3, Skill.Judge).Scene.Sources.FirstOrDefault(w => w.Truth.Seen!.Contains(Sighting.Bloom)))
            )
            .First(s => s.Item2 is not null);
        var before = Drill.Compute(new(null, seed, 3, Skill.Judge));
        string.Join(' ', before.Sources.SelectMany(s => s.Seen)).ShouldNotContain("bloom");
        before.Sources.SelectMany(s => s.Looks).ShouldAllBe(l => l.Found == null);
        var after = Drill.Compute(new(null, seed, 3, Skill.Judge, new([new(stop!.Id, Look.Edges)])));
        after.Sources.Single(s => s.Id == stop.Id).Looks.Single(l => l.Look == Look.Edges).Found!.ShouldContain("bloom");
        after.Minutes.ShouldBe(2);
        // And who draws from it all the same is told what lay there.
        var drawn = Drill.Compute(
            new(null, seed, 3, Skill.Judge, new(null, stop.Id, ClearBy.Nothing, "tablets", 1, 30, StoreBy.RinseThreads))
        );
        drawn.Debrief!.Passed.ShouldBeFalse();
        drawn.Debrief.Ledger.ShouldBeEmpty();
        drawn.Debrief.Steps.Single(s => s.Skill == Skill.Judge).Why.ShouldContain("A look along the edges shows it.");
    }

    [Fact]
    public void Too_little_too_short_and_dirty_threads_are_named_with_their_size()
    {
        var best = DrillAudit.Best(5, 1, null);
        var poor = Drill.Compute(new(null, 5, 1, null, best with { Dose = 0, WaitMinutes = 5, Store = StoreBy.CapAsItIs })).Debrief!;
        poor.Passed.ShouldBeFalse();
        poor.Steps.Where(s => !s.Passed).Select(s => s.Skill).ShouldBe([Skill.Store, Skill.Dose, Skill.Wait], ignoreOrder: true);
        poor.Steps.Single(s => s.Skill == Skill.Dose).ErrorPercent!.Value.ShouldBe(-100, 1e-9);
        poor.Ledger.ShouldAllBe(r => r.TotalLogs == 0);
        poor.Risks.ShouldContain(r => r.StartsWith("Viruses: 4 log short", StringComparison.Ordinal));
        poor.Risks.ShouldContain(r => r.Contains("threads"));
    }

    [Fact]
    public void Waiting_longer_is_never_marked_down() =>
        Gen.Select(Any, Gen.Int[0, 600])
            .Sample(
                (d, more) =>
                {
                    var best = DrillAudit.Best(d.Seed, d.Level, d.Focus);
                    var longer = best with { WaitMinutes = best.WaitMinutes + more };
                    Drill.Compute(new(null, d.Seed, d.Level, d.Focus, longer)).Debrief!.Passed.ShouldBeTrue();
                },
                iter: 150
            );

    [Fact]
    public void A_lower_dose_never_gives_a_better_ledger() =>
        Gen.Select(Any, Gen.Int[0, 40], Gen.Int[0, 40], Gen.Int[0, 300])
            .Sample(
                (d, a, b, wait) =>
                {
                    var best = DrillAudit.Best(d.Seed, d.Level, d.Focus);
                    if (best.Source == Drill.GoOn)
                    {
                        return;
                    }

                    double Logs(int dose) =>
                        Drill
                            .Compute(new(null, d.Seed, d.Level, d.Focus, best with { Method = "tablets", Dose = dose, WaitMinutes = wait }))
                            .Debrief!.Ledger.Sum(r => r.TotalLogs);
                    Logs(Math.Min(a, b)).ShouldBeLessThanOrEqualTo(Logs(Math.Max(a, b)) + 1e-9);
                },
                iter: 150
            );

    [Fact]
    public void Litres_to_carry_by_hand_skip_water_that_may_not_run()
    {
        var (scene, better) = SceneMaker.Make(12, 6, null);
        var sure = scene.Ahead.First(w => w.Chance >= 0.95);
        var reserve = 0.25 * scene.People;
        better.Carry!.Litres.ShouldBe((sure.WalkingHours * scene.WalkingLPerH) + (sure.Nights * scene.CampL) + reserve, 1e-9);
        scene.Ahead[0].ShouldNotBe(sure);
        var best = DrillAudit.Best(12, 6, null);
        var hoping = Drill.Compute(
            new(null, 12, 6, null, best with { Source = best.Source ?? "a", CarryL = scene.Ahead[0].WalkingHours * scene.WalkingLPerH })
        );
        if (!better.Refuses)
        {
            var carry = hoping.Debrief!.Steps.Single(s => s.Skill == Skill.Carry);
            carry.Passed.ShouldBeFalse();
            carry.Why.ShouldContain("Not to be counted on");
        }
    }

    [Fact]
    public void Bad_fields_are_named()
    {
        Fields(new(null, null)).ShouldBe(["seed"]);
        Fields(new(null, -1, 9)).ShouldBe(["seed", "level"]);
        Fields(new(null, 1, 1, null, new([new("z", Look.Mark)], "q", Method: "dowsing", Dose: -1)))
            .ShouldBe(["answers.dose", "answers.looks.source", "answers.source", "answers.method"]);
        Fields(new(null, 1, 1, null, new(Clear: ClearBy.Flocculate))).ShouldBe(["answers.clear"]); // one bottle and tablets
    }

    private static IEnumerable<string> Fields(DrillRequest request) =>
        Should.Throw<BadInputException>(() => Drill.Compute(request)).Errors.Select(e => e.Field);
}
