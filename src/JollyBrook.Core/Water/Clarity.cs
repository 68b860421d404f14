using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Water;

/// <summary>Clarity classes by turbidity in NTU: clear &lt; 5, slightly cloudy 5–30, cloudy 30–100, muddy 100–1000, slurry above.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Clarity>))]
public enum Clarity
{
    Unknown,
    Clear,
    SlightlyCloudy,
    Cloudy,
    Muddy,
    Slurry,
}

/// <summary>Colour, which is judged apart from clarity.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<WaterColour>))]
public enum WaterColour
{
    Unknown,
    None,

    /// <summary>Tannin: organics that use up disinfectant.</summary>
    Tea,

    /// <summary>Algae.</summary>
    Green,
}

/// <summary>Which turbidity a clarity class ends at, and how deep a mark can still be seen there.</summary>
public static class Turbidity
{
    /// <summary>No chemical dose is credited above this turbidity, NTU.</summary>
    public const double ChemicalLimitNtu = 100;

    /// <summary>
    /// Depth in cm at which a dark mark vanishes, looking down through water of the given NTU (above 0).
    /// depth = 244.13·NTU^(−0.662), the turbidity-tube calibration.
    /// </summary>
    public static double VanishingDepthCm(double ntu) => 244.13 * Math.Pow(ntu, -0.662);

    public static string Spoken(Clarity clarity) => clarity switch
    {
        Clarity.SlightlyCloudy => "slightly cloudy",
        _ => clarity.ToString().ToLowerInvariant(),
    };
}
