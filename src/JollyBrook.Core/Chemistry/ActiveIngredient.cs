using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Chemistry;

/// <summary>What does the work in a chemical product.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ActiveIngredient>))]
public enum ActiveIngredient
{
    FreeChlorine,
    ChlorineDioxide,
    Iodine,
}

/// <summary>How the product is counted out.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ProductForm>))]
public enum ProductForm
{
    Tablet,
    Drops,
    TwoPartDrops,
}
