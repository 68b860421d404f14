using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Body;

/// <summary>What is worn while walking.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Clothing>))]
public enum Clothing
{
    ShortsAndShirt,
    LongLight,
    Shell,
    WinterLayers,
}

/// <summary>How much clothing holds back.</summary>
/// <param name="Clo">Insulation, clo.</param>
/// <param name="VapourPermeability">im/clo: how freely sweat passes.</param>
public readonly record struct ClothingResistance(double Clo, double VapourPermeability)
{
    /// <summary>Presets of handbook room 60.</summary>
    public static ClothingResistance Of(Clothing clothing) => clothing switch
    {
        Clothing.ShortsAndShirt => new(0.6, 0.70),
        Clothing.LongLight => new(0.9, 0.45),
        Clothing.Shell => new(1.3, 0.25),
        _ => new(2.0, 0.20),
    };

    public static string Name(Clothing clothing) => clothing switch
    {
        Clothing.ShortsAndShirt => "Shorts and shirt",
        Clothing.LongLight => "Long and light",
        Clothing.Shell => "Shell",
        _ => "Winter layers",
    };
}
