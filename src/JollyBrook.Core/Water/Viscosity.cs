namespace JollyBrook.Core.Water;

/// <summary>Viscosity of water: cold water lets particles sink slower and filters run slower.</summary>
public static class Viscosity
{
    private const double KelvinAtZeroC = 273.15;

    /// <summary>μ = 2.414e-5·10^(247.8/(T − 140 K)) Pa·s, for liquid water at <paramref name="temperatureC"/>.</summary>
    public static double PaS(double temperatureC) => 2.414e-5 * Math.Pow(10, 247.8 / (temperatureC + KelvinAtZeroC - 140));

    /// <summary>How much of its 20 °C flow a filter keeps at <paramref name="temperatureC"/>: μ(20)/μ(T).</summary>
    public static double FlowShare(double temperatureC) => PaS(20) / PaS(temperatureC);
}
