using JollyBrook.Core.Contract;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Matters.Shortage;

using Answer = PossibleAnswer<TriageRequest>;
using Question = Question<TriageRequest>;

/// <summary>What matters where water is short: which of the things nobody has said could send a party another way.</summary>
internal static class TriageMatters
{
    /// <summary>When help could be there, h: soon, within the day, the day after (pick).</summary>
    private static readonly double[] HelpHours = [1, 3, 8, 24];

    /// <exception cref="BadInputException">Some field is out of its range.</exception>
    public static MattersResponse Of(TriageRequest request, IReadOnlySet<string> told)
    {
        var standing = TriageStanding.Of(request);
        return Weighing.Of(OpenIn(request).Where(q => !told.Contains(q.Field)), (_, answer) =>
            standing.To(TriageStanding.Of(answer.Put(request)))
        );
    }

    private static IEnumerable<Question> OpenIn(TriageRequest request)
    {
        if (request.Signs is null or BodySigns.Unknown)
        {
            yield return new(
                "signs",
                "Look at everyone: dizzy, confused, fast pulse, no urine for 8 h?",
                "1 % of body mass short already",
                [
                    new(ContractName.Of(BodySigns.None), null, "No sign", r => r with { Signs = BodySigns.None }),
                    new(ContractName.Of(BodySigns.Thirsty), null, "Thirsty, dark urine", r => r with { Signs = BodySigns.Thirsty }),
                    new(ContractName.Of(BodySigns.Grave), null, "Grave signs", r => r with { Signs = BodySigns.Grave }),
                ],
                IsAlwaysAsked: true
            );
        }

        if (request.HelpHours is null && request.NoHelp != true)
        {
            yield return new(
                "helpHours",
                "Find out when help could be here",
                "not coming",
                [
                    .. HelpHours.Select(h => new Answer(Speaker.Number(h, 0), h, $"In {Speaker.Number(h, 0)} h", r =>
                        r with
                        {
                            HelpHours = h,
                        }
                    )),
                    new("none", null, "None is coming", r => r with { NoHelp = true }),
                ]
            );
        }

        if (request.WaterHere is null)
        {
            yield return new(
                "waterHere",
                "Is there water of any kind here?",
                "none",
                [new("true", null, "Yes", r => r with { WaterHere = true }), new("false", null, "No", r => r with { WaterHere = false })]
            );
        }

        if (request.WaterHere == true && request.Means is null or Means.Unknown)
        {
            yield return new(
                "means",
                "Say what there is to treat it with",
                "not reaching the target",
                [
                    .. new[] { Means.Full, Means.Weak, Means.None }.Select(m => new Answer(ContractName.Of(m), null, MeansName(m), r =>
                        r with
                        {
                            Means = m,
                        }
                    )),
                ]
            );
        }

        var sources = request.Sources ?? [];
        for (var i = 0; i < sources.Count; i++)
        {
            var at = i;
            if (sources[i] is { Chance: null, DoNotUse: not true } source)
            {
                yield return new(
                    $"sources.{i}.chance",
                    $"Find out whether {source.Name ?? "the next water"} runs",
                    $"runs with {Speaker.Number(Triage.UntoldChance * 100, 0)} %",
                    [new("flowing", 1, "Running", r => With(r, at, 1)), new("dry", 0, "Dry", r => With(r, at, 0))]
                );
            }
        }
    }

    private static TriageRequest With(TriageRequest request, int at, double chance) =>
        request with
        {
            Sources = [.. request.Sources!.Select((s, i) => i == at ? s with { Chance = chance } : s)],
        };

    private static string MeansName(Means means) =>
        means switch
        {
            Means.Full => "Something that reaches the target",
            Means.Weak => "Something that falls short",
            _ => "Nothing",
        };

    /// <summary>What the triage shows as certain.</summary>
    private sealed record TriageStanding(int Stage, WayOutKind Best, bool CallForHelp, Verdict? Here, string Headline, string Action)
    {
        public static TriageStanding Of(TriageRequest request)
        {
            var answer = Triage.Compute(request);
            return new TriageStanding(answer.Stage, answer.Best, answer.CallForHelp, answer.HereVerdict, answer.Headline, answer.Action);
        }

        public Stake To(TriageStanding then)
        {
            if (then.Best != Best)
            {
                return new Stake(StakeKind.Verdict, then.Stage > Stage, 1 + Math.Abs(then.Stage - Stage), $"{then.Action}");
            }

            if (then.CallForHelp != CallForHelp)
            {
                return new Stake(StakeKind.Outcome, then.CallForHelp, 1, then.CallForHelp ? "Call for help." : "No call is needed yet.");
            }

            return then.Stage != Stage || then.Here != Here || then.Action != Action || then.Headline != Headline
                ? new Stake(
                    StakeKind.Way,
                    then.Stage > Stage,
                    Math.Abs(then.Stage - Stage),
                    then.Action != Action ? then.Action : then.Headline
                )
                : Stake.Nothing;
        }
    }
}
