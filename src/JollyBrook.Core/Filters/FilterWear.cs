namespace JollyBrook.Core.Filters;

/// <summary>How much of a filter's flow is gone: for good, and until its next service.</summary>
/// <param name="LostShare">Share of the new flow that no service brings back, 0 to 0.99.</param>
/// <param name="LoadLNtu">Litres × NTU since the last service.</param>
/// <param name="ClogLNtu">Litres × NTU at which a new element runs at half its flow.</param>
public readonly record struct FilterWear(double LostShare, double LoadLNtu, double ClogLNtu)
{
    /// <summary>Servicing is advised below this share of the new flow, cold left out.</summary>
    public const double ServiceBelow = 0.5;

    /// <summary>What a back-flush or scrub brings back of the loss since the last.</summary>
    public const double RestoredShare = 0.9;

    /// <summary>Share of the new flow that is left, 0 to 1: (1 − lost)/(1 + load/K).</summary>
    public double FlowShare => (1 - LostShare) / (1 + (LoadLNtu / ClogLNtu));

    /// <summary>Whether it runs below half its new flow.</summary>
    public bool NeedsService => FlowShare < ServiceBelow;

    /// <summary>Whether even a service would leave it there.</summary>
    public bool IsPastService => AfterService.NeedsService;

    /// <summary>Once it is back-flushed or scrubbed: a tenth of what it had lost since the last service is lost for good too.</summary>
    public FilterWear AfterService =>
        this with
        {
            LostShare = LostShare + ((1 - RestoredShare) * (1 - LostShare - FlowShare)),
            LoadLNtu = 0,
        };

    /// <summary>Litres of water of such a turbidity until it runs at half its new flow; 0 or less when it does so already.</summary>
    /// <param name="ntu">Turbidity, NTU, above 0.</param>
    public double LitresToService(double ntu) => ((ClogLNtu * (((1 - LostShare) / ServiceBelow) - 1)) - LoadLNtu) / ntu;
}
