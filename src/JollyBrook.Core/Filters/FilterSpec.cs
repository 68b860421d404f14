using System.Text.Json.Serialization;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Filters;

/// <summary>What does the filtering.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<FilterElement>))]
public enum FilterElement
{
    HollowFibre,
    Ceramic,
    Pleated,
    Purifier,
    OneMicron,
    Carbon,
}

/// <summary>How the water is driven through.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<FilterStyle>))]
public enum FilterStyle
{
    Squeeze,
    Gravity,
    Pump,
    Press,
    DrinkThrough,
}

/// <summary>Whether something happened; not known counts as yes.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Happened>))]
public enum Happened
{
    Unknown,
    No,
    Yes,
}

/// <summary>Log reductions a label claims; they replace the table's row, at most 6, 4, 4 and 4.</summary>
public sealed record FilterClaims(double? Bacteria, double? Viruses, double? Giardia, double? Cryptosporidium);

/// <summary>A filter as it is: its label, and what it has been through. What is left out counts as worse.</summary>
/// <param name="Element">What does the filtering.</param>
/// <param name="Style">How water is driven through.</param>
/// <param name="RatedFlowLPerMin">Flow of the new, clean element, litres a minute, 0.05 to 10.</param>
/// <param name="RatedLifeL">Litres the label gives it, 10 to 1 000 000.</param>
/// <param name="UsedL">Litres it has had, 0 to 1 000 000.</param>
/// <param name="ClogLoadLNtu">Litres × NTU since it was last back-flushed or scrubbed, 0 to 1 000 000.</param>
/// <param name="LostShare">Share of its flow that servicing does not bring back, 0 to 0.99.</param>
/// <param name="Wetted">Whether it has ever been wet.</param>
/// <param name="Frozen">Whether it was left unguarded at or below 0 °C while wet.</param>
/// <param name="Dropped">Whether it was dropped.</param>
/// <param name="NewOrStored">Whether it is new or comes out of storage.</param>
/// <param name="Claims">The label's own claims.</param>
public sealed record FilterSpec(
    FilterElement? Element, FilterStyle? Style, double? RatedFlowLPerMin = null, double? RatedLifeL = null, double? UsedL = null,
    double? ClogLoadLNtu = null, double? LostShare = null, Happened? Wetted = null, Happened? Frozen = null, Happened? Dropped = null,
    bool? NewOrStored = null, FilterClaims? Claims = null) : IBarrierSource
{
    private static readonly NumberField Flow = new(
        "filter.ratedFlowLPerMin", "Flow when new", Quantity.Flow, 0.05, 10, "Copy it from the label.");

    private static readonly NumberField Life = new("filter.ratedLifeL", "Rated life", Quantity.Volume, 10, 1e6, "Copy it from the label.");

    private static readonly NumberField Used = new("filter.usedL", "Litres used", Quantity.Volume, 0, 1e6, "Count what has gone through.");

    private static readonly NumberField Load = new(
        "filter.clogLoadLNtu", "Clogging since the last service", Quantity.Plain, 0, 1e6, "Litres times NTU; 0 after a back-flush.");

    private static readonly NumberField Lost = new("filter.lostShare", "Flow lost for good", Quantity.Share, 0, 0.99, "0 for a new element.");

    private static readonly NumberField Claim = new("filter.claims", "Claimed log reduction", Quantity.Plain, 0, 9, "Copy it from the label.");

    private static readonly ChoiceField ElementField = ChoiceField.Of<FilterElement>("filter.element", "Filter element");

    private static readonly ChoiceField StyleField = ChoiceField.Of<FilterStyle>("filter.style", "Filter style");

    /// <summary>Whether it counts as wetted: only one that is told dry, and has had nothing through it, is not (rule 4).</summary>
    public bool CountsAsWetted => Wetted != Happened.No || ContradictsItself;

    /// <summary>Whether it is told never wetted though something has gone through it.</summary>
    public bool ContradictsItself => Wetted == Happened.No && (UsedL > 0 || ClogLoadLNtu > 0 || LostShare > 0);

    public IEnumerable<IBarrier> Barriers(string id, string name) => [new FilterBarrier(id, name, this)];

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(ElementField, Element);
        intake.Present(StyleField, Style);
        intake.Required(Flow, RatedFlowLPerMin);
        intake.Optional(Life, RatedLifeL);
        intake.Optional(Used, UsedL);
        intake.Optional(Load, ClogLoadLNtu);
        intake.Optional(Lost, LostShare);
        foreach (var claim in new[] { Claims?.Bacteria, Claims?.Viruses, Claims?.Giardia, Claims?.Cryptosporidium })
        {
            intake.Optional(Claim, claim);
        }
    }
}
