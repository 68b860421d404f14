namespace JollyBrook.Core.Chemistry;

/// <summary>
/// The light a batch stands in while it waits. Sun through a clear wall destroys half of what is left to work, and what it destroyed the
/// next night does not bring back: full strength counts only until the sun first reaches the bottle.
/// </summary>
/// <param name="DarkMinutes">Minutes of dark before that; 0 in the sun from the start, infinite in the shade.</param>
public readonly record struct ContactLight(double DarkMinutes)
{
    /// <summary>Share of the strength that sunlight leaves.</summary>
    public const double SunFactor = 0.5;

    /// <summary>No sun falls on it: nothing fades.</summary>
    public static ContactLight Shade { get; } = new(double.PositiveInfinity);

    /// <summary>It stands in the sun from the first minute.</summary>
    public static ContactLight Sun { get; } = new(0);

    /// <summary>Strength at the beginning of the wait, as a share of what the water leaves.</summary>
    public double FactorAtStart => DarkMinutes > 0 ? 1 : SunFactor;
}

/// <summary>How fast a class is taken away before and after the sun reaches the bottle.</summary>
/// <param name="Dark">At full strength.</param>
/// <param name="Lit">At half of it.</param>
/// <param name="Light">When the one gives way to the other.</param>
internal readonly record struct ContactRate(InactivationRate Dark, InactivationRate Lit, ContactLight Light)
{
    /// <summary>The rate at the beginning, for showing.</summary>
    public InactivationRate AtStart => Light.DarkMinutes > 0 ? Dark : Lit;

    public static ContactRate Of(ActiveIngredient active, Water.OrganismClass organism, ContactConditions full, ContactLight light) =>
        new(
            Disinfectant.Rate(active, organism, full),
            Disinfectant.Rate(active, organism, full with { ResidualMgPerL = full.ResidualMgPerL * ContactLight.SunFactor }),
            light
        );

    /// <summary>Logs after so many minutes.</summary>
    public double Logs(double minutes) =>
        (Dark.LogsPerMinute * Math.Min(minutes, Light.DarkMinutes)) + (Lit.LogsPerMinute * Math.Max(0, minutes - Light.DarkMinutes));

    /// <summary>Minutes to so many logs, whole and rounded up; infinite where no wait reaches them.</summary>
    public double MinutesTo(double logs)
    {
        if (logs <= 0)
        {
            return 0;
        }

        var inTheDark = Dark.LogsPerMinute > 0 ? logs / Dark.LogsPerMinute : double.PositiveInfinity;
        if (inTheDark > Light.DarkMinutes)
        {
            var left = logs - (Light.DarkMinutes > 0 ? Dark.LogsPerMinute * Light.DarkMinutes : 0);
            inTheDark = Lit.LogsPerMinute > 0 ? Light.DarkMinutes + (left / Lit.LogsPerMinute) : double.PositiveInfinity;
        }

        return Math.Ceiling(inTheDark - 1e-9);
    }
}
