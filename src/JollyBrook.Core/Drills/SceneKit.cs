using JollyBrook.Core.Boiling;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;

namespace JollyBrook.Core.Drills;

/// <summary>Draws what is carried.</summary>
internal static class SceneKit
{
    /// <summary>With one bottle and nothing else it takes a product that covers every class.</summary>
    private const string OneForAll = "clo2-tablet";

    private static readonly string[] Tablets = ["nadcc-8.5", "nadcc-17", "clo2-tablet", "iodine-tablet"];
    private static readonly string[] Drops = ["clo2-drops", "iodine-tincture"];

    public static IReadOnlyList<KitEntry> Draw(Dice dice, int level, DateOnly today, OwnLabels own)
    {
        List<KitEntry> kit =
        [
            Chemical(own, dice, level == 1 ? OneForAll : dice.Of(Tablets), "tablets", today, level >= 4 && dice.Chance(0.15)),
        ];
        if (level >= 2)
        {
            kit.Add(Stove(dice));
            kit.Add(new("pot", new CookingPot(1.3, PotMaterial.Titanium) { Name = "Pot, 1.3 L", MassKg = 0.19 }));
        }

        if (level >= 2 && dice.Chance(0.5))
        {
            kit.Add(new("alum", new FlocculantPack(new FlocculantSpec(FlocculantForm.Alum)) { Name = "Alum powder" }));
        }

        if (level >= 3)
        {
            var frozen = dice.Chance(0.15) ? Happened.Unknown : Happened.No;
            var filter = new WaterFilter(new FilterSpec(FilterElement.HollowFibre, FilterStyle.Squeeze, 1.7, 4000))
            {
                Name = frozen == Happened.Unknown ? "Squeeze filter, left in the porch on a frosty night" : "Squeeze filter, hollow fibre",
            };
            kit.Add(
                new(
                    "filter",
                    filter,
                    Filter: new FilterState(
                        UsedL: dice.Between(20, 900, 10),
                        ClogLoadLNtu: 0,
                        LostShare: 0,
                        Wetted: Happened.Yes,
                        Frozen: frozen,
                        Dropped: Happened.No,
                        NewOrStored: false
                    )
                )
            );
        }

        if (level >= 4)
        {
            kit.Add(Chemical(own, dice, dice.Of(Drops), "drops", today, false));
            if (dice.Chance(0.6))
            {
                var cycles = dice.Whole(2, 30);
                kit.Add(
                    new(
                        "lamp",
                        new UvLamp(new LampSpec(1, 90, Battery.Lithium)) { Name = $"UV lamp, 1 L a cycle, {cycles} cycles left" },
                        cycles
                    )
                );
            }
        }

        return kit;
    }

    /// <summary>A piece as its owner reads it, label and all.</summary>
    public static string Line(KitItem item) =>
        item is ChemicalProduct { Product: { } product }
            ? $"{item.Name}, best before {product.BestBefore:yyyy-MM}: {product.Profile.Words}"
            : item.Name!;

    private static KitEntry Chemical(OwnLabels own, Dice dice, string profileId, string id, DateOnly today, bool past)
    {
        var profile = own.Of(profileId);
        var best = today.AddDays(past ? -dice.Whole(40, 300) : dice.Whole(60, 600));
        return new(id, new ChemicalProduct(own.Product(profileId, best)) { Name = profile.Name }, past ? 10 : 40);
    }

    private static KitEntry Stove(Dice dice)
    {
        var grams = dice.Between(40, 220, 10);
        return new("stove", new Stove(new BurnerSpec("canister-sheltered")) { Name = $"Gas stove, {grams:0} g of gas" }, grams);
    }
}
