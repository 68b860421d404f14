using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization.Metadata;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Tests.Contract;

/// <summary>
/// Whatever is left out, null or of the wrong kind anywhere in a request is answered or named; nothing ends in an exception.
/// </summary>
public class AnythingMissingTests
{
    private const int Deepest = 6;

    public static TheoryData<string> Names => [.. Calculations.All.Select(c => c.Name)];

    [Theory]
    [MemberData(nameof(Names))]
    public void Null_text_and_nothing_in_every_place_are_answered(string name)
    {
        var calculation = Calculations.All.Single(c => c.Name == name);
        var whole = (JsonObject)Filled(ContractJson.Default.GetTypeInfo(calculation.RequestType)!, 0)!;
        Answered(calculation, whole);
        foreach (var path in Paths(whole).ToList())
        {
            Answered(calculation, With(whole, path, null));
            Answered(calculation, With(whole, path, "text"));
            Answered(calculation, With(whole, path, -7));
            Answered(calculation, Without(whole, path));
        }
    }

    private static void Answered(Calculation calculation, JsonNode request)
    {
        var json = request.ToJsonString();
        CalculationOutcome outcome;
        try
        {
            outcome = calculation.Run(json);
        }
        catch (Exception unforeseen)
        {
            throw new InvalidOperationException($"{calculation.Name}: {json}", unforeseen);
        }

        outcome.Status.ShouldBeOneOf(200, 400);
    }

    /// <summary>A request with something in every place.</summary>
    private static JsonNode? Filled(JsonTypeInfo type, int depth, int variant = 0)
    {
        if (depth > Deepest)
        {
            return null;
        }

        if (type.PolymorphismOptions is { } kinds)
        {
            var kind = kinds.DerivedTypes[variant % kinds.DerivedTypes.Count];
            var filled = (JsonObject)Filled(type.Options.GetTypeInfo(kind.DerivedType), depth, variant)!;
            filled.Insert(0, kinds.TypeDiscriminatorPropertyName, (string)kind.TypeDiscriminator!);
            return filled;
        }

        var plain = Nullable.GetUnderlyingType(type.Type) ?? type.Type;
        return type.Kind switch
        {
            JsonTypeInfoKind.Object => new JsonObject(
                Properties(type)
                    .Select(p => KeyValuePair.Create(p.Name, Filled(type.Options.GetTypeInfo(p.PropertyType), depth + 1, variant)))
            ),
            JsonTypeInfoKind.Enumerable => new JsonArray([
                .. Enumerable
                    .Range(0, Kinds(type.Options.GetTypeInfo(type.ElementType!)))
                    .Select(v => Filled(type.Options.GetTypeInfo(type.ElementType!), depth + 1, v)),
            ]),
            JsonTypeInfoKind.Dictionary => new JsonObject([
                KeyValuePair.Create("a", Filled(type.Options.GetTypeInfo(type.ElementType!), depth + 1)),
            ]),
            _ when plain.IsEnum => JsonNode.Parse(
                JsonSerializer.Serialize(Enum.GetValues(plain).Cast<object>().First(), type.Options.GetTypeInfo(plain))
            ),
            _ when plain == typeof(bool) => true,
            _ when plain == typeof(Guid) => "01980000-0000-7000-8000-000000000001",
            _ when plain == typeof(DateTimeOffset) || plain == typeof(DateTime) => "2026-08-21T14:00:00Z",
            _ when plain == typeof(DateOnly) => "2026-08-21",
            _ when plain == typeof(TimeOnly) => "14:00",
            _ when plain == typeof(string) => "a",
            _ when plain == typeof(JsonElement) => new JsonObject(),
            _ => 1,
        };
    }

    /// <summary>How many entries show every kind of a list's element.</summary>
    private static int Kinds(JsonTypeInfo element) =>
        element.PolymorphismOptions?.DerivedTypes.Count
        ?? (
            element.Kind == JsonTypeInfoKind.Object
                ? Properties(element)
                    .Max(p => (int?)(element.Options.GetTypeInfo(p.PropertyType).PolymorphismOptions?.DerivedTypes.Count ?? 1))
                    ?? 1
                : 1
        );

    private static IEnumerable<JsonPropertyInfo> Properties(JsonTypeInfo type) =>
        type.Properties.Where(p => p.Set is not null || p.AssociatedParameter is not null);

    private static IEnumerable<object[]> Paths(JsonNode? node, params object[] at) =>
        node switch
        {
            JsonObject o => o.SelectMany(p =>
                (object[][])
                    [
                        [.. at, p.Key],
                        .. Paths(p.Value, [.. at, p.Key]),
                    ]
            ),
            JsonArray a => a.SelectMany(
                (e, i) =>
                    (object[][])
                        [
                            [.. at, i],
                            .. Paths(e, [.. at, i]),
                        ]
            ),
            _ => [],
        };

    private static JsonNode With(JsonNode whole, object[] path, JsonNode? value)
    {
        var copy = whole.DeepClone();
        var holder = Holder(copy, path);
        switch (path[^1])
        {
            case string name:
                holder[name] = value;
                break;
            case int index:
                holder[index] = value;
                break;
        }

        return copy;
    }

    private static JsonNode Without(JsonNode whole, object[] path)
    {
        var copy = whole.DeepClone();
        switch (Holder(copy, path))
        {
            case JsonObject o:
                o.Remove((string)path[^1]);
                break;
            case JsonArray a:
                a.RemoveAt((int)path[^1]);
                break;
        }

        return copy;
    }

    private static JsonNode Holder(JsonNode root, object[] path) =>
        path[..^1].Aggregate(root, (node, step) => step is string name ? node[name]! : node[(int)step]!);
}
