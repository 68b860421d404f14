using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>The unit of water on a label.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<LabelUnit>))]
public enum LabelUnit
{
    Litre,
    UsQuart,
    UsGallon,
}

/// <summary>A label's dose, copied in its own units: so many tablets or drops for so much water, and a wait.</summary>
/// <param name="Amount">Tablets, or drops (of each part), 0.25 to 500.</param>
/// <param name="Water">For so much water, in <paramref name="Unit"/>, 0.1 to 200.</param>
/// <param name="Unit">The label's unit of water.</param>
/// <param name="WaitMinutes">The label's wait, min, 1 to 720.</param>
public sealed record CopiedLabel(double? Amount, double? Water, LabelUnit? Unit = null, double? WaitMinutes = null)
{
    private const double SameWithin = 0.1;

    private static readonly NumberField AmountField = new(
        "product.label.amount", "Dose on the label", Quantity.Plain, 0.25, 500, "Copy tablets or drops as the label gives them.");

    private static readonly NumberField WaterField = new(
        "product.label.water", "Water on the label", Quantity.Plain, 0.1, 200, "Copy it in the label's own unit.");

    private static readonly NumberField WaitField = new("product.label.waitMinutes", "Wait on the label", Quantity.Duration, 1, 720, "Copy it from the label.");

    /// <summary>Water in litres; null until it is copied.</summary>
    public double? WaterL => Water * LitresIn(Unit ?? LabelUnit.Litre);

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Required(AmountField, Amount);
        intake.Required(WaterField, Water);
        intake.Optional(WaitField, WaitMinutes);
    }

    /// <summary>The label's own words: "4 for 1 US gal, 30 min".</summary>
    public string Words() =>
        $"{Speaker.Number(Amount ?? 0, 2)} for {Speaker.Number(Water ?? 0, 2)} {Spoken(Unit ?? LabelUnit.Litre)}"
        + (WaitMinutes is { } wait ? $", {Speaker.Minutes(wait)}" : "");

    /// <summary>Where the label asks for more, or longer, than the profile it is doubled for; null where the profile covers it.</summary>
    /// <param name="profile">What its doses are worked out by.</param>
    /// <param name="dropsAreOfStrength">Bleach: strength of the bottle over the profile's, so that weaker drops may be more; 1 otherwise.</param>
    public string? Beyond(ChemicalProfile profile, double dropsAreOfStrength = 1)
    {
        ArgumentNullException.ThrowIfNull(profile);
        if (Amount is not { } amount || WaterL is not { } litres)
        {
            return null;
        }

        var perLitre = amount / litres * dropsAreOfStrength;
        var counted = profile.Dose.Amount / profile.Dose.VolumeL;
        if (perLitre > counted * (1 + SameWithin))
        {
            return $"The label asks {Speaker.Number(perLitre, 2)} a litre, “{profile.Name}” counts {Speaker.Number(counted, 2)}: choose the product it is like, or follow the label.";
        }

        var counts = Math.Max(profile.Wait.Minutes, profile.Wait.CryptosporidiumMinutes ?? 0);
        return WaitMinutes > counts
            ? $"The label asks {Speaker.Minutes(WaitMinutes.Value)}, “{profile.Name}” {Speaker.Minutes(counts)}: wait the label's time at least."
            : null;
    }

    private static double LitresIn(LabelUnit unit) => unit switch
    {
        LabelUnit.UsQuart => UnitTable.LitresPerQuart,
        LabelUnit.UsGallon => UnitTable.LitresPerGallon,
        _ => 1,
    };

    private static string Spoken(LabelUnit unit) => unit switch
    {
        LabelUnit.UsQuart => "US qt",
        LabelUnit.UsGallon => "US gal",
        _ => "L",
    };
}
