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
}
