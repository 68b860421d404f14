namespace JollyBrook.Journeys;

/// <summary>The list of the book draws only what is in view, each row as high as it turns out to be.</summary>
public sealed class BookListTests(DemoPage page) : IClassFixture<DemoPage>
{
    /// <summary>How far each row reaches into the next, px, once the day's picture stands in the first.</summary>
    private const string Overlaps = """
        const rows = [...document.querySelectorAll('[aria-label="Lines of the book"] > li')];
        if (!rows[0]?.querySelector('svg')) return [];
        const places = rows.map((row) => row.getBoundingClientRect()).sort((a, b) => a.top - b.top);
        return places.slice(1).map((place, i) => places[i].bottom - place.top);
        """;

    [Fact]
    public void No_row_lies_over_another_when_names_and_pictures_have_come()
    {
        var browser = page.Browser;
        browser.Open("/book");
        browser.Until(
            () =>
                browser.Driver.ExecuteScript(Overlaps) is IReadOnlyCollection<object> { Count: > 3 } overlaps
                && overlaps.All(o => Convert.ToDouble(o, null) < 1),
            "rows that lie one below another"
        );
    }
}
