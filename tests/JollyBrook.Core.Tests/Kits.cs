using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;

namespace JollyBrook.Core.Tests;

/// <summary>Sound pieces of kit.</summary>
internal static class Kits
{
    public static readonly DateTimeOffset Now = new(2026, 8, 10, 12, 0, 0, TimeSpan.Zero);

    public static readonly FilterSpec Squeeze = new(
        FilterElement.HollowFibre, FilterStyle.Squeeze, 1.7, 4000, 60, 0, 0, Happened.Yes, Happened.No, Happened.No, false);

    public static readonly LampSpec Lamp = new(1, 90, 40, Battery.Lithium);

    public static readonly FlocculantSpec Alum = new(FlocculantForm.Alum);

    public static readonly ProductSpec Tablets = new("nadcc-8.5", new DateOnly(2027, 5, 31));

    public static KitEntry Entry(FilterSpec filter, string id = "filter") => new(id, new KitItem(KitItemKind.Filter, "Squeeze filter", Filter: filter));

    public static KitEntry Entry(LampSpec lamp, string id = "lamp") => new(id, new KitItem(KitItemKind.Lamp, "UV lamp", Lamp: lamp));

    public static KitEntry Entry(ProductSpec product, string id = "tablets") => new(id, new KitItem(KitItemKind.Product, "Chlorine tablets", Product: product));

    public static KitEntry Entry(FlocculantSpec flocculant) => new("floc", new KitItem(KitItemKind.Flocculant, "Alum", Flocculant: flocculant));

    public static KitEntry Burner(string burnerId = "canister-sheltered", double? fuelG = 200) =>
        new("burner", new KitItem(KitItemKind.Burner, "Stove", Burner: new BurnerSpec(burnerId, fuelG)));
}
