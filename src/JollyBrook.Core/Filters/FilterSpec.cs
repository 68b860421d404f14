using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Filters;

/// <summary>What does the filtering.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<FilterElement>))]
public enum FilterElement
{
    /// <summary>Bundled fibres of 0.1 to 0.2 µm; frost breaks them unseen.</summary>
    HollowFibre,

    /// <summary>Ceramic of 0.2 to 0.3 µm, scrubbed when it clogs.</summary>
    Ceramic,

    /// <summary>Folded or glass fibre, 0.3 µm.</summary>
    Pleated,

    /// <summary>Takes viruses, too: pores of 0.02 µm, or adsorbed.</summary>
    Purifier,

    /// <summary>1 µm absolute: holds cysts back, not bacteria.</summary>
    OneMicron,

    /// <summary>Takes taste and smell, no organisms.</summary>
    Carbon,
}

/// <summary>How the water is driven through.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<FilterStyle>))]
public enum FilterStyle
{
    /// <summary>Pressed from a soft bottle by hand.</summary>
    Squeeze,

    /// <summary>Runs down from a hung bag.</summary>
    Gravity,

    /// <summary>Pumped by hand.</summary>
    Pump,

    /// <summary>A plunger pushed down in a bottle.</summary>
    Press,

    /// <summary>Sucked or squeezed while drinking.</summary>
    DrinkThrough,
}

/// <summary>Log reductions a label claims; they replace the table's row, at most 6, 4, 4 and 4.</summary>
public sealed record FilterClaims(double? Bacteria, double? Viruses, double? Giardia, double? Cryptosporidium);

/// <summary>A filter as its label says; what it has been through is its <see cref="FilterState"/>.</summary>
/// <param name="Element">What does the filtering.</param>
/// <param name="Style">How water is driven through.</param>
/// <param name="RatedFlowLPerMin">Flow of the new, clean element, L/min, 0.05 to 10.</param>
/// <param name="RatedLifeL">Litres the label gives it, 10 to 1 000 000.</param>
/// <param name="Claims">The label's own claims.</param>
public sealed record FilterSpec(
    FilterElement? Element,
    FilterStyle? Style,
    double? RatedFlowLPerMin = null,
    double? RatedLifeL = null,
    FilterClaims? Claims = null
)
{
    private static readonly NumberField Flow = new(
        "filter.ratedFlowLPerMin",
        "Flow when new",
        Quantity.Flow,
        0.05,
        10,
        "Copy it from the label."
    );

    private static readonly NumberField Life = new("filter.ratedLifeL", "Rated life", Quantity.Volume, 10, 1e6, "Copy it from the label.");

    private static readonly NumberField Claim = new(
        "filter.claims",
        "Claimed log reduction",
        Quantity.Plain,
        0,
        9,
        "Copy it from the label."
    );

    private static readonly ChoiceField ElementField = ChoiceField.Of<FilterElement>("filter.element", "Filter element");

    private static readonly ChoiceField StyleField = ChoiceField.Of<FilterStyle>("filter.style", "Filter style");

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(ElementField, Element);
        intake.Present(StyleField, Style);
        intake.Required(Flow, RatedFlowLPerMin);
        intake.Optional(Life, RatedLifeL);
        foreach (var claim in new[] { Claims?.Bacteria, Claims?.Viruses, Claims?.Giardia, Claims?.Cryptosporidium })
        {
            intake.Optional(Claim, claim);
        }
    }
}
