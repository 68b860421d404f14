using JollyBrook.Core.Body;

namespace JollyBrook.Core.Route;

/// <summary>A leg typed by hand.</summary>
/// <param name="Name">Where it leads.</param>
/// <param name="DistanceKm">km.</param>
/// <param name="UpM">Ascent, m.</param>
/// <param name="DownM">Descent, m.</param>
/// <param name="Terrain">Ground underfoot.</param>
public sealed record RouteLeg(string? Name, double? DistanceKm, double? UpM = null, double? DownM = null, Terrain? Terrain = null);

/// <summary>Makes ground out of legs: each climbs first and then descends, evenly, sharing its length by ascent and descent.</summary>
public static class Legs
{
    /// <summary>The ground of a walk told leg by leg, from a start at a height, m.</summary>
    public static GroundProfile Profile(IReadOnlyList<RouteLeg> legs, double startM)
    {
        ArgumentNullException.ThrowIfNull(legs);
        List<double> km = [0],
            height = [startM];
        foreach (var leg in legs)
        {
            var (length, up, down) = (leg.DistanceKm!.Value, leg.UpM ?? 0, leg.DownM ?? 0);
            if (up > 0 && down > 0)
            {
                km.Add(km[^1] + (length * up / (up + down)));
                height.Add(height[^1] + up);
                km.Add(km[^1] + (length * down / (up + down)));
                height.Add(height[^1] - down);
            }
            else
            {
                km.Add(km[^1] + length);
                height.Add(height[^1] + up - down);
            }
        }

        return Resampled(km, height);
    }

    private static GroundProfile Resampled(List<double> km, List<double> height)
    {
        var steps = Math.Max(1, (int)Math.Round(km[^1] * 1000 / GroundProfile.ResampleM));
        var heights = new double[steps + 1];
        var i = 1;
        for (var s = 0; s <= steps; s++)
        {
            var at = km[^1] * s / steps;
            while (i < km.Count - 1 && km[i] < at)
            {
                i++;
            }

            heights[s] = height[i - 1] + (Math.Clamp((at - km[i - 1]) / (km[i] - km[i - 1]), 0, 1) * (height[i] - height[i - 1]));
        }

        return new GroundProfile(km[^1], heights);
    }
}
