namespace JollyBrook.Core.Carry.Promise;

/// <summary>What becomes of walks, from the start or from somewhere on.</summary>
/// <param name="ShortChance">Share of them that run short, 0 to 1.</param>
/// <param name="Cost">Mean cost of a walk, kg·km: burden, λ × minutes, and what was owed.</param>
public readonly record struct Fate(double ShortChance, double Cost)
{
    /// <summary>This, and what becomes of a share of others.</summary>
    /// <param name="share">How many, 0 to 1 of all.</param>
    /// <param name="others">What becomes of them.</param>
    internal Fate And(double share, Fate others) => new(ShortChance + (share * others.ShortChance), Cost + (share * others.Cost));
}
