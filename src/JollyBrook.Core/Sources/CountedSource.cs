namespace JollyBrook.Core.Sources;

/// <summary>
/// A source as it is counted: what is not known is the worse of what it could be. Each predicate feeds both the rule and its sentence,
/// so that nothing is said that is not done.
/// </summary>
internal sealed class CountedSource(SourceInput told)
{
    private static readonly Sighting[] Foul = [Sighting.Carcass, Sighting.Stock, Sighting.CampOrToilet];

    private readonly bool _isOpen = SourceKinds.IsOpen(told.Kind);

    public bool KindKnown => told.Kind is not (null or SourceKind.Unknown);

    public bool FlowKnown => told.Flow is not (null or SourceFlow.Unknown);

    public bool RainKnown => told.RainLastDay is not (null or YesNo.Unknown);

    /// <summary>Standing water; flow not known counts as standing.</summary>
    public bool Stands => _isOpen && (!FlowKnown || told.Flow == SourceFlow.Stagnant);

    public bool Flows => _isOpen && told.Flow == SourceFlow.Flowing;

    /// <summary>Heavy rain or melt in the last day; not known counts as rained.</summary>
    public bool Rained => _isOpen && (!RainKnown || told.RainLastDay == YesNo.Yes);

    /// <summary>Upstream that nobody has looked at counts as a carcass there.</summary>
    public bool UpstreamUnseen => SourceKinds.HasUpstream(told.Kind) && told.UpstreamWalked != YesNo.Yes;

    /// <summary>Bowel organisms or rot in it or above it, seen or counted.</summary>
    public bool IsFouled => UpstreamUnseen || (told.Seen ?? []).Any(Foul.Contains);
}
