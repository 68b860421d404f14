using JollyBrook.Core.Boiling;
using JollyBrook.Core.Book;
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
                MassKg = 0.12,
                At = CarriedAt.Belt,
                Bag = Ilva,
            },
            new Container(0.75, Opaque: true, DepthCm: 20, Role: ContainerRole.Either, HeatSafe: true)
            {
                Name = "Steel bottle",
                MassKg = 0.16,
                Bag = Ilva,
            },
            new Container(UnitTable.LitresPerQuart, Opaque: false, ClearPlastic: true, DepthCm: 20, LevelVisible: true)
            {
                Name = "Quart bottle",
                MassKg = 0.14,
                Bag = Sorrel,
            },
            new Container(2, Opaque: false, Squeezable: true, HasHose: true, DepthCm: 25, Role: ContainerRole.Clean)
            {
                Name = "Soft bladder with hose",
                MassKg = 0.17,
                Bag = Sorrel,
                AccessNote = "Hose at the left shoulder; sloshes half full",
            },
            new Container(10, Opaque: true, Squeezable: true, DepthCm: 30, Role: ContainerRole.Either)
            {
                Name = "Camp bag",
                MassKg = 0.2,
                Bag = Torren,
            },
            new Container(20, Opaque: true, DepthCm: 35)
            {
                Name = "Hut jerrycan",
                MassKg = 0.9,
                Retired = true,
            },
            new CookingPot(1.3, PotMaterial.Aluminium)
            {
                Name = "Aluminium pot with lid",
                MassKg = 0.19,
                Bag = Torren,
            },
            new CookingPot(0.75, PotMaterial.Titanium)
            {
                Name = "Titanium mug",
                MassKg = 0.11,
                Bag = Ilva,
            },
            new WaterFilter(new FilterSpec(FilterElement.HollowFibre, FilterStyle.Squeeze, 1.7, 4000))
            {
                Name = "Squeeze filter",
                MassKg = 0.09,
                Bag = Ilva,
            },
            new WaterFilter(new FilterSpec(FilterElement.Ceramic, FilterStyle.Gravity, 0.25, 2000))
            {
                Name = "Gravity filter",
                MassKg = 0.31,
                Bag = Torren,
            },
            new UvLamp(new LampSpec(1, 90, Battery.Lithium))
            {
                Name = "UV lamp",
                MassKg = 0.1,
                Bag = Ilva,
            },
            new ChemicalProduct(
                new ProductSpec(
                    "nadcc-8.5",
                    today.AddDays(420),
                    Label: new CopiedLabel(
                        1,
                        1,
                        LabelUnit.Litre,
                        new CopiedWaits(30, 30, 30),
                        new CopiedCold(10, 2),
                        new CopiedCloudy(2),
                        MgPerL: 5,
                        Strength: "8.5 mg",
                        DissolveMinutes: 5,
                        Warnings: ["Not for continuous use beyond 3 months.", "Keep out of reach of children."]
                    )
                )
            )
            {
                Name = "Chlorine tablets",
                MassKg = 0.02,
                Bag = Ilva,
            },
            new ChemicalProduct(
                new ProductSpec(
                    "clo2-tablet",
                    today.AddDays(610),
                    Label: new CopiedLabel(1, 1, LabelUnit.Litre, new CopiedWaits(30, 30, 30, 240), MgPerL: 4)
                )
            )
            {
                Name = "Chlorine dioxide tablets",
                MassKg = 0.03,
                Bag = Torren,
            },
            new ChemicalProduct(new ProductSpec("bleach", null, today.AddDays(-130), 6, new DropCount(21, 1)))
            {
                Name = "Bleach in a dropper bottle",
                MassKg = 0.05,
                Bag = Sorrel,
            },
            new Stove(new BurnerSpec("canister-sheltered", 128))
            {
                Name = "Canister stove",
                MassKg = 0.11,
                Bag = Torren,
            },
            new FlocculantPack(new FlocculantSpec(FlocculantForm.Drops, 24, UnitTable.LitresPerGallon))
            {
                Name = "Flocculant drops",
                MassKg = 0.03,
                Bag = Sorrel,
            },
            new NeutraliserPortions(today.AddDays(300))
            {
                Name = "Vitamin C tablets",
                MassKg = 0.02,
                Bag = Sorrel,
            },
            new ElectrolytePortions(today.AddDays(500))
            {
                Name = "Salt and sugar sachets",
                MassKg = 0.08,
                Bag = Ilva,
            },
        ];

    /// <summary>What was counted, weighed and looked over before they left.</summary>
    public static IEnumerable<BookLine> Counts(DateTimeOffset packed, IReadOnlyDictionary<string, Guid> thing) =>
        [
            new Counted(thing["Chlorine tablets"], 40) { At = packed },
            new Counted(thing["Chlorine dioxide tablets"], 24) { At = packed },
            new Counted(thing["Bleach in a dropper bottle"], 20) { At = packed },
            new Counted(thing["Vitamin C tablets"], 12) { At = packed },
            new Counted(thing["Salt and sugar sachets"], 9) { At = packed },
            new Charged(thing["UV lamp"], 22) { At = packed },
            new CanisterWeighed(thing["Canister stove"], 164) { At = packed },
            new FilterLookedOver(
                thing["Squeeze filter"],
                new FilterState(
                    UsedL: 212,
                    ClogLoadLNtu: 190,
                    LostShare: 0.04,
                    Wetted: Happened.Yes,
                    Frozen: Happened.No,
                    Dropped: Happened.No,
                    NewOrStored: false
                )
            )
            {
                At = packed,
            },
            new FilterLookedOver(
                thing["Gravity filter"],
                new FilterState(
                    UsedL: 340,
                    ClogLoadLNtu: 300,
                    LostShare: 0.1,
                    Wetted: Happened.Yes,
                    Frozen: Happened.No,
                    Dropped: Happened.No,
                    NewOrStored: false
                )
            )
            {
                At = packed,
            },
        ];
}
