using JollyBrook.Core.Contract;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Sources;

/// <summary>Whether to use a source at all. Looks never make water safe: every verdict but "do not use" still asks for treatment.</summary>
/// <remarks>Handbook room 10. Which signs together make a last resort is a pick: foul things in water that does not move, or three cares.</remarks>
public static class SourceJudge
{
    /// <summary>Conductivity in µS/cm that raises the salt flag: about 1 g of dissolved salts in a litre (pick).</summary>
    public const double SaltFromUsCm = 1500;

    private const int CaresToLastResort = 3;

    /// <summary>Judges a source as told, with the water in it.</summary>
    public static SourceVerdict Judge(SourceInput? told, FieldWater water)
    {
        ArgumentNullException.ThrowIfNull(water);
        var source = told ?? new SourceInput(null, null, null, null, null);
        var signs = (source.Seen ?? []).Distinct().Select(SourceSigns.Of).ToList();
        if (source.ConductivityUsCm >= SaltFromUsCm && signs.All(s => s.Seen != Sighting.Salt))
        {
            signs.Add(SourceSigns.Of(Sighting.Salt));
        }

        var reasons = signs.Select(s => new VerdictReason(
            ContractName.Of(s.Seen), s.Weight.ToString().ToLowerInvariant(), s.Reason, s.Change)).ToList();
        reasons.AddRange(OfPlace(source));
        reasons.AddRange(OfWater(water));
        var foulSigns = signs.Any(s => s.Seen is Sighting.Carcass or Sighting.Stock or Sighting.CampOrToilet);
        var standing = source.Flow is SourceFlow.Stagnant && !SourceKinds.IsCaught(source.Kind);
        var cares = reasons.Count(r => r.Weight == "care");
        var verdict = reasons.Any(r => r.Weight == "stop") ? Verdict.DoNotUse
            : (standing && foulSigns) || cares >= CaresToLastResort ? Verdict.LastResort
            : reasons.Any(r => r.Weight is "care" or "unknown") ? Verdict.UseWithCare
            : Verdict.Use;
        return new SourceVerdict(
            verdict,
            [.. reasons.OrderBy(r => Rank(r.Weight))],
            signs.Any(s => s.Seen is Sighting.CampOrToilet or Sighting.Stock),
            foulSigns || standing);
    }

    private static IEnumerable<VerdictReason> OfPlace(SourceInput source)
    {
        if (source.Kind == SourceKind.FromPlants)
        {
            yield return new("from-plants", "care", "Off leaves, grass or stems: it carries what was on them.", "Only plants you can name, never sprayed; strain and treat it.");
        }

        if (source.Kind == SourceKind.Spring)
        {
            yield return new("spring", "good", "A spring head: the ground has held much back, not all.", "");
        }

        if (SourceKinds.IsCaught(source.Kind))
        {
            yield break;
        }

        switch (source.Flow)
        {
            case SourceFlow.Stagnant:
                yield return new("stagnant", "care", "Stagnant.", "Find where it moves, or a spring.");
                break;
            case SourceFlow.Flowing:
                yield return new("flowing", "good", "It flows.", "");
                break;
            case null or SourceFlow.Unknown:
                yield return new("flow-unknown", "unknown", "Flow not known: counted as standing.", "See whether a leaf drifts on it.");
                break;
        }

        if (source.RainLastDay == YesNo.Yes)
        {
            yield return new("rain", "care", "Heavy rain or melt in the last day: it has washed the ground into the water.", "Wait a day, or draw from a spring.");
        }
        else if (source.RainLastDay is null or YesNo.Unknown)
        {
            yield return new("rain-unknown", "unknown", "Rain in the last day not known: counted as rained.", "Look for fresh mud and debris along the edge.");
        }

        if (source.UpstreamWalked != YesNo.Yes && source.Kind is SourceKind.Stream or SourceKind.River or SourceKind.Unknown or null)
        {
            yield return new("upstream-not-walked", "unknown", "Nobody has looked upstream: counted as something there.",
                "Walk 100 to 200 m up and round the next bend: carcass, stock, camp, inflow?");
        }

        if (source.Kind is null or SourceKind.Unknown)
        {
            yield return new("kind-unknown", "unknown", "Kind of source not known.", "Say what it is.");
        }
    }

    private static IEnumerable<VerdictReason> OfWater(FieldWater water)
    {
        if (water.Given.Colour == WaterColour.Tea)
        {
            yield return new("tea", "care", "Like tea: leaf and peat use up disinfectant.", "Take a clearer inflow, or boil.");
        }

        if (water.Given.Colour == WaterColour.Green)
        {
            yield return new("green", "care", "Green with algae. Look for scum, streaks like paint, pea-soup: then leave it.", "Draw below the surface, away from the shore.");
        }

        if (water.TemperatureKnown && water.TemperatureC < VeryColdC)
        {
            yield return new("very-cold", "care", "Very cold: chemicals work slowly and filters run slowly.", "Let it stand in the sun, or carry it under the coat.");
        }
    }

    private const double VeryColdC = 5;

    private static int Rank(string weight) => weight switch { "stop" => 0, "care" => 1, "unknown" => 2, _ => 3 };
}
