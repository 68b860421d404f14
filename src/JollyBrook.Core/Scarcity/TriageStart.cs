using JollyBrook.Core.Body;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Scarcity;

/// <summary>Where the party stands, checked, its trip taken in.</summary>
/// <param name="Request">What was asked, walkers and tests from the trip where they were left out.</param>
/// <param name="Waters">Water ahead and behind.</param>
/// <param name="InHandL">In hand, L.</param>
/// <param name="Need">What an hour takes.</param>
/// <param name="Effort">Air, ground and pace, nothing left out.</param>
/// <param name="Here">The water here, judged; null where there is none.</param>
internal sealed record TriageStart(
    TriageRequest Request,
    IReadOnlyList<WaterOnWay> Waters,
    double InHandL,
    Need Need,
    Effort Effort,
    SourceVerdict? Here
);
