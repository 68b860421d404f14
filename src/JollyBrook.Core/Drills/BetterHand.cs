using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Drills;

/// <summary>What a good hand does in a scene: the source, the treatment by Treat's own engine, and the litres to carry.</summary>
/// <param name="Source">The source drawn from; null where the right answer is to take none.</param>
/// <param name="Treatment">Treat's answer for it; null with it.</param>
/// <param name="Verdicts">What each source is judged, all being known.</param>
/// <param name="Carry">Litres to carry; null without a way ahead.</param>
internal sealed record BetterHand(
    SceneSource? Source,
    TreatResponse? Treatment,
    IReadOnlyDictionary<string, SourceVerdict> Verdicts,
    CarryNeed? Carry
)
{
    public bool Refuses => Source is null;

    /// <summary>The better hand of a scene, or null where the kit can't meet the target on any water that may be used.</summary>
    public static BetterHand? Of(Scene scene)
    {
        ArgumentNullException.ThrowIfNull(scene);
        var verdicts = scene.Sources.ToDictionary(s => s.Id, s => Judge(scene, s));
        var usable = scene.Sources.Where(s => verdicts[s.Id].Verdict != Verdict.DoNotUse).ToList();
        var carry = CarryNeed.Of(scene);
        if (usable.Count == 0)
        {
            return new BetterHand(null, null, verdicts, carry);
        }

        var best = usable
            .Select(s => (Source: s, Answer: Treat.Compute(scene.Ask(s))))
            .Where(s => s.Answer is { Outcome: TreatOutcome.Meets, DrinkableMinutes: not null })
            .OrderBy(s => verdicts[s.Source.Id].Verdict)
            .ThenBy(s => s.Source.MinutesAway + s.Answer.DrinkableMinutes!.Value > scene.MinutesLeft)
            .ThenBy(s => s.Source.MinutesAway + s.Answer.DrinkableMinutes!.Value)
            .FirstOrDefault();
        return best.Source is null ? null : new BetterHand(best.Source, best.Answer, verdicts, carry);
    }

    private static SourceVerdict Judge(Scene scene, SceneSource source) =>
        SourceJudge.Judge(
            source.Truth,
            FieldWater.Check(source.Water with { VolumeL = scene.VolumeL }, new Contract.Intake(Units.Speaker.Metric))
        );
}
