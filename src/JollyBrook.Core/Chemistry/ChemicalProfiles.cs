using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>The generic products, by active ingredient, form and strength. A label copied by hand replaces any of them.</summary>
public static class ChemicalProfiles
{
    public const string BleachId = "bleach";

    /// <summary>Drops in a millilitre until the traveller has counted their own.</summary>
    public const double DefaultDropsPerMl = 20;

    private const double TinctureMgPerDrop = 10 * 2 / DefaultDropsPerMl;

    private static readonly OrganismClass[] ThreeClasses =
        [OrganismClass.Bacteria, OrganismClass.Viruses, OrganismClass.Giardia];

    private static readonly OrganismClass[] AllClasses = [.. OrganismClasses.All];

    private static readonly string[] ChlorineCautions =
        ["Never mix with acids or any other product. Keep tablets dry and off skin and eyes."];

    private static readonly string[] IodineCautions =
    [
        "Not in pregnancy, thyroid disease, iodine allergy, or under the label's age.",
        "Not as the only method for longer than 3 weeks.",
    ];

    public static readonly IReadOnlyList<ChemicalProfile> All =
    [
        new("nadcc-8.5", "Chlorine tablet, NaDCC 8.5 mg", ActiveIngredient.FreeChlorine, ProductForm.Tablet,
            new LabelDose(1, 1, "1 tablet per 1 L", CloudyFactor: 2),
            new LabelWait(30, 60, 30, null, "30 min; cold: double"),
            5, null, ThreeClasses, 0, 5, ChlorineCautions),
        new("nadcc-17", "Chlorine tablet, NaDCC 17 mg", ActiveIngredient.FreeChlorine, ProductForm.Tablet,
            new LabelDose(1, 2, "1 tablet per 2 L", CloudyFactor: 2),
            new LabelWait(30, 60, 30, null, "30 min; cold: double"),
            5, null, ThreeClasses, 0, 5, ChlorineCautions),
        new(BleachId, "Household bleach, regular unscented", ActiveIngredient.FreeChlorine, ProductForm.Drops,
            new LabelDose(2, 1, "2 drops per litre at 6 %", CloudyFactor: 2, DoublesWhenColoured: true, DoublesWhenVeryCold: true),
            new LabelWait(30, 30, 30, null, "30 min"),
            6, 6, ThreeClasses, 0, 1,
            [
                "A backup. Only regular, unscented bleach with no additives.",
                "Never mix with acids, ammonia or any other product. Keep off skin and eyes.",
            ]),
        new("clo2-tablet", "Chlorine dioxide tablet", ActiveIngredient.ChlorineDioxide, ProductForm.Tablet,
            new LabelDose(1, 1, "1 tablet per 1 L"),
            new LabelWait(30, 30, 30, 240, "30 min; Cryptosporidium 240 min"),
            4, null, AllClasses, 0, 5,
            ["Keep the foil shut until use; do not touch a wet tablet."]),
        new("clo2-drops", "Chlorine dioxide, two-part drops", ActiveIngredient.ChlorineDioxide, ProductForm.TwoPartDrops,
            new LabelDose(7, 1, "7 + 7 drops per litre, mixed and stood 5 min"),
            new LabelWait(15, 30, 30, 240, "15 min; cold or cloudy 30; Cryptosporidium 240 min"),
            4, null, AllClasses, 5, 1,
            ["The parts burn skin and eyes. Mix only with each other, never with another product."]),
        new("iodine-tablet", "Iodine tablet (TGHP)", ActiveIngredient.Iodine, ProductForm.Tablet,
            new LabelDose(1, UnitTable.LitresPerQuart, "1 tablet per quart, 2 if cloudy", CloudyFactor: 2),
            new LabelWait(30, 60, 30, null, "30 min; cold 60"),
            8, null, ThreeClasses, 0, 5, IodineCautions),
        new("iodine-tincture", "Iodine tincture 2 %", ActiveIngredient.Iodine, ProductForm.Drops,
            new LabelDose(5, UnitTable.LitresPerQuart, "5 drops per quart, 10 if cloudy", CloudyFactor: 2),
            new LabelWait(30, 60, 30, null, "30 min; cold 60"),
            // 5 drops of 1 mg in a quart: 5.28 mg/L, which the table rounds to 5.3.
            5 * TinctureMgPerDrop / UnitTable.LitresPerQuart, 2, ThreeClasses, 0, 1,
            [.. IodineCautions, "Tincture stains and burns: keep off skin and eyes."]),
    ];
}
