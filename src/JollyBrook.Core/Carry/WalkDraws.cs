using JollyBrook.Core.Chance;

namespace JollyBrook.Core.Carry;

/// <summary>What is drawn for one simulated walk: the walkers' sweat, the pace, each day's temperature, which sources run.</summary>
internal sealed class WalkDraws
{
    /// <summary>Error of a day's temperature, °C, standard deviation (handbook room 70).</summary>
    public const double TemperatureDeviationC = 2.5;

    /// <summary>Spread of pace, share, standard deviation (handbook room 70).</summary>
    public const double PaceDeviation = 0.12;
    private const double SlowestPace = 1.6;
    private const double FastestPace = 0.6;

    private readonly IReadOnlyList<(double Deviation, double Share)> _walkers;
    private readonly double[] _chance;
    private readonly double _temperatureDeviation;
    private readonly double _paceDeviation;

    public WalkDraws(IReadOnlyList<(double Deviation, double Share)> walkers, int days, double[] chanceOfSource, double temperatureDeviation = TemperatureDeviationC, double paceDeviation = PaceDeviation)
    {
        (_walkers, _chance) = (walkers, chanceOfSource);
        (_temperatureDeviation, _paceDeviation) = (temperatureDeviation, paceDeviation);
        (DayC, Runs) = (new double[days], new bool[chanceOfSource.Length]);
    }

    /// <summary>The party's sweat against the prediction.</summary>
    public double Factor { get; private set; }

    /// <summary>Its hours against the plan's.</summary>
    public double Pace { get; private set; }

    /// <summary>Each day's error of temperature, °C.</summary>
    public double[] DayC { get; }

    /// <summary>Whether each source runs.</summary>
    public bool[] Runs { get; }

    /// <summary>Draws the walk of a number: always the same one, whatever was drawn before.</summary>
    public void Draw(ulong seed, int run)
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

        // A chance raised alone turns no running source dry: the same number is held against it.
        for (var s = 0; s < Runs.Length; s++)
        {
            Runs[s] = random.Uniform() < _chance[s];
        }
    }
}
