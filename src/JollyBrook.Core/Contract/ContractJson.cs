using System.Text.Json.Serialization;
using JollyBrook.Core.Book;
using JollyBrook.Core.Catalogue;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Records;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Contract;

/// <summary>How the contract is read and written, generated at build time so that the trimmed browser core needs no reflection.</summary>
[JsonSourceGenerationOptions(PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase)]
[JsonSerializable(typeof(Problem))]
[JsonSerializable(typeof(CatalogueRequest))]
[JsonSerializable(typeof(CatalogueResponse))]
[JsonSerializable(typeof(TreatRequest))]
[JsonSerializable(typeof(TreatResponse))]
[JsonSerializable(typeof(BatchProgressRequest))]
[JsonSerializable(typeof(BatchProgressResponse))]
[JsonSerializable(typeof(BatchRecord))]
[JsonSerializable(typeof(BatchEventRecord))]
[JsonSerializable(typeof(KitItem))]
[JsonSerializable(typeof(PersonSettings))]
public sealed partial class ContractJson : JsonSerializerContext;
