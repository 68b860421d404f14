namespace JollyBrook.Core.Packing;

/// <summary>How much more than the plan takes supplies must cover.</summary>
public static class SupplyMargin
{
    /// <summary>1.25 times the planned litres (handbook room 80).</summary>
    public const double Factor = 1.25;
}
