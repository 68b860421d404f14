namespace JollyBrook.StandIns;

/// <summary>One reading of a water probe.</summary>
/// <param name="At">When it was taken.</param>
/// <param name="TemperatureC">Water temperature, °C.</param>
/// <param name="TurbidityNtu">Turbidity, NTU.</param>
/// <param name="ConductivityUsCm">Electrical conductivity, µS/cm.</param>
public sealed record ProbeReading(DateTimeOffset At, double TemperatureC, double TurbidityNtu, double ConductivityUsCm);

/// <summary>A probe hung in the water: a reading now and again until it is pulled out.</summary>
public interface IWaterProbe
{
    /// <param name="water">Which water it hangs in.</param>
    /// <param name="cancellation">Pulls it out.</param>
    IAsyncEnumerable<ProbeReading> ReadAsync(string water, CancellationToken cancellation);
}
