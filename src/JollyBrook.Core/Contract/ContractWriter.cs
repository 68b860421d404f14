using System.Buffers;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace JollyBrook.Core.Contract;

/// <summary>
/// Writes responses straight through the generated code: no metadata is built first, and "·", "°" and "≥" stay themselves.
/// </summary>
internal static class ContractWriter
{
    // The output is JSON and nothing else: it is never put inside a page's markup.
    private static readonly JsonWriterOptions Options = new() { Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping, SkipValidation = true };

    public static string Write<T>(T value, JsonTypeInfo<T> json)
    {
        var buffer = new ArrayBufferWriter<byte>(16 * 1024);
        using (var writer = new Utf8JsonWriter(buffer, Options))
        {
            json.SerializeHandler!(writer, value);
        }

        return Encoding.UTF8.GetString(buffer.WrittenSpan);
    }
}
