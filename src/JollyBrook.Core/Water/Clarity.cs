using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Water;

/// <summary>Clarity classes by turbidity in NTU: clear &lt; 5, slightly cloudy 5–30, cloudy 30–100, muddy 100–1000, slurry above.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Clarity>))]
public enum Clarity
{
    /// <summary>Not told; counts as cloudy.</summary>
    Unknown,

    /// <summary>Below 5 NTU.</summary>
    Clear,

    /// <summary>5 to 30 NTU.</summary>
    SlightlyCloudy,

    /// <summary>30 to 100 NTU.</summary>
    Cloudy,

    /// <summary>100 to 1000 NTU.</summary>
    Muddy,

    /// <summary>More than that.</summary>
    Slurry,
}

/// <summary>Colour, which is judged apart from clarity.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<WaterColour>))]
public enum WaterColour
{
    /// <summary>Not told.</summary>
    Unknown,

    /// <summary>Colourless.</summary>
    None,

    /// <summary>Tannin: organics that use up disinfectant.</summary>
    Tea,

    /// <summary>Algae.</summary>
    Green,
}
