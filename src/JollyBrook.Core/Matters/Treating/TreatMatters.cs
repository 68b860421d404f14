using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Matters.Treating;

/// <summary>What matters for one container of water: every open question of <see cref="TreatQuestions"/> tried by Treat itself.</summary>
internal static class TreatMatters
{
    /// <exception cref="BadInputException">Some field is out of its range.</exception>
    public static MattersResponse Of(TreatRequest request, IReadOnlySet<string> told)
    {
        var situation = Situation.Of(request);
        var standing = TreatStanding.Of(situation);
        var water = FieldWater.Check(request.Water, new Intake(situation.Setting.Say));
        // What is seen of the place works through the judgement alone: places judged alike are worked out once.
        Dictionary<(Verdict, bool, bool), TreatStanding> byJudgement = [];
        if (situation.Judged is { } now)
        {
            byJudgement.Add(Key(now), standing);
        }

        return Weighing.Of(TreatQuestions.OpenIn(situation, told), (question, answer) =>
        {
            var asked = answer.Put(request);
            return standing.To(
                question.IsOfThePlace ? OfPlace(asked, SourceJudge.Judge(asked.Source, water)) : Worked(asked, question.Moves)
            );
        });

        TreatStanding Worked(TreatRequest asked, Func<IBarrier, bool>? moves) => TreatStanding.Of(Situation.Of(asked, situation, moves));

        TreatStanding OfPlace(TreatRequest asked, SourceVerdict judged)
        {
            if (!byJudgement.TryGetValue(Key(judged), out var known))
            {
                byJudgement.Add(Key(judged), known = Worked(asked, moves: null));
            }

            return known;
        }
    }

    private static (Verdict Verdict, bool Viruses, bool Foul) Key(SourceVerdict judged) =>
        (judged.Verdict, judged.VirusesCountAnyway, judged.Foul);
}
