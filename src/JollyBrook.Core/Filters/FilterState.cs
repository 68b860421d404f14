using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Filters;

/// <summary>Whether something happened; not known counts as yes.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Happened>))]
public enum Happened
{
    /// <summary>Counts as yes.</summary>
    Unknown,

    /// <summary>It did not.</summary>
    No,

    /// <summary>It did.</summary>
    Yes,
}

/// <summary>What a filter has been through, as the log tells. What is left out counts as worse.</summary>
/// <param name="UsedL">Litres it has had, 0 to 1 000 000.</param>
/// <param name="ClogLoadLNtu">Litres × NTU since it was last back-flushed or scrubbed, 0 to 1 000 000.</param>
/// <param name="LostShare">Share of its flow that servicing does not bring back, 0 to 0.99; 0 when left out.</param>
/// <param name="Wetted">Whether it has ever been wet.</param>
/// <param name="Frozen">Whether it was left unguarded at or below 0 °C while wet.</param>
/// <param name="Dropped">Whether it was dropped.</param>
/// <param name="NewOrStored">Whether it is new or comes out of storage.</param>
public sealed record FilterState(
    double? UsedL = null,
    double? ClogLoadLNtu = null,
    double? LostShare = null,
    Happened? Wetted = null,
    Happened? Frozen = null,
    Happened? Dropped = null,
    bool? NewOrStored = null
)
{
    /// <summary>A filter of which nothing was told.</summary>
    public static readonly FilterState NotKnown = new();

    private static readonly NumberField Used = new("filter.usedL", "Litres used", Quantity.Volume, 0, 1e6, "Count what has gone through.");

    private static readonly NumberField Load = new(
        "filter.clogLoadLNtu",
        "Clogging since the last service",
        Quantity.Plain,
        0,
        1e6,
        "Litres times NTU; 0 after a back-flush."
    );

    private static readonly NumberField Lost = new(
        "filter.lostShare",
        "Flow lost for good",
        Quantity.Share,
        0,
        0.99,
        "0 for a new element."
    );

    /// <summary>The fields of what a filter has been through.</summary>
    public static readonly IReadOnlyList<Field> Fields = [Used, Load, Lost];

    /// <summary>Whether it counts as wetted: only one that is told dry, and has had nothing through it, is not (rule 4).</summary>
    [JsonIgnore]
    public bool CountsAsWetted => Wetted != Happened.No || ContradictsItself;

    /// <summary>Whether it is told never wetted though something has gone through it.</summary>
    [JsonIgnore]
    public bool ContradictsItself => Wetted == Happened.No && (UsedL > 0 || ClogLoadLNtu > 0 || LostShare > 0);

    /// <summary>The same after so much water of such a clarity has gone through; unknown counts as worse.</summary>
    internal FilterState After(double litres, Clarity? clarity) =>
        this with
        {
            UsedL = UsedL + litres,
            ClogLoadLNtu = ClogLoadLNtu + (litres * Turbidity.WorstOf(FieldWater.Counted(clarity))),
            Wetted = Happened.Yes,
            NewOrStored = false,
        };

    /// <summary>What of its flow is gone: half clogged when that is not known, unless nothing has ever gone through it.</summary>
    internal FilterWear Wear(FilterElementInfo element) =>
        new(LostShare ?? 0, ClogLoadLNtu ?? (CountsAsWetted ? element.ClogLNtu : 0), element.ClogLNtu);

    /// <summary>Notes what can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Optional(Used, UsedL);
        intake.Optional(Load, ClogLoadLNtu);
        intake.Optional(Lost, LostShare);
    }
}
