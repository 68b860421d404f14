using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Body;

/// <summary>What is worn while walking.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Clothing>))]
public enum Clothing
{
    /// <summary>Shorts and a shirt.</summary>
    ShortsAndShirt,

    /// <summary>Long, light trousers and sleeves.</summary>
    LongLight,

    /// <summary>A rain or wind shell over the rest.</summary>
    Shell,

    /// <summary>Several warm layers.</summary>
    WinterLayers,
}

/// <summary>What is worn where nobody has said: people dress for the air they walk in (handbook room 60).</summary>
public static class ClothingForAir
{
    private const double ShortsFromC = 20;
    private const double LightFromC = 10;
    private const double ShellFromC = 0;

    /// <summary>From 20 °C shorts and shirt, from 10 long and light, from 0 a shell, below that winter layers.</summary>
    public static Clothing Usual(double airC) =>
        airC switch
        {
            >= ShortsFromC => Clothing.ShortsAndShirt,
            >= LightFromC => Clothing.LongLight,
            >= ShellFromC => Clothing.Shell,
            _ => Clothing.WinterLayers,
        };

    /// <summary>The usual one and those one step away: the one that asks for the most water is counted.</summary>
    public static IReadOnlyList<Clothing> Possible(double airC)
    {
        var usual = (int)Usual(airC);
        return [.. Enumerable.Range(usual - 1, 3).Where(i => i >= 0 && i <= (int)Clothing.WinterLayers).Select(i => (Clothing)i)];
    }
}

/// <summary>How much clothing holds back.</summary>
/// <param name="Clo">Insulation, clo.</param>
/// <param name="VapourPermeability">im/clo: how freely sweat passes.</param>
public readonly record struct ClothingResistance(double Clo, double VapourPermeability)
{
    /// <summary>Presets of handbook room 60.</summary>
    public static ClothingResistance Of(Clothing clothing) =>
        clothing switch
        {
            Clothing.ShortsAndShirt => new(0.6, 0.70),
            Clothing.LongLight => new(0.9, 0.45),
            Clothing.Shell => new(1.3, 0.25),
            _ => new(2.0, 0.20),
        };

    /// <summary>What it is called.</summary>
    public static string Name(Clothing clothing) =>
        clothing switch
        {
            Clothing.ShortsAndShirt => "Shorts and shirt",
            Clothing.LongLight => "Long and light",
            Clothing.Shell => "Shell",
            _ => "Winter layers",
        };
}
