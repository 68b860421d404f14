namespace JollyBrook.Core.Route;

/// <summary>Height of the ground along a route, at equal steps from its start to its finish.</summary>
public sealed class GroundProfile
{
    /// <summary>The step a route is resampled to, m (handbook room 60).</summary>
    public const double ResampleM = 50;

    private readonly double[] _elevationM;

    /// <param name="lengthKm">Length, km, above 0.</param>
    /// <param name="elevationM">Heights at equal steps, both ends included: at least 2.</param>
    public GroundProfile(double lengthKm, double[] elevationM)
    {
        ArgumentNullException.ThrowIfNull(elevationM);
        ArgumentOutOfRangeException.ThrowIfLessThan(elevationM.Length, 2);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(lengthKm);
        (LengthKm, _elevationM) = (lengthKm, elevationM);
        for (var i = 1; i < elevationM.Length; i++)
        {
            var rise = elevationM[i] - elevationM[i - 1];
            AscentM += Math.Max(0, rise);
            DescentM += Math.Max(0, -rise);
        }
    }

    /// <summary>Length of the walk, km.</summary>
    public double LengthKm { get; }

    /// <summary>Metres climbed in all.</summary>
    public double AscentM { get; }

    /// <summary>Metres descended in all.</summary>
    public double DescentM { get; }

    /// <summary>Elevation at each step's end, m; the first is the start.</summary>
    public ReadOnlySpan<double> ElevationM => _elevationM;

    /// <summary>How many equal steps the walk is cut into.</summary>
    public int Steps => _elevationM.Length - 1;

    /// <summary>Length of one, km.</summary>
    public double StepKm => LengthKm / Steps;

    /// <summary>Height at a distance along, m, between the two nearest steps.</summary>
    public double ElevationAt(double km)
    {
        var at = Math.Clamp(km / StepKm, 0, Steps);
        var i = Math.Min((int)at, Steps - 1);
        return _elevationM[i] + ((at - i) * (_elevationM[i + 1] - _elevationM[i]));
    }
}
