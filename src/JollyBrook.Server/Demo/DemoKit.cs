using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Units;

namespace JollyBrook.Server.Demo;

/// <summary>The kit of the demo party, by generic names.</summary>
internal static class DemoKit
{
    public static IReadOnlyList<KitItem> Items(DateOnly today) =>
    [
        new(KitItemKind.Container, "Litre bottle, wide mouth", 1, Opaque: false, ClearPlastic: true, DepthCm: 20),
        new(KitItemKind.Container, "Steel bottle", 0.75, Opaque: true, DepthCm: 20),
        new(KitItemKind.Container, "Quart bottle", UnitTable.LitresPerQuart, Opaque: false, ClearPlastic: true, DepthCm: 20),
        new(KitItemKind.Container, "Soft bladder with hose", 2, Opaque: false, Squeezable: true, HasHose: true, DepthCm: 25),
        new(KitItemKind.Container, "Camp bag", 10, Opaque: true, Squeezable: true, DepthCm: 30),
        new(KitItemKind.Container, "Hut jerrycan", 20, Opaque: true, DepthCm: 35),
        new(KitItemKind.Pot, "Aluminium pot with lid", 1.3, MassKg: 0.19, Material: PotMaterial.Aluminium),
        new(KitItemKind.Pot, "Titanium mug", 0.75, MassKg: 0.11, Material: PotMaterial.Titanium),
        new(KitItemKind.Filter, "Squeeze filter", Filter: new FilterSpec(
            FilterElement.HollowFibre, FilterStyle.Squeeze, 1.7, 4000, 212, 190, 0.04, Happened.Yes, Happened.No, Happened.No, false)),
        new(KitItemKind.Filter, "Gravity filter", Filter: new FilterSpec(
            FilterElement.Ceramic, FilterStyle.Gravity, 0.25, 2000, 340, 300, 0.1, Happened.Yes, Happened.No, Happened.No, false)),
        new(KitItemKind.Lamp, "UV lamp", Lamp: new LampSpec(1, 90, 22, Battery.Lithium)),
        new(KitItemKind.Product, "Chlorine tablets", Product: new ProductSpec("nadcc-8.5", today.AddDays(420))),
        new(KitItemKind.Product, "Chlorine dioxide tablets", Product: new ProductSpec("clo2-tablet", today.AddDays(610))),
        new(KitItemKind.Product, "Bleach in a dropper bottle", Product: new ProductSpec("bleach", null, today.AddDays(-130), 6, new DropCount(21, 1))),
        new(KitItemKind.Burner, "Canister stove", Burner: new BurnerSpec("canister-sheltered", 164)),
        new(KitItemKind.Flocculant, "Flocculant drops", Flocculant: new FlocculantSpec(FlocculantForm.Drops, 24, UnitTable.LitresPerGallon)),
    ];
}
