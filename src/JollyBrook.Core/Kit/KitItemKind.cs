using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Kit;

/// <summary>What a piece of kit is, for choices and pictures; <see cref="KitItem"/> has a record for each.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<KitItemKind>))]
public enum KitItemKind
{
    /// <summary>Holds water.</summary>
    Container,

    /// <summary>Boils water.</summary>
    Pot,

    /// <summary>A disinfectant.</summary>
    Product,

    /// <summary>A filter.</summary>
    Filter,

    /// <summary>An ultraviolet lamp.</summary>
    Lamp,

    /// <summary>Makes heat.</summary>
    Burner,

    /// <summary>Clears cloudy water.</summary>
    Flocculant,

    /// <summary>Layers of sand and charcoal in a vessel.</summary>
    ImprovisedFilter,

    /// <summary>Potassium permanganate.</summary>
    Permanganate,

    /// <summary>Something that flavours water.</summary>
    Taste,

    /// <summary>Takes a disinfectant's taste away.</summary>
    Neutraliser,

    /// <summary>Salts to drink.</summary>
    Electrolytes,
}

/// <summary>Where a thing is carried, which says how soon a hand gets at it.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<CarriedAt>))]
public enum CarriedAt
{
    /// <summary>In the pack: the walk stops for it.</summary>
    Pack,

    /// <summary>In the hand.</summary>
    Hand,

    /// <summary>On the belt.</summary>
    Belt,

    /// <summary>On a vest's straps.</summary>
    Vest,
}
