using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Clearing;

/// <summary>How a flocculant is measured out.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<FlocculantForm>))]
public enum FlocculantForm
{
    /// <summary>Drops of a liquid, by its label.</summary>
    Drops,

    /// <summary>Alum powder, 30 to 60 mg/L.</summary>
    Alum,
}

/// <summary>A flocculant as its label describes it.</summary>
/// <param name="Form">Drops or alum powder.</param>
/// <param name="LabelDrops">Drops the label asks for, 1 to 200; drops only.</param>
/// <param name="LabelVolumeL">Per so many litres, 0.1 to 100; drops only.</param>
public sealed record FlocculantSpec(FlocculantForm? Form, double? LabelDrops = null, double? LabelVolumeL = null)
{
    /// <summary>Drops the label asks for, 1 to 200.</summary>
    public static readonly NumberField Drops = new(
        "flocculant.labelDrops",
        "Drops on the label",
        Quantity.Plain,
        1,
        200,
        "Copy the number from the label."
    );

    /// <summary>The water those drops are for, L, 0.1 to 100.</summary>
    public static readonly NumberField PerVolume = new(
        "flocculant.labelVolumeL",
        "Volume on the label",
        Quantity.Volume,
        0.1,
        100,
        "Copy the volume those drops are for."
    );

    private static readonly ChoiceField FormField = ChoiceField.Of<FlocculantForm>("flocculant.form", "Form of the flocculant");

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(FormField, Form);
        if (Form == FlocculantForm.Drops)
        {
            intake.Required(Drops, LabelDrops);
            intake.Required(PerVolume, LabelVolumeL);
        }
    }
}

/// <summary>How much flocculant, and how long to stir and stand. It clears; it takes no organism away.</summary>
public static class Flocculation
{
    /// <summary>Minutes of fast stirring, which spreads it.</summary>
    public const double StirFastMinutes = 1;

    /// <summary>Minutes of slow stirring, in which the flocs grow.</summary>
    public const double StirSlowMinutes = 5;

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source =
        "Alum 30 to 60 mg/L, stir fast 1 min, slowly 5, stand 20 to 60; 60 below 5 °C, 20 from 20 °C, linear between (pick)";

    private const double LeastAlumMgPerL = 30;
    private const double MostAlumMgPerL = 60;
    private const double ShortestStand = 20;
    private const double LongestStand = 60;

    /// <summary>Whole drops for a volume by the label, rounded up.</summary>
    public static int Drops(double labelDrops, double labelVolumeL, double volumeL) =>
        (int)Math.Ceiling((labelDrops * volumeL / labelVolumeL) - 1e-9);

    /// <summary>Alum in mg: 30 mg/L to start in cloudy water, 60 in muddy water and slurry (pick within the range).</summary>
    public static double AlumMg(Clarity clarity, double volumeL) =>
        (clarity is Clarity.Muddy or Clarity.Slurry ? MostAlumMgPerL : LeastAlumMgPerL) * volumeL;

    /// <summary>Minutes to stand: 60 below 5 °C, 20 from 20 °C up, linear between.</summary>
    public static double StandMinutes(double temperatureC) =>
        LongestStand - (Math.Clamp((temperatureC - 5) / 15, 0, 1) * (LongestStand - ShortestStand));

    /// <summary>"12 drops", "0.6 g of alum (0.3 g to start)".</summary>
    public static string Dose(FlocculantSpec spec, Clarity clarity, double volumeL)
    {
        ArgumentNullException.ThrowIfNull(spec);
        if (spec.Form == FlocculantForm.Drops)
        {
            var drops = Drops(spec.LabelDrops!.Value, spec.LabelVolumeL!.Value, volumeL);
            return drops == 1 ? "1 drop of flocculant" : $"{drops} drops of flocculant";
        }

        var grams = Math.Ceiling(AlumMg(clarity, volumeL) / 10 - 1e-9) / 100;
        return $"{Speaker.Number(grams, 2)} g of alum";
    }
}
