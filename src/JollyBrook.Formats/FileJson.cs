using System.Text.Json.Serialization;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;

namespace JollyBrook.Formats;

/// <summary>How requests about files and their answers are read and written.</summary>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    GenerationMode = JsonSourceGenerationMode.Metadata,
    AllowDuplicateProperties = false,
    RespectNullableAnnotations = true,
    AllowOutOfOrderMetadataProperties = true,
    DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull
)]
[JsonSerializable(typeof(ReadRouteRequest))]
[JsonSerializable(typeof(ReadRoute))]
[JsonSerializable(typeof(ReadPlacesRequest))]
[JsonSerializable(typeof(ReadPlacesResponse))]
[JsonSerializable(typeof(ReadWeatherRequest))]
[JsonSerializable(typeof(ReadWeatherResponse))]
[JsonSerializable(typeof(WriteTripRequest))]
[JsonSerializable(typeof(WriteTripResponse))]
[JsonSerializable(typeof(TripSource))]
[JsonSerializable(typeof(TripRoute))]
internal sealed partial class FileJson : JsonSerializerContext;
