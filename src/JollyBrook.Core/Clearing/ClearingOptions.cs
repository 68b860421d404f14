using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Clearing;

/// <summary>A way of clearing.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ClearingWay>))]
public enum ClearingWay
{
    /// <summary>Through a cloth: what the eye sees.</summary>
    Strain,

    Settle,

    Flocculate,

    /// <summary>A coarse screen that only spares the filter.</summary>
    PreFilter,

    /// <summary>Layers of gravel, sand and charcoal: looks clean, is not safe.</summary>
    ImprovisedFilter,

    /// <summary>Nothing at all.</summary>
    None,
}

/// <summary>The choices that go with clearing. What is left out counts as worse or is a marked default.</summary>
/// <param name="Grit">What clouds the water; unknown counts as clay, which does not settle.</param>
/// <param name="DrawOff">How the clear water is got off; a siphon when left out.</param>
/// <param name="Way">The way wanted; the quickest that works when left out.</param>
public sealed record ClearingOptions(Grit? Grit = null, DrawOff? DrawOff = null, ClearingWay? Way = null);

public static class ClearingFields
{
    public static readonly IReadOnlyList<Field> All =
    [
        ChoiceField.Of<Grit>("clearing.grit", "What clouds it"), ChoiceField.Of<DrawOff>("clearing.drawOff", "Drawing off"),
        ChoiceField.Of<ClearingWay>("clearing.way", "Way of clearing"),
    ];
}
