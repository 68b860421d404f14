namespace JollyBrook.Core.Filters;

/// <summary>A filter on this water.</summary>
/// <param name="Style">How water is driven through.</param>
/// <param name="Element">The element's name.</param>
/// <param name="FlowLPerMin">Litres a minute as it starts.</param>
/// <param name="Minutes">Minutes for this volume, clogging on the way.</param>
/// <param name="FlowShare">Share of the new flow left, cold left out, 0 to 1.</param>
/// <param name="ColdShare">Share the cold leaves, 0 to 1.</param>
/// <param name="ServiceAdvice">What to do about the flow; null when it runs well.</param>
/// <param name="FlowAfterServiceLPerMin">Litres a minute after it; null when a service is not advised.</param>
/// <param name="DiscardL">First water to run through and throw away, litres; 0 when none.</param>
/// <param name="LifeLeftL">Rated litres left after this volume; null when not known.</param>
/// <param name="IntegrityCheck">How to check it; null where there is no check.</param>
/// <param name="Suspicion">Why it is not counted; null when it is.</param>
public sealed record FilterAnswer(
    FilterStyle Style,
    string Element,
    double FlowLPerMin,
    double Minutes,
    double FlowShare,
    double ColdShare,
    string? ServiceAdvice,
    double? FlowAfterServiceLPerMin,
    double DiscardL,
    double? LifeLeftL,
    string? IntegrityCheck,
    string? Suspicion
);
