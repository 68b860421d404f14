using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Clearing;

/// <summary>A way of clearing.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ClearingWay>))]
public enum ClearingWay
{
    /// <summary>Through a cloth: what the eye sees.</summary>
    Strain,

    /// <summary>Left to stand.</summary>
    Settle,

    /// <summary>Cleared with a flocculant.</summary>
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
/// <param name="Way">The way wanted, done even where the barrier could do without; the quickest that works when left out.</param>
/// <param name="SludgeCm">Slurry: depth of the sludge once it has settled, cm, 0.5 to 100; a quarter is counted lost until it is read
/// off.</param>
public sealed record ClearingOptions(Grit? Grit = null, DrawOff? DrawOff = null, ClearingWay? Way = null, double? SludgeCm = null);

/// <summary>The fields that say how water is cleared.</summary>
public static class ClearingFields
{
    /// <summary>How the clear water is taken off.</summary>
    public static readonly ChoiceField DrawOffField = ChoiceField.Of<DrawOff>("clearing.drawOff", "Drawing off");

    /// <summary>Depth of what has settled, cm, 0.5 to 100.</summary>
    public static readonly NumberField Sludge = new(
        "clearing.sludgeCm",
        "Depth of the sludge",
        Quantity.Length,
        0.5,
        100,
        "Read it off the side once it has settled."
    );

    /// <summary>Every field of clearing.</summary>
    public static readonly IReadOnlyList<Field> All =
    [
        ChoiceField.Of<Grit>("clearing.grit", "What clouds it"),
        DrawOffField,
        Sludge,
        ChoiceField.Of<ClearingWay>("clearing.way", "Way of clearing"),
    ];
}
