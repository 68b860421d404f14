using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>The generic products, by active ingredient, form and strength. Each fills the form; the copied label is the product.</summary>
public static class ChemicalProfiles
{
    /// <summary>Household bleach, whose dose hangs on its strength and age.</summary>
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

    /// <summary>The generic products, by active ingredient and form.</summary>
    public static readonly IReadOnlyList<ChemicalProfile> All =
    [
        new(
            Id: "nadcc-8.5",
            Name: "Chlorine tablet, NaDCC 8.5 mg",
            Active: ActiveIngredient.FreeChlorine,
            Form: ProductForm.Tablet,
            Dose: new LabelDose(1, 1, "1 tablet per 1 L", CloudyFactor: 2),
            Wait: LabelWait.ForThree(30, "30 min; cold: double", DoubleWhenCold),
            LabelMgPerL: 5,
            StockPercent: null,
            MixStandMinutes: 0,
            DissolveMinutes: 5,
            Cautions: ChlorineCautions
        ),
        new(
            Id: "nadcc-17",
            Name: "Chlorine tablet, NaDCC 17 mg",
            Active: ActiveIngredient.FreeChlorine,
            Form: ProductForm.Tablet,
            Dose: new LabelDose(1, 2, "1 tablet per 2 L", CloudyFactor: 2),
            Wait: LabelWait.ForThree(30, "30 min; cold: double", DoubleWhenCold),
            LabelMgPerL: 5,
            StockPercent: null,
            MixStandMinutes: 0,
            DissolveMinutes: 5,
            Cautions: ChlorineCautions
        ),
        new(
            Id: BleachId,
            Name: "Household bleach, regular unscented",
            Active: ActiveIngredient.FreeChlorine,
            Form: ProductForm.Drops,
            Dose: new LabelDose(2, 1, "2 drops per litre at 6 %", CloudyFactor: 2, DoublesWhenColoured: true, DoublesWhenVeryCold: true),
            Wait: LabelWait.ForThree(30, "30 min"),
            LabelMgPerL: 6,
            StockPercent: 6,
            MixStandMinutes: 0,
            DissolveMinutes: 1,
            Cautions:
            [
                "A backup. Only regular, unscented bleach with no additives.",
                "Never mix with acids, ammonia or any other product. Keep off skin and eyes.",
            ]
        ),
        new(
            Id: "clo2-tablet",
            Name: "Chlorine dioxide tablet",
            Active: ActiveIngredient.ChlorineDioxide,
            Form: ProductForm.Tablet,
            Dose: new LabelDose(1, 1, "1 tablet per 1 L"),
            Wait: new LabelWait(30, 30, 30, 240, "30 min; Cryptosporidium 240 min"),
            LabelMgPerL: 4,
            StockPercent: null,
            MixStandMinutes: 0,
            DissolveMinutes: 5,
            Cautions: ["Keep the foil shut until use; do not touch a wet tablet."]
        ),
        new(
            Id: "clo2-drops",
            Name: "Chlorine dioxide, two-part drops",
            Active: ActiveIngredient.ChlorineDioxide,
            Form: ProductForm.TwoPartDrops,
            Dose: new LabelDose(7, 1, "7 + 7 drops per litre, mixed and stood 5 min"),
            Wait: new LabelWait(
                Bacteria: 15,
                Viruses: 15,
                Giardia: 15,
                Cryptosporidium: 240,
                Words: "15 min; cold or cloudy 30; Cryptosporidium 240 min",
                Cold: DoubleWhenCold,
                CloudyTimes: 2,
                RulesReachCryptosporidium: false
            ),
            LabelMgPerL: 4,
            StockPercent: null,
            MixStandMinutes: 5,
            DissolveMinutes: 1,
            Cautions: ["The parts burn skin and eyes. Mix only with each other, never with another product."]
        ),
        new(
            Id: "iodine-tablet",
            Name: "Iodine tablet (TGHP)",
            Active: ActiveIngredient.Iodine,
            Form: ProductForm.Tablet,
            Dose: new LabelDose(1, UnitTable.LitresPerQuart, "1 tablet per quart, 2 if cloudy", CloudyFactor: 2),
            Wait: LabelWait.ForThree(30, "30 min; cold 60", DoubleWhenCold),
            LabelMgPerL: 8,
            StockPercent: null,
            MixStandMinutes: 0,
            DissolveMinutes: 5,
            Cautions: IodineCautions
        ),
        new(
            Id: "iodine-tincture",
            Name: "Iodine tincture 2 %",
            Active: ActiveIngredient.Iodine,
            Form: ProductForm.Drops,
            Dose: new LabelDose(5, UnitTable.LitresPerQuart, "5 drops per quart, 10 if cloudy", CloudyFactor: 2),
            Wait: LabelWait.ForThree(30, "30 min; cold 60", DoubleWhenCold),
            // 5 drops of 1 mg in a quart: 5.28 mg/L, which the table rounds to 5.3.
            LabelMgPerL: 5 * TinctureMgPerDrop / UnitTable.LitresPerQuart,
            StockPercent: 2,
            MixStandMinutes: 0,
            DissolveMinutes: 1,
            Cautions: [.. IodineCautions, "Tincture stains and burns: keep off skin and eyes."]
        ),
    ];

    /// <summary>A template by its id; null when there is none of that name.</summary>
    public static ChemicalProfile? Find(string? id) => All.FirstOrDefault(p => p.Id == id);
}
