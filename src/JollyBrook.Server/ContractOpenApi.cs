using System.Reflection;
using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Server;

/// <summary>The API document, which the page's types are made from.</summary>
internal static class ContractOpenApi
{
    /// <summary>Whether the build started the program only to read its API document.</summary>
    public static bool IsBuildingDocument => Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";

    public static void AddContractOpenApi(this IServiceCollection services)
    {
        services.ConfigureHttpJsonOptions(json =>
        {
            // Numbers are numbers, on the wire and in the page's types.
            json.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
            json.SerializerOptions.TypeInfoResolverChain.Insert(0, ContractJson.Default);
        });
        services.AddOpenApi(options => options.AddDocumentTransformer((document, _, _) =>
        {
            document.Info.Title = "Jolly Brook";
            document.Info.Version = "1";
            document.Servers = [];
            return Task.CompletedTask;
        }));
    }
}
