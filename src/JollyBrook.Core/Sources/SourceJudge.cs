using JollyBrook.Core.Contract;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Sources;

/// <summary>Whether to use a source at all. Looks never make water safe: every verdict but "do not use" still asks for treatment.</summary>
/// <remarks>Handbook room 10. Which signs together make a last resort is a pick: foul things in water that does not move, or three
/// cares.</remarks>
public static class SourceJudge
{
    /// <summary>Conductivity in µS/cm that raises the salt flag: about 1 g of dissolved salts in a litre (pick).</summary>
    public const double SaltFromUsCm = 1500;

    /// <summary>The one care that says nothing about how clean the water is.</summary>
    public const string VeryColdCode = "very-cold";

    private const int CaresToLastResort = 3;
    private const double VeryColdC = 5;

    /// <summary>Judges a source as told, with the water in it.</summary>
    public static SourceVerdict Judge(SourceInput? told, FieldWater water)
    {
        ArgumentNullException.ThrowIfNull(water);
        var source = told ?? new SourceInput(null, null, null, null, null);
        var counted = new CountedSource(source);
        var signs = (source.Seen ?? []).Distinct().Select(SourceSigns.Of).ToList();
        if (source.ConductivityUsCm >= SaltFromUsCm && signs.All(s => s.Seen != Sighting.Salt))
        {
            signs.Add(SourceSigns.Of(Sighting.Salt));
        }

        var reasons = signs.Select(s => new VerdictReason(ContractName.Of(s.Seen), s.Weight, s.Reason, s.Change)).ToList();
        reasons.AddRange(OfPlace(source, counted));
        reasons.AddRange(OfWater(water));
        var cares = reasons.Count(r => r.Weight is SignWeight.Care or SignWeight.Unknown);
        var verdict =
            reasons.Any(r => r.Weight == SignWeight.Stop) ? Verdict.DoNotUse
            : (counted.Stands && counted.IsFouled) || cares >= CaresToLastResort ? Verdict.LastResort
            : cares > 0 ? Verdict.UseWithCare
            : Verdict.Use;
        return new SourceVerdict(
            verdict,
            [.. reasons.OrderBy(r => r.Weight)],
            signs.Any(s => s.Seen is Sighting.CampOrToilet or Sighting.Stock),
            counted.IsFouled || counted.Stands
        );
    }

    private static IEnumerable<VerdictReason> OfPlace(SourceInput source, CountedSource counted)
    {
        if (source.Kind == SourceKind.FromPlants)
        {
            yield return new(
                "from-plants",
                SignWeight.Care,
                "Off leaves, grass or stems: it carries what was on them.",
                "Only plants you can name, never sprayed; strain and treat it."
            );
        }

        if (source.Kind == SourceKind.Spring)
        {
            yield return new("spring", SignWeight.Good, "A spring head: the ground has held much back, not all.", "");
        }

        if (counted.Stands)
        {
            yield return counted.FlowKnown
                ? new("stagnant", SignWeight.Care, "Stagnant.", "Find where it moves, or a spring.")
                : new("flow-unknown", SignWeight.Unknown, "Flow not known: counted as standing.", "See whether a leaf drifts on it.");
        }
        else if (counted.Flows)
        {
            yield return new("flowing", SignWeight.Good, "It flows.", "");
        }

        if (counted.Rained)
        {
            yield return counted.RainKnown
                ? new(
                    "rain",
                    SignWeight.Care,
                    "Heavy rain or melt in the last day: it has washed the ground into the water.",
                    "Wait a day, or draw from a spring."
                )
                : new(
                    "rain-unknown",
                    SignWeight.Unknown,
                    "Rain in the last day not known: counted as rained.",
                    "Look for fresh mud and debris along the edge."
                );
        }

        if (counted.UpstreamUnseen)
        {
            yield return new(
                "upstream-not-walked",
                SignWeight.Unknown,
                "Nobody has looked upstream: counted as a carcass there.",
                "Walk 100 to 200 m up and round the next bend: carcass, stock, camp, inflow?"
            );
        }

        if (!counted.KindKnown)
        {
            yield return new("kind-unknown", SignWeight.Unknown, "Kind of source not known.", "Say what it is.");
        }
    }

    private static IEnumerable<VerdictReason> OfWater(FieldWater water)
    {
        if (water.Colour == WaterColour.Tea)
        {
            yield return water.ColourKnown
                ? new("tea", SignWeight.Care, "Like tea: leaf and peat use up disinfectant.", "Take a clearer inflow, or boil.")
                : new(
                    "colour-unknown",
                    SignWeight.Unknown,
                    "Colour not known: counted as tea-coloured.",
                    "Hold a bottle of it against something white."
                );
        }

        if (water.Colour == WaterColour.Green)
        {
            yield return new(
                "green",
                SignWeight.Care,
                "Green with algae. Look for scum, streaks like paint, pea-soup: then leave it.",
                "Draw below the surface, away from the shore."
            );
        }

        if (water.TemperatureC < VeryColdC)
        {
            yield return water.TemperatureKnown
                ? new(
                    VeryColdCode,
                    SignWeight.Care,
                    "Very cold: chemicals work slowly and filters run slowly.",
                    "Let it stand in the sun, or carry it under the coat."
                )
                : new(VeryColdCode, SignWeight.Unknown, "Water temperature not known: counted as ice-cold.", "Measure it.");
        }
    }
}
