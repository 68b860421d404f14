using System.Text.Json;
using System.Text.RegularExpressions;
using CsCheck;
using JollyBrook.Core.Units;

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
    private static readonly HashSet<string> OfTheirOwn =
    [
        "drill",
        "quiz",
        "route-line",
        "divine",
        // Usual pieces are named as on their labels; records and backups are kept in metric, whoever reads them.
        "kit-templates",
        "bring-up",
        "backup-check",
    ];

    [Fact]
    public void Nothing_is_told_in_metric_to_who_counts_in_US_units() => Told(UnitSystem.Us, MetricAlone()).ShouldBeEmpty();

    /// <summary>And who counts in litres and kilometres, nothing in quarts and miles.</summary>
    [Fact]
    public void Nothing_is_told_in_US_units_to_who_counts_in_metric() => Told(UnitSystem.Metric, UsAlone()).ShouldBeEmpty();

    /// <summary>What is told with such a figure in it, and where, each once.</summary>
    private static HashSet<string> Told(UnitSystem units, Regex foreign)
    {
        HashSet<string> told = [];
        foreach (var (name, json) in RequestGen.Any.Array[Requests].Single().Where(r => !OfTheirOwn.Contains(r.Name)))
        {
            if (AskedIn.Units(units, name, json) is not { } asked)
            {
                continue;
            }

            using var answer = JsonDocument.Parse(Calculations.Run(name, asked).Json);
            told.UnionWith(
                Words(answer.RootElement, name)
                    .Where(w => foreign.IsMatch(w.Words))
                    .Select(w => $"{w.Path}: {Figure().Replace(w.Words, "#")}")
            );
        }

        return told;
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

    /// <summary>A figure in a US unit that does not stand in brackets behind a metric one; a label may be by the quart or gallon.</summary>
    [GeneratedRegex(@"(?<!\(|per )\b[0-9][0-9.\u202f]* (fl oz|qt|gal|mi|mph|lb|oz|°F|ft|lb·mi)(?![\w/)])", RegexOptions.None, 1_000)]
    private static partial Regex UsAlone();

    /// <summary>A figure in a metric unit that no US figure follows in brackets; a label says "1 tablet per 1 L" to everybody.</summary>
    [GeneratedRegex(@"(?<!\(|per )\b[0-9][0-9.\u202f]* (L|km|kg|°C|L/h|km/h|L/min)(?![\w/])(?! \()", RegexOptions.None, 1_000)]
    private static partial Regex MetricAlone();
}
