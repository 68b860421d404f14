using System.Runtime.CompilerServices;

namespace JollyBrook.StandIns;

/// <summary>
/// A made-up probe: each water has its own steady figures, drawn from its name, with a little noise on each reading.
/// The same water gives the same readings every time.
/// </summary>
/// <param name="time">Tells the time and waits.</param>
public sealed class SimulatedProbe(TimeProvider time) : IWaterProbe
{
    /// <summary>Between two readings.</summary>
    public static readonly TimeSpan Interval = TimeSpan.FromSeconds(1);

    /// <summary>Names of waters that are salt, so that a high conductivity can be seen.</summary>
    public const string Brackish = "brackish";

    /// <inheritdoc/>
    public async IAsyncEnumerable<ProbeReading> ReadAsync(string water, [EnumeratorCancellation] CancellationToken cancellation)
    {
        for (var n = 0; ; n++)
        {
            yield return Reading(water, n, time.GetUtcNow());
            await Task.Delay(Interval, time, cancellation);
        }
    }

    /// <summary>The reading number <paramref name="n"/> of a water.</summary>
    public static ProbeReading Reading(string water, int n, DateTimeOffset at)
    {
        ArgumentNullException.ThrowIfNull(water);
        var steady = new Random(Seed(water, 0));
        var (temperature, turbidity, conductivity) = (
            3 + (9 * steady.NextDouble()),
            2 + (60 * steady.NextDouble()),
            180 + (240 * steady.NextDouble())
        );
        if (water == Brackish)
        {
            conductivity += 6000;
        }

        var noise = new Random(Seed(water, n + 1));
        return new ProbeReading(
            at,
            Math.Round(temperature + (0.1 * (noise.NextDouble() - 0.5)), 1),
            Math.Round(turbidity * (1 + (0.04 * (noise.NextDouble() - 0.5))), 1),
            Math.Round(conductivity * (1 + (0.02 * (noise.NextDouble() - 0.5))))
        );
    }

    // The runtime's own string hash changes with every start.
    private static int Seed(string water, int n) => water.Aggregate(17 + n, (seed, letter) => unchecked((seed * 31) + letter));
}
