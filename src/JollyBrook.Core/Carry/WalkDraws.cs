using JollyBrook.Core.Chance;

namespace JollyBrook.Core.Carry;

/// <summary>The chance that a source runs.</summary>
/// <param name="Chance">That it runs, 0 to 1.</param>
/// <param name="WeatherShare">ρ: how far the country's weather, one draw a walk, moves its logit.</param>
internal readonly record struct SourceChance(double Chance, double WeatherShare);

/// <summary>
/// What is drawn for one simulated walk: the walkers' sweat, the pace, each day's temperature, the country's weather, which sources run.
/// </summary>
internal sealed class WalkDraws
{
    /// <summary>Error of a day's temperature, °C, standard deviation (handbook room 70).</summary>
    public const double TemperatureDeviationC = 2.5;

    /// <summary>Spread of pace, share, standard deviation (handbook room 70).</summary>
    public const double PaceDeviation = 0.12;
    private const int NeedDraws = 4_000;
    private const double SlowestPace = 1.6;
    private const double FastestPace = 0.6;

    private readonly IReadOnlyList<(double Deviation, double Share)> _walkers;
    private readonly int[] _shareOf;
    private readonly double[] _oddsAgainst;
    private readonly double[] _shares;
    private readonly double _temperatureDeviation;
    private readonly double _paceDeviation;

    public WalkDraws(
        IReadOnlyList<(double Deviation, double Share)> walkers,
        int days,
        SourceChance[] sources,
        double temperatureDeviation = TemperatureDeviationC,
        double paceDeviation = PaceDeviation
    )
    {
        _walkers = walkers;
        _oddsAgainst = [.. sources.Select(s => (1 - s.Chance) / s.Chance)];
        _shares = [.. sources.Select(s => s.WeatherShare).Distinct()];
        _shareOf = [.. sources.Select(s => Array.IndexOf(_shares, s.WeatherShare))];
        (_temperatureDeviation, _paceDeviation) = (temperatureDeviation, paceDeviation);
        (DayC, Runs) = (new double[days], new bool[sources.Length]);
    }

    /// <summary>The party's sweat against the prediction.</summary>
    public double Factor { get; private set; }

    /// <summary>Its hours against the plan's.</summary>
    public double Pace { get; private set; }

    /// <summary>Each day's error of temperature, °C.</summary>
    public double[] DayC { get; }

    /// <summary>The country's weather, one draw a walk, standard normal.</summary>
    public double Weather { get; private set; }

    /// <summary>Whether each source runs.</summary>
    public bool[] Runs { get; }

    /// <summary>The factor on the median need that a share of walks does not exceed.</summary>
    public static double NeedFactor(IReadOnlyList<(double Deviation, double Share)> walkers, double share)
    {
        var draws = new WalkDraws(walkers, 0, []);
        var factors = new double[NeedDraws];
        for (var run = 0; run < factors.Length; run++)
        {
            draws.Draw(0, run);
            factors[run] = draws.Factor * draws.Pace;
        }

        Array.Sort(factors);
        return Math.Max(1, factors[(int)Math.Min(factors.Length - 1, Math.Ceiling(share * factors.Length))]);
    }

    /// <summary>Draws the walk of a number: always the same one, whatever was drawn before.</summary>
    public void Draw(ulong seed, int run)
    {
        var random = DrawConditions(seed, run);
        Span<double> turned = stackalloc double[_shares.Length];
        Turn(turned, Weather);
        for (var s = 0; s < Runs.Length; s++)
        {
            // A chance raised alone turns no running source dry: the same number is held against it.
            Runs[s] = random.Uniform() * Against(s, turned) < 1;
        }
    }

    /// <summary>Draws all of a walk but its sources; what is left of its numbers is theirs.</summary>
    public RandomStream DrawConditions(ulong seed, int run)
    {
        var random = new RandomStream((seed * 0x9E3779B97F4A7C15) + ((ulong)run * 0xD1342543DE82EF95));
        Factor = 0;
        foreach (var (deviation, share) in _walkers)
        {
            Factor += share * Math.Exp(deviation * random.Normal());
        }

        Pace = Math.Clamp(1 + (_paceDeviation * random.Normal()), FastestPace, SlowestPace);
        for (var d = 0; d < DayC.Length; d++)
        {
            DayC[d] = _temperatureDeviation * random.Normal();
        }

        Weather = random.Normal();
        return random;
    }

    /// <summary>The chance of each source under a weather of the country.</summary>
    /// <param name="weather">Standard normal.</param>
    public double[] ChancesUnder(double weather)
    {
        Span<double> turned = stackalloc double[_shares.Length];
        Turn(turned, weather);
        var chances = new double[Runs.Length];
        for (var s = 0; s < chances.Length; s++)
        {
            chances[s] = 1 / Against(s, turned);
        }

        return chances;
    }

    private void Turn(Span<double> turned, double weather)
    {
        for (var i = 0; i < turned.Length; i++)
        {
            turned[i] = _shares[i] == 0 ? 1 : Math.Exp(-_shares[i] * weather);
        }
    }

    /// <summary>One over the chance: logit p′ = logit p + ρ·z, as odds.</summary>
    private double Against(int source, ReadOnlySpan<double> turned) => 1 + (_oddsAgainst[source] * turned[_shareOf[source]]);
}
