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

    /// <summary>Both hosts answer the same, since both ask the core.</summary>
    [Fact]
    public void Every_calculation_names_a_null_entry() =>
        Calculations.All.ShouldAllBe(c => c.Run("""{"kit":[null]}""").Json.Contains("kit[0]"));
}
