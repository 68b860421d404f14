using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Clearing;

/// <summary>What clouds the water, by the size that has to sink.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Grit>))]
public enum Grit
{
    /// <summary>Counts as clay, which settles last.</summary>
    Unknown,

    /// <summary>Gritty: grains of 50 µm.</summary>
    Sandy,

    /// <summary>Floury: grains of 10 µm.</summary>
    Silty,

    /// <summary>Between silt and clay: 5 µm.</summary>
    FineSilt,

    /// <summary>Finest of all: 1 µm.</summary>
    Clay,
}

/// <summary>Settling by Stokes' law.</summary>
public static class Settling
{
    /// <summary>Seconds t from depth, m, and the sinking speed v, m/s, of a grain of diameter d, m; shown with the working.</summary>
    public const string Formula = "t = 1.5·depth/v, v = (ρp − ρw)·g·d²/(18·μ)";

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Stokes; particles of 2650 kg/m³; μ(T) = 2.414e-5·10^(247.8/(T − 140 K)) Pa·s; margin 1.5 (pick)";

    /// <summary>Longer than this is no settling in practice, minutes (pick).</summary>
    public const double LongestMinutes = 24 * 60;

    private const double ParticleDensity = 2650;
    private const double WaterDensity = 1000;
    private const double Gravity = 9.81;
    private const double Margin = 1.5;

    /// <summary>Diameter in µm: sandy 50, silty 10, fine silt 5, clay 1. Unknown counts as clay.</summary>
    public static double DiameterUm(Grit grit) =>
        grit switch
        {
            Grit.Sandy => 50,
            Grit.Silty => 10,
            Grit.FineSilt => 5,
            _ => 1,
        };

    /// <summary>
    /// Metres a second that a particle of <paramref name="diameterUm"/> sinks in water of <paramref name="temperatureC"/>.
    /// </summary>
    public static double VelocityMPerS(double diameterUm, double temperatureC)
    {
        var d = diameterUm * 1e-6;
        return (ParticleDensity - WaterDensity) * Gravity * d * d / (18 * Viscosity.PaS(temperatureC));
    }

    /// <summary>Minutes to let it stand: depth over velocity, and half as long again.</summary>
    public static double Minutes(double diameterUm, double depthCm, double temperatureC) =>
        Margin * (depthCm / 100) / VelocityMPerS(diameterUm, temperatureC) / 60;
}
