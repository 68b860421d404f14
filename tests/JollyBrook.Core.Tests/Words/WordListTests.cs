using JollyBrook.Core.Words;

namespace JollyBrook.Core.Tests.Words;

public class WordListTests
{
    private static readonly WordsResponse List = WordList.Compute(new WordsRequest());

    [Theory]
    [InlineData("Strain")]
    [InlineData("Clear")]
    [InlineData("Filter")]
    [InlineData("Disinfect")]
    [InlineData("Purify")]
    [InlineData("CT")]
    public void The_words_that_are_mixed_up_are_told_apart(string term) =>
        List.Words.Count(w => w.Term == term && w.Meaning.Length > 20).ShouldBe(1);

    [Fact]
    public void Every_question_has_its_schools_and_a_pick()
    {
        List.Schools.Select(s => s.Id).ShouldBeUnique();
        List.Schools.Count.ShouldBe(14);
        List.Schools.ShouldAllBe(s => s.Schools.Count >= 2 && s.Pick.Length > 0);
        List.Rules.Count.ShouldBe(2);
    }
}
