using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Kit;

[JsonConverter(typeof(CamelCaseEnumConverter<MishapKind>))]
public enum MishapKind
{
    Froze,
    Dropped,
}

/// <summary>Something that happened to a piece of kit, as the book tells it.</summary>
/// <param name="Kind">What.</param>
/// <param name="At">When; null counts as just now.</param>
public sealed record ItemMishap(MishapKind? Kind, DateTimeOffset? At = null);
