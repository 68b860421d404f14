using System.Runtime.CompilerServices;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace JollyBrook.Core.Contract;

/// <summary>
/// Writes an enum as its camel-case name and reads nothing else. For the contract's enums, which count up from 0 in an int;
/// the framework's own converter looks every name up by attributes, which costs the browser most of its start.
/// </summary>
public sealed class CamelCaseEnumConverter<TEnum> : JsonConverter<TEnum>
    where TEnum : struct, Enum
{
    private static readonly JsonEncodedText[] Names =
    [
        .. Enum.GetNames<TEnum>().Select(name => JsonEncodedText.Encode(JsonNamingPolicy.CamelCase.ConvertName(name))),
    ];

    /// <exception cref="JsonException">Not one of the names; the serializer adds the path.</exception>
    public override TEnum Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (reader.TokenType == JsonTokenType.String)
        {
            for (var i = 0; i < Names.Length; i++)
            {
                if (reader.ValueTextEquals(Names[i].EncodedUtf8Bytes))
                {
                    return Unsafe.BitCast<int, TEnum>(i);
                }
            }
        }

        throw new JsonException();
    }

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, TEnum value, JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(writer);
        writer.WriteStringValue(Names[Unsafe.BitCast<TEnum, int>(value)]);
    }
}
