using JollyBrook.Core.Water;

namespace JollyBrook.Core.Filters;

/// <summary>How fast a filter runs. Q = Q0·(1 − lost)/(1 + Σ(V·NTU)/K) · μ(20 °C)/μ(T).</summary>
public static class FilterFlow
{
    /// <summary>Flow Q, L/min; load in litre·NTU, K the load at which flow has halved; shown with the working.</summary>
    public const string Formula = "Q = Q0·(1 − lost)/(1 + load/K)·μ(20)/μ(T)";

    /// <summary>Minutes t for V litres, with what they clog themselves; shown with the working.</summary>
    public const string TimeFormula = "t = (V·(1 + load/K) + NTU·V²/(2·K))/(Q0·(1 − lost)·μ(20)/μ(T))";

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Clogging to half flow at K litre·NTU (pick, by element); viscosity of water";

    /// <summary>Litres a minute now.</summary>
    /// <param name="ratedLPerMin">Flow of the new element at 20 °C, L/min.</param>
    /// <param name="wear">What of it is gone.</param>
    /// <param name="temperatureC">The water's, °C.</param>
    public static double LPerMin(double ratedLPerMin, FilterWear wear, double temperatureC) =>
        ratedLPerMin * wear.FlowShare * Viscosity.FlowShare(temperatureC);

    /// <summary>Minutes for the water, with the filter clogging further on the way.</summary>
    /// <param name="water">What is filtered.</param>
    /// <param name="ratedLPerMin">Flow of the new element at 20 °C, L/min.</param>
    /// <param name="wear">What of it is gone before.</param>
    public static double Minutes(FieldWater water, double ratedLPerMin, FilterWear wear)
    {
        var (volumeL, clogLNtu) = (water.VolumeL, wear.ClogLNtu);
        return ((volumeL * (1 + (wear.LoadLNtu / clogLNtu))) + (water.Ntu * volumeL * volumeL / (2 * clogLNtu)))
            / (ratedLPerMin * (1 - wear.LostShare) * Viscosity.FlowShare(water.TemperatureC));
    }

    /// <summary>What to do about one that is past service.</summary>
    internal const string PastService = "Cleaning no longer brings half its flow back: replace the element.";
}
