namespace JollyBrook.Core.Body;

/// <summary>What walking costs the body, in watts.</summary>
public static class MetabolicRate
{
    /// <summary>
    /// LCDA walking equation (Looney et al. 2019) on total mass; it holds downhill.
    /// M = m·(1.44 + η·(1.94·S^0.43 + 0.24·S^4 + 0.34·S·G·(1 − 1.05^(1 − 1.1^(G + 32))))).
    /// </summary>
    /// <param name="totalKg">Body and load, kg.</param>
    /// <param name="speedMs">Speed, m/s.</param>
    /// <param name="gradePercent">Grade, %, negative downhill.</param>
    /// <param name="terrainFactor">η of <see cref="Terrains.Factor"/>.</param>
    public static double Walking(double totalKg, double speedMs, double gradePercent, double terrainFactor) =>
        totalKg * PerKg(speedMs, gradePercent, terrainFactor);

    /// <summary><see cref="Walking"/> for one kilogram, W/kg.</summary>
    public static double PerKg(double speedMs, double gradePercent, double terrainFactor)
    {
        var level = (1.94 * Math.Pow(speedMs, 0.43)) + (0.24 * speedMs * speedMs * speedMs * speedMs);
        var grade = 0.34 * speedMs * gradePercent * (1 - Math.Pow(1.05, 1 - Math.Pow(1.1, gradePercent + 32)));
        return 1.44 + (terrainFactor * (level + grade));
    }

    /// <summary>Faster than this is running, km/h.</summary>
    public const double RunningAboveKmH = 8;

    /// <summary>
    /// Running (ACSM) for one kilogram, W/kg: VO₂ = 0.2·v + 0.9·v·G + 3.5 mL/kg/min (v in m/min, G as a fraction, downhill a third of it),
    /// at 20.1 kJ for a litre of oxygen.
    /// </summary>
    public static double RunningPerKg(double speedMs, double gradePercent)
    {
        var (metresAMinute, grade) = (speedMs * 60, gradePercent / 100);
        var oxygen = (0.2 * metresAMinute) + (0.9 * metresAMinute * (grade < 0 ? grade / 3 : grade)) + 3.5;
        return oxygen * 20.1 / 60;
    }

    /// <summary>Walked or run, for one kilogram, W/kg: run above 8 km/h, or where it is told.</summary>
    /// <param name="speedMs">Speed, m/s.</param>
    /// <param name="gradePercent">Grade, %, negative downhill.</param>
    /// <param name="terrain">Ground underfoot; running takes no account of it.</param>
    /// <param name="running">Whether it is run, also slower.</param>
    public static double OnFootPerKg(double speedMs, double gradePercent, Terrain terrain, bool running = false) =>
        running || speedMs * 3.6 > RunningAboveKmH
            ? RunningPerKg(speedMs, gradePercent)
            : PerKg(speedMs, gradePercent, Terrains.Factor(terrain));

    /// <summary>
    /// Pandolf et al. 1977, for comparison; too high downhill.
    /// M = 1.5·W + 2·(W + L)·(L/W)² + η·(W + L)·(1.5·S² + 0.35·S·G).
    /// </summary>
    public static double Pandolf(double bodyKg, double loadKg, double speedMs, double gradePercent, double terrainFactor) =>
        (1.5 * bodyKg)
        + (2 * (bodyKg + loadKg) * Math.Pow(loadKg / bodyKg, 2))
        + (terrainFactor * (bodyKg + loadKg) * ((1.5 * speedMs * speedMs) + (0.35 * speedMs * gradePercent)));
}
