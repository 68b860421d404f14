using CsCheck;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Drills;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Drills;

/// <summary>What a learner's own decisions come to.</summary>
public class PlayedTests
{
    private static readonly Gen<(double Seed, int Level)> Any = Gen.Select(Gen.Int[0, 1_000_000].Select(s => (double)s), Gen.Int[1, 6]);

    private static DrillDebrief? Play(double seed, int level, DrillAnswers answers, UnitSystem units = UnitSystem.Metric) =>
        Drill.Compute(new(units, seed, level, null, answers)).Debrief;

    [Fact]
    public void The_asked_dose_and_wait_give_Treats_own_ledger() =>
        Any.Sample(
            d =>
            {
                var (scene, better) = SceneMaker.Make(d.Seed, d.Level, null);
                if (better.Refuses || better.Treatment!.Dose is null)
                {
                    return;
                }

                var best = DrillAudit.Best(d.Seed, d.Level, null);
                var ledger = Play(d.Seed, d.Level, best)!.Ledger;
                foreach (var (mine, treats) in ledger.Zip(better.Treatment.Ledger))
                {
                    mine.TotalLogs.ShouldBe(treats.TotalLogs, 1e-9, $"{mine.Organism} in {scene.Container}");
                }
            },
            iter: 300
        );

    [Fact]
    public void Whatever_is_decided_nothing_short_is_called_safe()
    {
        var decisions = Gen.Select(
            Gen.Enum<ClearBy>(),
            Gen.OneOf("tablets", "stove", "filter", "filter+tablets", "filter+stove", "drops"),
            Gen.Int[0, 20],
            Gen.Int[0, 400],
            Gen.Enum<StoreBy>(),
            Gen.Int[0, 30]
        );
        Gen.Select(Any, Gen.OneOf("a", "b", "c"), decisions)
            .Sample(
                (d, source, made) =>
                {
                    var (scene, better) = SceneMaker.Make(d.Seed, d.Level, null);
                    var (clear, method, dose, wait, store, carry) = made;
                    if (scene.Sources.All(s => s.Id != source) || !DrillSteps.IsMethod(scene, method) || !DrillSteps.CanClear(scene, clear))
                    {
                        return;
                    }

                    var debrief = Play(d.Seed, d.Level, new(null, source, clear, method, dose, wait, store, carry))!;
                    if (debrief.Passed)
                    {
                        debrief.Ledger.ShouldNotBeEmpty();
                        debrief.Ledger.ShouldAllBe(r => r.Meets);
                        better.Verdicts[source].Verdict.ShouldNotBe(Verdict.DoNotUse);
                        store.ShouldBe(StoreBy.RinseThreads);
                    }
                    else
                    {
                        debrief.Steps.ShouldContain(s => !s.Passed);
                        debrief.Steps.Where(s => !s.Passed).ShouldAllBe(s => s.Why.Length > 0 && s.Better.Length > 0);
                    }

                    debrief.Steps.Select(s => s.Skill).ShouldBeUnique();
                    debrief.Truth.Count.ShouldBe(scene.Sources.Count);
                    debrief.Minutes.ShouldBeGreaterThanOrEqualTo(0);
                },
                iter: 500
            );
    }

    [Fact]
    public void Words_come_in_the_travellers_units()
    {
        var story = string.Join(' ', Drill.Compute(new(UnitSystem.Us, 12, 6)).Story);
        story.ShouldContain("°F");
        story.ShouldContain("ft up");
        story.ShouldNotContain("°C");
    }

    [Fact]
    public void Looks_cost_their_minutes_and_no_more_is_asked_after_going_on()
    {
        var asked = Drill.Compute(new(null, 7, 3, null, new([new("a", Look.Upstream), new("a", Look.Mark), new("b", Look.Thermometer)])));
        asked.Minutes.ShouldBe(15 + 3 + 2);
        asked.Next.ShouldBe("source");
        var gone = Drill.Compute(new(null, 7, 3, null, new(null, Drill.GoOn)));
        gone.Steps.Count.ShouldBe(1);
        gone.Debrief!.Ledger.ShouldBeEmpty();
        gone.Debrief.Passed.ShouldBe(gone.Debrief.Refuses);
    }

    [Theory]
    [InlineData(1, 0, 0)] // no contact, no credit
    [InlineData(0, 240, 0)] // no dose, no credit
    [InlineData(1, 240, 3.0)]
    public void A_chlorine_dioxide_tablet_by_hand(int tablets, int minutes, double atLeast)
    {
        // One litre, clear, 15 °C: 4 − 0.5 = 3.5 mg/L; Cryptosporidium 0.001506·1.09116^15·3.5·240 = 4.68 log.
        var situation = Situation.Of(new(UnitSystem.Metric, Ask.Water(1, Clarity.Clear, 15), "clo2-tablet", Chemical: Ask.InDateInShade));
        var credits = GivenDose.Credits((ChemicalBarrier)situation.Asked![0], situation.Water, situation.Setting, tablets, minutes);
        credits[3].Logs.ShouldBeGreaterThanOrEqualTo(atLeast);
        credits[3].Logs.ShouldBe(tablets * minutes / 240.0 * 4.68, 0.02);
        GivenDose.IsTooStrong((ChemicalBarrier)situation.Asked[0], situation.Water, situation.Setting, 3).ShouldBeTrue();
        GivenDose.IsTooStrong((ChemicalBarrier)situation.Asked[0], situation.Water, situation.Setting, 2).ShouldBeFalse();
    }
}
