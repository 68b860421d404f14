using JollyBrook.Core.Body.Sips;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Packing.Ways;

/// <summary>A way of carrying, scored for an outing.</summary>
/// <param name="Kind">Which.</param>
/// <param name="Name">Its name.</param>
/// <param name="Score">0 to 100.</param>
/// <param name="CapacityL">Most one walker carries so, L.</param>
/// <param name="Good">What speaks for it here.</param>
/// <param name="Bad">What speaks against it here.</param>
public sealed record ScoredWay(
    CarryWayKind Kind,
    string Name,
    double Score,
    double CapacityL,
    IReadOnlyList<string> Good,
    IReadOnlyList<string> Bad
);

/// <summary>Ways of carrying for an outing.</summary>
/// <param name="Headline">What to take, in a line.</param>
/// <param name="BetweenL">Most that one walker has to carry at once, L.</param>
/// <param name="Kinds">The ways to take.</param>
/// <param name="Containers">What that is for the whole party, with the camp's bags that there are.</param>
/// <param name="Why">Why, a line each.</param>
/// <param name="Ways">All of them, the best first.</param>
public sealed record CarryWaysResponse(
    string Headline,
    double BetweenL,
    IReadOnlyList<CarryWayKind> Kinds,
    IReadOnlyList<CarriedContainer> Containers,
    IReadOnlyList<string> Why,
    IReadOnlyList<ScoredWay> Ways
);

/// <summary>
/// The calculation "carry-ways": hand, belt, vest, bladder or pack, by the litres between refills, free hands, slosh, heat, frost, seeing
/// the level, refilling and squeezing (handbook room 70).
/// </summary>
public static class CarryWays
{
    private const double HotC = 25;
    private const double ColdC = 0;
    private const double Telling = 0.35;

    /// <summary>What is left of the score of what sits where the pack sits (pick).</summary>
    private const double WithPack = 0.5;

    /// <summary>What each further vessel costs in score: one more thing to fill, close and find (pick).</summary>
    private const double MoreToFill = 0.05;

    /// <summary>What holds so much is a camp's bag, and stays whatever is drunk from on the way, L (pick).</summary>
    private const double BagL = 4;

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => Plan.Fields;

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static CarryWaysResponse Compute(PlanRequest request)
    {
        PlanSetup.Check(request);
        var (outing, say) = (Outing.Of(request), Speaker.For(request.Units));
        var weights = Weights(outing);
        var best = Sets(outing).MaxBy(set => Fit(set, outing, weights))!;
        var vessels = Vessels(best, outing.BetweenL);
        return new CarryWaysResponse(
            Headline(best, vessels, outing, say),
            outing.BetweenL,
            [.. vessels.Select(v => v.Way.Kind)],
            [.. ForParty(request, vessels)],
            [.. Why(vessels, outing, say)],
            [.. CarryWay.All.Select(w => Score(w, outing, weights, say)).OrderByDescending(w => w.Score)]
        );
    }

    private readonly record struct Weighted(double Weight, Func<WayTraits, double> Trait, string Good, string Bad);

    /// <summary>What counts on this outing, and how much (pick).</summary>
    private static Weighted[] Weights(Outing outing) =>
        [
            new(
                outing.IsRun ? 3 : 2,
                t => t.HandsFree,
                "Hands free, a sip without stopping",
                outing.IsRun ? "A full hand all the way" : "Out of reach, or a hand full"
            ),
            new(outing.IsRun ? 3 : 0.5, t => t.Steady, "Does not slosh", outing.IsRun ? "Sloshes and pulls at a run" : "Sloshes half full"),
            new(outing.HighC >= HotC ? 2 : 0.3, t => t.Cool, "No further layer in the heat", "One more layer on the back in the heat"),
            new(0.7, t => t.SeesLevel, "The level is seen", "The level is not seen: drink by the clock"),
            new(
                0.5 + Math.Min(2, outing.Fills / 2.0),
                t => t.Refills,
                "Quickly filled again with treated water",
                "Slow to fill again: the pack has to come apart"
            ),
            new(outing.Squeezes ? 1.5 : 0, t => t.Squeezes, "Can be squeezed through the filter", "Cannot be squeezed through the filter"),
            new(outing.LowC < ColdC ? 3 : 0, t => t.FrostProof, "Does not freeze shut soon", "Freezes shut"),
        ];

    private static double Value(CarryWay way, Weighted[] weights) =>
        weights.Sum(w => w.Weight * w.Trait(way.Traits)) / weights.Sum(w => w.Weight);

    /// <summary>One way alone, or two together.</summary>
    private static IEnumerable<IReadOnlyList<CarryWay>> Sets(Outing outing)
    {
        var may = CarryWay.All.Where(w => !outing.HasPack || w.GoesWithPack).ToList();
        return may.SelectMany((one, i) => may.Skip(i + 1).Select(two => (IReadOnlyList<CarryWay>)[one, two]).Prepend([one]));
    }

    /// <summary>
    /// How well a set fits: what room there is for what has to be carried outweighs all else; then each way by the litres it holds, with
    /// what is at hand before what is in the pack.
    /// </summary>
    private static double Fit(IReadOnlyList<CarryWay> set, Outing outing, Weighted[] weights)
    {
        var missing = Math.Max(0, outing.BetweenL - set.Sum(CapacityL));
        var vessels = Vessels(set, outing.BetweenL);
        var litres = vessels.Sum(v => v.Way.VesselL * v.Count);
        return vessels.Sum(v => Value(v.Way, weights) * v.Way.VesselL * v.Count / litres)
            - (MoreToFill * (vessels.Sum(v => v.Count) - 1))
            - (missing > 1e-6 ? 10 + missing : 0);
    }

    private static double CapacityL(CarryWay way) => way.VesselL * way.Most;

    /// <summary>As many of each as are needed, the way that drinks on the go first; at least one of the first.</summary>
    private static List<(CarryWay Way, int Count)> Vessels(IReadOnlyList<CarryWay> set, double litres)
    {
        List<(CarryWay, int)> vessels = [];
        var left = litres;
        foreach (var way in set.OrderByDescending(w => w.Traits.HandsFree).ThenBy(w => w.VesselL))
        {
            var count = Math.Min(way.Most, (int)Math.Ceiling((left / way.VesselL) - 1e-9));
            count = vessels.Count == 0 ? Math.Max(1, count) : count;
            if (count > 0)
            {
                vessels.Add((way, count));
                left -= count * way.VesselL;
            }
        }

        return vessels;
    }

    private static string Headline(IReadOnlyList<CarryWay> set, List<(CarryWay Way, int Count)> vessels, Outing outing, Speaker say)
    {
        var names = string.Join(
            " and ",
            vessels.Select(v =>
                $"{Sentence.Lower(v.Way.Name)} ({(v.Count == 1 ? "" : $"{v.Count} × ")}{say.Of(Quantity.Volume, v.Way.VesselL)})"
            )
        );
        return set.Sum(CapacityL) >= outing.BetweenL - 1e-6
            ? Sentence.Capital(names)
            : $"{Sentence.Capital(names)}, and {say.Of(Quantity.Volume, outing.BetweenL - set.Sum(CapacityL))} "
                + "more of bags: no way of carrying holds it all";
    }

    private static IEnumerable<CarriedContainer> ForParty(PlanRequest request, List<(CarryWay Way, int Count)> vessels)
    {
        var walkers = request.Walkers is { Count: > 0 } given ? given.Select(w => w.Walker.Name) : [null];
        var bags = (request.Route!.Containers ?? []).Where(c => c.VolumeL >= BagL || c.Role == Water.ContainerRole.Dirty);
        return walkers
            .SelectMany(name =>
                vessels.SelectMany(v =>
                    Enumerable.Repeat(new CarriedContainer(v.Way.Vessel, v.Way.VesselL, MassKg: v.Way.VesselKg, Walker: name), v.Count)
                )
            )
            .Concat(bags);
    }

    private static IEnumerable<string> Why(List<(CarryWay Way, int Count)> vessels, Outing outing, Speaker say)
    {
        var room = vessels.Sum(v => v.Way.VesselL * v.Count);
        yield return $"{say.Of(Quantity.Volume, PlanStops.UpToCup(outing.BetweenL))} is the most that one of "
            + $"you carries at once; this holds {say.Of(Quantity.Volume, room)}.";
        if (vessels.Exists(v => v.Way.Traits.SeesLevel < Telling))
        {
            var sip = Sip.Of(outing.LPerH);
            yield return $"The bladder does not show what is left: about {say.Of(Quantity.Volume, sip.Litres)} every "
                + $"{Speaker.Minutes(sip.EveryMinutes)} is what the plan counts on, and {say.Of(Quantity.Volume, 2)} "
                + $"last {Speaker.Minutes(2 / outing.LPerH * 60)}.";
        }
    }

    private static ScoredWay Score(CarryWay way, Outing outing, Weighted[] weights, Speaker say)
    {
        var counted = weights.Where(w => w.Weight >= 0.7).OrderByDescending(w => w.Weight).ToList();
        var capacity = CapacityL(way);
        List<string> bad = [.. counted.Where(w => w.Trait(way.Traits) <= Telling).Select(w => w.Bad)];
        if (capacity < outing.BetweenL - 1e-6)
        {
            bad.Insert(0, $"Holds {say.Of(Quantity.Volume, capacity)}: not enough alone");
        }

        if (outing.HasPack && !way.GoesWithPack)
        {
            bad.Insert(0, "Does not go with a full pack");
        }

        var fits = Math.Min(1, capacity / Math.Max(0.1, outing.BetweenL)) * (outing.HasPack && !way.GoesWithPack ? WithPack : 1);
        return new ScoredWay(
            way.Kind,
            way.Name,
            Math.Round(100 * fits * Value(way, weights)),
            capacity,
            [.. counted.Where(w => w.Trait(way.Traits) >= 1 - Telling).Select(w => w.Good)],
            bad
        );
    }
}
