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

    public static readonly FilterAsIs Squeeze = new(
        FilterElement.HollowFibre,
        FilterStyle.Squeeze,
        1.7,
        4000,
        60,
        0,
        0,
        Happened.Yes,
        Happened.No,
        Happened.No,
        false
    );

    public static readonly LampAsIs Lamp = new(1, 90, 40, Battery.Lithium);

    public static readonly FlocculantSpec Alum = new(FlocculantForm.Alum);

    public static readonly ProductSpec Tablets = new("nadcc-8.5", new DateOnly(2027, 5, 31));

    public static readonly CookingPot Pot = new(1.3, PotMaterial.Aluminium) { Name = "Pot", MassKg = 0.19 };

    public static KitEntry Entry(FilterAsIs filter, string id = "filter", string name = "Squeeze filter") =>
        new(id, new WaterFilter(filter.Label) { Name = name }, Filter: filter.State);

    public static KitEntry Entry(LampAsIs lamp, string id = "lamp") =>
        new(id, new UvLamp(lamp.Label) { Name = "UV lamp" }, lamp.CyclesLeft);

    public static KitEntry Entry(ProductSpec product, string id = "tablets", double? left = null, string name = "Chlorine tablets") =>
        new(id, new ChemicalProduct(product) { Name = name }, left);

    public static KitEntry Entry(FlocculantSpec flocculant) => new("floc", new FlocculantPack(flocculant) { Name = "Alum" });

    public static KitEntry Burner(
        string burnerId = "canister-sheltered",
        double? fuelG = 200,
        string id = "burner",
        string name = "Stove"
    ) => new(id, new Stove(new BurnerSpec(burnerId)) { Name = name }, fuelG);
}

/// <summary>A filter's label and what it has been through, in one.</summary>
public sealed record FilterAsIs(
    FilterElement? Element,
    FilterStyle? Style,
    double? RatedFlowLPerMin,
    double? RatedLifeL,
    double? UsedL,
    double? ClogLoadLNtu,
    double? LostShare,
    Happened? Wetted,
    Happened? Frozen,
    Happened? Dropped,
    bool? NewOrStored = null,
    FilterClaims? Claims = null
)
{
    public FilterSpec Label => new(Element, Style, RatedFlowLPerMin, RatedLifeL, Claims);

    public FilterState State => new(UsedL, ClogLoadLNtu, LostShare, Wetted, Frozen, Dropped, NewOrStored);
}

/// <summary>A lamp's label and its charge, in one.</summary>
public sealed record LampAsIs(double? VolumePerCycleL, double? SecondsPerCycle, double? CyclesLeft, Battery? Battery = null)
{
    public LampSpec Label => new(VolumePerCycleL, SecondsPerCycle, Battery);
}
