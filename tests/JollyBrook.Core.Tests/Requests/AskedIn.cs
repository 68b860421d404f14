using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>A request as somebody else would ask it.</summary>
internal static class AskedIn
{
    /// <summary>What a request may hold another one in, which says its units itself.</summary>
    private static readonly string[] Inner = ["plan", "request", "of", "batch", "standing", "walk"];

    /// <summary>The same, asked by somebody who counts in these units; null for what is no request.</summary>
    public static string? Units(UnitSystem units, string name, string json) => Changed(json, asked =>
        {
            if (Calculations.All.First(c => c.Name == name).RequestType.GetProperty("Units") is not null)
            {
                asked["units"] = ContractName.Of(units);
            }

            Within(asked, units);
        });

    /// <summary>The same with everything called otherwise; null for what is no request.</summary>
    /// <param name="json">The request.</param>
    /// <param name="name">What the n-th thing of it is called.</param>
    public static string? Named(string json, Func<int, string> name)
    {
        var count = 0;
        return Changed(json, asked =>
        {
            foreach (var told in Objects(asked).Where(o => IsText(o["name"])))
            {
                told["name"] = name(count++);
            }
        });
    }

    /// <summary>The same with everything left out that is null or unknown; null for what is no request.</summary>
    public static string? LeftOut(string json) => Changed(json, asked =>
        {
            foreach (var told in Objects(asked))
            {
                foreach (
                    var (key, _) in told.Where(p => p.Value is null || IsText(p.Value) && p.Value.GetValue<string>() == "unknown").ToList()
                )
                {
                    told.Remove(key);
                }
            }
        });

    private static string? Changed(string json, Action<JsonObject> change)
    {
        try
        {
            var asked = JsonNode.Parse(json)!.AsObject();
            change(asked);
            return asked.ToJsonString();
        }
        catch (Exception broken) when (broken is JsonException or InvalidOperationException)
        {
            return null;
        }
    }

    /// <summary>A request and all that it holds, the outer before the inner.</summary>
    private static IReadOnlyList<JsonObject> Objects(JsonNode? node) =>
        node switch
        {
            JsonObject told => [told, .. told.SelectMany(p => Objects(p.Value))],
            JsonArray list => [.. list.SelectMany(Objects)],
            _ => [],
        };

    private static bool IsText([System.Diagnostics.CodeAnalysis.NotNullWhen(true)] JsonNode? node) =>
        node?.GetValueKind() == JsonValueKind.String;

    private static void Within(JsonObject asked, UnitSystem units)
    {
        foreach (var (key, inner) in Inner.Select(key => (key, asked[key] as JsonObject)).Where(i => i.Item2 is not null))
        {
            if (key != "of")
            {
                inner!["units"] = ContractName.Of(units);
            }

            Within(inner!, units);
        }
    }
}
