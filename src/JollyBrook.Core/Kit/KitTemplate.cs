using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Light;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Kit;

/// <summary>A usual piece of kit to start from; what only its own label or scale can tell is left open.</summary>
public sealed record KitTemplate(string Id, KitItem Item);

/// <summary>Usual pieces, by ingredient, pore size and form (pick).</summary>
public static class KitTemplates
{
    public static readonly IReadOnlyList<KitTemplate> All =
    [
        new("bottle-1", new KitItem(KitItemKind.Container, "Litre bottle, wide mouth", 1, Opaque: false, ClearPlastic: true, DepthCm: 20, Role: ContainerRole.Either, LevelVisible: true, LyingDepthCm: 9)),
        new("steel-1", new KitItem(KitItemKind.Container, "Single-wall steel bottle", 1, Opaque: true, DepthCm: 22, HeatSafe: true)),
        new("bladder-2", new KitItem(KitItemKind.Container, "Bladder with hose", 2, Opaque: false, Squeezable: true, HasHose: true, DepthCm: 25, Role: ContainerRole.Clean)),
        new("camp-bag", new KitItem(KitItemKind.Container, "Camp bag", 10, Opaque: true, Squeezable: true, DepthCm: 30, Role: ContainerRole.Dirty)),
        new("squeeze", new KitItem(KitItemKind.Filter, "Squeeze filter, hollow fibre 0.1 µm", Filter: new FilterSpec(
            FilterElement.HollowFibre, FilterStyle.Squeeze, 1.7, null, null, 0, 0, Happened.Unknown, Happened.Unknown, Happened.Unknown, false))),
        new("gravity", new KitItem(KitItemKind.Filter, "Gravity filter, hollow fibre 0.2 µm", Filter: new FilterSpec(
            FilterElement.HollowFibre, FilterStyle.Gravity, 1.5, null, null, 0, 0, Happened.Unknown, Happened.Unknown, Happened.Unknown, false))),
        new("nadcc", new KitItem(KitItemKind.Product, "Chlorine tablets, NaDCC 8.5 mg", Product: new ProductSpec("nadcc-8.5"))),
        new("clo2", new KitItem(KitItemKind.Product, "Chlorine dioxide tablets", Product: new ProductSpec("clo2-tablet"))),
        new("lamp", new KitItem(KitItemKind.Lamp, "UV lamp, 1 L a cycle", Lamp: new LampSpec(1, 90, null, Battery.Unknown))),
        new("canister", new KitItem(KitItemKind.Burner, "Canister stove", Burner: new BurnerSpec(Burners.Default.Id))),
        new("pot", new KitItem(KitItemKind.Pot, "Aluminium pot with lid", 1.3, MassKg: 0.2, Material: PotMaterial.Aluminium)),
        new("vitamin-c", new KitItem(KitItemKind.Neutraliser, "Vitamin C tablets", Extra: new ExtraSpec())),
    ];
}
