using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Route;

/// <summary>How walking time is reckoned.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<WalkSchool>))]
public enum WalkSchool
{
    /// <summary>Speed from slope (Tobler's hiking function).</summary>
    Tobler,

    /// <summary>Time from distance, climb and descent.</summary>
    NaismithLangmuir,
}

/// <summary>Hours a step of ground takes, at a pace factor of 1 and without breaks (handbook room 60).</summary>
public static class WalkingTime
{
    private const double OffPath = 0.6;
    private const double NaismithKmH = 5;
    private const double ClimbMPerH = 600;
    private const double LangmuirH = 10.0 / 60;
    private const double LangmuirM = 300;
    private static readonly double GentleFrom = Math.Tan(5 * Math.PI / 180);
    private static readonly double SteepFrom = Math.Tan(12 * Math.PI / 180);

    /// <summary>
    /// Tobler: 6·exp(−3.5·|slope + 0.05|) km/h, × 0.6 off the path. Naismith: 5 km/h and 1 h for 600 m up, with Langmuir
    /// −10 min for 300 m down at 5 to 12°, + 10 min for 300 m down above 12°.
    /// </summary>
    /// <param name="school">Which.</param>
    /// <param name="km">Length of the step, km.</param>
    /// <param name="riseM">Its rise, m; negative downhill.</param>
    /// <param name="offPath">Whether the slower pace off the path applies.</param>
    public static double Hours(WalkSchool school, double km, double riseM, bool offPath)
    {
        var slope = riseM / (km * 1000);
        if (school == WalkSchool.Tobler)
        {
            return km / (6 * Math.Exp(-3.5 * Math.Abs(slope + 0.05)) * (offPath ? OffPath : 1));
        }

        var hours = (km / NaismithKmH) + (Math.Max(0, riseM) / ClimbMPerH);
        return hours
            + (
                slope switch
                {
                    _ when -slope > SteepFrom => -riseM / LangmuirM * LangmuirH,
                    _ when -slope >= GentleFrom => riseM / LangmuirM * LangmuirH,
                    _ => 0,
                }
            );
    }

    /// <summary>Hours over a whole profile of one terrain.</summary>
    public static double Hours(WalkSchool school, GroundProfile ground, bool offPath)
    {
        ArgumentNullException.ThrowIfNull(ground);
        var hours = 0.0;
        var height = ground.ElevationM;
        for (var i = 1; i < height.Length; i++)
        {
            hours += Hours(school, ground.StepKm, height[i] - height[i - 1], offPath);
        }

        return hours;
    }

    /// <summary>What it is called.</summary>
    public static string Name(WalkSchool school) => school == WalkSchool.Tobler ? "Tobler" : "Naismith with Langmuir";
}
