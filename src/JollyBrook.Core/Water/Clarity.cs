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
