namespace JollyBrook.Core.Light;

/// <summary>What the cold leaves of a battery, and the rule by which a flat one loses the lamp its credit.</summary>
public static class BatteryCharge
{
    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Cycles × 1.0 at 20 °C; lithium 0.8 at 0 °C and 0.6 at −10 °C; alkaline 0.5 at 0 °C; linear";

    /// <summary>
    /// Share of the 20 °C cycles left at <paramref name="temperatureC"/>, 0 to 1. Both lines go on below their last point.
    /// </summary>
    public static double Share(Battery battery, double temperatureC)
    {
        var lostPerDegree =
            battery == Battery.Lithium
                ? temperatureC >= 0
                    ? 0.2 / 20
                    : 0.2 / 10
                : 0.5 / 20;
        var from =
            battery == Battery.Lithium && temperatureC < 0
                ? 0.8 + (lostPerDegree * temperatureC)
                : 1 - (lostPerDegree * (20 - temperatureC));
        return Math.Clamp(from, 0, 1);
    }

    /// <summary>Whole cycles it still gives in this cold.</summary>
    public static int CyclesNow(double cyclesLeft, Battery battery, double temperatureC) =>
        (int)Math.Floor((cyclesLeft * Share(battery, temperatureC)) + 1e-9);

    /// <summary>Null when the charge is enough.</summary>
    public static string? TooFlat(int needed, int has) =>
        has >= needed
            ? null
            : $"The battery is too flat: {needed} {(needed == 1 ? "cycle is" : "cycles are")} needed, {has} left in this cold.";
}
