using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Scarcity;

/// <summary>States a party may stand in with water, and what must hold in all of them.</summary>
internal static class TriageCases
{
    private static readonly Gen<NearSource> Near =
        from direction in Gen.Enum<Direction>()
        from km in Gen.Double[0, 40]
        from chance in Gen.Frequency((4, Gen.Double[0, 1].Select(c => (double?)c)), (1, Gen.Const((double?)null)))
        from tainted in Gen.Frequency((5, Gen.Const(false)), (1, Gen.Const(true)))
        select new NearSource("W", direction, km, chance, DoNotUse: tainted);

    private static readonly Gen<SourceInput> Seen =
        from kind in Gen.Enum<SourceKind>()
        from flow in Gen.Enum<SourceFlow>()
        from seen in Gen.Enum<Sighting>().Array[0, 3]
        from salt in Gen.Frequency((5, Gen.Const((double?)null)), (1, Gen.Double[0, 60000].Select(c => (double?)c)))
        select new SourceInput(kind, flow, seen, YesNo.Unknown, YesNo.Unknown, salt);

    public static readonly Gen<TriageRequest> State =
        from litres in Gen.Double[0, 8]
        from need in Gen.Double[0.1, 3]
        from sources in Near.Array[0, 5]
        from help in Gen.Frequency((2, Gen.Const((double?)null)), (3, Gen.Double[0, 72].Select(h => (double?)h)))
        from noHelp in Gen.Bool
        from here in Gen.Bool
        from seen in Seen
        from means in Gen.Enum<Means>()
        from signs in Gen.Enum<BodySigns>()
        from air in Gen.Double[-20, 44]
        select new TriageRequest(
            UnitSystem.Metric,
            litres,
            need,
            2,
            Sources: sources,
            HelpHours: help,
            NoHelp: noHelp,
            WaterHere: here,
            Here: seen,
            HereWater: new WaterInput(null, Clarity.Cloudy, WaterColour.Green, null, null),
            Means: means,
            Signs: signs,
            Effort: new Effort(TemperatureC: air)
        );

    /// <summary>What is calmer with less water; null when nothing is.</summary>
    public static string? Calmer(TriageRequest more, TriageRequest less)
    {
        var (rich, poor) = (Triage.Compute(more), Triage.Compute(less));
        if (poor.Stage < rich.Stage || (rich.CallForHelp && !poor.CallForHelp))
        {
            return $"stage {poor.Stage} with {less.InHandL} L, {rich.Stage} with {more.InHandL}";
        }

        return Enum.GetValues<WayOutKind>()
            .Where(kind =>
                poor.Choices.Single(c => c.Kind == kind).ChanceShort < rich.Choices.Single(c => c.Kind == kind).ChanceShort - 1e-12
                || poor.Choices.Single(c => c.Kind == kind).ChanceTooFar < rich.Choices.Single(c => c.Kind == kind).ChanceTooFar - 1e-12
            )
            .Select(kind => $"{kind} is surer with less")
            .FirstOrDefault();
    }

    /// <summary>What is advised that is never drunk; null when nothing is.</summary>
    public static string? NeverAdvised(TriageRequest state)
    {
        var at = Triage.Compute(state);
        var words = Words(at);
        if (
            at.HereVerdict == Verdict.DoNotUse
            && (
                at.Stage > 3
                || at.HereStops.Count == 0
                || words.Contains("Drink the best source here", StringComparison.Ordinal)
                || at.Action.Contains("here,", StringComparison.Ordinal)
            )
        )
        {
            return $"Water not to be used is advised at stage {at.Stage}";
        }

        if (words.Contains("untreated", StringComparison.Ordinal) != (at.Stage == 5))
        {
            return $"Untreated is spoken of at stage {at.Stage}";
        }

        if (
            at.Stage == 5
            && !(words.Contains("see a clinician", StringComparison.Ordinal) && state.Means == Means.None && state.Signs == BodySigns.Grave)
        )
        {
            return "The last stage opened too soon";
        }

        return at.Never.Count == 5 && at.Choices.SelectMany(c => c.Sources).Count() == state.Sources!.Count(s => s.DoNotUse != true)
            ? null
            : "A source or a never is left out";
    }

    private static string Words(TriageResponse at) =>
        string.Join(
            '\n',
            [
                at.Headline,
                at.Action,
                .. at.Choices.Select(c => c.Words),
                .. at.Stages.SelectMany(s => s.Actions.Concat(s.Figures).Append(s.Name)),
                .. at.Cautions.Select(c => c.Message),
            ]
        );
}
