using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Body;

/// <summary>Which equation predicts sweat.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<SweatSchool>))]
public enum SweatSchool
{
    /// <summary>Gonzalez et al. 2009, corrected: the default.</summary>
    Gonzalez2009,

    /// <summary>Shapiro et al. 1982: the high estimate.</summary>
    Shapiro1982,
}
