using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>How strong to dose, mg/L: what the label asks for here, what is computed, and the ceiling.</summary>
/// <param name="LabelMgPerL">By the label's rule for this water; the floor.</param>
/// <param name="AskedMgPerL">Label or computed, whichever is more.</param>
/// <param name="CeilingMgPerL">Twice the clear-water dose.</param>
/// <param name="Why">Which rule raised it; null in plain clear water.</param>
public sealed record DoseStrength(double LabelMgPerL, double AskedMgPerL, double CeilingMgPerL, string? Why)
{
    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source =
        "Label; computed where the label has no cloudy dose: keep the residual it leaves in clear "
        + "water (pick), at most twice the clear dose";

    private const double CeilingFactor = 2;

    /// <summary>Whether the water asks for more than the label.</summary>
    public bool IsComputed => AskedMgPerL > LabelMgPerL;

    /// <summary>The stronger of what the label says and what the water asks for.</summary>
    public static DoseStrength For(ChemicalProfile profile, FieldWater water)
    {
        ArgumentNullException.ThrowIfNull(profile);
        ArgumentNullException.ThrowIfNull(water);
        var clear = profile.LabelMgPerL;
        var ceiling = CeilingFactor * clear;
        var why = LabelRule(profile, water);
        if (why is not null)
        {
            // A copied label may ask for more than twice; it is then its own ceiling.
            var doubled = clear * profile.Dose.CloudyFactor;
            ceiling = Math.Max(ceiling, doubled);
            return new DoseStrength(doubled, doubled, ceiling, why);
        }

        if (water.Clarity != Clarity.Cloudy)
        {
            return new DoseStrength(clear, clear, ceiling, null);
        }

        var extra = DisinfectantDemand.MgPerL(water.Clarity, water.Colour) - DisinfectantDemand.MgPerL(Clarity.Clear, WaterColour.None);
        return new DoseStrength(
            clear,
            Math.Min(ceiling, clear + extra),
            ceiling,
            "cloudy water uses up more than the label's dose allows for"
        );
    }

    private static string? LabelRule(ChemicalProfile profile, FieldWater water)
    {
        var dose = profile.Dose;
        if (dose.CloudyFactor > 1 && water.Clarity == Clarity.Cloudy)
        {
            return "label: more for cloudy water";
        }

        if (dose.DoublesWhenColoured && water.Colour != WaterColour.None)
        {
            return "label: double for coloured water";
        }

        return dose.DoublesWhenVeryCold && water.TemperatureC < ChemicalProfile.VeryColdBelowC ? "label: double for very cold water" : null;
    }
}
