namespace JollyBrook.Core.Body;

/// <summary>One accepted test: measured over predicted sweat.</summary>
/// <param name="Ratio">Above 0.</param>
/// <param name="AtFloor">Whether the prediction sat on its floor: such a test says little about sweating.</param>
public readonly record struct SweatRatio(double Ratio, bool AtFloor);

/// <summary>
/// How much a walker sweats against the prediction: k, log-normal. Prior log k ~ N(0, 0.35²), error of one test 0.15 (handbook room 60).
/// </summary>
/// <param name="LogMean">Mean of log k.</param>
/// <param name="LogDeviation">Standard deviation of log k.</param>
/// <param name="Tested">Whether an honest test stands behind it: one whose prediction was not on its floor.</param>
public readonly record struct PersonalFactor(double LogMean, double LogDeviation, bool Tested)
{
    /// <summary>How far people differ from the formula, as a deviation of ln k, before any test.</summary>
    public const double PriorDeviation = 0.35;

    /// <summary>How far a single sweat test may be off, as a deviation of ln k.</summary>
    public const double TestDeviation = 0.15;

    /// <summary>Error of a test whose prediction sat on its floor.</summary>
    public const double FloorTestDeviation = 0.35;

    /// <summary>The standard normal's 90 % point, for the 10–90 % band.</summary>
    public const double BandZ = 1.2815515655446004;

    /// <summary>The standard normal's 80 % point: what a walker without a test is counted with where one figure must do.</summary>
    public const double UntestedZ = 0.8416212335729143;

    /// <summary>A walker without a sweat test: k = 1 with the whole band of people.</summary>
    public static readonly PersonalFactor Unknown = new(0, PriorDeviation, false);

    /// <summary>The median of k.</summary>
    public double K => Math.Exp(LogMean);

    /// <summary>The 10th centile of k.</summary>
    public double Low => Math.Exp(LogMean - (BandZ * LogDeviation));

    /// <summary>The 90th centile of k.</summary>
    public double High => Math.Exp(LogMean + (BandZ * LogDeviation));

    /// <summary>The k a plan counts, where one figure must do: the middle once tested, the 80th centile of the band until then.</summary>
    public double Planned => Tested ? K : Math.Exp(LogMean + (UntestedZ * LogDeviation));

    /// <summary>
    /// After tests: mean Σlog r/σ² ÷ (1/0.35² + Σ1/σ²), variance 1/(1/0.35² + Σ1/σ²), σ 0.15 for an honest test and 0.35 for one on the
    /// floor. All tests on the floor together move log k by no more than the prior's own deviation.
    /// </summary>
    public static PersonalFactor After(IReadOnlyCollection<SweatRatio> tests)
    {
        ArgumentNullException.ThrowIfNull(tests);
        var honest = tests.Where(t => !t.AtFloor).ToList();
        var (known, _) = Posterior(honest);
        var (all, precision) = Posterior(tests);
        return new PersonalFactor(
            Math.Clamp(all, known - PriorDeviation, known + PriorDeviation),
            1 / Math.Sqrt(precision),
            honest.Count > 0
        );
    }

    private static (double Mean, double Precision) Posterior(IEnumerable<SweatRatio> tests)
    {
        var (sum, precision) = (0.0, Weight(PriorDeviation));
        foreach (var test in tests)
        {
            var weight = Weight(test.AtFloor ? FloorTestDeviation : TestDeviation);
            sum += Math.Log(test.Ratio) * weight;
            precision += weight;
        }

        return (sum / precision, precision);
    }

    private static double Weight(double deviation) => 1 / (deviation * deviation);
}
