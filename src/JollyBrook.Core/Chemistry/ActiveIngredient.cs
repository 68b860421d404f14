using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Chemistry;

/// <summary>What does the work in a chemical product.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ActiveIngredient>))]
public enum ActiveIngredient
{
    /// <summary>Chlorine from tablets of sodium dichloroisocyanurate, or hypochlorite.</summary>
    FreeChlorine,

    /// <summary>The one that reaches Cryptosporidium, given hours.</summary>
    ChlorineDioxide,

    /// <summary>Does not reach Cryptosporidium.</summary>
    Iodine,
}

/// <summary>How the product is counted out.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ProductForm>))]
public enum ProductForm
{
    /// <summary>Counted whole; never broken.</summary>
    Tablet,

    /// <summary>Counted from a bottle.</summary>
    Drops,

    /// <summary>Two liquids, mixed and left to react before they are added.</summary>
    TwoPartDrops,
}
