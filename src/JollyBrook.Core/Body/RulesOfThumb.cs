using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body;

/// <summary>What is commonly said; shown beside the figure, never instead of it (handbook room 60).</summary>
public static class RulesOfThumb
{
    /// <summary>The rules, with figures in a person's units.</summary>
    public static IReadOnlyList<RuleOfThumb> For(Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        string L(double litres) => say.Of(Quantity.Volume, litres);
        return
        [
            new("At rest", $"about {L(2)} a day"),
            new("General advice", $"{L(3)} a day"),
            new("Walking", $"{L(0.5)} an hour"),
            new("Walking in heat", $"{L(1)} an hour"),
            new("Winter", $"{L(4)} a day"),
        ];
    }
}
