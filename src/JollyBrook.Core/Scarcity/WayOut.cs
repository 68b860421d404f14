using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Scarcity;

/// <summary>On, back or stay, compared by water at hand against need.</summary>
internal static class WayOut
{
    private const string ShortFormula = "P(short) = 1 − r₁ + Σ (rᵢ − rᵢ₊₁)·Π(1 − p₁…pᵢ);  r = Φ(ln(in hand/need)/σ)";

    /// <summary>
    /// All three, the one to take first: by how rarely 5 % of body mass is passed before water. Staying comes before walking only where the
    /// best way out passes 5 %, or where finding it dry is the greater danger.
    /// </summary>
    public static IReadOnlyList<WayOutAnswer> All(
        TriageRequest request,
        IReadOnlyList<WaterOnWay> waters,
        double inHand,
        WalkRate walk,
        Need need,
        Speaker say
    )
    {
        var walks = new[] { Walk(WayOutKind.On, waters, inHand, walk, need, say), Walk(WayOutKind.Back, waters, inHand, walk, need, say) }
            .OrderBy(w => w.ChanceTooFar)
            .ThenBy(w => w.NeedL ?? double.MaxValue)
            .ToList();
        var stay = Stay(request, inHand, need, say);
        var walkable =
            walks[0] is { ArrivePercent: <= BodyBuffer.SlowlyPercent } best
            && best.ChanceTooFar <= Math.Max(Standing.Accepted, stay.ChanceTooFar);
        return walkable ? [.. walks, stay] : [.. walks.Append(stay).OrderBy(w => w.ChanceTooFar).ThenBy(w => w.NeedL ?? double.MaxValue)];
    }

    /// <summary>
    /// The chance that the water in hand ends before a source that runs is reached. How much is lost on the way is log-normal and the same
    /// for the whole way; sources run independently.
    /// </summary>
    /// <param name="legs">Need to each source, L, rising, and the chance that it runs.</param>
    /// <param name="inHand">L.</param>
    /// <param name="deviation">Of the log of the need.</param>
    public static double ChanceShort(IReadOnlyList<(double NeedL, double Chance)> legs, double inHand, double deviation)
    {
        var reached = legs.Select(l => Reach(inHand, l.NeedL, deviation)).Append(0).ToList();
        var (shortOf, dry) = (1 - reached[0], 1.0);
        for (var i = 0; i < legs.Count; i++)
        {
            dry *= 1 - legs[i].Chance;
            shortOf += (reached[i] - reached[i + 1]) * dry;
        }

        return Math.Clamp(shortOf, 0, 1);
    }

    /// <summary>The chance that the water in hand lasts for a need known to within its deviation: Φ(ln(in hand/need)/σ).</summary>
    public static double Reach(double inHand, double needL, double deviation) =>
        needL <= 0 ? 1
        : inHand <= 0 ? 0
        : NormalBelow(Math.Log(inHand / needL) / deviation);

    public static void Explain(Working working, IReadOnlyList<WayOutAnswer> choices, double inHand, Need need)
    {
        foreach (var choice in choices.Where(c => c.NeedL is not null))
        {
            working.Add(
                $"{choice.Name}: chance of running short",
                ShortFormula,
                "Log-normal need as in handbook rooms 60 and 70; sources independent (pick)",
                WorkingValue.Of("P", choice.ChanceShort),
                WorkingValue.Of("in hand", inHand, "L"),
                WorkingValue.Of("need to the water walked to", choice.NeedL!.Value, "L"),
                WorkingValue.Of("hours", choice.Hours!.Value, "h"),
                WorkingValue.Of("σ", need.Deviation)
            );
        }
    }

    private static WayOutAnswer Walk(
        WayOutKind kind,
        IReadOnlyList<WaterOnWay> waters,
        double inHand,
        WalkRate walk,
        Need need,
        Speaker say
    )
    {
        var direction = kind == WayOutKind.On ? Direction.Ahead : Direction.Behind;
        // A slower pace than now takes so much longer, and asks for so much more, on any ground.
        var (longer, more) = (need.SpeedKmH / walk.SpeedKmH, need.SpeedKmH / walk.SpeedKmH * walk.LPerH / need.NowLPerH);
        var sources = waters
            .Where(w => w.Direction == direction)
            .OrderBy(w => w.Hours)
            // Of two as near the one that likelier runs comes first, in whatever order they were told.
            .ThenByDescending(w => w.Chance)
            .Select(w =>
            {
                var (hours, needed) = (w.Hours * longer, w.NeedL * more);
                var left = inHand - needed;
                var name = string.IsNullOrWhiteSpace(w.Name) ? (kind == WayOutKind.On ? "the next water" : "the last water") : w.Name;
                return (
                    Needed: needed,
                    On: new SourceOnWay(
                        Name: name,
                        DistanceKm: w.DistanceKm,
                        Hours: hours,
                        Chance: w.Chance,
                        LeftL: left,
                        ReachChance: Reach(inHand, needed, need.Deviation),
                        Words: $"{Sentence.Capital(name)}: {say.Of(Quantity.Distance, w.DistanceKm)}, {Speaker.Minutes(hours * 60)}, "
                            + $"runs {SourceReliability.Percent(w.Chance)} % · {Left(left, say)}"
                    )
                );
            })
            .ToList();
        var title = kind == WayOutKind.On ? "On to the next water" : "Back to the last water";
        if (sources.Count == 0)
        {
            return WithoutFigure(kind, title, kind == WayOutKind.On ? "No water is known ahead." : "No water is known behind.");
        }

        var legs = sources.Select(s => (s.Needed, s.On.Chance)).ToList();
        var shortOf = ChanceShort(legs, inHand, need.Deviation);
        var tooFar = ChanceShort(legs, WithBuffer(inHand, need), need.Deviation);
        // Nobody is sent to a water that was found dry because it is the nearest; one untold counts as even.
        var towards = sources.Find(s => s.On.Chance >= PromisedWalk.Likely) is { On: not null } likely ? likely : sources[0];
        var arrive = need.Buffer.PercentAfter(towards.Needed, inHand);
        var unlikely = towards.On.Chance < PromisedWalk.Likely ? " More likely dry." : "";
        return new WayOutAnswer(
            Kind: kind,
            Name: title,
            ChanceShort: shortOf,
            Hours: towards.On.Hours,
            NeedL: towards.Needed,
            LeftL: towards.On.LeftL,
            ArrivePercent: arrive,
            ChanceTooFar: tooFar,
            Sources: [.. sources.Select(s => s.On)],
            Words: $"{Sentence.Capital(towards.On.Name)} needs {say.Of(Quantity.Volume, towards.Needed)}: "
                + $"{Left(towards.On.LeftL, say)}.{unlikely} {Arriving(arrive)} Runs short with {Percent(shortOf)} "
                + $"%, too far with {Percent(tooFar)} %.",
            Towards: towards.On
        );
    }

    /// <summary>A way of which nothing can be reckoned: it counts as the worst.</summary>
    private static WayOutAnswer WithoutFigure(WayOutKind kind, string name, string words) =>
        new(
            Kind: kind,
            Name: name,
            ChanceShort: 1,
            Hours: null,
            NeedL: null,
            LeftL: null,
            ArrivePercent: null,
            ChanceTooFar: 1,
            Sources: [],
            Words: words
        );

    private static WayOutAnswer Stay(TriageRequest request, double inHand, Need need, Speaker say)
    {
        const string title = "Stay in the shade for help";
        if (request.HelpHours is not { } hours || request.NoHelp == true)
        {
            return WithoutFigure(
                WayOutKind.Stay,
                title,
                $"No help is known to come; at rest the water lasts {Speaker.Minutes(Math.Floor(inHand / need.RestLPerH * 60))}."
            );
        }

        var needed = hours * need.RestLPerH;
        var shortOf = 1 - Reach(inHand, needed, need.Deviation);
        var tooFar = 1 - Reach(WithBuffer(inHand, need), needed, need.Deviation);
        var arrive = need.Buffer.PercentAfter(needed, inHand);
        return new WayOutAnswer(
            Kind: WayOutKind.Stay,
            Name: title,
            ChanceShort: shortOf,
            Hours: hours,
            NeedL: needed,
            LeftL: inHand - needed,
            ArrivePercent: arrive,
            ChanceTooFar: tooFar,
            Sources: [],
            Words: $"Help in {Speaker.Minutes(hours * 60)} needs {say.Of(Quantity.Volume, needed)}: "
                + $"{Left(inHand - needed, say)}. {Arriving(arrive)} Runs short with {Percent(shortOf)} %."
        );
    }

    /// <summary>What is in hand, and what the body can be short of before 5 %, L.</summary>
    private static double WithBuffer(double inHand, Need need) => inHand + need.Buffer.LitresTo(BodyBuffer.SlowlyPercent);

    private static string Arriving(double percent)
    {
        var means = percent switch
        {
            <= BodyBuffer.WellPercent => "",
            <= BodyBuffer.SlowlyPercent => ": walking slowly",
            < BodyBuffer.DangerPercent => ": too far",
            _ => ": danger",
        };
        return $"About {Speaker.Number(percent, 1)} % of body mass short by then{means}.";
    }

    private static string Left(double litres, Speaker say) =>
        litres >= 0 ? $"{say.Of(Quantity.Volume, litres)} left" : $"short by {say.Of(Quantity.Volume, -litres)}";

    /// <summary>Whole per cent, never rounded down: a chance of harm.</summary>
    public static string Percent(double chance) => Speaker.Number(Math.Ceiling((chance * 100) - 1e-9), 0);

    /// <summary>The standard normal's distribution by Abramowitz and Stegun 7.1.26, to 1.5e-7; the framework has none.</summary>
    private static double NormalBelow(double z)
    {
        var x = Math.Abs(z) / Math.Sqrt(2);
        var t = 1 / (1 + (0.3275911 * x));
        var erf =
            1
            - (
                (((((((((1.061405429 * t) - 1.453152027) * t) + 1.421413741) * t) - 0.284496736) * t) + 0.254829592) * t) * Math.Exp(-x * x)
            );
        return z < 0 ? (1 - erf) / 2 : (1 + erf) / 2;
    }
}
