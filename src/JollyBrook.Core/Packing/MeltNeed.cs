using JollyBrook.Core.Boiling;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Packing;

/// <summary>Fuel that only melts a trip's snow, before any of it is treated (handbook room 30).</summary>
/// <param name="SnowL">Litres melted from snow, with a quarter more, L.</param>
/// <param name="FuelG">Fuel for that, g.</param>
/// <param name="Stove">The stove it is melted on; null where the kit has none.</param>
internal sealed record MeltNeed(double SnowL, double FuelG, KitEntry? Stove)
{
    /// <summary>A trip with water enough.</summary>
    public static readonly MeltNeed None = new(0, 0, null);

    /// <summary>Whether there is a stove, and as far as anybody knows fuel enough.</summary>
    public bool IsMet => SnowL <= 0 || (Stove is not null && !(FuelG > Stove.Left));

    /// <summary>Whether the fuel was never counted; what lies about to burn needs no counting.</summary>
    public bool IsUncounted => SnowL > 0 && Stove is { Left: null, Item: Stove { IsOpenFire: false } };

    public static MeltNeed Of(KitCheckRequest request, KitTrip trip, IReadOnlyList<KitEntry> kit)
    {
        if (trip.SnowL is not > 0)
        {
            return None;
        }

        var worst = CheckKit.WorstWater(request, trip, kit, CarriedChain.BasisL);
        var melt = Situation
            .Of(
                worst with
                {
                    Water = worst.Water! with { TemperatureC = null },
                    Snow = SnowInput.AsColdAs(trip.ColdestAirC, SnowKind.Settled),
                }
            )
            .Melt!;
        var litres = trip.SnowL.Value * SupplyMargin.Factor;
        return new MeltNeed(litres, litres / CarriedChain.BasisL * melt.Result.Answer.FuelG, melt.Stove);
    }
}
