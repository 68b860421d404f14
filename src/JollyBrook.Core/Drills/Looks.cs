using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Drills;

/// <summary>What shows of a water at once, and what only a closer look shows.</summary>
internal static class Looks
{
    /// <summary>By eye alone water looks this much clearer than it is (pick).</summary>
    private const double EyeFlatters = 1.6;

    private const double IcyC = 3;
    private const double ColdC = 10;

    public static double Minutes(Look look) =>
        look switch
        {
            Look.Upstream => 15,
            Look.Edges => 2,
            Look.Taste => 1,
            Look.Mark => 3,
            _ => 2,
        };

    private static string Name(Look look) =>
        look switch
        {
            Look.Upstream => "Walk up and round the bend",
            Look.Edges => "Look along the edges",
            Look.Taste => "A drop on the tongue, spat out",
            Look.Mark => "Look at a dark mark through it",
            _ => "Measure its temperature",
        };

    public static DrillSource At(SceneSource source, IReadOnlyCollection<LookTaken> taken, Speaker say) =>
        new(
            source.Id,
            source.Name,
            [.. AtOnce(source)],
            [
                .. Enum.GetValues<Look>()
                    .Select(l => new LookOffer(l, Name(l), Minutes(l), Took(taken, source.Id, l) ? Found(l, source, say) : null)),
            ]
        );

    public static bool Took(IReadOnlyCollection<LookTaken> taken, string source, Look look) =>
        taken.Any(t => t.Source == source && t.Look == look);

    private static IEnumerable<string> AtOnce(SceneSource source)
    {
        var flow = source.Truth.Flow switch
        {
            SourceFlow.Flowing => "flowing",
            SourceFlow.Slow => "hardly moving",
            _ => "standing",
        };
        yield return $"{source.Truth.Kind}, {flow}";
        var looks = Turbidity.Spoken(Turbidity.ClassOf(source.Water.TurbidityNtu!.Value / EyeFlatters));
        yield return $"Looks {looks}{(source.Water.Colour == WaterColour.Tea ? ", like tea" : "")}";
        yield return source.Water.TemperatureC switch
        {
            < IcyC => "Icy to the hand",
            < ColdC => "Cold to the hand",
            _ => "Mild to the hand",
        };
        if (source.Truth.RainLastDay == YesNo.Yes)
        {
            yield return "Heavy rain yesterday";
        }

        if (source.MinutesAway > 0)
        {
            yield return $"{source.MinutesAway:0} min away";
        }
    }

    private static string Found(Look look, SceneSource source, Speaker say) =>
        look switch
        {
            Look.Upstream => Above(source),
            Look.Edges => Edges(source),
            Look.Taste => source.Truth.Seen!.Contains(Sighting.Salt) ? "Salty." : "No salt to be tasted.",
            Look.Mark => $"The mark vanishes at {say.Of(Quantity.Length, Turbidity.VanishingDepthCm(source.Water.TurbidityNtu!.Value))}: "
                + $"{Turbidity.Spoken(Turbidity.ClassOf(source.Water.TurbidityNtu.Value))}.",
            _ => $"{say.Of(Quantity.Temperature, source.Water.TemperatureC!.Value)}.",
        };

    private static string Above(SceneSource source)
    {
        var seen = source
            .Truth.Seen!.Where(s => s is Sighting.Carcass or Sighting.Stock or Sighting.CampOrToilet or Sighting.NobodyAbove)
            .ToList();
        return seen.Count == 0 ? "Nothing above it but rock and heather." : string.Join(" ", seen.Select(s => SourceSigns.Of(s).Reason));
    }

    private static string Edges(SceneSource source)
    {
        var seen = source
            .Truth.Seen!.Select(SourceSigns.Of)
            .Where(s => (s.Weight == SignWeight.Stop && s.Seen != Sighting.Salt) || s.Seen == Sighting.LivingInsects)
            .ToList();
        return seen.Count == 0 ? "No scum, no sheen, nothing dead." : string.Join(" ", seen.Select(s => $"{s.Name}."));
    }
}
