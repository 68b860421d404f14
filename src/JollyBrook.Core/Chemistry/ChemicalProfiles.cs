using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>The generic products, by active ingredient, form and strength. Each fills the form; the copied label is the product.</summary>
public static class ChemicalProfiles
{
    public const string BleachId = "bleach";

    /// <summary>Drops in a millilitre until the traveller has counted their own.</summary>
    public const double DefaultDropsPerMl = 20;

    private const double TinctureMgPerDrop = 10 * 2 / DefaultDropsPerMl;

    private static readonly ColdRule DoubleWhenCold = new(ChemicalProfile.ColdBelowC, 2);

    private static readonly string[] ChlorineCautions =
    [
        "Never mix with acids or any other product. Keep tablets dry and off skin and eyes.",
    ];

    private static readonly string[] IodineCautions =
    [
        "Not in pregnancy, thyroid disease, iodine allergy, or under the label's age.",
        "Not as the only method for longer than 3 weeks.",
    ];

    public static readonly IReadOnlyList<ChemicalProfile> All =
    [
        new(
            "nadcc-8.5",
            "Chlorine tablet, NaDCC 8.5 mg",
            ActiveIngredient.FreeChlorine,
            ProductForm.Tablet,
            new LabelDose(1, 1, "1 tablet per 1 L", CloudyFactor: 2),
            LabelWait.ForThree(30, "30 min; cold: double", DoubleWhenCold),
            5,
            null,
            0,
            5,
            ChlorineCautions
        ),
        new(
            "nadcc-17",
            "Chlorine tablet, NaDCC 17 mg",
            ActiveIngredient.FreeChlorine,
            ProductForm.Tablet,
            new LabelDose(1, 2, "1 tablet per 2 L", CloudyFactor: 2),
            LabelWait.ForThree(30, "30 min; cold: double", DoubleWhenCold),
            5,
            null,
            0,
            5,
            ChlorineCautions
        ),
        new(
            BleachId,
            "Household bleach, regular unscented",
            ActiveIngredient.FreeChlorine,
            ProductForm.Drops,
            new LabelDose(2, 1, "2 drops per litre at 6 %", CloudyFactor: 2, DoublesWhenColoured: true, DoublesWhenVeryCold: true),
            LabelWait.ForThree(30, "30 min"),
            6,
            6,
            0,
            1,
            [
                "A backup. Only regular, unscented bleach with no additives.",
                "Never mix with acids, ammonia or any other product. Keep off skin and eyes.",
            ]
        ),
        new(
            "clo2-tablet",
            "Chlorine dioxide tablet",
            ActiveIngredient.ChlorineDioxide,
            ProductForm.Tablet,
            new LabelDose(1, 1, "1 tablet per 1 L"),
            new LabelWait(30, 30, 30, 240, "30 min; Cryptosporidium 240 min"),
            4,
            null,
            0,
            5,
            ["Keep the foil shut until use; do not touch a wet tablet."]
        ),
        new(
            "clo2-drops",
            "Chlorine dioxide, two-part drops",
            ActiveIngredient.ChlorineDioxide,
            ProductForm.TwoPartDrops,
            new LabelDose(7, 1, "7 + 7 drops per litre, mixed and stood 5 min"),
            new LabelWait(
                15,
                15,
                15,
                240,
                "15 min; cold or cloudy 30; Cryptosporidium 240 min",
                DoubleWhenCold,
                2,
                RulesReachCryptosporidium: false
            ),
            4,
            null,
            5,
            1,
            ["The parts burn skin and eyes. Mix only with each other, never with another product."]
        ),
        new(
            "iodine-tablet",
            "Iodine tablet (TGHP)",
            ActiveIngredient.Iodine,
            ProductForm.Tablet,
            new LabelDose(1, UnitTable.LitresPerQuart, "1 tablet per quart, 2 if cloudy", CloudyFactor: 2),
            LabelWait.ForThree(30, "30 min; cold 60", DoubleWhenCold),
            8,
            null,
            0,
            5,
            IodineCautions
        ),
        new(
            "iodine-tincture",
            "Iodine tincture 2 %",
            ActiveIngredient.Iodine,
            ProductForm.Drops,
            new LabelDose(5, UnitTable.LitresPerQuart, "5 drops per quart, 10 if cloudy", CloudyFactor: 2),
            LabelWait.ForThree(30, "30 min; cold 60", DoubleWhenCold),
            // 5 drops of 1 mg in a quart: 5.28 mg/L, which the table rounds to 5.3.
            5 * TinctureMgPerDrop / UnitTable.LitresPerQuart,
            2,
            0,
            1,
            [.. IodineCautions, "Tincture stains and burns: keep off skin and eyes."]
        ),
    ];

    /// <summary>A template by its id; null when there is none of that name.</summary>
    public static ChemicalProfile? Find(string? id) => All.FirstOrDefault(p => p.Id == id);
}
