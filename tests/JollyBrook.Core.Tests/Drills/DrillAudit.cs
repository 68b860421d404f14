using JollyBrook.Core.Clearing;
using JollyBrook.Core.Drills;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Tests.Drills;

/// <summary>Holds a drill against Treat: it has an answer, and the answer is Treat's own.</summary>
internal static class DrillAudit
{
    /// <summary>The decisions of the better hand.</summary>
    public static DrillAnswers Best(double seed, int level, Skill? focus)
    {
        var (scene, better) = SceneMaker.Make(seed, level, focus);
        if (better.Source is not { } source)
        {
            return new DrillAnswers(Source: Drill.GoOn);
        }

        var treatment = better.Treatment!;
        return new DrillAnswers(
            [new(source.Id, Look.Upstream), new(source.Id, Look.Edges)],
            source.Id,
            treatment.Clearing!.Way switch
            {
                ClearingWay.Settle => ClearBy.Settle,
                ClearingWay.Flocculate => ClearBy.Flocculate,
                _ => ClearBy.Strain,
            },
            treatment.Method,
            treatment.Dose?.Units ?? treatment.Boil?.HoldMinutes ?? treatment.Lamp?.Cycles,
            treatment.Contact?.WaitMinutes,
            StoreBy.RinseThreads,
            scene.HasCarry ? better.Carry!.Litres : null
        );
    }

    /// <summary>What is wrong with a drill; null when nothing is.</summary>
    public static string? Fault(double seed, int level, Skill? focus)
    {
        var (scene, better) = SceneMaker.Make(seed, level, focus);
        foreach (var source in scene.Sources)
        {
            var stopped = better.Verdicts[source.Id].Verdict == Verdict.DoNotUse;
            var answer = Treat.Compute(scene.Ask(source));
            if (stopped != (answer.SourceVerdict == Verdict.DoNotUse) || (stopped && answer.Outcome != TreatOutcome.Refused))
            {
                return $"{source.Name} is judged otherwise by Treat";
            }
        }

        if (
            better.Refuses
                ? better.Verdicts.Values.Any(v => v.Verdict != Verdict.DoNotUse)
                : better.Treatment!.Outcome != TreatOutcome.Meets
        )
        {
            return "the reference neither meets the target nor rightly refuses";
        }

        if (
            !better.Refuses
            && Treat.Compute(scene.Ask(better.Source!, better.Treatment!.Method)) is var again
            && again.Headline != better.Treatment.Headline
        )
        {
            return "the reference's own way gives another answer";
        }

        var played = Drill.Compute(new(null, seed, level, focus, Best(seed, level, focus)));
        return played.Debrief is not { } debrief ? $"still open at {played.Next}"
            : !debrief.Passed
                ? "the better hand fails: "
                    + $"{string.Join("; ", debrief.Steps.Where(s => !s.Passed).Select(s => $"{s.Skill}: {s.Yours} / {s.Better} / {s.Why}"))}"
            : !better.Refuses && debrief.Ledger.Any(r => !r.Meets) ? "the better hand's ledger falls short"
            : debrief.Refuses != better.Refuses ? "refusal is told otherwise"
            : null;
    }
}
