using System.Buffers;
using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace JollyBrook.Core.Contract;

/// <summary>
/// Writes responses straight through the generated code, so that no metadata is built first. The writer keeps its default
/// encoder: one that leaves "·" and "°" as they are takes the browser a tenth of a second to set up.
/// </summary>
internal static class ContractWriter
{
    private static readonly JsonWriterOptions Options = new() { SkipValidation = true };

    public static string Write<T>(T value, JsonTypeInfo<T> json)
    {
        var buffer = new ArrayBufferWriter<byte>(16 * 1024);
        using (var writer = new Utf8JsonWriter(buffer, Options))
        {
            if (json.SerializeHandler is { } straight)
            {
                straight(writer, value);
            }
            else
            {
                // What holds one of several kinds has no straight code: the kind is found as it is written.
                JsonSerializer.Serialize(writer, value, json);
            }
        }

        return Encoding.UTF8.GetString(buffer.WrittenSpan);
    }
}
