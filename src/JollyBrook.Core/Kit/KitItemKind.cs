using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Kit;

/// <summary>What a piece of kit is, for choices and pictures; <see cref="KitItem"/> has a record for each.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<KitItemKind>))]
public enum KitItemKind
{
    Container,
    Pot,
    Product,
    Filter,
    Lamp,
    Burner,
    Flocculant,
    ImprovisedFilter,
    Permanganate,
    Taste,
    Neutraliser,
    Electrolytes,
}

/// <summary>Where a thing is carried, which says how soon a hand gets at it.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<CarriedAt>))]
public enum CarriedAt
{
    Pack,
    Hand,
    Belt,
    Vest,
}
