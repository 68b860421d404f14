using JollyBrook.Core.Barriers;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>The cases in which no dose is given, each with its reason and what works instead.</summary>
internal static class ChemicalRefusals
{
    private const string OtherMethod = "Boil it, or use another product.";

    /// <summary>Reasons that hold whatever the volume; null when there are none.</summary>
    public static Refusal? Before(ChemicalProfile profile, FieldWater water, ChemicalSetup setup)
    {
        if (water.Clarity is Clarity.Muddy or Clarity.Slurry)
        {
            return new(
                RefusalCode.Muddy,
                $"No dose counts in {Turbidity.Spoken(water.Clarity)} water: organisms sit inside the particles.",
                ["Let it settle or flocculate it, draw off the clear water, and judge the clarity again.", "Or settle it and boil it."]
            );
        }

        return profile.IsHouseholdBleach ? BleachAge(setup) : Date(setup);
    }

    public static Refusal NoResidual(ContactConditions at, double dose, double demand) =>
        new(
            RefusalCode.NoResidual,
            at.ResidualMgPerL <= 0
                ? $"This water uses up the whole dose: {Speaker.Number(demand, 1)} of {Speaker.Number(dose, 1)} "
                    + "mg/L. Nothing is left to work."
                : $"Too little is left to work: {Speaker.Number(at.ResidualMgPerL, 1)} mg/L.",
            ["Clear the water first, keep the bottle in the shade, and judge it again.", OtherMethod]
        );

    public static Refusal TooStrong(ChemicalProfile profile, DoseStrength strength, DoseUnit unit, double volumeL, Speaker say)
    {
        var least = Math.Ceiling(unit.Step * unit.Mg / strength.CeilingMgPerL * 100) / 100;
        var name = profile.Form == ProductForm.Tablet ? "tablet" : "drop";
        return new(
            RefusalCode.TooStrong,
            $"One {name} in {say.Of(Quantity.Volume, volumeL)} is stronger than twice the clear-water "
                + $"dose ({Speaker.Number(strength.CeilingMgPerL, 1)} mg/L), "
                + "and this container holds no more.",
            [
                $"Take a bigger container: {say.Of(Quantity.Volume, least)} or more takes {DoseWords.Of(profile.Form, unit.Step)}.",
                OtherMethod,
            ]
        );
    }

    private static Refusal? Date(ChemicalSetup setup) =>
        setup.Date switch
        {
            DateCheck.InDate => null,
            DateCheck.Past => new(
                RefusalCode.PastDate,
                "Past its date: it is not counted on at all.",
                ["Use one that is in date.", OtherMethod]
            ),
            _ => new(RefusalCode.DateUnknown, "Date not known: counted as past its date.", ["Read the date on the pack.", OtherMethod]),
        };

    private static Refusal? BleachAge(ChemicalSetup setup) =>
        setup.BleachAgeMonths switch
        {
            null => new(
                RefusalCode.BleachAgeUnknown,
                "Age not known: bleach is counted as over a year old, too weak to count on.",
                ["Read the pack date on the bottle.", OtherMethod]
            ),
            > Bleach.LifeMonths => new(
                RefusalCode.BleachTooOld,
                "Bleach over 12 months from its pack date is not counted on.",
                ["Use a newer bottle.", OtherMethod]
            ),
            _ => null,
        };
}
