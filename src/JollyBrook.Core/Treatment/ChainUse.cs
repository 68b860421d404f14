namespace JollyBrook.Core.Treatment;

/// <summary>What a chain takes of one piece of kit, melting included.</summary>
/// <param name="Id">The piece, or the barrier's own word where it is none of the kit.</param>
/// <param name="Used">In its own measure: tablets, mL, cycles of light, g of fuel, litres of filter life.</param>
/// <param name="Left">What there is of it; null where that is not known, or nothing is counted.</param>
internal readonly record struct ChainUse(string Id, double Used, double? Left)
{
    /// <summary>Whether there is enough, as far as anybody knows.</summary>
    public bool IsThere => !(Used > Left + 1e-9);
}
