using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>The cautions that bite with a product on this water.</summary>
internal static class ChemicalCautions
{
    /// <summary>That a product does not reach Cryptosporidium.</summary>
    public const string NoCryptosporidium = "no-cryptosporidium";

    public static List<Caution> For(ChemicalProfile profile, FieldWater water, Speaker say)
    {
        var cautions = new List<Caution>();
        if (profile.Active != ActiveIngredient.ChlorineDioxide)
        {
            cautions.Add(
                new(
                    NoCryptosporidium,
                    Severity.Warning,
                    "Does not reach Cryptosporidium, however long you wait. Boil it or use chlorine dioxide to cover it."
                )
            );
        }
        else if (!profile.Claims.Contains(OrganismClass.Cryptosporidium))
        {
            cautions.Add(
                new(
                    NoCryptosporidium,
                    Severity.Warning,
                    "Its label does not claim Cryptosporidium: not counted on. Boil it, or filter it first."
                )
            );
        }

        if (profile.Copy?.Doubt(ChemicalProfiles.Find(profile.Id) ?? profile, profile.StockPercent) is { } doubt)
        {
            cautions.Add(new("copied-right", Severity.Warning, doubt));
        }

        if (profile.AsksTheNose)
        {
            cautions.Add(
                new(
                    "smell-check",
                    Severity.Note,
                    "The wait makes it ready to check: drinkable once the nose says faint chlorine. None: dose again, 15 minutes more."
                )
            );
        }

        cautions.AddRange(profile.Cautions.Select((line, i) => new Caution($"label-{i + 1}", Severity.Warning, line)));
        if (water.Given.Colour == WaterColour.Green)
        {
            cautions.Add(
                new("green", Severity.Danger, "Scum, paint-like streaks or pea-soup green: leave it. No treatment takes out algal toxins.")
            );
        }

        if (water.TemperatureC < ChemicalProfile.VeryColdBelowC)
        {
            cautions.Add(
                new(
                    "very-cold",
                    Severity.Note,
                    $"Below {say.Of(Quantity.Temperature, ChemicalProfile.VeryColdBelowC)}: dissolving takes twice as long."
                )
            );
        }

        cautions.Add(new("outranked", Severity.Note, "The product's label, local advice and a clinician's word outrank this answer."));
        return cautions;
    }
}
