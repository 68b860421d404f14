using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Light;

namespace JollyBrook.Core.Kit;

/// <summary>
/// What a piece of each kind starts from where it is none of the usual ones: what nearly every piece of the kind has (pick), and nothing
/// that only its own label can tell.
/// </summary>
public static class BlankItems
{
    /// <summary>One of each kind, in the order they are listed.</summary>
    public static readonly IReadOnlyList<KitItem> All =
    [
        new Container(1, Opaque: false, ClearPlastic: false, DepthCm: 20) { Name = "Container" },
        new CookingPot(1.3, PotMaterial.Aluminium) { Name = "Pot", MassKg = 0.2 },
        new WaterFilter(new FilterSpec(FilterElement.HollowFibre, FilterStyle.Squeeze)) { Name = "Filter" },
        new UvLamp(new LampSpec(null, null, Battery.Unknown)) { Name = "UV lamp" },
        new ChemicalProduct(new ProductSpec("nadcc-8.5")) { Name = "Chemical product" },
        new Stove(new BurnerSpec(Burners.Default.Id)) { Name = "Burner" },
        new FlocculantPack(new FlocculantSpec(FlocculantForm.Drops, LabelVolumeL: 1)) { Name = "Flocculant" },
        new MakeshiftFilter { Name = "Improvised filter" },
        new PermanganateCrystals { Name = "Permanganate" },
        new TastePortions { Name = "Drink mix or taste" },
        new NeutraliserPortions { Name = "Neutraliser" },
        new ElectrolytePortions { Name = "Electrolytes" },
    ];
}
