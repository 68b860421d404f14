using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Units;

/// <summary>What a number measures; with the unit system it settles the unit shown.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Quantity>))]
public enum Quantity
{
    /// <summary>A pure number.</summary>
    Plain,

    /// <summary>Water, in litres inside.</summary>
    Volume,

    /// <summary>A small measured volume of liquid product, in millilitres inside.</summary>
    SmallVolume,

    /// <summary>In °C inside.</summary>
    Temperature,

    /// <summary>Height above sea level, in metres inside.</summary>
    Elevation,

    /// <summary>Fuel, in grams inside.</summary>
    FuelMass,

    /// <summary>A pot or other piece of kit, in kilograms inside.</summary>
    KitMass,

    /// <summary>In minutes.</summary>
    Duration,

    /// <summary>In months.</summary>
    Months,

    /// <summary>In per cent.</summary>
    Percent,

    /// <summary>A depth or small length, in centimetres inside.</summary>
    Length,

    /// <summary>In degrees of arc.</summary>
    Angle,

    /// <summary>A share, 0 to 1 inside, shown in per cent.</summary>
    Share,

    /// <summary>Turbidity, in NTU.</summary>
    Turbidity,

    /// <summary>Flow, in litres a minute inside.</summary>
    Flow,

    /// <summary>Electrical conductivity, in µS/cm.</summary>
    Conductivity,

    /// <summary>In seconds.</summary>
    Seconds,

    /// <summary>A way to walk, in kilometres inside.</summary>
    Distance,

    /// <summary>Pace on the way, in km/h inside.</summary>
    Speed,

    /// <summary>Wind, in m/s inside.</summary>
    Wind,

    /// <summary>Snow or a bag of it, in litres inside.</summary>
    Bulk,

    /// <summary>Water carried over a way: a mass times a distance, in kg·km inside.</summary>
    Burden,
}
