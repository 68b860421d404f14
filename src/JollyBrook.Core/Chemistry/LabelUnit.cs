using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>The unit of water on a label.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<LabelUnit>))]
public enum LabelUnit
{
    Litre,
    UsQuart,
    UsGallon,
}

public static class LabelUnits
{
    public static double LitresIn(LabelUnit unit) =>
        unit switch
        {
            LabelUnit.UsQuart => UnitTable.LitresPerQuart,
            LabelUnit.UsGallon => UnitTable.LitresPerGallon,
            _ => 1,
        };

    public static string Spoken(LabelUnit unit) =>
        unit switch
        {
            LabelUnit.UsQuart => "US qt",
            LabelUnit.UsGallon => "US gal",
            _ => "L",
        };
}
