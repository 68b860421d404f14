namespace JollyBrook.Core.Sources;

/// <summary>
/// What a mapped source's water is probably like where nobody has measured it, on the side that costs more to treat (rule 2).
/// </summary>
public static class LikelyWater
{
    /// <summary>Open water is never colder than this while it runs, °C.</summary>
    private const double ColdestRunningC = 1;

    /// <summary>No default is warmer, °C: a chemical works slower in the cold, and a guess must not shorten its wait.</summary>
    private const double WarmestC = 15;

    /// <summary>
    /// How cold it is, from its class and the mean of the day's air where it lies, so that height and season count (pick): snow melts at 0;
    /// what comes from deep or melts higher up is 6 °C colder than the air, small streams and seeps 5, lakes and tanks 4.
    /// </summary>
    /// <param name="source">Its class; not known counts as the coldest of those that run.</param>
    /// <param name="meanAirC">The day's mean air at its height, °C.</param>
    /// <returns>°C, 0 to 15.</returns>
    public static double TemperatureC(SourceClass? source, double meanAirC) =>
        source is SourceClass.SnowPatch ? 0 : Math.Clamp(meanAirC - ColderC(source), ColdestRunningC, WarmestC);

    private static double ColderC(SourceClass? source) =>
        source switch
        {
            SourceClass.Lake or SourceClass.TankOrTap => 4,
            SourceClass.SeasonalInSeason or SourceClass.SeasonalLate or SourceClass.Seep => 5,
            _ => 6,
        };
}
