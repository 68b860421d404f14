using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Units;

/// <summary>What the traveller reads and types. Everything inside is SI.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<UnitSystem>))]
public enum UnitSystem
{
    /// <summary>Litres, kilometres, kilograms, °C.</summary>
    Metric,

    /// <summary>US quarts, miles, pounds, °F.</summary>
    Us,
}
