using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Body;

/// <summary>What is walked on.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Terrain>))]
public enum Terrain
{
    /// <summary>Tarmac or a made road.</summary>
    Road,

    /// <summary>A path underfoot.</summary>
    GoodPath,

    /// <summary>Stones, roots, no path.</summary>
    Rough,

    /// <summary>Heather or scrub.</summary>
    Brush,

    /// <summary>Loose sand.</summary>
    Sand,

    /// <summary>Snow that gives way.</summary>
    SoftSnow,
}

/// <summary>What the ground does to effort and pace (handbook room 60).</summary>
public static class Terrains
{
    /// <summary>
    /// Terrain factor η of the walking equation: road 1.0, good path 1.1, rough or rock 1.3, brush 1.5, sand 2.1, soft snow 2.5.
    /// </summary>
    public static double Factor(Terrain terrain) =>
        terrain switch
        {
            Terrain.Road => 1.0,
            Terrain.GoodPath => 1.1,
            Terrain.Rough => 1.3,
            Terrain.Brush => 1.5,
            Terrain.Sand => 2.1,
            _ => 2.5,
        };

    /// <summary>
    /// Whether Tobler's slower pace off the path applies. Rough ground counts as off the path: slower is the worse case (pick).
    /// </summary>
    public static bool IsOffPath(Terrain terrain) => terrain > Terrain.GoodPath;

    /// <summary>What it is called.</summary>
    public static string Name(Terrain terrain) =>
        terrain switch
        {
            Terrain.Road => "Road",
            Terrain.GoodPath => "Good path",
            Terrain.Rough => "Rough or rock",
            Terrain.Brush => "Brush",
            Terrain.Sand => "Sand",
            _ => "Soft snow",
        };
}
