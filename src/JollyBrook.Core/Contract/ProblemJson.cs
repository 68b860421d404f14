using System.Text.Json.Serialization;

namespace JollyBrook.Core.Contract;

/// <summary>How a problem is written: by generated code alone.</summary>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    GenerationMode = JsonSourceGenerationMode.Serialization
)]
[JsonSerializable(typeof(Problem))]
internal sealed partial class ProblemJson : JsonSerializerContext;
