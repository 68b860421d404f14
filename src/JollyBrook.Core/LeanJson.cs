using System.Text.Json.Serialization;
using JollyBrook.Core.Book;

namespace JollyBrook.Core;

/// <summary>How long lists of records are written: what is not told is left out, which halves them.</summary>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    GenerationMode = JsonSourceGenerationMode.Metadata,
    DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull
)]
[JsonSerializable(typeof(BookImportResponse))]
public sealed partial class LeanJson : JsonSerializerContext;
