using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using CsCheck;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Tests.Contract;

/// <summary>Lists have a most, and no entry of one is null: found in whatever depth, named by its path.</summary>
public sealed class ListLimitsTests
{
    private static string Many(int count) => string.Join(",", Enumerable.Repeat("{}", count));

    [Theory]
    [InlineData("""{"kit":[null]}""", "kit[0]")]
    [InlineData("""{"kit":[{},null]}""", "kit[1]")]
    [InlineData("""{"kit":[{},{"mishaps":[{},{},null]}]}""", "kit[1].mishaps[2]")]
    [InlineData("""{"plan":{"route":{"days":[null]}}}""", "plan.route.days[0]")]
    [InlineData("""{"rows":[["a"],["b",null]]}""", "rows[1][1]")]
    public void A_null_entry_is_named(string json, string path) => ListLimits.FirstWrong(json)!.Field.ShouldBe(path);

    [Theory]
    [InlineData("kit", 100)]
    [InlineData("signs", 200)]
    [InlineData("sources", 300)]
    public void One_more_than_the_most_is_too_many(string name, int most)
    {
        ListLimits.Most(name).ShouldBe(most);
        ListLimits.FirstWrong($$"""{"{{name}}":[{{Many(most)}}]}""").ShouldBeNull();
        var wrong = ListLimits.FirstWrong($$"""{"{{name}}":[{{Many(most + 1)}}]}""")!;
        (wrong.Field, wrong.Allowed).ShouldBe((name, $"up to {most} entries"));
    }

    [Theory]
    [InlineData("")]
    [InlineData("{")]
    [InlineData("[1,2")]
    [InlineData("not json")]
    [InlineData("null")]
    [InlineData("7")]
    public void What_is_no_object_is_left_to_the_reader(string json) => ListLimits.FirstWrong(json).ShouldBeNull();

    private static readonly JsonSerializerOptions Indented = new()
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>Whatever stands in names and strings, the lists found are those that a reader of JSON finds.</summary>
    [Fact]
    public void It_finds_what_a_reader_of_JSON_finds() =>
        Anything.Sample(
            node =>
            {
                foreach (var json in new[] { node!.ToJsonString(), node.ToJsonString(Indented) })
                {
                    ListLimits.FirstWrong(json)?.Field.ShouldBe(Expected(node, "", ""));
                    (ListLimits.FirstWrong(json) is null).ShouldBe(Expected(node, "", "") is null, json);
                }
            },
            iter: 2_000
        );

    /// <summary>Cut off or garbled anywhere it answers, and does not fail.</summary>
    [Fact]
    public void What_is_cut_off_or_garbled_is_no_failure() =>
        Gen.Select(Anything, Gen.Double.Unit, Gen.Char["{}[],:\"\\n 1"])
            .Sample(
                (node, share, letter) =>
                {
                    var json = node!.ToJsonString();
                    var at = (int)(share * json.Length);
                    Should.NotThrow(() => ListLimits.FirstWrong(json[..at]));
                    Should.NotThrow(() => ListLimits.FirstWrong(json[..at] + letter + json[at..]));
                    Should.NotThrow(() => ListLimits.FirstWrong(letter + json));
                },
                iter: 2_000
            );

    private static readonly Gen<string> Name = Gen.OneOf([.. new[] { "kit", "walkers", "a", "[null]", "],", "n" }.Select(Gen.Const)]);

    private static readonly Gen<string> Text = Gen.OneOf([
        .. new[] { "\"", "\\", "\\\"", "{\"kit\":[null", "],", "null", "", "ä\n" }.Select(Gen.Const),
        Gen.String,
    ]);

    private static readonly Gen<JsonNode?> Leaf = Gen.OneOf(
        Text.Select(t => (JsonNode?)JsonValue.Create(t)),
        Gen.Int.Select(n => (JsonNode?)JsonValue.Create(n)),
        Gen.Bool.Select(b => (JsonNode?)JsonValue.Create(b)),
        Gen.Const(0).Select(_ => (JsonNode?)null)
    );

    private static readonly Gen<JsonNode?> Anything = Gen.Recursive<JsonNode?>(
        (depth, inner) =>
            depth > 4
                ? Leaf
                : Gen.Frequency(
                    (depth == 0 ? 0 : 2, Leaf),
                    (
                        3,
                        Gen.Dictionary(Name, inner)[0, 4]
                            .Select(d => (JsonNode?)new JsonObject(d.Select(e => KeyValuePair.Create(e.Key, e.Value?.DeepClone()))))
                    ),
                    (2, inner.Array[0, 4].Select(a => (JsonNode?)new JsonArray([.. a.Select(n => n?.DeepClone())]))),
                    // More than forty walkers, or just as many.
                    (
                        1,
                        Gen.Int[39, 42]
                            .Select(n =>
                                (JsonNode?)
                                    new JsonObject
                                    {
                                        ["walkers"] = new JsonArray([
                                            .. Enumerable.Repeat(0, n).Select(i => (JsonNode?)JsonValue.Create(i)),
                                        ]),
                                    }
                            )
                    )
                )
    );

    /// <summary>The path of the first list that is wrong, found by going through what was read.</summary>
    private static string? Expected(JsonNode? node, string path, string list)
    {
        switch (node)
        {
            case JsonObject members:
                return members.Select(m => Expected(m.Value, $"{path}.{m.Key}", m.Key)).FirstOrDefault(f => f is not null);
            case JsonArray entries:
                for (var i = 0; i < entries.Count; i++)
                {
                    var wrong =
                        entries[i] is null ? $"{path}[{i}]"
                        : i == ListLimits.Most(list) ? path
                        : Expected(entries[i], $"{path}[{i}]", list);
                    if (wrong is not null)
                    {
                        return wrong.TrimStart('.');
                    }
                }

                return null;
            default:
                return null;
        }
    }

    /// <summary>Both hosts answer the same, since both ask the core.</summary>
    [Fact]
    public void Every_calculation_names_a_null_entry() =>
        Calculations.All.ShouldAllBe(c => c.Run("""{"kit":[null]}""").Json.Contains("kit[0]"));
}
