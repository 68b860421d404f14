using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Light;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Kit;

/// <summary>A usual piece of kit to start from; what only its own label or scale can tell is left open.</summary>
public sealed record KitTemplate(string Id, KitItem Item);

/// <summary>Asks for nothing.</summary>
public sealed record KitTemplatesRequest;

/// <param name="Templates">Usual pieces.</param>
/// <param name="Blanks">One of each kind, with nothing that only its own label can tell; in the order they are listed.</param>
public sealed record KitTemplatesResponse(IReadOnlyList<KitTemplate> Templates, IReadOnlyList<KitItem> Blanks);

/// <summary>The calculation "kit-templates": usual pieces, by ingredient, pore size and form (pick).</summary>
public static class KitTemplates
{
    /// <summary>The pieces that can be picked ready-drawn.</summary>
    public static readonly IReadOnlyList<KitTemplate> All =
    [
        new(
            "bottle-1",
            new Container(
                1,
                Opaque: false,
                ClearPlastic: true,
                DepthCm: 20,
                LyingDepthCm: 9,
                Role: ContainerRole.Either,
                LevelVisible: true
            )
            {
                Name = "Litre bottle, wide mouth",
            }
        ),
        new("steel-1", new Container(1, Opaque: true, DepthCm: 22, HeatSafe: true) { Name = "Single-wall steel bottle" }),
        new(
            "bladder-2",
            new Container(2, Opaque: false, Squeezable: true, HasHose: true, DepthCm: 25, Role: ContainerRole.Clean)
            {
                Name = "Bladder with hose",
            }
        ),
        new("camp-bag", new Container(10, Opaque: true, Squeezable: true, DepthCm: 30, Role: ContainerRole.Dirty) { Name = "Camp bag" }),
        new(
            "squeeze",
            new WaterFilter(new FilterSpec(FilterElement.HollowFibre, FilterStyle.Squeeze, 1.7))
            {
                Name = "Squeeze filter, hollow fibre 0.1 µm",
            }
        ),
        new(
            "gravity",
            new WaterFilter(new FilterSpec(FilterElement.HollowFibre, FilterStyle.Gravity, 1.5))
            {
                Name = "Gravity filter, hollow fibre 0.2 µm",
            }
        ),
        new("nadcc", new ChemicalProduct(new ProductSpec("nadcc-8.5")) { Name = "Chlorine tablets, NaDCC 8.5 mg" }),
        new("clo2", new ChemicalProduct(new ProductSpec("clo2-tablet")) { Name = "Chlorine dioxide tablets" }),
        new("lamp", new UvLamp(new LampSpec(1, 90, Battery.Unknown)) { Name = "UV lamp, 1 L a cycle" }),
        new("canister", new Stove(new BurnerSpec(Burners.Default.Id)) { Name = "Canister stove" }),
        new("pot", new CookingPot(1.3, PotMaterial.Aluminium) { Name = "Aluminium pot with lid", MassKg = 0.2 }),
        new("vitamin-c", new NeutraliserPortions { Name = "Vitamin C tablets" }),
    ];

    /// <summary>The pieces, and a blank of each kind.</summary>
    public static KitTemplatesResponse Compute(KitTemplatesRequest request) => new(All, BlankItems.All);
}
