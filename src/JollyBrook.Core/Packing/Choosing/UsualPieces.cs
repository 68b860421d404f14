using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;

namespace JollyBrook.Core.Packing.Choosing;

/// <summary>
/// What a piece that is not owned usually weighs, takes up, costs and holds when new, by generic kind (all of it pick: middling figures of
/// what is sold, for comparing sets before one is bought; the owner's own figures replace them).
/// </summary>
internal static class UsualPieces
{
    /// <summary>A pack of tablets.</summary>
    private const double Tablets = 30;

    /// <summary>Cycles of a full charge, in the cold.</summary>
    private const double Cycles = 50;

    /// <summary>A middling canister: gas, and the empty can, g.</summary>
    private const double CanisterG = 230,
        EmptyCanisterG = 150;

    /// <summary>Litres a hollow fibre's label gives it, at least.</summary>
    private const double FilterLifeL = 1000;

    private static readonly FilterState New = new(
        UsedL: 0,
        ClogLoadLNtu: 0,
        LostShare: 0,
        Wetted: Happened.No,
        Frozen: Happened.No,
        Dropped: Happened.No,
        NewOrStored: true
    );

    /// <summary>Price in euros, room in L and mass without what it holds, kg.</summary>
    public static OwnFigure FiguresOf(KitItem item) =>
        item switch
        {
            WaterFilter { Filter.Style: FilterStyle.Gravity } => new(null, 90, 1.5, 0.33),
            WaterFilter { Filter.Style: FilterStyle.Pump } => new(null, 110, 1.2, 0.35),
            WaterFilter { Filter.Style: FilterStyle.Press } => new(null, 90, 1.2, 0.4),
            WaterFilter => new(null, 40, 0.4, 0.09),
            UvLamp => new(null, 90, 0.25, 0.12),
            Stove { IsOpenFire: true } => new(null, 0, 0, 0),
            Stove => new(null, 45, 1.1, 0.1),
            CookingPot pot => new(null, 30, 0.3 * (pot.VolumeL ?? 1), 0.15 * (pot.VolumeL ?? 1)),
            ChemicalProduct { Product.Profile.Form: ProductForm.Tablet } => new(null, 12, 0.05, 0.02),
            ChemicalProduct => new(null, 14, 0.1, 0.08),
            PermanganateCrystals => new(null, 5, 0.05, 0.03),
            _ => new(null, 20, 0.5, 0.1),
        };

    /// <summary>A usual piece as it comes new from a shop: full, and good until after the trip.</summary>
    /// <param name="template">The usual piece.</param>
    /// <param name="lastDay">The trip's last day.</param>
    public static KitEntry Fresh(KitTemplate template, DateOnly? lastDay)
    {
        var id = template.Id;
        return template.Item switch
        {
            WaterFilter filter => new(
                id,
                filter with
                {
                    Filter = filter.Filter! with { RatedLifeL = filter.Filter.RatedLifeL ?? FilterLifeL },
                },
                Filter: New
            ),
            ChemicalProduct { Product: { } product } tablets => new(
                id,
                tablets with
                {
                    Name = $"{tablets.Name}, a new pack",
                    Product = product with { BestBefore = (lastDay ?? new DateOnly(2000, 1, 1)).AddYears(1) },
                },
                Tablets
            ),
            UvLamp lamp => new(id, lamp, Cycles),
            Stove stove => new(id, stove with { Burner = stove.Burner! with { EmptyG = EmptyCanisterG } }, CanisterG),
            var other => new(id, other),
        };
    }

    /// <summary>
    /// Whether two pieces do the same in the same way, so that the usual one need not stand beside the owned; of tablets a new pack may
    /// always be had.
    /// </summary>
    public static bool Alike(KitItem owned, KitItem usual) =>
        (owned, usual) switch
        {
            (WaterFilter a, WaterFilter b) => a.Filter?.Style == b.Filter?.Style,
            (UvLamp, UvLamp) => true,
            (Stove a, Stove) => !a.IsOpenFire,
            _ => false,
        };
}
