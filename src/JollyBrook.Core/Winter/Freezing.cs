using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Winter;

/// <summary>Where a bottle is through the night.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<SleepsWhere>))]
public enum SleepsWhere
{
    /// <summary>Bare, in the air; what is not known counts as this.</summary>
    Bare,

    /// <summary>Inside the pack, in clothing.</summary>
    InPack,

    /// <summary>In the sleeping bag or against the body: it does not freeze.</summary>
    InSleepingBag,
}

/// <summary>When water left in the cold begins to freeze (handbook room 30, cold storage).</summary>
public static class Freezing
{
    /// <summary>What the rule of thumb is for: a litre at so many °C.</summary>
    public const double FromC = 20;

    /// <summary>Air less cold than this counts as this cold, °C: the rule is for it and colder.</summary>
    public const double LeastColdC = -5;

    /// <summary>In clothing inside the pack it takes so many times as long (pick).</summary>
    public const double InPackTimes = 3;

    /// <summary>Hours until it begins to freeze; shown with the working.</summary>
    public const string Formula =
        "t = 20/|Ta| · 1.3 · V^(1/3) · ln((T0 − Ta)/(0 − Ta))/ln((20 − Ta)/(0 − Ta)), in the pack three times that";

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source =
        "Pick: a litre of 20 °C water in a bare bottle, at −5 °C and colder; other volumes and warmth by Newton cooling";

    /// <summary>Hours until ice begins; null where it does not.</summary>
    /// <param name="volumeL">What is in the bottle, L, above 0.</param>
    /// <param name="fromC">How warm it was filled, °C, 0 to 100.</param>
    /// <param name="airC">The air, °C.</param>
    /// <param name="where">Where it stands.</param>
    public static double? HoursToIce(double volumeL, double fromC, double airC, SleepsWhere where)
    {
        if (airC >= 0 || where == SleepsWhere.InSleepingBag)
        {
            return null;
        }

        var cold = Math.Min(airC, LeastColdC);
        var warmth = Math.Log((fromC - cold) / -cold) / Math.Log((FromC - cold) / -cold);
        return FromC / -cold * 1.3 * Math.Cbrt(volumeL) * warmth * (where == SleepsWhere.InPack ? InPackTimes : 1);
    }
}
