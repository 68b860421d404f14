using System.Reflection;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using JollyBrook.Core;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Records;
using Microsoft.OpenApi;

namespace JollyBrook.Server.Start;

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
        services.AddOpenApi(options =>
        {
            options.AddSchemaTransformer(
                (schema, context, _) =>
                {
                    NameEnum(schema, context.JsonTypeInfo.Type);
                    return Task.CompletedTask;
                }
            );
            options.AddSchemaTransformer(
                (schema, context, _) =>
                {
                    RequireKind(schema, context.JsonTypeInfo.Type);
                    LimitLists(schema);
                    return Task.CompletedTask;
                }
            );
            options.AddDocumentTransformer(
                (document, _, _) =>
                {
                    document.Info.Title = "Jolly Brook";
                    document.Info.Version = "1";
                    document.Servers = [];
                    // The page stamps what it writes with these.
                    document.AddExtension(
                        "x-record-schemas",
                        new JsonNodeExtension(
                            new JsonObject([.. RecordKinds.All.Select(k => KeyValuePair.Create(k.Name, (JsonNode?)k.Schema.Current))])
                        )
                    );
                    return Task.CompletedTask;
                }
            );
        });
    }

    /// <summary>One of several kinds always says which, so that the page's types tell them apart.</summary>
    private static void RequireKind(OpenApiSchema schema, Type type)
    {
        for (var whole = type.BaseType; whole is not null; whole = whole.BaseType)
        {
            if (whole.GetCustomAttribute<JsonPolymorphicAttribute>() is { TypeDiscriminatorPropertyName: { } name })
            {
                (schema.Required ??= new HashSet<string>()).Add(name);
            }
        }
    }

    /// <summary>Every list says how long it may be.</summary>
    private static void LimitLists(OpenApiSchema schema)
    {
        foreach (var (name, property) in schema.Properties ?? new Dictionary<string, IOpenApiSchema>())
        {
            if (property is OpenApiSchema list && list.Type?.HasFlag(JsonSchemaType.Array) == true)
            {
                list.MaxItems = ListLimits.Most(name);
            }
        }
    }

    /// <summary>The contract's enums are written by a converter of their own, so the document is told their names, in lists too.</summary>
    private static void NameEnum(OpenApiSchema schema, Type type)
    {
        if (schema.Enum is { Count: > 0 })
        {
            // The one kind that this type is of.
            return;
        }

        var enumType = Nullable.GetUnderlyingType(type) ?? type;
        if (enumType.IsEnum)
        {
            schema.Type = enumType == type ? JsonSchemaType.String : JsonSchemaType.String | JsonSchemaType.Null;
            schema.Enum = NamesOf(enumType);
        }
        else if (type.IsGenericType && type.GenericTypeArguments is [{ IsEnum: true } listed])
        {
            schema.Items = new OpenApiSchema { Type = JsonSchemaType.String, Enum = NamesOf(listed) };
        }
    }

    private static List<JsonNode> NamesOf(Type enumType) =>
        [.. Enum.GetNames(enumType).Select(name => (JsonNode)JsonNamingPolicy.CamelCase.ConvertName(name))];
}
