using JollyBrook.Core.Contract;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Matters.Packed;

using Answer = PossibleAnswer<KitCheckRequest>;
using Question = Question<KitCheckRequest>;

/// <summary>
/// What matters for a kit against a trip: which of the things neither told nor planned could turn one of the seven findings.
/// </summary>
internal static class KitMatters
{
    /// <exception cref="BadInputException">Some field is out of its range.</exception>
    public static MattersResponse Of(KitCheckRequest request, IReadOnlySet<string> told)
    {
        var findings = CheckKit.Compute(request).Findings;
        return Weighing.Of(OpenIn(request).Where(q => !told.Contains(q.Field)), (_, answer) =>
            Change(findings, CheckKit.Compute(answer.Put(request)).Findings)
        );
    }

    private static IEnumerable<Question> OpenIn(KitCheckRequest request)
    {
        // A plan tells what its places and days are like.
        if (request.Plan is not null)
        {
            yield break;
        }

        var (trip, say) = (request.Trip ?? new KitTrip(), Speaker.For(request.Units));
        if (trip.WorstClarity is null or Clarity.Unknown)
        {
            yield return Choice(
                "trip.worstClarity",
                "How cloudy is the worst water?",
                "water.clarity",
                [Clarity.Clear, Clarity.SlightlyCloudy, Clarity.Cloudy, Clarity.Muddy],
                (t, clarity) => t with { WorstClarity = clarity }
            );
        }

        if (trip.Colour is null or WaterColour.Unknown)
        {
            yield return Choice(
                "trip.colour",
                "What colour is it?",
                "water.colour",
                [WaterColour.None, WaterColour.Tea, WaterColour.Green],
                (t, colour) => t with { Colour = colour }
            );
        }

        if (trip.ColdestWaterC is null)
        {
            yield return Number(
                "trip.coldestWaterC",
                "How cold is the coldest water?",
                Quantity.Temperature,
                [0, 2, 5, 10, 15],
                say,
                (t, c) => t with { ColdestWaterC = c }
            );
        }

        if (trip.HighestM is null)
        {
            yield return Number("trip.highestM", "How high is water treated?", Quantity.Elevation, [0, 1000, 2500, 4500], say, (t, m) =>
                t with
                {
                    HighestM = m,
                }
            );
        }

        if (trip.ColdestAirC is null)
        {
            yield return Number(
                "trip.coldestAirC",
                "How cold is the coldest night?",
                Quantity.Temperature,
                [-15, -5, 0, 5, 15],
                say,
                (t, c) => t with { ColdestAirC = c }
            );
        }
    }

    private static Stake Change(IReadOnlyList<KitFinding> now, IReadOnlyList<KitFinding> then)
    {
        // What is not known counts as failing.
        var turned = now.Zip(then).Where(p => (p.First.State == FindingState.Holds) != (p.Second.State == FindingState.Holds)).ToList();
        if (turned.Count == 0)
        {
            return Stake.Nothing;
        }

        // A finding that holds only because nothing treats may fall where another comes to hold: worse is what leaves more failing.
        var (fall, rise) = (
            turned.Where(p => p.Second.State != FindingState.Holds).ToList(),
            turned.Where(p => p.Second.State == FindingState.Holds).ToList()
        );
        var isWorse = fall.Count > rise.Count;
        var said = (isWorse || rise.Count == 0 ? fall : rise)[0].Second;
        return new Stake(
            StakeKind.Outcome,
            isWorse,
            turned.Count,
            $"{said.Number} · {said.Title}: {(said.State == FindingState.Holds ? "holds" : "fails")}."
        );
    }

    private static KitCheckRequest With(KitCheckRequest request, Func<KitTrip, KitTrip> put) =>
        request with
        {
            Trip = put(request.Trip ?? new KitTrip()),
        };

    private static Question Choice<T>(string field, string ask, string named, T[] plausible, Func<KitTrip, T, KitTrip> put)
        where T : struct, Enum =>
        new(
            field,
            ask,
            "not known",
            [
                .. plausible.Select(p => new Answer(ContractName.Of(p), null, AnswerNames.Of(named, ContractName.Of(p)), r =>
                    With(r, t => put(t, p))
                )),
            ]
        );

    private static Question Number(
        string field,
        string ask,
        Quantity quantity,
        double[] plausible,
        Speaker say,
        Func<KitTrip, double, KitTrip> put
    ) =>
        new(
            field,
            ask,
            "not known",
            [.. plausible.Select(p => new Answer(Speaker.Number(p, 1), p, say.Of(quantity, p), r => With(r, t => put(t, p))))]
        );
}
