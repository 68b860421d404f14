using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using JollyBrook.Core.Book;

namespace JollyBrook.Core;

/// <summary>How long lists of records are written: as everything is, but what is not told is left out, which halves them.</summary>
internal static class LeanJson
{
    private static readonly JsonSerializerOptions Lean = new(ContractJson.Default.Options)
    {
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    };

    public static JsonTypeInfo<BookImportResponse> BookImportResponse =>
        (JsonTypeInfo<BookImportResponse>)Lean.GetTypeInfo(typeof(BookImportResponse));
}
