using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Light;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Item">The piece of kit.</param>
/// <param name="WeighedG">A burner's canister or bottle as just weighed, g; null when it was not.</param>
public sealed record KitItemRequest(UnitSystem? Units, KitItem? Item, double? WeighedG = null);

/// <param name="Words">The item in a line.</param>
/// <param name="Warnings">What to mind about it, each a sentence.</param>
/// <param name="FuelLeftG">What the weighing leaves, g; null without one.</param>
public sealed record KitItemResponse(string Words, IReadOnlyList<string> Warnings, double? FuelLeftG = null);

/// <summary>The calculation "kit-item": checks a piece of kit before it is kept, and says it in a line.</summary>
public static class DescribeItem
{
    private static readonly ChoiceField ItemField = new("item", "Item", ["a piece of kit"]);

    public static readonly IReadOnlyList<Field> Fields = [ItemField, .. KitItem.Fields];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static KitItemResponse Compute(KitItemRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(ItemField, request.Item);
        intake.ThrowIfWrong();
        request.Item!.IsSound(intake);
        var left = request is { WeighedG: { } weighed, Item.Burner: { } burner } ? burner.Weigh(weighed, intake) : null;
        intake.ThrowIfWrong();
        return new KitItemResponse(Words(request.Item, intake.Say), Warnings(request.Item), left);
    }

    private static List<string> Warnings(KitItem item)
    {
        List<string> warnings = [];
        if (item.Product?.Doubt is { } doubt)
        {
            warnings.Add(doubt);
        }

        if (item.Filter is { ContradictsItself: true })
        {
            warnings.Add("“Never wetted” and litres used can't both be true: counted as wet.");
        }

        return warnings;
    }

    /// <summary>A sound item in a line.</summary>
    internal static string Words(KitItem item, Speaker say) => item switch
    {
        { Filter: { } filter } => Words(filter, say),
        { Lamp: { } lamp } => Words(lamp, say),
        { Product: { } product } => Words(product),
        { Kind: KitItemKind.Taste or KitItemKind.Neutraliser or KitItemKind.Electrolytes } => Words(item.Extra ?? new ExtraSpec(), item.Kind.Value),
        { Burner: { } burner } => Burners.All.First(b => b.Id == burner.BurnerId).Name
            + (burner.FuelLeftG is { } left ? $"; {say.Of(Quantity.FuelMass, left)} of fuel left" : "; fuel not weighed"),
        { Flocculant.Form: FlocculantForm.Alum } => "Alum powder, 30 to 60 mg/L",
        { Flocculant: { } drops } =>
            $"{Speaker.Number(drops.LabelDrops ?? 0, 1)} drops for {say.Of(Quantity.Volume, drops.LabelVolumeL ?? 0)} by its label",
        { Kind: KitItemKind.Permanganate } => "Explained, not counted as a barrier",
        { Kind: KitItemKind.ImprovisedFilter } => "Clears, takes no organism away",
        { Kind: KitItemKind.Pot } =>
            $"{say.Of(Quantity.Volume, item.VolumeL ?? 0)}, {say.Of(Quantity.KitMass, item.MassKg ?? 0)}, {(item.Material ?? PotMaterial.Aluminium).ToString().ToLowerInvariant()}",
        _ => $"{say.Of(Quantity.Volume, item.VolumeL ?? 0)}, {(item.Opaque == true ? "opaque" : item.ClearPlastic == true ? "clear PET or glass" : "not opaque")}"
            + (item.HasHose == true ? ", with a hose" : ""),
    };

    private static string Words(FilterSpec filter, Speaker say)
    {
        var element = FilterElements.Of(filter.Element!.Value);
        var life = filter is { RatedLifeL: { } rated, UsedL: { } used }
            ? $"{say.Of(Quantity.Bulk, used)} of {say.Of(Quantity.Bulk, rated)} used"
            : "life not known: not counted on";
        var share = FilterFlow.CleanShare(filter.LostShare ?? 0, filter.ClogLoadLNtu ?? element.ClogLNtu, element.ClogLNtu);
        var suspect = FilterCredit.Frozen(filter, []) ?? FilterCredit.Dropped(filter, []);
        return $"{element.Name}, {FilterElements.StyleName(filter.Style!.Value).ToLowerInvariant()}; {life}; "
            + (suspect is null ? $"runs at {Speaker.Number(share * 100, 0)} % of new" : "suspect: not counted on");
    }

    private static string Words(LampSpec lamp, Speaker say) =>
        $"{say.Of(Quantity.Volume, lamp.VolumePerCycleL ?? 0)} in {Speaker.Number(lamp.SecondsPerCycle ?? 0, 0)} s; "
        + (lamp.CyclesLeft is { } left ? $"{Speaker.Number(left, 0)} cycles left" : "cycles left not known: not counted on");

    private static string Words(ProductSpec product)
    {
        var profile = product.Profile;
        var date = profile.IsHouseholdBleach
            ? product.PackDate is { } packed ? $"packed {packed:yyyy-MM-dd}" : "pack date not known: not counted on"
            : product.LastDay is { } last ? $"good to {last:yyyy-MM-dd}" : "date not known: not counted on";
        var left = product.Left is { } count
            ? $"; {Speaker.Number(count, 1)} {(profile.Form == ProductForm.Tablet ? "tablets" : "mL")} left"
            : "; not counted";
        return $"{profile.Name}; {date}{left}" + (product.Label is null ? "" : $"; label: {profile.Words}");
    }

    private static string Words(ExtraSpec extra, KitItemKind kind)
    {
        var what = kind switch
        {
            KitItemKind.Taste => "Only once the water is safe",
            KitItemKind.Neutraliser => "Only after contact: it ends the disinfection",
            _ => "From two hours of sweating on",
        };
        return extra.PortionsLeft is { } left ? $"{what}; {Speaker.Number(left, 0)} portions left" : $"{what}; not counted";
    }
}
