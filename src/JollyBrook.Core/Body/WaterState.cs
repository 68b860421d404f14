using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Body;

/// <summary>How a walker stands for water, the calmest first.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<WaterState>))]
public enum WaterState
{
    /// <summary>Nothing to see.</summary>
    Fine,

    /// <summary>From 1 % of body mass on.</summary>
    DrinkSoon,

    /// <summary>From 2 % on, or as the urine shows.</summary>
    RunningShort,

    /// <summary>From 3 % on: stop and drink.</summary>
    StopAndDrink,

    /// <summary>Heat, not water, is the trouble.</summary>
    Overheating,

    /// <summary>More was drunk than lost.</summary>
    TooMuch,

    /// <summary>From 7 % on, with any grave sign, or without urine for eight hours.</summary>
    Emergency,
}
