namespace JollyBrook.Core.Body;

/// <summary>
/// How much a walker sweats against the prediction: k, log-normal. Prior log k ~ N(0, 0.35²), error of one test 0.15 (handbook room 60).
/// </summary>
/// <param name="LogMean">Mean of log k.</param>
/// <param name="LogDeviation">Standard deviation of log k.</param>
public readonly record struct PersonalFactor(double LogMean, double LogDeviation)
{
    public const double PriorDeviation = 0.35;
    public const double TestDeviation = 0.15;

    /// <summary>The standard normal's 90 % point, for the 10–90 % band.</summary>
    public const double BandZ = 1.2815515655446004;

    public static readonly PersonalFactor Unknown = new(0, PriorDeviation);

    /// <summary>The median of k.</summary>
    public double K => Math.Exp(LogMean);

    public double Low => Math.Exp(LogMean - (BandZ * LogDeviation));

    public double High => Math.Exp(LogMean + (BandZ * LogDeviation));

    /// <summary>After tests: mean Σlog r/0.15² ÷ (1/0.35² + n/0.15²), variance 1/(1/0.35² + n/0.15²).</summary>
    /// <param name="ratios">Measured over predicted sweat of each accepted test, above 0.</param>
    public static PersonalFactor After(IReadOnlyCollection<double> ratios)
    {
        ArgumentNullException.ThrowIfNull(ratios);
        const double test = 1 / (TestDeviation * TestDeviation);
        var precision = (1 / (PriorDeviation * PriorDeviation)) + (ratios.Count * test);
        return new PersonalFactor(ratios.Sum(Math.Log) * test / precision, 1 / Math.Sqrt(precision));
    }
}
