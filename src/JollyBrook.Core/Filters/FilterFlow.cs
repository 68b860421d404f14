using JollyBrook.Core.Water;

namespace JollyBrook.Core.Filters;

/// <summary>How fast a filter runs. Q = Q0·(1 − lost)/(1 + Σ(V·NTU)/K) · μ(20 °C)/μ(T).</summary>
public static class FilterFlow
{
    public const string Formula = "Q = Q0·(1 − lost)/(1 + load/K)·μ(20)/μ(T)";

    public const string TimeFormula = "t = (V·(1 + load/K) + NTU·V²/(2·K))/(Q0·(1 − lost)·μ(20)/μ(T))";

    public const string Source = "Clogging to half flow at K litre·NTU (pick, by element); viscosity of water";

    /// <summary>Servicing is advised below this share of the new flow, cold left out.</summary>
    public const double ServiceBelow = 0.5;

    /// <summary>What a back-flush or scrub brings back of the loss.</summary>
    public const double RestoredShare = 0.9;

    /// <summary>Share of the new flow left by clogging and wear, 0 to 1.</summary>
    public static double CleanShare(double lostShare, double loadLNtu, double clogLNtu) => (1 - lostShare) / (1 + (loadLNtu / clogLNtu));

    /// <summary>Litres a minute now.</summary>
    public static double LPerMin(double ratedLPerMin, double lostShare, double loadLNtu, double clogLNtu, double temperatureC) =>
        ratedLPerMin * CleanShare(lostShare, loadLNtu, clogLNtu) * Viscosity.FlowShare(temperatureC);

    /// <summary>Minutes for a volume, with the filter clogging further on the way.</summary>
    public static double Minutes(
        double volumeL,
        double ntu,
        double ratedLPerMin,
        double lostShare,
        double loadLNtu,
        double clogLNtu,
        double temperatureC
    ) =>
        ((volumeL * (1 + (loadLNtu / clogLNtu))) + (ntu * volumeL * volumeL / (2 * clogLNtu)))
        / (ratedLPerMin * (1 - lostShare) * Viscosity.FlowShare(temperatureC));

    /// <summary>
    /// Share of flow lost for good after a service, 0 to 1: what was lost for good before it, and a tenth of what it had lost since.
    /// </summary>
    public static double LostAfterService(double lostShare, double loadLNtu, double clogLNtu) =>
        lostShare + ((1 - RestoredShare) * (1 - lostShare - CleanShare(lostShare, loadLNtu, clogLNtu)));

    /// <summary>Whether even a service would leave it below half its new flow.</summary>
    public static bool IsPastService(double lostShare, double loadLNtu, double clogLNtu) =>
        1 - LostAfterService(lostShare, loadLNtu, clogLNtu) < ServiceBelow;

    /// <summary>What to do about it then.</summary>
    internal const string PastService = "Cleaning no longer brings half its flow back: replace the element.";
}
