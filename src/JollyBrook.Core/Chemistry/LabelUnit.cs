using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>The unit of water on a label.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<LabelUnit>))]
public enum LabelUnit
{
    /// <summary>1 L.</summary>
    Litre,

    /// <summary>0.946 L.</summary>
    UsQuart,

    /// <summary>3.785 L.</summary>
    UsGallon,
}

/// <summary>The volumes that labels dose for.</summary>
public static class LabelUnits
{
    /// <summary>How many litres one is.</summary>
    public static double LitresIn(LabelUnit unit) =>
        unit switch
        {
            LabelUnit.UsQuart => UnitTable.LitresPerQuart,
            LabelUnit.UsGallon => UnitTable.LitresPerGallon,
            _ => 1,
        };

    /// <summary>As a label names it.</summary>
    public static string Spoken(LabelUnit unit) =>
        unit switch
        {
            LabelUnit.UsQuart => "US qt",
            LabelUnit.UsGallon => "US gal",
            _ => "L",
        };
}
