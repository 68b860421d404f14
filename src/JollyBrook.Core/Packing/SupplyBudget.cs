using JollyBrook.Core.Kit;

namespace JollyBrook.Core.Packing;

/// <summary>What all chains together can treat, each supply counted once: the best chain first, the others with what it leaves.</summary>
internal sealed class SupplyBudget
{
    /// <summary>A chain that nothing limits counts as this much, L.</summary>
    private const double MostL = 5000;

    /// <param name="counted">Chains that count, the best first.</param>
    /// <param name="melt">What melting takes before anything is treated.</param>
    public SupplyBudget(IReadOnlyList<CarriedChain> counted, MeltNeed melt)
    {
        Dictionary<string, double> spent = melt.Stove is { } stove ? new() { [stove.Id!] = melt.FuelG } : [];
        Shares = [.. counted.Select(chain => (chain, Take(chain, spent)))];
    }

    /// <summary>What each chain gives, L, in order.</summary>
    public IReadOnlyList<(CarriedChain Chain, double Litres)> Shares { get; }

    public double Litres => Math.Min(MostL, Shares.Sum(s => s.Litres));

    private static double Take(CarriedChain chain, Dictionary<string, double> spent)
    {
        var uses = chain
            .Chain.Results.Zip(chain.Barriers)
            .Select(r => (r.Second.Id, r.First.Supplies[0].Used, Left: Left(chain, r.Second, r.First.Supplies[0], spent)))
            .ToList();
        var batches = Math.Min(MostL / CarriedChain.BasisL, uses.Min(u => u.Used > 0 ? u.Left / u.Used : double.PositiveInfinity));
        foreach (var (id, used, _) in uses)
        {
            spent[id!] = spent.GetValueOrDefault(id!) + (batches * used);
        }

        return batches * CarriedChain.BasisL;
    }

    private static double Left(CarriedChain chain, KitEntry piece, Barriers.Supply supply, Dictionary<string, double> spent) =>
        supply.Left is { } left ? Math.Max(0, left - spent.GetValueOrDefault(piece.Id!))
        : double.IsInfinity(chain.Litres) ? double.PositiveInfinity
        : 0;
}
