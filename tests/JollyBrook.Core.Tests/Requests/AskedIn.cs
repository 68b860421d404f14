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
    public static string? Units(UnitSystem units, string name, string json)
    {
        try
        {
            var asked = JsonNode.Parse(json)!.AsObject();
            if (Calculations.All.First(c => c.Name == name).RequestType.GetProperty("Units") is not null)
            {
                asked["units"] = ContractName.Of(units);
            }

            Within(asked, units);
            return asked.ToJsonString();
        }
        catch (Exception broken) when (broken is JsonException or InvalidOperationException)
        {
            return null;
        }
    }

    /// <summary>The same with everything called otherwise; null for what is no request.</summary>
    /// <param name="json">The request.</param>
    /// <param name="name">What the n-th thing of it is called.</param>
    public static string? Named(string json, Func<int, string> name)
    {
        try
        {
            var asked = JsonNode.Parse(json)!.AsObject();
            var count = 0;
            Call(asked, () => name(count++));
            return asked.ToJsonString();
        }
        catch (Exception broken) when (broken is JsonException or InvalidOperationException)
        {
            return null;
        }
    }

    private static void Call(JsonNode? node, Func<string> name)
    {
        if (node is JsonArray list)
        {
            foreach (var item in list)
            {
                Call(item, name);
            }
        }
        else if (node is JsonObject told)
        {
            foreach (var (key, value) in told.ToList())
            {
                if (key == "name" && value?.GetValueKind() == JsonValueKind.String)
                {
                    told[key] = name();
                }
                else
                {
                    Call(value, name);
                }
            }
        }
    }

    /// <summary>The same with everything left out that is null or unknown; null for what is no request.</summary>
    public static string? LeftOut(string json)
    {
        try
        {
            var asked = JsonNode.Parse(json)!.AsObject();
            LeaveOut(asked);
            return asked.ToJsonString();
        }
        catch (Exception broken) when (broken is JsonException or InvalidOperationException)
        {
            return null;
        }
    }

    private static void LeaveOut(JsonNode? node)
    {
        if (node is JsonArray list)
        {
            foreach (var item in list)
            {
                LeaveOut(item);
            }
        }
        else if (node is JsonObject told)
        {
            foreach (var (key, value) in told.ToList())
            {
                if (value is null || value.GetValueKind() == JsonValueKind.String && value.GetValue<string>() == "unknown")
                {
                    told.Remove(key);
                }
                else
                {
                    LeaveOut(value);
                }
            }
        }
    }

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
