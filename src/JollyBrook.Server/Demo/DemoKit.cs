using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Server.Demo;

/// <summary>The kit of the demo party, by generic names.</summary>
internal static class DemoKit
{
    private const string Ilva = "Ilva’s pack";
    private const string Torren = "Torren’s pack";
    private const string Sorrel = "Sorrel’s pack";

    public static IReadOnlyList<KitItem> Items(DateOnly today) =>
    [
        new(KitItemKind.Container, "Litre bottle, wide mouth", 1, Opaque: false, MassKg: 0.12, ClearPlastic: true, DepthCm: 20, Role: ContainerRole.Either, LevelVisible: true, At: CarriedAt.Belt, Bag: Ilva, LyingDepthCm: 9),
        new(KitItemKind.Container, "Steel bottle", 0.75, Opaque: true, MassKg: 0.16, DepthCm: 20, Role: ContainerRole.Either, HeatSafe: true, Bag: Ilva),
        new(KitItemKind.Container, "Quart bottle", UnitTable.LitresPerQuart, Opaque: false, MassKg: 0.14, ClearPlastic: true, DepthCm: 20, LevelVisible: true, Bag: Sorrel),
        new(KitItemKind.Container, "Soft bladder with hose", 2, Opaque: false, MassKg: 0.17, Squeezable: true, HasHose: true, DepthCm: 25, Role: ContainerRole.Clean, Bag: Sorrel, AccessNote: "Hose at the left shoulder; sloshes half full"),
        new(KitItemKind.Container, "Camp bag", 10, Opaque: true, MassKg: 0.2, Squeezable: true, DepthCm: 30, Role: ContainerRole.Either, Bag: Torren),
        new(KitItemKind.Container, "Hut jerrycan", 20, Opaque: true, MassKg: 0.9, DepthCm: 35, Retired: true),
        new(KitItemKind.Pot, "Aluminium pot with lid", 1.3, MassKg: 0.19, Material: PotMaterial.Aluminium, Bag: Torren),
        new(KitItemKind.Pot, "Titanium mug", 0.75, MassKg: 0.11, Material: PotMaterial.Titanium, Bag: Ilva),
        new(KitItemKind.Filter, "Squeeze filter", MassKg: 0.09, Filter: new FilterSpec(
            FilterElement.HollowFibre, FilterStyle.Squeeze, 1.7, 4000, 212, 190, 0.04, Happened.Yes, Happened.No, Happened.No, false), Bag: Ilva),
        new(KitItemKind.Filter, "Gravity filter", MassKg: 0.31, Filter: new FilterSpec(
            FilterElement.Ceramic, FilterStyle.Gravity, 0.25, 2000, 340, 300, 0.1, Happened.Yes, Happened.No, Happened.No, false), Bag: Torren),
        new(KitItemKind.Lamp, "UV lamp", MassKg: 0.1, Lamp: new LampSpec(1, 90, 22, Battery.Lithium), Bag: Ilva),
        new(KitItemKind.Product, "Chlorine tablets", MassKg: 0.02, Product: new ProductSpec(
            "nadcc-8.5", today.AddDays(420), Left: 40, Label: new CopiedLabel(
                1, 1, LabelUnit.Litre, new CopiedWaits(30, 30, 30), new CopiedCold(10, 2), new CopiedCloudy(2), MgPerL: 5, Strength: "8.5 mg", DissolveMinutes: 5,
                Warnings: ["Not for continuous use beyond 3 months.", "Keep out of reach of children."])), Bag: Ilva),
        new(KitItemKind.Product, "Chlorine dioxide tablets", MassKg: 0.03, Product: new ProductSpec(
            "clo2-tablet", today.AddDays(610), Left: 24, Label: new CopiedLabel(1, 1, LabelUnit.Litre, new CopiedWaits(30, 30, 30, 240), MgPerL: 4)), Bag: Torren),
        new(KitItemKind.Product, "Bleach in a dropper bottle", MassKg: 0.05, Product: new ProductSpec("bleach", null, today.AddDays(-130), 6, new DropCount(21, 1), Left: 20), Bag: Sorrel),
        new(KitItemKind.Burner, "Canister stove", MassKg: 0.11, Burner: new BurnerSpec("canister-sheltered", 164, 128), Bag: Torren),
        new(KitItemKind.Flocculant, "Flocculant drops", MassKg: 0.03, Flocculant: new FlocculantSpec(FlocculantForm.Drops, 24, UnitTable.LitresPerGallon), Bag: Sorrel),
        new(KitItemKind.Neutraliser, "Vitamin C tablets", MassKg: 0.02, Extra: new ExtraSpec(12, today.AddDays(300)), Bag: Sorrel),
        new(KitItemKind.Electrolytes, "Salt and sugar sachets", MassKg: 0.08, Extra: new ExtraSpec(9, today.AddDays(500)), Bag: Ilva),
    ];
}
