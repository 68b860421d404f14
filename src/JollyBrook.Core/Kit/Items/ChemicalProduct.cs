using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>Tablets, drops or powder that disinfect.</summary>
/// <param name="Product">Its label and dates.</param>
public sealed record ChemicalProduct(ProductSpec? Product) : KitItem
{
    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.Product;

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        if (Product is { } product)
        {
            product.Check(intake);
        }
        else
        {
            DetailsMissing(intake);
        }
    }

    internal override IEnumerable<IBarrier> Barriers(string id, KitEntry now) =>
        Product is { } product ? [new ChemicalBarrier(id, Name ?? "", product.Profile, product, now.Left)] : [];

    internal override string Amount(double units, Speaker say)
    {
        if (Product?.Profile.Form != ProductForm.Tablet)
        {
            return $"{Speaker.Number(Math.Ceiling((units * 10) - 1e-9) / 10, 1)} mL";
        }

        var whole = Math.Ceiling(units - 1e-9);
        return whole == 1 ? "1 tablet" : $"{Speaker.Number(whole, 0)} tablets";
    }

    internal override string Words(KitEntry now, Speaker say)
    {
        if (Product is not { } product)
        {
            return "";
        }

        var profile = product.Profile;
        var date = profile.IsHouseholdBleach
            ? product.PackDate is { } packed
                ? $"packed {Speaker.Day(packed)}"
                : "pack date not known: not counted on"
            : product.LastDay is { } last
                ? $"good to {Speaker.Day(last)}"
                : "date not known: not counted on";
        var left = now.Left is { } count
            ? $"; {Speaker.Number(count, 1)} {(profile.Form == ProductForm.Tablet ? "tablets" : "mL")} left"
            : "; not counted";
        return $"{profile.Name}; {date}{left}" + (product.Label is null ? "" : $"; label: {profile.Words}");
    }

    internal override IEnumerable<string> Warnings(KitEntry now) => Product?.Doubt is { } doubt ? [doubt] : [];
}
