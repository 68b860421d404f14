namespace JollyBrook.Core.Chance;

/// <summary>
/// Seeded draws that are the same on every host: SplitMix64 (Steele, Lea and Flood 2014), normal deviates by Box and Muller.
/// The framework's own generator promises no such thing between versions.
/// </summary>
internal struct RandomStream(ulong seed)
{
    private ulong _state = seed;
    private double _spare = double.NaN;

    /// <summary>0 up to but not including 1.</summary>
    public double Uniform() => (Next() >> 11) * (1.0 / (1UL << 53));

    /// <summary>Standard normal.</summary>
    public double Normal()
    {
        if (!double.IsNaN(_spare))
        {
            var spare = _spare;
            _spare = double.NaN;
            return spare;
        }

        var radius = Math.Sqrt(-2 * Math.Log(1 - Uniform()));
        var angle = 2 * Math.PI * Uniform();
        _spare = radius * Math.Sin(angle);
        return radius * Math.Cos(angle);
    }

    private ulong Next()
    {
        _state += 0x9E3779B97F4A7C15;
        var z = _state;
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EB;
        return z ^ (z >> 31);
    }
}
