namespace JollyBrook.Core.Carry;

/// <summary>How one fill is treated, by Treat's own engine.</summary>
/// <param name="Way">The chain's id.</param>
/// <param name="Name">The chain and its dose.</param>
/// <param name="Minutes">From drawing to the first sip, min.</param>
/// <param name="HandsOnMinutes">Of it somebody's work, min.</param>
/// <param name="MeetsTarget">Whether it meets the target.</param>
internal sealed record TreatedFill(string Way, string Name, double Minutes, double HandsOnMinutes, bool MeetsTarget)
{
    /// <summary>Minutes that run by themselves.</summary>
    public double WaitMinutes => Math.Max(0, Minutes - HandsOnMinutes);

    /// <summary>What it takes of each piece of kit, with what is boiled for the pot.</summary>
    public IReadOnlyList<SupplyUse> Uses { get; init; } = [];

    /// <summary>Whether what is left of something it takes was never counted.</summary>
    public bool IsUncounted { get; init; }

    /// <summary>Of it litres that only go to the pot, cleared and boiled: no dose, no filter.</summary>
    public double BoilL { get; init; }

    /// <summary>Of it litres that are melted from snow first.</summary>
    public double SnowL { get; init; }
}

/// <summary>What a batch takes of one piece of kit.</summary>
/// <param name="Id">The piece.</param>
/// <param name="Used">In its own measure: tablets, mL, cycles of light, g of fuel, litres of filter life.</param>
/// <param name="Litres">The water, L.</param>
internal readonly record struct SupplyUse(string Id, double Used, double Litres);
