using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Body;

/// <summary>How much sun falls on a walker.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<SunLoad>))]
public enum SunLoad
{
    /// <summary>Shade, night or overcast.</summary>
    None,

    /// <summary>Broken cloud or broken shade.</summary>
    Part,

    /// <summary>Open sky.</summary>
    Full,
}

/// <summary>The air a walker is in.</summary>
/// <param name="TemperatureC">In the shade, °C.</param>
/// <param name="HumidityPercent">Relative, %.</param>
/// <param name="Sun">Sun on the walker.</param>
/// <param name="WindMs">Wind on the walker, m/s; 0 when not known, which asks for the more water.</param>
public readonly record struct Air(double TemperatureC, double HumidityPercent, SunLoad Sun, double WindMs = 0)
{
    /// <summary>Wind never takes more than this off the clothing's insulation.</summary>
    private const double LeastClothing = 0.6;

    /// <summary>Share of the clothing's insulation that the wind leaves: 1 − 0.05·√v, at least 0.6 (pick).</summary>
    public double ClothingShare => Math.Max(LeastClothing, 1 - (0.05 * Math.Sqrt(Math.Max(0, WindMs))));

    /// <summary>Millimetres of mercury in a kilopascal.</summary>
    public const double MmHgPerKPa = 7.50062;

    /// <summary>Air temperature + 7 °C in full sun, + 4 °C in part (pick).</summary>
    public double OperativeC =>
        TemperatureC
        + Sun switch
        {
            SunLoad.Full => 7,
            SunLoad.Part => 4,
            _ => 0,
        };

    /// <summary>Vapour pressure, mmHg.</summary>
    public double VapourMmHg => VapourKPa * MmHgPerKPa;

    /// <summary>Vapour pressure, kPa: humidity × saturation by Magnus and Tetens, 0.61078·exp(17.27·T/(T + 237.3)).</summary>
    public double VapourKPa => HumidityPercent / 100 * 0.61078 * Math.Exp(17.27 * TemperatureC / (TemperatureC + 237.3));
}
