using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using CsCheck;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>
/// Whoever counts in quarts, miles and degrees Fahrenheit is told nothing in litres, kilometres and degrees Celsius, whatever is asked. What
/// is told in both, and how it was reckoned, may say them.
/// </summary>
public partial class UsWordsTests
{
    private const int Requests = 2_500;

    /// <summary>Read by whoever checks the sums: formulas and their sources are metric (handbook). What a quart is, is told in litres.</summary>
    private static readonly HashSet<string> Reckoned = ["working", "formula", "source", "labelUnits"];

    /// <summary>Drills and the quiz set a scene of their own, often about a label's litre; a stored route knows no reader.</summary>
    private static readonly HashSet<string> OfTheirOwn = ["drill", "quiz", "route-line", "divine"];

    [Fact]
    public void Nothing_is_told_in_metric_to_who_counts_in_US_units()
    {
        HashSet<string> told = [];
        foreach (var (name, json) in RequestGen.Any.Array[Requests].Single().Where(r => !OfTheirOwn.Contains(r.Name)))
        {
            if (InUs(name, json) is not { } asked)
            {
                continue;
            }

            using var answer = JsonDocument.Parse(Calculations.Run(name, asked).Json);
            told.UnionWith(
                Words(answer.RootElement, name)
                    .Where(w => MetricAlone().IsMatch(w.Words))
                    .Select(w => $"{w.Path}: {Figure().Replace(w.Words, "#")}")
            );
        }

        told.ShouldBeEmpty();
    }

    /// <summary>The same, asked by somebody who counts in US units; null for what is no request.</summary>
    private static string? InUs(string name, string json)
    {
        try
        {
            var asked = JsonNode.Parse(json)!.AsObject();
            if (Calculations.All.First(c => c.Name == name).RequestType.GetProperty("Units") is not null)
            {
                asked["units"] = "us";
            }

            foreach (var inner in (JsonNode?[])[asked["plan"], asked["of"]?["request"]])
            {
                inner?.AsObject()["units"] = "us";
            }

            return asked.ToJsonString();
        }
        catch (Exception broken) when (broken is JsonException or InvalidOperationException)
        {
            return null;
        }
    }

    private static IEnumerable<(string Path, string Words)> Words(JsonElement element, string path) =>
        element.ValueKind switch
        {
            JsonValueKind.String => [(path, element.GetString()!)],
            JsonValueKind.Array => element.EnumerateArray().SelectMany(item => Words(item, $"{path}[]")),
            JsonValueKind.Object => element
                .EnumerateObject()
                .Where(p => !Reckoned.Contains(p.Name))
                .SelectMany(p => Words(p.Value, $"{path}.{p.Name}")),
            _ => [],
        };

    [GeneratedRegex("[0-9][0-9.]*", RegexOptions.None, 1_000)]
    private static partial Regex Figure();

    /// <summary>A figure in a metric unit that no US figure follows in brackets; a label says "1 tablet per 1 L" to everybody.</summary>
    [GeneratedRegex(@"(?<!\(|per )\b[0-9][0-9.\u202f]* (L|km|kg|°C|L/h|km/h|L/min)(?![\w/])(?! \()", RegexOptions.None, 1_000)]
    private static partial Regex MetricAlone();
}
