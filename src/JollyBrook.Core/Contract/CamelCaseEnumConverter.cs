using System.Text.Json;
using System.Text.Json.Serialization;

namespace JollyBrook.Core.Contract;

/// <summary>Writes an enum as its camel-case name and refuses numbers, so both hosts speak the same words.</summary>
public sealed class CamelCaseEnumConverter<TEnum>()
    : JsonStringEnumConverter<TEnum>(JsonNamingPolicy.CamelCase, allowIntegerValues: false)
    where TEnum : struct, Enum;
