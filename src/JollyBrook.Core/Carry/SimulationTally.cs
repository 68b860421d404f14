namespace JollyBrook.Core.Carry;

/// <summary>Counts over many simulated walks.</summary>
internal sealed class SimulationTally
{
    private const int Bins = 400;
    private readonly double _binL;
    private readonly int[][] _arrive;
    private readonly int[][] _leave;

    /// <param name="places">How many places.</param>
    /// <param name="mostL">Most that can be carried, L.</param>
    /// <param name="keepsLitres">Whether the litres at each place are counted.</param>
    public SimulationTally(int places, double mostL, bool keepsLitres)
    {
        _binL = Math.Max(0.001, mostL / Bins);
        (_arrive, _leave) = keepsLitres ? (Counts(places), Counts(places)) : ([], []);
        (Shorts, ShortHours) = (new int[places], new int[24]);
    }

    /// <summary>Whether the litres at each place are counted.</summary>
    public bool KeepsLitres => _arrive.Length > 0;

    public int Runs { get; private set; }

    public int RunsShort { get; private set; }

    public double KgKm { get; private set; }

    public double Minutes { get; private set; }

    /// <summary>Walks that ran short between each place and the next.</summary>
    public int[] Shorts { get; }

    /// <summary>The same by clock hour.</summary>
    public int[] ShortHours { get; }

    public static SimulationTally Sum(IReadOnlyList<SimulationTally> parts, int runs)
    {
        var sum = parts[0];
        foreach (var part in parts.Skip(1))
        {
            sum.Add(part);
        }

        sum.Runs = runs;
        return sum;
    }

    public void Arrive(int place, double litres) => Count(_arrive, place, litres);

    public void Leave(int place, double litres) => Count(_leave, place, litres);

    public void Short(int place, int hour)
    {
        Shorts[place]++;
        ShortHours[hour]++;
    }

    /// <summary>What was owed to the bodies and left uncooked, by its price, kg·km.</summary>
    public double Owed { get; private set; }

    public void End(bool wasShort, double kgKm, double minutes, double owed)
    {
        Owed += owed;
        RunsShort += wasShort ? 1 : 0;
        KgKm += kgKm;
        Minutes += minutes;
    }

    /// <summary>Litres on arrival at a place that a share of the walks had less than.</summary>
    public double ArriveQuantile(int place, double share) => Quantile(_arrive[place], share);

    public double LeaveQuantile(int place, double share) => Quantile(_leave[place], share);

    private void Count(int[][] counts, int place, double litres)
    {
        if (counts.Length > 0)
        {
            counts[place][Bin(litres)]++;
        }
    }

    private double Quantile(int[] counts, double share)
    {
        var wanted = share * Runs;
        long seen = 0;
        for (var b = 0; b < counts.Length; b++)
        {
            if (counts[b] > 0 && seen + counts[b] >= wanted)
            {
                return b * _binL;
            }

            seen += counts[b];
        }

        return (counts.Length - 1) * _binL;
    }

    /// <summary>A hair to the right, so that a figure on the edge of a bin falls into the same one on every host.</summary>
    private int Bin(double litres) => (int)Math.Clamp((litres / _binL) + 1e-6, 0, (2 * Bins) - 1);

    private void Add(SimulationTally other)
    {
        for (var p = 0; p < Shorts.Length; p++)
        {
            Shorts[p] += other.Shorts[p];
            for (var b = 0; b < (_arrive.Length > 0 ? 2 * Bins : 0); b++)
            {
                _arrive[p][b] += other._arrive[p][b];
                _leave[p][b] += other._leave[p][b];
            }
        }

        for (var h = 0; h < 24; h++)
        {
            ShortHours[h] += other.ShortHours[h];
        }

        (RunsShort, KgKm, Minutes, Owed) = (RunsShort + other.RunsShort, KgKm + other.KgKm, Minutes + other.Minutes, Owed + other.Owed);
    }

    private static int[][] Counts(int places) => [.. Enumerable.Range(0, places).Select(_ => new int[2 * Bins])];
}
